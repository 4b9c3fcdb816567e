import { useState } from 'react';
import type { Rig, RigFixture, SheetDecision, SheetReading } from '#/api/types';
import { Button } from '#/ui/button';
import { FixtureSearch } from '#/parts/profile/fixture-search';

type Kind = SheetReading['kinds'][number];
type Decide = (decision: Omit<SheetDecision, 'asked'> | null) => void;

/** Whether a decision is about a kind. */
export function isAbout(decision: SheetDecision, kind: Kind) {
  return JSON.stringify(decision.asked) === JSON.stringify(kind.kind.asked);
}

/** What the sheet asks for, kind by kind, with what the library has for it; decided for the whole kind. */
export function SheetKinds({
  rig,
  read,
  decisions,
  decide,
}: {
  rig: Rig;
  read: SheetReading;
  decisions: SheetDecision[];
  decide: (kind: Kind, decision: Parameters<Decide>[0]) => void;
}) {
  return (
    <section aria-label="Kinds of fixtures">
      <h3 className="mb-1 font-semibold">Kinds of fixtures</h3>
      <ul>
        {read.kinds.map((kind) => (
          <KindLine
            key={JSON.stringify(kind.kind.asked)}
            rig={rig}
            kind={kind}
            decision={decisions.find((each) => isAbout(each, kind)) ?? null}
            onDecide={(decision) => decide(kind, decision)}
          />
        ))}
      </ul>
    </section>
  );
}

function KindLine({ rig, kind, decision, onDecide }: { rig: Rig; kind: Kind; decision: SheetDecision | null; onDecide: Decide }) {
  const [searching, setSearching] = useState(false);
  const { found, units } = kind.kind;
  const chosen: RigFixture = decision?.found ?? found;
  return (
    <li className="flex flex-col gap-1 border-t border-line py-2">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <span className="w-64 truncate" title={kind.words}>
          <span className="font-mono">{units.length}×</span> {kind.words}
        </span>
        <span className={`min-w-0 flex-1 ${decision?.leaveOut ? 'text-muted line-through' : chosen.pin === '' ? 'text-warning' : ''}`}>
          {chosen.pin === ''
            ? chosen.how === 'PLACEHOLDER'
              ? 'Placeholder, its footprint alone'
              : 'Nothing found'
            : `${chosen.manufacturer} ${chosen.model}, ${chosen.mode}`}
          {!decision && (
            <span className="text-muted">{` ${found.why}${found.sure > 0 ? ` ${Math.round(found.sure * 100)} % sure.` : ''}`}</span>
          )}
        </span>
        <Button quiet onClick={() => setSearching(!searching)}>
          Select …
        </Button>
        {decision ? (
          <Button quiet onClick={() => onDecide(null)}>
            As found
          </Button>
        ) : (
          <Button quiet onClick={() => onDecide({ leaveOut: true, found: null })}>
            Leave out
          </Button>
        )}
      </div>
      {searching && (
        <FixtureSearch
          rig={rig}
          words={kind.words}
          onChoose={(fixture) => {
            onDecide({ leaveOut: false, found: fixture });
            setSearching(false);
          }}
        />
      )}
    </li>
  );
}
