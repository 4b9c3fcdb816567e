import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { answer, api } from '#/api/client';
import type { Watch } from '#/api/types';
import { hitsQuery, isNews, watchesQuery } from '#/parts/exchange/exchange-query';
import { Button } from '#/ui/button';
import { counted } from '#/ui/counted';

/** Newer revisions of what was imported or is watched, and what neighbours have of what colleagues wish for. */
export function News() {
  const { data: watches } = useQuery(watchesQuery);
  const { data: hits } = useQuery(hitsQuery);
  const news = watches?.filter(isNews) ?? [];
  const quiet = watches?.filter((each) => !isNews(each)) ?? [];
  return (
    <div className="flex flex-col gap-2 p-4 text-sm">
      {watches && news.length + (hits?.length ?? 0) === 0 && (
        <p className="text-muted">
          {watches.length === 0 ? 'Nothing is watched. What is imported from a neighbour is watched by itself.' : 'Nothing newer.'}
        </p>
      )}
      <ul aria-label="Newer revisions" className="flex flex-col gap-3">
        {news.map((each) => (
          <Line key={`${each.neighbourId} ${each.remoteId}`} watch={each} />
        ))}
      </ul>
      {hits && hits.length > 0 && (
        <ul aria-label="Wanted, and there" className="flex flex-col gap-1">
          {hits.map((each) => (
            <li key={`${each.wantedId} ${each.neighbourId} ${each.remoteId}`}>
              <Link to={`/exchange?words=${encodeURIComponent(`${each.manufacturer} ${each.model}`)}`} className="underline">
                {`${each.manufacturer} ${each.model}`}
              </Link>
              {` is wanted, and ${each.neighbour} has revision ${each.revision}.`}
            </li>
          ))}
        </ul>
      )}
      {quiet.length > 0 && (
        <details>
          <summary className="cursor-pointer text-muted">{`${counted(quiet.length, 'profile is', 'profiles are')} watched`}</summary>
          <ul>
            {quiet.map((each) => (
              <li key={`${each.neighbourId} ${each.remoteId}`} className="flex items-center gap-2 border-t border-line py-1">
                <span className="min-w-0 flex-1">
                  {`${each.manufacturer} ${each.model}`}
                  <span className="block text-xs text-muted">{`${each.neighbour}, revision ${each.newest}`}</span>
                </span>
                <Leave watch={each} />
              </li>
            ))}
          </ul>
        </details>
      )}
    </div>
  );
}

function useWatchesAnswer() {
  const queryClient = useQueryClient();
  return (watches: Watch[]) => queryClient.setQueryData(watchesQuery.queryKey, watches);
}

function Line({ watch }: { watch: Watch }) {
  const shown = useWatchesAnswer();
  const path = { id: watch.neighbourId, remoteId: watch.remoteId };
  const read = useMutation({
    mutationFn: () => answer(api.POST('/api/neighbours/{id}/profiles/{remoteId}/read', { params: { path } })),
    onSuccess: shown,
  });
  return (
    <li>
      <p>
        <Link to={`/exchange?words=${encodeURIComponent(`${watch.manufacturer} ${watch.model}`)}`} className="font-semibold underline">
          {`${watch.manufacturer} ${watch.model}`}
        </Link>
        {`: ${watch.neighbour} has revision ${watch.newest}, you know ${watch.seen}.`}
      </p>
      {watch.note !== '' && <p className="text-muted">{watch.note}</p>}
      <span className="flex flex-wrap gap-1">
        <Button quiet disabled={read.isPending} onClick={() => read.mutate()}>
          Mark as read
        </Button>
        <Leave watch={watch} />
      </span>
    </li>
  );
}

function Leave({ watch }: { watch: Watch }) {
  const shown = useWatchesAnswer();
  const path = { id: watch.neighbourId, remoteId: watch.remoteId };
  const leave = useMutation({
    mutationFn: () => answer(api.DELETE('/api/neighbours/{id}/profiles/{remoteId}/watch', { params: { path } })),
    onSuccess: shown,
  });
  return (
    <Button quiet disabled={leave.isPending} onClick={() => leave.mutate()}>
      Stop watching
    </Button>
  );
}
