import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { answer, api } from '#/api/client';
import type { ArrivalState, ReleaseImpact } from '#/api/types';
import { withFile } from '#/api/with-file';
import { Button } from '#/ui/button';
import { Modal } from '#/ui/modal';
import { Notice } from '#/ui/notice';
import { ProgressBar } from '#/ui/progress-bar';
import { Refusal } from '#/ui/refusal';
import { tell } from '#/ui/toast';
import { ChangeMark, UsedBy } from './change-mark';
import { EarlierNotes } from './earlier-notes';
import { calendarDay } from '#/ui/dates';

/** How often it is asked how far a release is. */
const ASK_AGAIN_MS = 300;

/** What a release would touch, before it is imported; and importing it, whole. Closing it stops whatever is under way. */
export function TakeInRelease({ file, onClose }: { file: File; onClose: () => void }) {
  const queryClient = useQueryClient();
  const navigate = useNavigate();
  const { id, state, error } = useArrival(file);
  const take = useMutation({
    mutationFn: () => answer(api.POST('/api/releases/arrivals/{id}/take', { params: { path: { id: id ?? '' } } })),
    onSuccess: () => queryClient.invalidateQueries({ queryKey: ['arrival', id] }),
  });
  const release = state?.release;
  const title = state?.impact?.title;
  useEffect(() => {
    if (!release) return;
    tell(`${title ?? 'The release'} is the Reference shelf now.`);
    onClose();
    void navigate(`/releases/${release}`);
    void queryClient.invalidateQueries({ predicate: (query) => query.queryKey[0] !== 'arrival' });
  }, [release, title, navigate, onClose, queryClient]);
  const impact = state?.impact;
  const refused = error?.message ?? state?.refused ?? null;
  const taking = state?.phase === 'TAKING' || take.isPending;
  return (
    <Modal
      open
      onClose={onClose}
      size="wide"
      title={impact ? `${impact.title}, from ${impact.house}` : refused !== null ? 'This release was refused' : `Reading ${file.name} …`}
      description={
        refused !== null
          ? 'Nothing was changed.'
          : impact
            ? `Dated ${calendarDay(impact.dated)}: ${impact.says}.`
            : 'Each of its files is read before anything comes in.'
      }
    >
      {refused !== null && (
        <Notice severity="error" where="A release comes in whole or not at all.">
          <span className="break-words">{refused}</span>
        </Notice>
      )}
      {impact && refused === null && <Impact impact={impact} />}
      {refused === null && (taking || !impact) && (
        <HowFar words={taking ? 'Importing' : 'Reading'} done={state?.done ?? 0} all={state?.all ?? 0} />
      )}
      <Refusal says={take.error?.message} />
      <div className="flex justify-end gap-2">
        <Button onClick={onClose}>{refused !== null ? 'Close' : taking || !impact ? 'Stop' : 'Leave it'}</Button>
        {refused === null && (
          <Button main disabled={!impact || taking} onClick={() => take.mutate()}>
            {taking ? 'Importing …' : 'Import release'}
          </Button>
        )}
      </div>
    </Modal>
  );
}

/** Hands a release over and asks how far it is, for as long as it is shown; then it is left. */
function useArrival(file: File) {
  const [id, setId] = useState<string | null>(null);
  const [refused, setRefused] = useState<Error | null>(null);
  useEffect(() => {
    let gone = false;
    let here: string | null = null;
    const leave = () => {
      if (here !== null) void api.DELETE('/api/releases/arrivals/{id}', { params: { path: { id: here } } });
    };
    answer(api.POST('/api/releases/arrivals', withFile(file))).then(
      (arrival) => {
        here = arrival.id;
        if (gone) leave();
        else setId(arrival.id);
      },
      (problem: Error) => setRefused(problem),
    );
    return () => {
      gone = true;
      leave();
    };
  }, [file]);
  const { data, error } = useQuery({
    queryKey: ['arrival', id],
    queryFn: async ({ client, queryKey }) => {
      const now = await answer(api.GET('/api/releases/arrivals/{id}', { params: { path: { id: id ?? '' } } }));
      // what it would do may be long, and is told once
      return { ...now.state, impact: now.state.impact ?? client.getQueryData<ArrivalState>(queryKey)?.impact ?? null };
    },
    enabled: id !== null,
    retry: false,
    gcTime: 0,
    refetchInterval: ({ state }) => (['READING', 'TAKING'].includes(state.data?.phase ?? 'READING') ? ASK_AGAIN_MS : false),
  });
  return { id, state: data, error: refused ?? error };
}

function HowFar({ words, done, all }: { words: string; done: number; all: number }) {
  return (
    <div role="status" className="flex items-center gap-3">
      <ProgressBar label={words} done={done} all={all} />
      <span className="font-mono text-sm">{all === 0 ? `${words} …` : `${words}: ${done} of ${all}`}</span>
    </div>
  );
}

function Impact({ impact }: { impact: ReleaseImpact }) {
  const used = impact.touched.filter((each) => each.uses.length > 0 && each.change.kind !== 'SAME');
  const others = impact.touched.filter((each) => !used.includes(each) && each.change.kind !== 'SAME');
  return (
    <div className="flex min-h-0 flex-col gap-5 overflow-y-auto">
      {impact.notes !== '' && <p className="text-sm whitespace-pre-wrap">{impact.notes}</p>}
      <section aria-label="What you use">
        <h3 className="mb-1 text-xs font-semibold text-muted">What this house uses</h3>
        {used.length === 0 && <p className="text-sm text-good">Nothing that this house uses is touched.</p>}
        <Lines touched={used} />
      </section>
      {others.length > 0 && (
        <section aria-label="What else changes">
          <h3 className="mb-1 text-xs font-semibold text-muted">What else changes on the Reference shelf</h3>
          <Lines touched={others} />
        </section>
      )}
      <EarlierNotes title="The releases between, which were not imported" earlier={impact.skipped} />
    </div>
  );
}

function Lines({ touched }: { touched: ReleaseImpact['touched'] }) {
  return (
    <ul>
      {touched.map((each, index) => (
        <li key={index} className="flex gap-3 border-t border-line py-2.5">
          <ChangeMark kind={each.change.kind} worst={each.change.worst} />
          <div className="min-w-0 flex-1">
            <p className="font-semibold break-words">{`${each.manufacturer} ${each.name}`}</p>
            {each.note !== '' && <p className="text-sm break-words">{each.note}</p>}
            <UsedBy uses={each.uses} />
            {each.uses.length > 0 && (
              <ul className="mt-1 list-disc pl-5 text-sm text-muted">
                {each.change.says.map((sentence, at) => (
                  <li key={at}>{sentence}</li>
                ))}
              </ul>
            )}
          </div>
        </li>
      ))}
    </ul>
  );
}
