import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { ArrowLeft, ArrowRight, Check, HelpCircle, RadioTower, X } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { answer, api } from '#/api/client';
import type { Verdict, Walk, WalkStep } from '#/api/types';
import { Beam } from '#/parts/light/beam';
import { liveQuery } from '#/parts/live/live-query';
import { Button } from '#/ui/button';
import { useKeys } from '#/ui/keys';
import { ProgressBar } from '#/ui/progress-bar';
import { Refusal } from '#/ui/refusal';
import { Aloud } from './aloud';
import { stepKey } from './bench-query';
import { Difference } from './difference';
import { KINDS } from './step-words';
import { Swatch } from './swatch';
import { useAnswer, useEndWalk } from './use-walk';

/** Each step is shown on the fixture, and answered by a key. Nothing goes out before somebody says so. */
export function WalkByHand({ walk }: { walk: Walk }) {
  const { data: live } = useQuery(liveQuery);
  const [began, setBegan] = useState(false);
  const [number, setNumber] = useState(walk.next);
  const end = useEndWalk(walk);
  const queryClient = useQueryClient();
  const goLive = useMutation({
    mutationFn: async () => {
      queryClient.setQueryData(stepKey(walk.id, number), await showStep(walk.id, number));
      await queryClient.invalidateQueries({ queryKey: liveQuery.queryKey });
    },
    onSuccess: () => {
      setWasLive(false);
      setBegan(true);
    },
  });
  // before its first frame nothing is live yet: only what was, and is not any more, has ended
  const isLive = live?.universes.some((each) => each.holder === walk.id) === true;
  const [wasLive, setWasLive] = useState(isLive);
  if (isLive && !wasLive) setWasLive(true);
  const goes = began && (isLive || !wasLive);
  if (!goes) {
    return (
      <section aria-label="Before the walk" className="flex max-w-2xl flex-col gap-4">
        <p>
          {began ? 'The light has ended. ' : ''}
          {`Step ${number} of ${walk.steps}. The fixture is at ${walk.universe}.${walk.address}, sent to ${walk.destination}; from here on it moves.`}
        </p>
        <p className="text-sm text-muted">
          Each step says what should be seen. Answer with 1 agrees, 2 differs, 3 cannot tell; the arrow keys go back and forth.
        </p>
        <div className="flex gap-2">
          <Button main onClick={() => goLive.mutate()} disabled={goLive.isPending}>
            <RadioTower size={16} aria-hidden />
            Go live
          </Button>
          <Button onClick={() => end.mutate(false)}>Stop the walk</Button>
        </div>
        <Refusal says={goLive.error?.message ?? end.error?.message} />
      </section>
    );
  }
  return <OnStep walk={walk} number={number} onGo={setNumber} onEnd={(done) => end.mutate(done)} refused={end.error?.message} />;
}

/** The fixture shows a step from now on. */
function showStep(id: string, number: number) {
  return answer(api.POST('/api/walks/{id}/steps/{number}/show', { params: { path: { id, number } } }));
}

function OnStep({
  walk,
  number,
  onGo,
  onEnd,
  refused,
}: {
  walk: Walk;
  number: number;
  onGo: (to: number) => void;
  onEnd: (done: boolean) => void;
  refused: string | undefined;
}) {
  const shown = useQuery({
    queryKey: stepKey(walk.id, number),
    queryFn: () => showStep(walk.id, number),
    placeholderData: keepPreviousData,
  });
  const say = useAnswer(walk);
  const [differing, setDiffering] = useState(false);
  // the one before stays while the next is on its way: nothing jumps, and nobody answers what was not shown
  const step = shown.data?.number === number ? shown.data : undefined;
  function go(to: number) {
    setDiffering(false);
    onGo(Math.min(Math.max(to, 1), walk.steps));
  }
  function told(verdict: Verdict | null, reason = '', measured?: number) {
    if (!step) return;
    say.mutate({ number, verdict, reason, ...(measured === undefined ? {} : { measured }) });
    go(number + 1);
  }
  useKeys({
    '1': () => told('AGREES'),
    '2': () => setDiffering(step !== undefined),
    '3': () => told('CANNOT_TELL'),
    ArrowLeft: () => go(number - 1),
    ArrowRight: () => go(number + 1),
  });
  const last = number === walk.steps && walk.done >= walk.steps;
  return (
    <section aria-label="Step" className="flex max-w-4xl flex-col gap-5">
      <div className="flex items-center gap-3 text-sm">
        <Button aria-label="Back" onClick={() => go(number - 1)} disabled={number === 1}>
          <ArrowLeft size={16} aria-hidden />
        </Button>
        <span className="w-28 text-center font-mono">{`${number} of ${walk.steps}`}</span>
        <Button aria-label="Forth" onClick={() => go(number + 1)} disabled={number === walk.steps}>
          <ArrowRight size={16} aria-hidden />
        </Button>
        <ProgressBar label="Answered" done={walk.done} all={walk.steps} />
        <Aloud says={step?.shows} />
        <Button onClick={() => onEnd(false)}>Stop</Button>
        <Button main={last} onClick={() => onEnd(true)} disabled={walk.done < walk.steps}>
          Finish
        </Button>
      </div>
      <Refusal says={shown.error?.message ?? say.error?.message ?? refused} />
      {shown.data && <Shown step={shown.data} waiting={!step} />}
      <div className="flex flex-wrap gap-2">
        <Answer
          key1="1"
          given={step?.verdict === 'AGREES'}
          onGive={() => told('AGREES')}
          icon={<Check size={18} className="text-good" aria-hidden />}
        >
          Agrees
        </Answer>
        <Answer
          key1="2"
          given={step?.verdict === 'DIFFERS'}
          onGive={() => setDiffering(step !== undefined)}
          icon={<X size={18} className="text-error" aria-hidden />}
        >
          Differs
        </Answer>
        <Answer
          key1="3"
          given={step?.verdict === 'CANNOT_TELL'}
          onGive={() => told('CANNOT_TELL')}
          icon={<HelpCircle size={18} className="text-muted" aria-hidden />}
        >
          Cannot tell
        </Answer>
      </div>
      {differing && step && <Difference key={number} step={step} onSay={told} onCancel={() => setDiffering(false)} />}
    </section>
  );
}

function Shown({ step, waiting }: { step: WalkStep; waiting: boolean }) {
  const about = [step.channel, step.function, step.range && `'${step.range}'`].filter((each) => each);
  return (
    <div
      aria-busy={waiting}
      className="grid min-h-48 grid-cols-[15rem_minmax(0,1fr)] items-start gap-5 rounded-lg border border-line bg-panel p-4 aria-busy:opacity-60 max-[860px]:grid-cols-1"
    >
      {step.beam ? <Beam beam={step.beam} /> : <p className="text-sm text-muted">Nothing is sent yet.</p>}
      <div className="flex min-w-0 flex-col gap-2">
        <p className="text-sm text-muted">
          {KINDS[step.kind]}
          {about.length > 0 && `, ${about.join(', ')}`}
        </p>
        <p role="status" className="text-xl font-semibold break-words">
          {step.shows}
        </p>
        {step.channel !== '' && step.function !== '' && <p className="font-mono text-sm text-muted">{`DMX ${step.dmx}`}</p>}
        {step.passing && <Passing passing={step.passing} />}
        {step.reason !== '' && <p className="text-sm">{`Answered: ${step.reason}`}</p>}
      </div>
    </div>
  );
}

/** What a fade from the step before shows on its way. */
function Passing({ passing }: { passing: NonNullable<WalkStep['passing']> }) {
  return (
    <p className="flex flex-wrap items-center gap-1.5 text-sm text-muted">
      {passing.snaps ? 'Snaps; faded, it would pass over' : 'A fade passes over'}
      {passing.ranges.map((range) => (
        <span key={range.from} className="inline-flex items-center gap-1 rounded-sm border border-line px-1.5">
          <Swatch of={range} />
          {range.name}
        </span>
      ))}
      {!passing.snaps && 'let it snap'}
    </p>
  );
}

function Answer({
  key1,
  given,
  onGive,
  icon,
  children,
}: {
  key1: string;
  given: boolean;
  onGive: () => void;
  icon: ReactNode;
  children: ReactNode;
}) {
  return (
    <button
      type="button"
      aria-pressed={given}
      onClick={onGive}
      className="flex min-h-14 min-w-44 flex-1 items-center justify-center gap-2.5 rounded-md border border-edge bg-raised text-lg hover:border-text aria-pressed:border-kite-text"
    >
      {icon}
      {children}
      <kbd className="rounded-sm border border-line px-1.5 font-mono text-xs text-muted">{key1}</kbd>
    </button>
  );
}
