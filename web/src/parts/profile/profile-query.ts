import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query';
import { answer, api } from '#/api/client';

export const profileQuery = (id: string, revision: number | null) =>
  queryOptions({
    queryKey: ['profile', id, revision],
    queryFn: () =>
      answer(api.GET('/api/profiles/{profileId}', { params: { path: { profileId: id }, query: revision === null ? {} : { revision } } })),
  });

export const revisionsQuery = (id: string) =>
  queryOptions({
    queryKey: ['revisions', id],
    queryFn: () => answer(api.GET('/api/profiles/{profileId}/revisions', { params: { path: { profileId: id } } })),
  });

export const sheetQuery = (id: string, revision: number, mode: number) =>
  queryOptions({
    queryKey: ['sheet', id, revision, mode],
    queryFn: () =>
      answer(
        api.GET('/api/profiles/{profileId}/revisions/{number}/modes/{mode}', {
          params: { path: { profileId: id, number: revision, mode } },
        }),
      ),
    staleTime: Infinity,
  });

/** Withdraws a revision, or with no reason takes that back. */
export function useWithdraw(id: string) {
  const queryClient = useQueryClient();
  return useMutation({
    mutationFn: ({ number, why }: { number: number; why: string }) =>
      answer(
        api.POST('/api/profiles/{profileId}/revisions/{number}/withdraw', { params: { path: { profileId: id, number } }, body: { why } }),
      ),
    onSuccess: (revisions) => {
      queryClient.setQueryData(revisionsQuery(id).queryKey, revisions);
      void queryClient.invalidateQueries({ queryKey: ['profile', id] });
    },
  });
}
