import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api } from '#/api/client';
import type { Rig, RigEdit, RigFixture, RigKindCosts } from '#/api/types';
import { Button } from '#/ui/button';
import { counted } from '#/ui/counted';
import { Refusal } from '#/ui/refusal';
import { ReplaceUnits } from './replace-units';

type Cost = RigKindCosts['others'][number]['cost'];

/** What it would cost, or save, to make all units of a kind another mode of their profile. */
export function ModeCosts({ rig, onSend }: { rig: Rig; onSend: (edit: RigEdit) => Promise<string | null> }) {
  const [wanted, setWanted] = useState<{ units: string[]; fixture: RigFixture } | null>(null);
  const { data, error } = useQuery({
    queryKey: ['rig', rig.id, 'costs', rig.version],
    queryFn: () => answer(api.GET('/api/rigs/{rigId}/costs', { params: { path: { rigId: rig.id } } })),
  });
  const kinds = data?.filter((kind) => kind.others.length > 0) ?? [];
  return (
    <section aria-label="In another mode">
      <h3 className="mb-1 text-sm font-semibold">In another mode</h3>
      <Refusal says={error?.message} />
      {data && kinds.length === 0 && <p className="text-sm text-muted">No profile of this rig has another mode.</p>}
      <ul className="flex flex-col gap-2 text-sm">
        {kinds.map(({ kind, units, others }) => (
          <li key={`${kind.pin} ${kind.mode}`}>
            <p className="font-semibold">
              {`All ${units.length} ${kind.model}, ${kind.mode}`}
              <span className="font-normal text-muted"> would be</span>
            </p>
            <ul>
              {others.map(({ cost, fixture }) => (
                <li key={cost.mode} className="flex items-center gap-3">
                  <span className="w-40 truncate">{`in ${cost.mode} (${cost.footprint})`}</span>
                  <span className={cost.addresses < 0 ? 'text-good' : 'text-muted'}>{says(cost)}</span>
                  <Button quiet onClick={() => setWanted({ units, fixture })}>
                    Replace …
                  </Button>
                </li>
              ))}
            </ul>
          </li>
        ))}
      </ul>
      {wanted && <ReplaceUnits rig={rig} units={wanted.units} with={wanted.fixture} onSend={onSend} onClose={() => setWanted(null)} />}
    </section>
  );
}

function says({ addresses, universes }: Cost) {
  const moreOrLess = (by: number, one: string, more: string) =>
    by === 0 ? `no more ${more}` : `${counted(Math.abs(by), one, more)} ${by < 0 ? 'less' : 'more'}`;
  return `${moreOrLess(addresses, 'address', 'addresses')}${universes === 0 ? '' : `, ${moreOrLess(universes, 'universe', 'universes')}`}`;
}
