import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api } from '#/api/client';
import type { Neighbour } from '#/api/types';
import { hitsQuery, neighboursQuery, watchesQuery } from '#/parts/exchange/exchange-query';
import { Button } from '#/ui/button';
import { moment } from '#/ui/dates';
import { Modal } from '#/ui/modal';
import { Waiting } from '#/ui/waiting';
import { NeighbourDialog } from './neighbour-dialog';

/** The neighbours, and how each answered when it was asked last. */
export function NeighbourList() {
  const asked = useQuery(neighboursQuery);
  const { data } = asked;
  if (!data) return <Waiting of={asked} what="Neighbours" />;
  if (data.length === 0) {
    return <p className="p-4 text-sm text-muted">None yet. Add the library of another house or of a manufacturer by its address.</p>;
  }
  return (
    <ul>
      {data.map((each) => (
        <Line key={each.id} neighbour={each} />
      ))}
    </ul>
  );
}

function Line({ neighbour }: { neighbour: Neighbour }) {
  const queryClient = useQueryClient();
  const [open, setOpen] = useState<'edit' | 'remove' | null>(null);
  const path = { id: neighbour.id };
  async function anew() {
    await Promise.all([neighboursQuery, watchesQuery, hitsQuery].map(({ queryKey }) => queryClient.invalidateQueries({ queryKey })));
  }
  const ask = useMutation({ mutationFn: () => answer(api.POST('/api/neighbours/{id}/ask', { params: { path } })), onSettled: anew });
  const remove = useMutation({
    mutationFn: () => api.DELETE('/api/neighbours/{id}', { params: { path } }),
    onSuccess: async () => {
      await anew();
      setOpen(null);
    },
  });
  return (
    <li aria-label={neighbour.name} className="flex flex-col gap-1 border-b border-line px-4 py-3 text-sm">
      <p className="font-semibold break-words">{neighbour.name}</p>
      <p className="text-xs break-all text-muted">{`${neighbour.address}, as ${neighbour.login}`}</p>
      {neighbour.trouble === '' ? (
        <p className="text-xs text-muted">{neighbour.askedAt ? `Answered ${moment(neighbour.askedAt)}` : 'Not asked for news yet'}</p>
      ) : (
        <p className="text-xs text-warning">{neighbour.trouble}</p>
      )}
      <span className="flex flex-wrap gap-1">
        <Button quiet disabled={ask.isPending} onClick={() => ask.mutate()}>
          {ask.isPending ? 'Asking …' : 'Ask for news'}
        </Button>
        <Button quiet onClick={() => setOpen('edit')}>
          Edit
        </Button>
        <Button quiet onClick={() => setOpen('remove')}>
          Delete
        </Button>
      </span>
      {open === 'edit' && <NeighbourDialog neighbour={neighbour} onClose={() => setOpen(null)} />}
      <Modal
        open={open === 'remove'}
        onClose={() => setOpen(null)}
        title={`Delete ${neighbour.name}?`}
        description="Its address, its secret and what is watched there are deleted. Profiles that were imported from it stay."
      >
        <div className="flex justify-end gap-2">
          <Button onClick={() => setOpen(null)}>Cancel</Button>
          <Button danger disabled={remove.isPending} onClick={() => remove.mutate()}>
            Delete
          </Button>
        </div>
      </Modal>
    </li>
  );
}
