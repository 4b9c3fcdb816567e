import { QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter, useLocation } from 'react-router';
import { makeQueryClient } from '#/api/query-client';
import type { Draft, Edit } from '#/api/types';
import { EditorActionsContext, EditorContext, type Editor, type EditorActions } from '#/editor/kit/editor-context';
import type { Brought, ModelChange } from '#/editor/kit/draft-queue';
import { draft } from '#/test/drafts';

/** What was asked of the editor while the test went on, in order. */
export type Asked = {
  edits: Edit[];
  brought: (Brought | ModelChange)[];
  /** What refuses every edit; null while none does. */
  refusal: string | null;
  probe: Record<string, number>;
  selection: (number | null)[];
  /** The address that was gone to last. */
  address: () => string;
};

/** Shows something as the editor would, in a house that takes every edit. */
export function showInEditor(what: ReactNode, change: Partial<Editor> & { draft?: Draft } = {}): Asked {
  let address = '';
  const asked: Asked = { edits: [], brought: [], refusal: null, probe: {}, selection: [], address: () => address };
  const actions = {
    edit: (edit: Edit) => {
      asked.edits.push(edit);
      return Promise.resolve(asked.refusal);
    },
    setProbe: (channel: number, raw: number) => (asked.probe[channel] = raw),
    select: (channel: number | null) => asked.selection.push(channel),
    choose: () => undefined,
    showMode: () => undefined,
    showBody: () => undefined,
    bring: (what: Brought | ModelChange) => {
      asked.brought.push(what);
      return Promise.resolve(asked.refusal);
    },
  } as unknown as EditorActions;
  function Address() {
    const { pathname } = useLocation();
    address = pathname;
    return null;
  }
  render(
    <QueryClientProvider client={makeQueryClient(5)}>
      <MemoryRouter>
        <EditorActionsContext value={actions}>
          <EditorContext value={{ draft: draft(), chosen: null, part: null, probe: {}, selected: new Set(), canUndo: false, ...change }}>
            {what}
          </EditorContext>
        </EditorActionsContext>
        <Address />
      </MemoryRouter>
    </QueryClientProvider>,
  );
  return asked;
}
