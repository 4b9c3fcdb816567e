import { createContext, use } from 'react';
import type { Draft, Edit } from '#/api/types';
import type { AttributePlace } from '#/parts/attribute/attribute-picker';
import type { Brought } from './editor-query';

/** What the parts of the desk share: the draft, what is chosen, where the probe stands, and the way to change things. */
export type Desk = {
  draft: Draft;
  chosen: number | null;
  /** Raw values by channel id; a channel that is not in it stands at its start value. */
  probe: Record<string, number>;
  /** Channels that are to be changed together. */
  selected: ReadonlySet<number>;
};

/** What can be done; the same functions for as long as the desk is open, so that a row is drawn anew only when it changed. */
export type DeskActions = {
  choose: (channel: number | null) => void;
  /** Chooses the next channel, or the one before. */
  step: (by: number) => void;
  /** Takes a channel into the selection or out of it; `through` takes all between it and the last one. Null empties it. */
  select: (channel: number | null, through?: boolean) => void;
  setProbe: (channel: number, raw: number) => void;
  /** Sends an edit; ends with the sentence that refuses it, or null. */
  edit: (edit: Edit) => Promise<string | null>;
  /** Brings in a gobo or a wheel; ends with the sentence that refuses it, or null. */
  bring: (what: Brought) => Promise<string | null>;
  /** Gives the lamp a picture; what is wrong with the file is told. */
  putPicture: (file: File) => Promise<void>;
  /** Goes back, or forth again, until that many edits count. */
  goTo: (done: number) => void;
  showMode: (mode: number, channel?: number | null) => void;
};

export const DeskContext = createContext<Desk | null>(null);
export const DeskActionsContext = createContext<DeskActions | null>(null);

export function useDeskActions() {
  const actions = use(DeskActionsContext);
  if (!actions) throw new Error('useDeskActions needs a <DeskActionsContext> around it');
  return actions;
}

export function useDesk() {
  const desk = use(DeskContext);
  if (!desk) throw new Error('useDesk needs a <DeskContext> around it');
  return desk;
}

/** Where attributes are looked for. */
export function placeOf(draft: Draft): AttributePlace {
  return { draft: draft.id, version: draft.version, mode: draft.map?.id ?? 0 };
}
