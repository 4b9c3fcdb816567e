import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api } from '#/api/client';
import type { UniverseLook } from '#/api/types';
import { liveQuery } from '#/parts/live/live-query';
import { Button } from '#/ui/button';
import { counted } from '#/ui/counted';
import { NumberField } from '#/ui/number-field';
import { Refusal } from '#/ui/refusal';
import { universeQuery } from './universe-query';

/** One address: what it does, its value, and holding it at a value by hand. */
export function HeldByHand({
  look,
  address,
  owner,
  canHold,
}: {
  look: UniverseLook;
  address: number | null;
  owner: string;
  canHold: boolean;
}) {
  const queryClient = useQueryClient();
  const hold = useMutation({
    mutationFn: (values: Record<string, number>) =>
      answer(api.PUT('/api/universes/{universe}/held', { params: { path: { universe: look.universe } }, body: { values } })),
    onSuccess: (next) => {
      queryClient.setQueryData(universeQuery(look.universe, false).queryKey, next);
      void queryClient.invalidateQueries({ queryKey: liveQuery.queryKey });
    },
  });
  const held = Object.keys(look.held).length;
  const rest = Object.fromEntries(Object.entries(look.held).filter(([each]) => each !== String(address)));
  return (
    <section aria-label="Address" className="flex flex-col gap-3 rounded-lg border border-line p-4 text-sm">
      {address === null ? (
        <p className="text-muted">Select an address to see what it does.</p>
      ) : (
        <>
          <h2 className="text-base font-semibold">{`Address ${address}`}</h2>
          <p>{owner === '' ? <span className="text-muted">No channel is known there.</span> : owner}</p>
          <p className="font-mono">{look.levels[address - 1]}</p>
          {canHold && look.moving && (
            <Hold
              key={address}
              now={look.levels[address - 1] ?? 0}
              held={look.held[address] !== undefined}
              onHold={(value) => hold.mutate({ ...look.held, [address]: value })}
              onRelease={() => hold.mutate(rest)}
            />
          )}
        </>
      )}
      {held > 0 && (
        <div className="flex flex-col items-start gap-2 border-t border-line pt-3">
          <p className="text-warning">{`${counted(held, 'address is', 'addresses are')} held by hand, whatever is sent.`}</p>
          <Button onClick={() => hold.mutate({})}>Release all</Button>
        </div>
      )}
      <Refusal says={hold.error?.message} />
    </section>
  );
}

function Hold({ now, held, onHold, onRelease }: { now: number; held: boolean; onHold: (value: number) => void; onRelease: () => void }) {
  const [typed, setTyped] = useState(String(now));
  const value = /^\d{1,3}$/.test(typed.trim()) ? Number(typed) : -1;
  return (
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        onHold(value);
      }}
    >
      <NumberField label="Hold at, 0 to 255" value={typed} onChange={setTyped} />
      <Button type="submit" disabled={value < 0 || value > 255}>
        Hold
      </Button>
      {held && <Button onClick={onRelease}>Release</Button>}
    </form>
  );
}
