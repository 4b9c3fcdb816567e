import { useQueries } from '@tanstack/react-query';
import { answer, api } from '#/api/client';
import { takingsQuery } from '#/parts/exchange/exchange-query';
import { moment } from '#/ui/dates';
import { runsOf } from './runs-of';
import { RunDetails } from './run-details';

const LIST = {
  scenes: { queryKey: ['scenes'], queryFn: () => answer(api.GET('/api/scenes')) },
  exchanges: { queryKey: ['exchanges'], queryFn: () => answer(api.GET('/api/exchanges')) },
  intake: { queryKey: ['intake-runs'], queryFn: () => answer(api.GET('/api/intake/runs')) },
  releases: { queryKey: ['releases'], queryFn: () => answer(api.GET('/api/releases')) },
};

/** What came in and went out, the newest first: files, scenes, releases, and profiles of neighbours. */
export function Runs() {
  const [scenes, exchanges, intake, releases, takings] = useQueries({
    queries: [LIST.scenes, LIST.exchanges, LIST.intake, LIST.releases, takingsQuery],
  });
  const runs = runsOf({
    scenes: scenes.data ?? [],
    exchanges: exchanges.data ?? [],
    intake: intake.data ?? [],
    releases: releases.data ?? [],
    takings: takings.data ?? [],
  });
  const loaded = [scenes, exchanges, intake, releases, takings].every(({ isPending }) => !isPending);
  return (
    <section aria-label="What came in and went out">
      <h2 className="mb-1 font-semibold">What came in and went out</h2>
      {loaded && runs.length === 0 && (
        <p className="py-8 text-center text-muted">Nothing yet. Drop GDTF files or an MVR anywhere on the page, or search a neighbour.</p>
      )}
      <ul aria-label="Runs">
        {runs.map((run) => (
          <li
            key={run.key}
            className="grid grid-cols-[9.5rem_3rem_minmax(0,1fr)] items-start gap-x-4 gap-y-1 border-t border-line py-2.5 text-sm max-[860px]:grid-cols-[5.5rem_2rem_minmax(0,1fr)]"
          >
            <span className="text-muted">{moment(run.at)}</span>
            <span>{run.direction === 'IN' ? 'in' : 'out'}</span>
            <RunDetails run={run} />
          </li>
        ))}
      </ul>
    </section>
  );
}
