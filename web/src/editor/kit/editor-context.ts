import { createContext, use } from 'react';
import type { Draft, Edit } from '#/api/types';
import type { AttributePlace } from '#/parts/attribute/attribute-picker';
import type { Brought, ModelChange, Publishing } from './draft-queue';

/** What the parts of the editor share: the draft, what is chosen, where the probe stands, and the way to change things. */
export type Editor = {
  draft: Draft;
  chosen: number | null;
  /** Raw values by channel id; a channel that is not in it stands at its start value. */
  probe: Record<string, number>;
  /** Whether whoever is at this page has something to undo. */
  canUndo: boolean;
  /** The part of the body in hand; empty = none; null = the map is shown. */
  part: string | null;
  /** Channels that are to be changed together. */
  selected: ReadonlySet<number>;
};

export type Refused = { sentence: string; field: string | null };

/** What can be done; the same functions for as long as the editor is open, so that a row is drawn anew only when it changed. */
export type EditorActions = {
  choose: (channel: number | null) => void;
  /** Chooses the next channel, or the one before. */
  step: (by: number) => void;
  /** Takes a channel into the selection or out of it; `through` takes all between it and the last one. Null empties it. */
  select: (channel: number | null, through?: boolean) => void;
  setProbe: (channel: number, raw: number) => void;
  /** Sends an edit; ends with the sentence that refuses it, or null. */
  edit: (edit: Edit) => Promise<string | null>;
  /** Brings in a gobo, a wheel or a model, boxes for one, or flat drawings of all; ends with the sentence that refuses it, or null. */
  bring: (what: Brought | ModelChange) => Promise<string | null>;
  /** Publishes the draft once everything before it is done; ends with what refuses it, and the field that it is about, or null. */
  publish: (publishing: Publishing) => Promise<Refused | null>;
  /** Discards the draft; ends with the sentence that refuses it, or null. */
  discard: () => Promise<string | null>;
  undo: () => void;
  redo: () => void;
  /** Gives the fixture a picture; what is wrong with the file is told. */
  putPicture: (file: File) => Promise<void>;
  /** Goes back, or forth again, until that many edits count. */
  goTo: (done: number) => void;
  showMode: (mode: number, channel?: number | null) => void;
  /** Shows the body with a part in hand; empty = none. Null leads back to the map. */
  showBody: (part: string | null, mode?: number | null) => void;
};

export const EditorContext = createContext<Editor | null>(null);
export const EditorActionsContext = createContext<EditorActions | null>(null);

export function useEditorActions() {
  const actions = use(EditorActionsContext);
  if (!actions) throw new Error('useEditorActions needs a <EditorActionsContext> around it');
  return actions;
}

export function useEditor() {
  const editor = use(EditorContext);
  if (!editor) throw new Error('useEditor needs a <EditorContext> around it');
  return editor;
}

/** Where attributes are looked for. */
export function placeOf(draft: Draft): AttributePlace {
  return { draft: draft.id, version: draft.version, mode: draft.map?.id ?? 0 };
}
