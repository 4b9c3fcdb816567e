import { useQuery } from '@tanstack/react-query';
import { Download } from 'lucide-react';
import { useParams } from 'react-router';
import type { Walk } from '#/api/types';
import { Button, buttonLook } from '#/ui/button';
import { CannotShow } from '#/ui/cannot-show';
import { ProgressBar } from '#/ui/progress-bar';
import { Refusal } from '#/ui/refusal';
import { BenchFrame } from './bench-frame';
import { goesByItself, walkQuery } from './bench-query';
import { useEndWalk } from './use-walk';
import { WalkByHand } from './walk-by-hand';
import { WalkFound } from './walk-found';
import { walkSays } from './walk-sign';

/** One walk: answered step by step, watched as instruments go through it, or what was found. */
export function WalkPage() {
  const { walkId = '' } = useParams();
  const { data: walk, error } = useQuery(walkQuery(walkId));
  if (error && !walk) return <CannotShow title="This walk cannot be shown" error={error} />;
  return (
    <BenchFrame title={walk ? `${walk.profile} · Bench` : 'Bench'} actions={walk && <ExportRecord walk={walk} />}>
      {walk && (
        <>
          <Heading walk={walk} />
          {walk.state !== 'GOING' ? <WalkFound walk={walk} /> : goesByItself(walk) ? <Watched walk={walk} /> : <WalkByHand walk={walk} />}
        </>
      )}
    </BenchFrame>
  );
}

function Heading({ walk }: { walk: Walk }) {
  const facts = [
    `revision ${walk.revision}`,
    walk.fixtureSerial && `serial number ${walk.fixtureSerial}`,
    walk.firmware && `firmware ${walk.firmware}`,
    `at ${walk.universe}.${walk.address}`,
    walk.changedOnly ? 'only what changed' : walk.quick ? 'middles and ends' : '',
  ].filter((each) => each !== '');
  return (
    <header className="mb-5 flex flex-wrap items-baseline gap-x-3">
      <h2 className="text-lg">
        <span className="text-muted">{`${walk.manufacturer} `}</span>
        <span className="font-semibold">{walk.profile}</span>
        {`, ${walk.mode}`}
      </h2>
      <p className="text-sm text-muted">{facts.join(', ')}</p>
    </header>
  );
}

/** Instruments go through it. */
function Watched({ walk }: { walk: Walk }) {
  const end = useEndWalk(walk);
  return (
    <section aria-label="Progress" className="flex max-w-2xl flex-col gap-3">
      <div className="flex items-center gap-3">
        <ProgressBar label="Steps" done={walk.done} all={walk.steps} />
        <Button onClick={() => end.mutate(false)}>Stop</Button>
      </div>
      <p role="status" className="text-sm">
        {walkSays(walk)}
      </p>
      <Refusal says={end.error?.message} />
    </section>
  );
}

/** The walk with all that belongs to it, on paper and as data. */
function ExportRecord({ walk }: { walk: Walk }) {
  return (
    <>
      {['pdf', 'json'].map((ending) => (
        <a key={ending} href={`/api/walks/${walk.id}/record.${ending}`} download className={buttonLook({})}>
          <Download size={16} aria-hidden />
          {ending.toUpperCase()}
          <span className="sr-only"> of this walk</span>
        </a>
      ))}
    </>
  );
}
