import { useMutation } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { answer, api } from '#/api/client';
import type { RigFixture, SceneDecision, SceneKind, SceneView } from '#/api/types';
import { withFile } from '#/api/with-file';
import { rankOf } from '#/parts/profile/ranks';
import { Button } from '#/ui/button';
import { counted } from '#/ui/counted';
import { Modal } from '#/ui/modal';
import { Refusal } from '#/ui/refusal';
import { TextField } from '#/ui/text-field';
import { FixtureSearch } from './fixture-search';

type Choice = SceneDecision['choice'];

/** A scene of another program: what it asks for and what there is for it, decided kind by kind, becomes a rig. */
export function TakeScene({ file, onClose }: { file: File; onClose: () => void }) {
  const {
    mutate: receive,
    data: scene,
    error,
    isPending,
  } = useMutation({
    mutationFn: () => answer(api.POST('/api/scenes', withFile(file))),
  });
  useEffect(() => receive(), [receive]);
  function close() {
    if (scene) void api.DELETE('/api/scenes/{id}', { params: { path: { id: scene.id } } });
    onClose();
  }
  return (
    <Modal
      open
      onClose={close}
      size={scene ? 'large' : 'wide'}
      title={error ? 'This scene was refused' : isPending || !scene ? `Reading ${file.name} …` : file.name}
      description={
        scene
          ? `${counted(scene.units, 'fixture', 'fixtures')} of ${counted(scene.kinds.length, 'kind', 'kinds')}. Decide once for each kind; nothing is stored yet.`
          : error
            ? 'Nothing was changed.'
            : 'Its fixtures are compared with the library.'
      }
    >
      <Refusal says={error?.message} />
      {scene && <Kinds scene={scene} onClose={close} />}
    </Modal>
  );
}

function Kinds({ scene, onClose }: { scene: SceneView; onClose: () => void }) {
  const navigate = useNavigate();
  const [name, setName] = useState(scene.name.replace(/\.mvr$/i, ''));
  const [decisions, setDecisions] = useState<SceneDecision[]>([]);
  const [id] = useState(() => crypto.randomUUID());
  const take = useMutation({
    mutationFn: () =>
      answer(
        api.POST('/api/scenes/{id}/take', {
          params: { path: { id: scene.id } },
          headers: { 'Kite-Change': id },
          body: { name, decisions },
        }),
      ),
    onSuccess: ({ rigId }) => {
      onClose(); // the scene is not needed any more
      return navigate(`/rigs/${rigId}`);
    },
  });
  return (
    <>
      <TextField label="Name of the new rig" value={name} onChange={setName} />
      <ul aria-label="Kinds" className="flex min-h-0 flex-col overflow-y-auto text-sm">
        {scene.kinds.map((kind, index) => (
          <KindLine
            key={index}
            kind={kind}
            decision={decisions.find((each) => each.asked === kind.asked) ?? { asked: kind.asked, choice: kind.usual, found: null }}
            onDecide={(choice, found) =>
              setDecisions([...decisions.filter((each) => each.asked !== kind.asked), { asked: kind.asked, choice, found }])
            }
          />
        ))}
      </ul>
      {scene.notes.length > 0 && (
        <details className="text-sm">
          <summary className="cursor-pointer text-warning">
            {counted(scene.notes.length, 'thing', 'things')} in the file that could not be read as it stands
          </summary>
          <ul className="max-h-40 overflow-y-auto">
            {scene.notes.slice(0, 200).map((note, index) => (
              <li key={index}>
                <span className="text-muted">{note.where}: </span>
                {note.says}
              </li>
            ))}
          </ul>
        </details>
      )}
      <Refusal says={take.error?.message} />
      <div className="flex justify-end gap-2">
        <Button onClick={onClose}>Cancel</Button>
        <Button main disabled={take.isPending || name.trim() === ''} onClick={() => take.mutate()}>
          {take.isPending ? 'Importing …' : 'Make a rig of it'}
        </Button>
      </div>
    </>
  );
}

function KindLine({
  kind,
  decision,
  onDecide,
}: {
  kind: SceneKind;
  decision: SceneDecision;
  onDecide: (choice: Choice, found: RigFixture | null) => void;
}) {
  const [searching, setSearching] = useState(false);
  const ours = decision.found ?? kind.ours;
  const choices: { choice: Choice; text: string; possible: boolean }[] = [
    { choice: 'THEIRS', text: `The file’s: ${words(kind.theirs)}`, possible: kind.theirs.pin !== '' },
    { choice: 'OURS', text: `${decision.found ? 'Selected' : 'Ours'}: ${words(ours)}`, possible: ours.pin !== '' },
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
        {kind.difference && <Difference difference={kind.difference} />}
      </div>
      <div className="flex flex-col gap-1">
        <span className="flex flex-wrap items-center gap-2">
          <select
            aria-label={`What ${kind.words} becomes`}
            value={decision.choice}
            className="min-h-8 min-w-0 flex-1 rounded-sm border border-edge bg-trough px-1"
            onChange={(event) => {
              const chosen = choices.find((each) => each.choice === event.currentTarget.value);
              if (chosen) onDecide(chosen.choice, chosen.choice === 'OURS' ? decision.found : null);
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
        </span>
        <span className="text-muted">{says(kind, decision)}</span>
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
    </li>
  );
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
      return `${kind.theirs.why} It comes onto the House shelf.`;
    case 'OURS':
      return decision.found
        ? 'Selected for the whole kind.'
        : kind.decidedBy
          ? `As ${kind.decidedBy} decided for an earlier scene.`
          : kind.ours.why;
    case 'PLACEHOLDER':
      return kind.theirs.how === 'PLACEHOLDER' ? kind.theirs.why : 'Its fixtures stand without a profile.';
    case 'LEAVE_OUT':
      return 'Its fixtures are not imported.';
  }
}

function words(fixture: RigFixture) {
  return fixture.pin === '' ? 'nothing' : `${fixture.manufacturer} ${fixture.model}, ${fixture.mode}`;
}
