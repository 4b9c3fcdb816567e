import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import { answer, api } from '#/api/client';
import type { IntakeRunLine, WaitingScene } from '#/api/types';
import { Button } from '#/ui/button';
import { counted } from '#/ui/counted';
import type { Run } from './runs-of';
import { TakingLine } from './taking-line';

/** What a run was, what became of it, and how to go on with it. */
export function RunDetails({ run }: { run: Run }) {
  switch (run.kind) {
    case 'scene':
      return <Scene scene={run.of} />;
    case 'exchange':
      return (
        <span>
          <Link to={`/rigs/${run.of.rigId}`} className="font-semibold underline">
            {run.of.rig}
          </Link>
          {run.direction === 'IN' ? ` from ${run.of.name}` : ` as ${run.of.name}`}
          <span className="block text-muted">{`${run.of.says}, by ${run.of.author}`}</span>
        </span>
      );
    case 'files':
      return (
        <span>
          <Link to={`/intake/${run.of.id}`} className="font-semibold underline">
            {counted(run.of.total, 'GDTF file', 'GDTF files')}
          </Link>
          <span className={`block ${run.of.troubled > 0 || run.of.done < run.of.total ? 'text-warning' : 'text-muted'}`}>
            {`${filesSay(run.of)}, by ${run.of.author}`}
          </span>
        </span>
      );
    case 'release':
      return (
        <span>
          <Link to={`/releases/${run.of.id}`} className="font-semibold underline">
            {`Release ${run.of.title}`}
          </Link>
          <span className="block text-muted">{`${run.of.house}, by ${run.of.author}`}</span>
        </span>
      );
    case 'taking':
      return (
        <span className="flex flex-col gap-1">
          <span>
            <span className="font-semibold">{`${run.of.manufacturer} ${run.of.model}`}</span>
            {`, revision ${run.of.revision} of ${run.of.neighbour}`}
            <span className="text-muted">{`, by ${run.of.author}`}</span>
          </span>
          <TakingLine id={run.of.id} />
        </span>
      );
  }
}

function filesSay(run: IntakeRunLine) {
  return (
    [run.done < run.total ? `${run.total - run.done} not sent` : '', run.troubled > 0 ? `${run.troubled} refused or waiting` : '']
      .filter((part) => part !== '')
      .join(', ') || 'all are in the library'
  );
}

/** A scene that waits to be decided on: a new rig, or the newer state of one that is there. */
function Scene({ scene }: { scene: WaitingScene }) {
  const navigate = useNavigate();
  const queryClient = useQueryClient();
  const { data: rigs } = useQuery({ queryKey: ['rigs'], queryFn: () => answer(api.GET('/api/rigs')) });
  const discard = useMutation({
    mutationFn: () => api.DELETE('/api/scenes/{id}', { params: { path: { id: scene.id } } }),
    onSuccess: () => queryClient.invalidateQueries({ queryKey: ['scenes'] }),
  });
  return (
    <span className="flex flex-col gap-1">
      <span>
        <span className="font-semibold">{scene.name}</span>
        <span className="text-warning"> waits to be decided</span>
        <span className="block text-muted">
          {`${counted(scene.fixtures, 'fixture', 'fixtures')} of ${counted(scene.kinds, 'kind', 'kinds')}, by ${scene.author}`}
        </span>
      </span>
      <span className="flex flex-wrap items-center gap-2">
        <Link
          to={`/rigs?scene=${scene.id}`}
          className="inline-flex min-h-8 items-center rounded-md border border-edge bg-raised px-3.5 hover:border-text"
        >
          Decide: a new rig …
        </Link>
        <select
          aria-label={`Update a rig by ${scene.name}`}
          value=""
          className="min-h-8 rounded-md border border-edge bg-trough px-2"
          onChange={(event) => void navigate(`/rigs/${event.currentTarget.value}?scene=${scene.id}`)}
        >
          <option value="" disabled>
            Update a rig …
          </option>
          {rigs
            ?.filter((rig) => !rig.binned)
            .map((rig) => (
              <option key={rig.id} value={rig.id}>
                {rig.name}
              </option>
            ))}
        </select>
        <Button quiet disabled={discard.isPending} onClick={() => discard.mutate()}>
          Discard
        </Button>
      </span>
    </span>
  );
}
