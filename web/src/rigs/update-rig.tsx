import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { answer, api } from '#/api/client';
import type { Rig, RigUpdate, SceneView } from '#/api/types';
import { Button } from '#/ui/button';
import { counted } from '#/ui/counted';
import { moment } from '#/ui/dates';
import { Modal } from '#/ui/modal';
import { Refusal } from '#/ui/refusal';
import { tell } from '#/ui/toast';
import { Waiting } from '#/ui/waiting';
import { rigQuery } from './rig-query';
import { SceneKinds } from './scene-kinds';
import { SceneButtons } from './scene-buttons';
import { SceneNotes } from './scene-notes';
import { useDecisions, useScene, type Decisions, type SceneSource } from './use-scene';
import { chosenOf, sectionsOf, type UpdateLine } from './update-lines';
import { UpdateSection } from './update-section';

/** A newer scene laid onto a rig: what it adds, lacks and says differently, and which side has changed it since the last exchange. */
export function UpdateRig({ rig, source, onClose }: { rig: Rig; source: SceneSource; onClose: () => void }) {
  const { scene, error } = useScene(source);
  const decisions = useDecisions();
  const body = { rigId: rig.id, decisions: decisions.made };
  const proposal = useQuery({
    queryKey: ['scene', scene?.id, 'update', rig.version, body],
    queryFn: () => answer(api.POST('/api/scenes/{id}/update-proposal', { params: { path: { id: scene?.id ?? '' } }, body })),
    enabled: scene !== undefined,
    placeholderData: keepPreviousData,
    retry: false,
  });
  return (
    <Modal
      open
      onClose={onClose}
      size="large"
      title={error ? 'This scene was refused' : `Update ${rig.name}${scene ? ` by ${scene.name}` : ''}`}
      description={
        error
          ? 'Nothing was changed.'
          : proposal.data
            ? lastExchange(proposal.data)
            : 'What the file says is compared with the rig, and with the last time that both were the same.'
      }
    >
      <Refusal says={error?.message} />
      {scene && !proposal.data && <Waiting of={proposal} what="The comparison" />}
      {scene && proposal.data && <Lines rig={rig} scene={scene} update={proposal.data} decisions={decisions} onClose={onClose} />}
    </Modal>
  );
}

function lastExchange({ last }: RigUpdate) {
  return last
    ? `Last exchange: ${last.direction === 'IN' ? 'imported from' : 'exported as'} ${last.name}, ${last.author}, ${moment(last.at)}.`
    : 'This rig was never exchanged with a file: whatever differs is asked.';
}

function Lines({
  rig,
  scene,
  update,
  decisions,
  onClose,
}: {
  rig: Rig;
  scene: SceneView;
  update: RigUpdate;
  decisions: Decisions;
  onClose: () => void;
}) {
  const queryClient = useQueryClient();
  const [turned, setTurned] = useState<ReadonlyMap<string, boolean>>(new Map());
  const [id] = useState(() => crypto.randomUUID());
  const sections = useMemo(() => sectionsOf(update), [update]);
  const all = sections.flatMap((section) => section.lines);
  const takes = (line: UpdateLine) => turned.get(line.key) ?? line.side === 'THEIRS';
  function turn(lines: UpdateLine[], to: (line: UpdateLine) => boolean) {
    setTurned(new Map([...turned, ...lines.map((line): [string, boolean] => [line.key, to(line)])]));
  }
  const chosen = all.filter(takes);
  const take = useMutation({
    mutationFn: () =>
      answer(
        api.POST('/api/scenes/{id}/update', {
          params: { path: { id: scene.id } },
          headers: { 'Kite-Change': id },
          body: {
            rigId: rig.id,
            choice: { version: update.version, decisions: decisions.all(update.kinds), ...chosenOf(chosen) },
          },
        }),
      ),
    onSuccess: async () => {
      await queryClient.invalidateQueries({ queryKey: rigQuery(rig.id).queryKey });
      tell(`Updated by ${scene.name}.`);
      onClose();
    },
    onError: () => queryClient.invalidateQueries({ queryKey: rigQuery(rig.id).queryKey }),
  });
  return (
    <>
      {update.another && (
        <p role="alert" className="rounded-md border-l-3 border-warning bg-raised px-3 py-2 text-sm">
          {`None of its ${counted(update.units, 'fixture', 'fixtures')} is one of this rig: the file is of another show, or was drawn anew. Its fixtures are known by their ids only.`}
        </p>
      )}
      <div className="flex min-h-0 flex-1 flex-col gap-4 overflow-y-auto text-sm">
        {update.kinds.length > 0 && (
          <section aria-label="Fixtures that come or change">
            <h3 className="font-semibold">Fixtures that come or change</h3>
            <SceneKinds sceneId={scene.id} kinds={update.kinds} decisions={decisions} />
          </section>
        )}
        {all.length === 0 && <p className="text-good">The file and the rig say the same.</p>}
        {sections.map((section) => (
          <UpdateSection key={section.title} section={section} takes={takes} onTurn={turn} />
        ))}
        <SceneNotes notes={scene.notes} />
      </div>
      <div className="flex flex-col gap-1 text-sm text-muted">
        {update.quiet > 0 && <p>{`${counted(update.quiet, 'unit moves', 'units move')} in the room as drawn, without being asked.`}</p>}
        {update.afterwards !== update.collisions && (
          <p className={update.afterwards > update.collisions ? 'text-error' : 'text-good'}>
            {`${counted(update.collisions, 'collision', 'collisions')} now, ${update.afterwards} once everything is taken that only the file changed.`}
          </p>
        )}
      </div>
      <Refusal says={take.error?.message} />
      <div className="flex flex-wrap items-center justify-end gap-2">
        {all.length > 0 && (
          <span className="mr-auto flex gap-1">
            <Button quiet onClick={() => turn(all, (line) => line.side === 'THEIRS')}>
              Only what the file changed
            </Button>
            <Button quiet onClick={() => turn(all, () => true)}>
              Everything
            </Button>
            <Button quiet onClick={() => turn(all, () => false)}>
              Nothing
            </Button>
          </span>
        )}
        <SceneButtons sceneId={scene.id} onClose={onClose}>
          <Button main disabled={take.isPending || (update.another && chosen.length === 0)} onClick={() => take.mutate()}>
            {take.isPending ? 'Updating …' : `Update, ${counted(chosen.length, 'change', 'changes')}`}
          </Button>
        </SceneButtons>
      </div>
    </>
  );
}
