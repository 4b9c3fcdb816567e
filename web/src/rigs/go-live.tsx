import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { RadioTower } from 'lucide-react';
import { useState } from 'react';
import { answer, api } from '#/api/client';
import type { Rig, RigLive } from '#/api/types';
import { liveQuery } from '#/parts/live/live-query';
import { sentTo } from '#/parts/live/sent-to';
import { Button } from '#/ui/button';
import { Modal } from '#/ui/modal';
import { Refusal } from '#/ui/refusal';
import { Typed } from '#/ui/typed';

/** The whole rig goes out: each unit at its start values, through its adjustments. */
export function GoLive({ rig }: { rig: Rig }) {
  const [open, setOpen] = useState(false);
  const { data: live } = useQuery(liveQuery);
  const isLive = live?.universes.some((each) => each.holder === `rig ${rig.id}`) === true;
  return (
    <>
      <Button quiet onClick={() => setOpen(true)}>
        <RadioTower size={16} aria-hidden className={isLive ? 'text-error' : undefined} />
        {isLive ? 'Live …' : 'Go live …'}
      </Button>
      <Modal
        open={open}
        onClose={() => setOpen(false)}
        size="wide"
        title={isLive ? `${rig.name} is live` : `${rig.name} goes live`}
        description="Each unit goes out at its start values, through its adjustments. Hands move one, Identify lights one up."
      >
        <Ways rig={rig} onDone={() => setOpen(false)} />
      </Modal>
    </>
  );
}

function Ways({ rig, onDone }: { rig: Rig; onDone: () => void }) {
  const destination = sentTo.use();
  const queryClient = useQueryClient();
  const key = ['rig', rig.id, 'live', destination, rig.version];
  const { data, error } = useQuery({
    queryKey: key,
    queryFn: () => answer(api.GET('/api/rigs/{rigId}/live', { params: { path: { rigId: rig.id }, query: { destination } } })),
  });
  const change = useMutation({
    mutationFn: (on: boolean) =>
      on
        ? answer(api.POST('/api/rigs/{rigId}/live', { params: { path: { rigId: rig.id } }, body: { destination } }))
        : answer(api.DELETE('/api/rigs/{rigId}/live', { params: { path: { rigId: rig.id }, query: { destination } } })),
    onSuccess: (next: RigLive) => {
      queryClient.setQueryData(key, next);
      onDone();
    },
    onSettled: () => queryClient.invalidateQueries({ queryKey: liveQuery.queryKey }),
  });
  const cannot = data?.ways.some((way) => way.refused !== null) === true;
  return (
    <>
      <Typed
        showLabel
        label="Universes whose way the rig does not say go to"
        value={destination}
        mono
        width="w-72"
        onSend={(typed) => (sentTo.set(typed.trim()), null)}
      />
      {data && data.ways.length === 0 && <p>No unit of this rig has an address yet: there is nothing to send.</p>}
      {data && data.ways.length > 0 && (
        <table className="w-full text-left text-sm">
          <thead className="text-xs text-muted">
            <tr>
              <th scope="col" className="w-24 py-1 font-normal">
                Universe
              </th>
              <th scope="col" className="py-1 font-normal">
                Goes to
              </th>
            </tr>
          </thead>
          <tbody>
            {data.ways.map((way) => (
              <tr key={way.universe} className="border-t border-line align-top">
                <td className="py-1 font-mono">{way.universe}</td>
                <td className="py-1">
                  <span className="font-mono">{way.to}</span>
                  {way.refused !== null && <p className="text-error">{way.refused}</p>}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {data?.live && data.behind && <p className="text-warning">The rig was changed since it went live.</p>}
      <Refusal says={change.error?.message ?? error?.message} />
      <div className="flex justify-end gap-2">
        {data?.live && <Button onClick={() => change.mutate(false)}>Stop sending</Button>}
        {data && (!data.live || data.behind) && (
          <Button main disabled={cannot || data.ways.length === 0 || change.isPending} onClick={() => change.mutate(true)}>
            {data.live ? 'Send as it is now' : 'Go live'}
          </Button>
        )}
      </div>
    </>
  );
}
