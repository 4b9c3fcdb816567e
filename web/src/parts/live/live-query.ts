import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query';
import { answer, api } from '#/api/client';
import type { Live } from '#/api/types';

const EVERY_MS = 3000;

/** What goes out now. While anything does, asking says that somebody is there, and the light stays. */
export const liveQuery = queryOptions({
  queryKey: ['live'],
  queryFn: ({ client }) => (client.getQueryData<Live>(['live'])?.live ? answer(api.POST('/api/live/keep')) : answer(api.GET('/api/live'))),
  refetchInterval: EVERY_MS,
  refetchIntervalInBackground: true,
});

/** Stops all light at once, or lets it out again. */
export function useDark() {
  const queryClient = useQueryClient();
  return useMutation({
    mutationFn: (on: boolean) => answer(api.POST('/api/live/dark', { body: { on } })),
    onSuccess: (live) => queryClient.setQueryData(liveQuery.queryKey, live),
  });
}

/** Ends everything at its start values. */
export function useEndLive() {
  const queryClient = useQueryClient();
  return useMutation({
    mutationFn: () => answer(api.DELETE('/api/live')),
    onSuccess: (live) => queryClient.setQueryData(liveQuery.queryKey, live),
  });
}
