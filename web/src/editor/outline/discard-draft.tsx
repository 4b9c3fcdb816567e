import { useState } from 'react';
import { useEditor, useEditorActions } from '#/editor/kit/editor-context';
import { Button } from '#/ui/button';
import { counted } from '#/ui/counted';
import { Modal } from '#/ui/modal';
import { Refusal } from '#/ui/refusal';

/** Discards the draft; asks once, as this cannot be undone. */
export function DiscardDraft() {
  const { draft } = useEditor();
  const { discard } = useEditorActions();
  const [asking, setAsking] = useState(false);
  const [sending, setSending] = useState(false);
  const [refusal, setRefusal] = useState<string | null>(null);
  const gone =
    draft.baseRevision === 0
      ? 'The profile was never published, so it is deleted with the draft.'
      : `The profile stays unchanged in revision ${draft.baseRevision}.`;
  async function send() {
    setSending(true);
    setRefusal(await discard());
    setSending(false);
  }
  return (
    <>
      <button
        type="button"
        onClick={() => setAsking(true)}
        className="mt-1 block text-sm text-muted underline underline-offset-2 hover:text-text"
      >
        Discard this draft
      </button>
      <Modal
        open={asking}
        onClose={() => setAsking(false)}
        title="Discard this draft?"
        description={`${counted(draft.history.length, 'edit is', 'edits are')} lost. ${gone}`}
      >
        <Refusal says={refusal} />
        <div className="flex justify-end gap-2">
          <Button onClick={() => setAsking(false)}>Cancel</Button>
          <Button danger disabled={sending} onClick={() => void send()}>
            Discard draft
          </Button>
        </div>
      </Modal>
    </>
  );
}
