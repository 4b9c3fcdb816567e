import { useState } from 'react';
import type { RigFixture, SceneDecision, SceneKind } from '#/api/types';
import { Look } from '#/parts/profile/look';
import { rankOf } from '#/parts/profile/ranks';
import { Button } from '#/ui/button';
import { counted } from '#/ui/counted';
import { Modal } from '#/ui/modal';
import { FixtureSearch } from '#/parts/profile/fixture-search';
import { lookInto, type Choice, type Decisions } from './use-scene';

/** What a scene asks for and what there is for it, a line for each kind, decided for all of its fixtures at once. */
export function SceneKinds({ sceneId, kinds, decisions }: { sceneId: string; kinds: SceneKind[]; decisions: Decisions }) {
  return (
    <ul aria-label="Kinds" className="flex flex-col text-sm">
      {kinds.map((kind, index) => (
        <KindLine
          key={index}
          sceneId={sceneId}
          kind={kind}
          decision={decisions.of(kind)}
          onDecide={(choice, found) => decisions.decide(kind, choice, found)}
        />
      ))}
    </ul>
  );
}

function KindLine({
  sceneId,
  kind,
  decision,
  onDecide,
}: {
  sceneId: string;
  kind: SceneKind;
  decision: SceneDecision;
  onDecide: (choice: Choice, found: RigFixture | null) => void;
}) {
  const [searching, setSearching] = useState(false);
  const [looking, setLooking] = useState(false);
  const chosen = decision.decided && decision.found?.pin ? decision.found : null;
  const ours = chosen ?? kind.ours;
  const another = chosen !== null && (chosen.pin !== kind.ours.pin || chosen.mode !== kind.ours.mode);
  const choices: { choice: Choice; text: string; possible: boolean }[] = [
    { choice: 'THEIRS', text: `The file’s: ${words(kind.theirs)}`, possible: kind.theirs.pin !== '' },
    { choice: 'OURS', text: `${another ? 'Selected' : 'Ours'}: ${words(ours)}`, possible: ours.pin !== '' },
    { choice: 'PLACEHOLDER', text: 'A placeholder', possible: true },
    { choice: 'LEAVE_OUT', text: 'Leave out', possible: true },
  ];
  return (
    <li className="grid grid-cols-[minmax(0,1fr)_minmax(0,1.4fr)] items-start gap-x-4 gap-y-1 border-t border-line py-2">
      <div>
        <p className="truncate font-semibold" title={kind.words}>
          {kind.words}
        </p>
        <p className="text-muted">{`${kind.units} × ${kind.ids.join(', ')}${kind.units > kind.ids.length ? ' …' : ''}`}</p>
        {kind.difference && !another && <Difference difference={kind.difference} />}
      </div>
      <div className="flex flex-col gap-1">
        <span className="flex flex-wrap items-center gap-2">
          <select
            aria-label={`What ${kind.words} becomes`}
            value={decision.choice}
            className="min-h-8 min-w-0 flex-1 rounded-sm border border-edge bg-trough px-1"
            onChange={(event) => {
              const next = choices.find((each) => each.choice === event.currentTarget.value);
              if (next) onDecide(next.choice, next.choice === 'OURS' ? ours : null);
            }}
          >
            {choices
              .filter((each) => each.possible)
              .map((each) => (
                <option key={each.choice} value={each.choice}>
                  {each.text}
                </option>
              ))}
          </select>
          <Button quiet aria-expanded={searching} onClick={() => setSearching(!searching)}>
            Another …
          </Button>
          {kind.theirs.pin !== '' && (
            <Button quiet onClick={() => setLooking(true)}>
              View the file’s
            </Button>
          )}
        </span>
        {decision.choice === 'PLACEHOLDER' && (
          <label className="flex items-center gap-2 text-muted">
            Addresses
            <input
              type="number"
              min={0}
              max={MOST_ADDRESSES}
              defaultValue={decision.found ? footprintOf(decision.found) : kind.addresses}
              className="min-h-8 w-24 rounded-sm border border-edge bg-trough px-1 font-mono text-text"
              onBlur={(event) => {
                const count = Math.trunc(event.currentTarget.valueAsNumber);
                if (count >= 1 && count <= MOST_ADDRESSES) onDecide('PLACEHOLDER', placeholder(count));
              }}
            />
          </label>
        )}
        <span className="text-muted">{another && decision.choice === 'OURS' ? 'Selected for the whole kind.' : says(kind, decision)}</span>
        {searching && (
          <FixtureSearch
            rig={null}
            onChoose={(fixture) => {
              onDecide('OURS', fixture);
              setSearching(false);
            }}
          />
        )}
      </div>
      <Modal
        open={looking}
        onClose={() => setLooking(false)}
        size="wide"
        title={`${kind.theirs.manufacturer} ${kind.theirs.model}`}
        description={`${kind.theirs.pin}, as it lies in the file. Nothing is stored by looking at it.`}
      >
        <Look queryKey={['scene', sceneId, 'look', kind.theirs.pin]} look={() => lookInto(sceneId, kind.theirs.pin)} />
      </Modal>
    </li>
  );
}

const MOST_ADDRESSES = 512;
const PERCENT = 100;

function footprintOf(fixture: RigFixture) {
  return Object.values(fixture.breaks).reduce((sum, each) => sum + each, 0);
}

function placeholder(addresses: number): RigFixture {
  return { how: 'PLACEHOLDER', pin: '', manufacturer: '', model: '', mode: '', breaks: { '1': addresses }, sure: 0, why: '' };
}

function Difference({ difference }: { difference: NonNullable<SceneKind['difference']> }) {
  if (!difference.worst) return <p className="text-good">The file’s mode and ours do the same.</p>;
  const { sign, text, tone } = rankOf(difference.worst);
  return (
    <p className={tone}>
      <span aria-hidden>{sign}</span> {`${counted(difference.count, 'difference', 'differences')} to ours, the worst ${text}`}
    </p>
  );
}

function says(kind: SceneKind, decision: SceneDecision) {
  switch (decision.choice) {
    case 'THEIRS':
      return `${why(kind.theirs)} It comes onto the House shelf.`;
    case 'OURS':
      return kind.decidedBy ? `As ${kind.decidedBy} decided for an earlier scene.` : why(kind.ours);
    case 'PLACEHOLDER':
      return kind.theirs.how === 'PLACEHOLDER' ? kind.theirs.why : 'Its fixtures stand without a profile.';
    case 'LEAVE_OUT':
      return 'Its fixtures are not imported.';
  }
}

/** How it was found, and how sure that is. */
function why({ why: reason, sure }: RigFixture) {
  return sure < 1 ? `${reason} ${Math.round(sure * PERCENT)} % sure.` : reason;
}

function words(fixture: RigFixture) {
  return fixture.pin === '' ? 'nothing' : `${fixture.manufacturer} ${fixture.model}, ${fixture.mode}`;
}
