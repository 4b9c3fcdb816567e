import { useQuery } from '@tanstack/react-query';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import type { WalkLine } from '#/api/types';
import { Button } from '#/ui/button';
import { moment } from '#/ui/dates';
import { Refusal } from '#/ui/refusal';
import { BeginWalk } from './begin-walk';
import { BenchFrame } from './bench-frame';
import { walksQuery } from './bench-query';
import { WalkSign, walkSays } from './walk-sign';

/** Walks of the house, the newest first. */
export function WalksPage() {
  const { data, error } = useQuery(walksQuery);
  const [search, setSearch] = useSearchParams();
  const named = { pin: search.get('pin') ?? '', mode: search.get('mode') ?? '' };
  const [beginning, setBeginning] = useState(false);
  const asked = named.pin !== '';
  function close() {
    setBeginning(false);
    if (asked) setSearch({}, { replace: true });
  }
  return (
    <BenchFrame
      title="Bench"
      actions={
        <Button main onClick={() => setBeginning(true)}>
          <Plus size={16} aria-hidden />
          New walk
        </Button>
      }
    >
      <Refusal says={error?.message} />
      {data?.length === 0 && (
        <p className="mx-auto max-w-prose py-8 text-center text-muted">
          No walk yet. A walk shows every step of a mode on a fixture: you, or an instrument, say whether the fixture does what the profile
          says.
        </p>
      )}
      {data && data.length > 0 && (
        <ul aria-label="Walks" className="flex flex-col">
          {data.map((walk) => (
            <li key={walk.id} className="border-b border-line">
              <Link to={`/bench/walks/${walk.id}`} className="flex flex-wrap items-center gap-x-4 gap-y-1 px-2 py-2.5 hover:bg-raised">
                <WalkFacts walk={walk} />
              </Link>
            </li>
          ))}
        </ul>
      )}
      {(beginning || asked) && <BeginWalk mode={asked ? named : null} onClose={close} />}
    </BenchFrame>
  );
}

function WalkFacts({ walk }: { walk: WalkLine }) {
  return (
    <>
      <WalkSign walk={walk} />
      <span className="min-w-56 flex-1">
        <span className="text-muted">{`${walk.manufacturer} `}</span>
        <span className="font-semibold">{walk.profile}</span>
        {`, ${walk.mode}`}
        <span className="text-sm text-muted">{`, revision ${walk.revision}`}</span>
      </span>
      <span className="w-36 truncate text-sm text-muted">{walk.firmware === '' ? '' : `firmware ${walk.firmware}`}</span>
      <span className="w-52 text-sm">{walkSays(walk)}</span>
      <span className="w-72 text-right text-sm text-muted">
        {walk.author}, {moment(walk.startedAt)}
      </span>
    </>
  );
}
