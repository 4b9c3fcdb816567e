import { useEffect, useId, useRef, useState } from 'react';
import { useEditor, useEditorActions } from '#/editor/kit/editor-context';
import { Refusal } from '#/ui/refusal';

/** Notes of the house for colleagues; they stay here when the profile is exported. What was typed is sent when the field is left. */
export function Notes() {
  const { draft } = useEditor();
  const { edit } = useEditorActions();
  const id = useId();
  const [typed, setTyped] = useState<string | null>(null);
  const [refusal, setRefusal] = useState<string | null>(null);

  async function send() {
    const text = typed?.trim();
    if (text === undefined || text === draft.notes) return setTyped(null);
    const refused = await edit({ type: 'setNotes', to: text });
    setRefusal(refused);
    if (!refused) setTyped((now) => (now?.trim() === text ? null : now));
  }
  const leaving = useRef(send);
  useEffect(() => {
    leaving.current = send;
  });
  useEffect(() => () => void leaving.current(), []);

  return (
    <div className="flex flex-col gap-0.5">
      <label htmlFor={id} className="text-xs text-muted">
        Notes for colleagues (ours)
      </label>
      <textarea
        id={id}
        data-sends
        value={typed ?? draft.notes}
        rows={4}
        aria-invalid={refusal !== null || undefined}
        className="rounded-sm border border-edge bg-trough p-1.5 text-sm text-text aria-invalid:border-error"
        onChange={(event) => setTyped(event.currentTarget.value)}
        onBlur={() => void send()}
      />
      <Refusal says={refusal} />
    </div>
  );
}
