import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query';
import { answer, api } from '#/api/client';
import { Problem } from '#/api/problem';
import { withFile } from '#/api/with-file';
import type { Wish } from '#/api/types';

export const wantedQuery = queryOptions({ queryKey: ['wanted'], queryFn: () => answer(api.GET('/api/wanted')) });

/** What can be done with an open wish. */
export type WishChange =
  | { kind: 'take' }
  | { kind: 'give back' }
  | { kind: 'drop' }
  | { kind: 'answer'; profileId: string; revision: number }
  | { kind: 'attach'; file: File };

/** Changes one wish; the list is asked for anew, also when someone else was faster. */
export function useWish(wish: Wish) {
  const queryClient = useQueryClient();
  return useMutation({
    mutationFn: async (change: WishChange) => {
      const params = { path: { id: wish.id } };
      const { version } = wish;
      switch (change.kind) {
        case 'take':
          return answer(api.POST('/api/wanted/{id}/take', { params, body: { version } }));
        case 'give back':
          return answer(api.POST('/api/wanted/{id}/give-back', { params, body: { version } }));
        case 'answer':
          return answer(
            api.POST('/api/wanted/{id}/answer', { params, body: { version, profileId: change.profileId, revision: change.revision } }),
          );
        case 'attach':
          return answer(api.POST('/api/wanted/{id}/files', { params, ...withFile(change.file) }));
        case 'drop': {
          const { response, error } = await api.POST('/api/wanted/{id}/drop', { params, body: { version } });
          if (!response.ok) throw Problem.from(response.status, error);
          return null;
        }
      }
    },
    onSettled: () => void queryClient.invalidateQueries({ queryKey: wantedQuery.queryKey }),
  });
}
