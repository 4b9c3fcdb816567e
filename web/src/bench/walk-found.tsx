import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Play, Wrench } from 'lucide-react';
import { Link } from 'react-router';
import { answer, api } from '#/api/client';
import type { Walk, WalkCause } from '#/api/types';
import { Button } from '#/ui/button';
import { counted } from '#/ui/counted';
import { moment } from '#/ui/dates';
import { Refusal } from '#/ui/refusal';
import { KINDS } from './step-words';
import { Photographs } from './photographs';
import { useGoOn } from './use-walk';
import { WalkSign } from './walk-sign';

/** What a walk has found: how much agrees, why what differs does, and each step that differs. */
export function WalkFound({ walk }: { walk: Walk }) {
  const goOn = useGoOn(walk);
  return (
    <div className="flex flex-col gap-7">
      <section aria-label="Result" className="flex flex-col gap-2">
        <p className="flex items-center gap-2.5 text-xl font-semibold">
          <WalkSign walk={walk} />
          {verdict(walk)}
        </p>
        {walk.says !== '' && walk.state === 'FAILED' && <p className="text-error">{walk.says}</p>}
        <p className="text-sm text-muted">
          {`${counted(walk.agree, 'step agrees', 'steps agree')}, ${counted(walk.differ, 'differs', 'differ')}, ${walk.cannotTell} cannot be told; `}
          {walk.author}, {moment(walk.startedAt)}
        </p>
        {walk.notes !== '' && <p className="text-sm">{walk.notes}</p>}
        {walk.state === 'STOPPED' && !walk.byInstruments && (
          <div>
            <Button main onClick={() => goOn.mutate()}>
              <Play size={16} aria-hidden />
              Go on
            </Button>
            <Refusal says={goOn.error?.message} />
          </div>
        )}
      </section>
      {walk.causes.length > 0 && (
        <section aria-label="Causes">
          <h3 className="mb-2 font-semibold">Causes</h3>
          <ul className="flex flex-col gap-2">
            {walk.causes.map((cause) => (
              <li key={cause.flaw}>
                <Cause walk={walk} cause={cause} />
              </li>
            ))}
          </ul>
        </section>
      )}
      {walk.differing.length > 0 && <Differing walk={walk} />}
      <Photographs walkId={walk.id} />
    </div>
  );
}

function verdict(walk: Walk) {
  if (walk.state === 'FAILED') return 'The walk broke off';
  if (walk.state === 'STOPPED') return 'Stopped';
  if (walk.differ > 0) return 'The fixture differs from the profile';
  return walk.cannotTell > 0 ? 'Nothing differs' : 'The fixture does what the profile says';
}

function Cause({ walk, cause }: { walk: Walk; cause: WalkCause }) {
  const queryClient = useQueryClient();
  const params = { path: { profileId: walk.profileId } };
  const mend = useMutation({
    mutationFn: async (edit: NonNullable<WalkCause['fix']>) => {
      const draft = await answer(api.GET('/api/profiles/{profileId}/draft', { params }));
      return answer(
        api.POST('/api/drafts/{draftId}/edits', {
          params: { path: { draftId: draft.id } },
          headers: { 'Kite-Change': crypto.randomUUID() },
          body: { version: draft.version, edit },
        }),
      );
    },
    onSuccess: () => queryClient.invalidateQueries({ queryKey: ['draft'] }),
  });
  const { fix, fixSays } = cause;
  return (
    <div className="flex flex-wrap items-center gap-3 rounded-md border-l-3 border-error bg-raised px-3 py-2.5">
      <p className="min-w-64 flex-1">
        {cause.says}
        <span className="text-sm text-muted">{` Explains ${counted(cause.steps, 'step', 'steps')}.`}</span>
      </p>
      {fix && (
        <Button onClick={() => mend.mutate(fix)} disabled={mend.isPending || mend.isSuccess}>
          <Wrench size={15} aria-hidden />
          {fixSays}
        </Button>
      )}
      {mend.isSuccess && (
        <p role="status" className="text-sm">
          {'Changed in the draft. '}
          <Link to={`/editor/${walk.profileId}`} className="text-kite-text underline underline-offset-2">
            Open the editor
          </Link>
        </p>
      )}
      <Refusal says={mend.error?.message} />
    </div>
  );
}

function Differing({ walk }: { walk: Walk }) {
  return (
    <section aria-label="Steps that differ">
      <h3 className="mb-2 font-semibold">Steps that differ</h3>
      <table className="w-full border-collapse text-sm">
        <thead>
          <tr className="border-b border-line text-left text-muted [&_th]:py-1.5 [&_th]:pr-4 [&_th]:font-normal">
            <th className="w-14">Step</th>
            <th>Channel</th>
            <th>Function or range</th>
            <th className="w-20 text-right">DMX</th>
            <th>The profile says</th>
            <th>Seen</th>
          </tr>
        </thead>
        <tbody>
          {walk.differing.map((step) => (
            <tr key={step.step} className="border-b border-line align-top [&_td]:py-1.5 [&_td]:pr-4">
              <td className="font-mono">{step.step}</td>
              {step.channel === '' ? (
                <td colSpan={2}>{KINDS[step.kind]}</td>
              ) : (
                <>
                  <td className="break-words">{step.channel}</td>
                  <td className="break-words">{step.range ?? (step.function === '' ? KINDS[step.kind] : step.function)}</td>
                </>
              )}
              <td className="text-right font-mono">{step.channel === '' ? '' : step.dmx}</td>
              <td>{step.expected}</td>
              <td>{step.seen || step.reason}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
