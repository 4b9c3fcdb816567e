import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { TextField } from '#/ui/text-field';
import { Refusal } from '#/ui/refusal';
import { BenchFrame } from './bench-frame';
import { HeldByHand } from './held-by-hand';
import { Listening } from './listening';
import { RecordingBar } from './recording-bar';
import { SetByHand } from './set-by-hand';
import { UniverseGrid } from './universe-grid';
import { ownersQuery, universeQuery } from './universe-query';
import { lastWhere } from './where';

/** The 512 values of a universe as they leave or come in, beside those of another one. */
export function UniversesPage() {
  const [comesIn, setComesIn] = useState(false);
  const [typed, setTyped] = useState(lastWhere.now().universe);
  const [against, setAgainst] = useState('');
  const [address, setAddress] = useState<number | null>(null);
  const universe = whole(typed);
  const one = useQuery(universeQuery(universe, comesIn));
  const other = useQuery(universeQuery(whole(against), comesIn));
  const owners = useQuery(ownersQuery(universe, comesIn ? '' : (one.data?.what ?? '')));
  const look = one.data;
  return (
    <BenchFrame title="Universes · Bench">
      <div className="mb-4 flex flex-wrap items-end gap-3">
        <div role="radiogroup" aria-label="Which way" className="flex rounded-md border border-edge">
          {[false, true].map((each) => (
            <button
              key={String(each)}
              type="button"
              role="radio"
              aria-checked={comesIn === each}
              onClick={() => setComesIn(each)}
              className="min-h-9 px-3.5 text-sm text-muted first:rounded-l-md last:rounded-r-md aria-checked:bg-raised aria-checked:text-text"
            >
              {each ? 'Coming in' : 'Leaving'}
            </button>
          ))}
        </div>
        <div className="w-24">
          <TextField label="Universe" value={typed} onChange={setTyped} maxLength={5} />
        </div>
        <div className="w-32">
          <TextField label="Compare with" value={against} onChange={setAgainst} maxLength={5} placeholder="none" />
        </div>
        <p role="status" className="flex-1 pb-2 text-sm text-muted">
          {look && says(look, comesIn)}
        </p>
        <RecordingBar universe={universe} comesIn={comesIn} moving={look?.moving ?? false} />
      </div>
      <Refusal says={one.error?.message ?? other.error?.message} />
      {comesIn && <Listening />}
      {!comesIn && look && (look.byHand || !look.moving) && <SetByHand look={look} />}
      {look && (
        <div className="grid grid-cols-[minmax(0,1fr)_16rem] items-start gap-5 max-[1100px]:grid-cols-1">
          <UniverseGrid
            look={look}
            against={whole(against) > 0 ? other.data?.levels : undefined}
            owners={owners.data}
            chosen={address}
            onChoose={setAddress}
          />
          <HeldByHand look={look} address={address} owner={address === null ? '' : (owners.data?.[address - 1] ?? '')} canHold={!comesIn} />
        </div>
      )}
    </BenchFrame>
  );
}

function says(look: { moving: boolean; what: string; from: string[] }, comesIn: boolean) {
  if (!look.moving) return comesIn ? 'Nobody sends this universe to this machine.' : 'This universe is not live.';
  return comesIn ? `From ${look.from.join(', ')}` : `${look.what}, to ${look.from.join(', ')}`;
}

function whole(typed: string) {
  return /^\d{1,5}$/.test(typed.trim()) ? Number(typed) : 0;
}
