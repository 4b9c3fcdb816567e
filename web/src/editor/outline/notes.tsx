import { useState } from 'react';
import { useEditor, useEditorActions } from '#/editor/kit/editor-context';

/** Notes of the house for colleagues; they stay here when the profile is exported. */
export function Notes() {
  const { draft } = useEditor();
  const { edit } = useEditorActions();
  const [refusal, setRefusal] = useState<string | null>(null);
  return (
    <label className="flex flex-col gap-0.5 text-xs text-muted">
      Notes for colleagues (ours)
      <textarea
        key={draft.notes}
        defaultValue={draft.notes}
        rows={4}
        aria-invalid={refusal !== null || undefined}
        className="rounded-sm border border-edge bg-trough p-1.5 text-sm text-text aria-invalid:border-error"
        onBlur={(event) =>
          event.currentTarget.value.trim() !== draft.notes &&
          void edit({ type: 'setNotes', to: event.currentTarget.value }).then(setRefusal)
        }
      />
      {refusal && (
        <span role="alert" className="text-error">
          {refusal}
        </span>
      )}
    </label>
  );
}
