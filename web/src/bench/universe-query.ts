import { queryOptions } from '@tanstack/react-query';
import { answer, api } from '#/api/client';

const LOOKED_AT_MS = 200;
const HEARD_MS = 1000;

/** A universe as it leaves, or comes in, looked at five times a second. */
export function universeQuery(universe: number, comesIn: boolean) {
  return queryOptions({
    queryKey: ['universe', universe, comesIn],
    queryFn: () => answer(api.GET('/api/universes/{universe}', { params: { path: { universe }, query: { in: comesIn } } })),
    refetchInterval: LOOKED_AT_MS,
    enabled: universe > 0,
  });
}

export function ownersQuery(universe: number, what: string) {
  return queryOptions({
    queryKey: ['universe-owners', universe, what],
    queryFn: () => answer(api.GET('/api/universes/{universe}/owners', { params: { path: { universe } } })),
    enabled: what !== '',
  });
}

export const incomingQuery = queryOptions({
  queryKey: ['incoming'],
  queryFn: () => answer(api.GET('/api/incoming')),
  refetchInterval: HEARD_MS,
});

export const recordingQuery = queryOptions({
  queryKey: ['recording'],
  queryFn: () => answer(api.GET('/api/recording')),
  refetchInterval: HEARD_MS,
});
