import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api } from '#/api/client';
import type { Neighbour, ProfileLine } from '#/api/types';
import { Button } from '#/ui/button';
import { Modal } from '#/ui/modal';
import { Refusal } from '#/ui/refusal';
import { TextField } from '#/ui/text-field';

/** A profile of ours that a neighbour is offered. */
export function OfferDialog({ profile, neighbours, onClose }: { profile: ProfileLine; neighbours: Neighbour[]; onClose: () => void }) {
  const [to, setTo] = useState(neighbours[0]?.id ?? '');
  const [note, setNote] = useState('');
  const offer = useMutation({
    mutationFn: () =>
      answer(
        api.POST('/api/neighbours/{id}/offers', {
          params: { path: { id: to } },
          body: { profileId: profile.id, revision: profile.revision, note },
        }),
      ),
  });
  return (
    <Modal
      open
      onClose={onClose}
      title={`Offer ${profile.manufacturer} ${profile.name}`}
      description={`Revision ${profile.revision} is sent as a GDTF file. What the house keeps beside it stays here.`}
    >
      <label className="flex flex-col gap-1 text-sm text-muted">
        To
        <select
          value={to}
          className="min-h-9 rounded-md border border-edge bg-trough px-2 text-text"
          onChange={(event) => setTo(event.currentTarget.value)}
        >
          {neighbours.map((each) => (
            <option key={each.id} value={each.id}>
              {each.name}
            </option>
          ))}
        </select>
      </label>
      <TextField label="Note" value={note} onChange={setNote} maxLength={500} />
      <Refusal says={offer.error?.message} />
      {offer.data && <p className="text-sm text-good">{`It is revision ${offer.data.revision} there.`}</p>}
      <div className="flex justify-end gap-2">
        <Button onClick={onClose}>{offer.data ? 'Close' : 'Cancel'}</Button>
        {!offer.data && (
          <Button main disabled={offer.isPending} onClick={() => offer.mutate()}>
            {offer.isPending ? 'Sending …' : 'Offer'}
          </Button>
        )}
      </div>
    </Modal>
  );
}
