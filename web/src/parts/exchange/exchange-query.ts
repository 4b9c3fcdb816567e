import { queryOptions } from '@tanstack/react-query';
import { answer, api } from '#/api/client';
import type { Watch } from '#/api/types';

const A_WHILE = 120_000;
const SOON = 700;

export const neighboursQuery = queryOptions({ queryKey: ['neighbours'], queryFn: () => answer(api.GET('/api/neighbours')) });

/** What is watched at neighbours; asked again now and then, since it changes by itself. */
export const watchesQuery = queryOptions({
  queryKey: ['watches'],
  queryFn: () => answer(api.GET('/api/watches')),
  refetchInterval: A_WHILE,
  staleTime: 10_000,
});

export function isNews(watch: Watch) {
  return watch.newest > watch.seen;
}

/** What neighbours have of what colleagues wish for. */
export const hitsQuery = queryOptions({ queryKey: ['wish-hits'], queryFn: () => answer(api.GET('/api/wish-hits')) });

/** Imports from neighbours; asked again soon while one is under way. */
export const takingsQuery = queryOptions({
  queryKey: ['takings'],
  queryFn: () => answer(api.GET('/api/takings')),
  refetchInterval: (query) => (query.state.data?.some((each) => each.state === 'GOING') ? SOON : false),
});
