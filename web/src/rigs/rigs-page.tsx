import { useQuery } from '@tanstack/react-query';
import { Plus, Upload } from 'lucide-react';
import { useRef, useState } from 'react';
import { Link, useLocation, useNavigate, useSearchParams } from 'react-router';
import type { RigLine } from '#/api/types';
import { Button } from '#/ui/button';
import { counted } from '#/ui/counted';
import { moment } from '#/ui/dates';
import { Refusal } from '#/ui/refusal';
import { TopLine } from '#/ui/top-line';
import { BeginRig } from './begin-rig';
import { RestoreRig } from './restore-rig';
import { rigsQuery } from './rig-query';
import { TakeScene } from './take-scene';

/** The rigs of the house: the one that was changed last first, those in the bin at the end. */
export function RigsPage() {
  const { data, error } = useQuery(rigsQuery);
  const [beginning, setBeginning] = useState(false);
  const navigate = useNavigate();
  const { state } = useLocation() as { state: { scene?: File } | null };
  const [chosen, setChosen] = useState<File | null>(null);
  const [search] = useSearchParams();
  // one that was dropped anywhere comes along with the page, one that waits by its address
  const scene = chosen ?? state?.scene ?? search.get('scene');
  function leave() {
    setChosen(null);
    if (state?.scene || search.has('scene')) void navigate('/rigs', { replace: true, state: null });
  }
  const chooser = useRef<HTMLInputElement>(null);
  const rigs = data?.filter((rig) => !rig.binned) ?? [];
  const binned = data?.filter((rig) => rig.binned) ?? [];
  return (
    <>
      <title>Rigs · Yellow Kite</title>
      <TopLine
        trail={
          <h1 className="font-semibold">
            Rigs {data && <span className="ml-1 font-normal text-muted">{counted(rigs.length, 'rig', 'rigs')}</span>}
          </h1>
        }
      >
        <Button onClick={() => chooser.current?.click()}>
          <Upload size={16} aria-hidden />
          Import MVR
        </Button>
        <input
          ref={chooser}
          type="file"
          aria-label="Scene"
          accept=".mvr"
          className="sr-only"
          tabIndex={-1}
          onChange={(event) => {
            setChosen(event.currentTarget.files?.[0] ?? null);
            event.currentTarget.value = '';
          }}
        />
        <Button main onClick={() => setBeginning(true)}>
          <Plus size={16} aria-hidden />
          New rig
        </Button>
      </TopLine>
      <main className="flex min-h-0 flex-1 flex-col gap-8 overflow-y-auto p-6">
        <Refusal says={error?.message} />
        {data && rigs.length === 0 && (
          <p className="py-8 text-center text-muted">
            No rig yet. A rig holds the fixtures of one production, each with the revision of its profile that it was patched with.
          </p>
        )}
        {rigs.length > 0 && (
          <ul aria-label="Rigs" className="flex flex-col">
            {rigs.map((rig) => (
              <li key={rig.id} className="border-b border-line">
                <Link to={`/rigs/${rig.id}`} className="flex flex-wrap items-baseline gap-x-4 gap-y-1 px-2 py-3 hover:bg-raised">
                  <RigFacts rig={rig} />
                </Link>
              </li>
            ))}
          </ul>
        )}
        {binned.length > 0 && (
          <section aria-label="Rigs in the bin">
            <h2 className="mb-1 text-xs font-semibold text-muted">In the bin</h2>
            <ul>
              {binned.map((rig) => (
                <li key={rig.id} className="flex flex-wrap items-baseline gap-x-4 gap-y-1 border-b border-line px-2 py-3 text-muted">
                  <RigFacts rig={rig} />
                  <RestoreRig rigId={rig.id} name={rig.name} />
                </li>
              ))}
            </ul>
          </section>
        )}
      </main>
      {scene && <TakeScene source={scene} onClose={leave} />}
      {beginning && <BeginRig onClose={() => setBeginning(false)} />}
    </>
  );
}

function RigFacts({ rig }: { rig: RigLine }) {
  return (
    <>
      <span className="min-w-48 flex-1 font-semibold">{rig.name}</span>
      <span className="min-w-32 flex-1 text-muted">{rig.production}</span>
      <span className="w-24 text-right font-mono text-sm">{counted(rig.units, 'unit', 'units')}</span>
      <span className="w-32 text-right font-mono text-sm">{counted(rig.universes, 'universe', 'universes')}</span>
      <span className="w-80 text-right text-sm text-muted">
        {rig.changedBy}, {moment(rig.changedAt)}
      </span>
    </>
  );
}
