import { useMemo, type ReactNode } from 'react';
import type { Edit, FunctionBar } from '#/api/types';
import { EditorActionsContext, useEditorActions } from './editor-context';

/** A function that counts in several situations is written once for each: what is done to it here is done to all of them. */
export function InAllSituations({ bar, children }: { bar: FunctionBar; children: ReactNode }) {
  const actions = useEditorActions();
  const forAll = useMemo(
    () => (bar.also.length === 0 ? actions : { ...actions, edit: (edit: Edit) => actions.edit({ type: 'alike', function: bar.id, edit }) }),
    [actions, bar.also.length, bar.id],
  );
  return <EditorActionsContext value={forAll}>{children}</EditorActionsContext>;
}
