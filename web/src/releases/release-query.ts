import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import { answer, api } from '#/api/client';

export const releasesQuery = queryOptions({ queryKey: ['releases'], queryFn: () => answer(api.GET('/api/releases')) });

export const releaseQuery = (id: string) =>
  queryOptions({
    queryKey: ['releases', id],
    queryFn: () => answer(api.GET('/api/releases/{id}', { params: { path: { id } } })),
  });

export const proposalQuery = (profiles: string[]) =>
  queryOptions({
    queryKey: ['releases', 'proposal', profiles],
    queryFn: () => answer(api.POST('/api/releases/proposal', { body: { profiles } })),
    staleTime: Infinity,
    placeholderData: keepPreviousData, // what was typed beside them stays while one more is looked at
  });
