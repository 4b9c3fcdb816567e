import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, done } from '#/api/client';
import { Button } from '#/ui/button';
import { counted } from '#/ui/counted';
import { Modal } from '#/ui/modal';
import { Refusal } from '#/ui/refusal';
import { useDesk } from '#/editor/kit/editor-context';

/** Throws the draft away; asks once, as this cannot be undone. */
export function DiscardDraft() {
  const { draft } = useDesk();
  const [asking, setAsking] = useState(false);
  const navigate = useNavigate();
  const queryClient = useQueryClient();
  const discard = useMutation({
    mutationFn: () =>
      done(api.POST('/api/drafts/{draftId}/discard', { params: { path: { draftId: draft.id } }, body: { version: draft.version } })),
    onSuccess: () => {
      queryClient.removeQueries({ queryKey: ['desk', draft.profileId] });
      void queryClient.invalidateQueries({ queryKey: ['library'] });
      void navigate('/');
    },
  });
  const gone =
    draft.baseRevision === 0
      ? 'The profile was never published, so it goes with the draft.'
      : `The profile stays as it is in revision ${draft.baseRevision}.`;
  return (
    <>
      <button
        type="button"
        onClick={() => setAsking(true)}
        className="mt-1 block text-sm text-muted underline underline-offset-2 hover:text-text"
      >
        Throw this draft away
      </button>
      <Modal
        open={asking}
        onClose={() => setAsking(false)}
        title="Throw this draft away?"
        description={`${counted(draft.history.length, 'edit is', 'edits are')} lost. ${gone}`}
      >
        <Refusal says={discard.error?.message} />
        <div className="flex justify-end gap-2">
          <Button onClick={() => setAsking(false)}>Keep it</Button>
          <Button main disabled={discard.isPending} onClick={() => discard.mutate()}>
            Throw away
          </Button>
        </div>
      </Modal>
    </>
  );
}
