import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { answer, api } from '#/api/client';
import { Problem } from '#/api/problem';
import { listen, whileVisible } from '#/api/stream';
import type { Rig, RigEdit } from '#/api/types';
import { tell } from '#/ui/toast';

export const rigsQuery = queryOptions({ queryKey: ['rigs'], queryFn: () => answer(api.GET('/api/rigs')) });

export function rigQuery(rigId: string) {
  return queryOptions({
    queryKey: ['rig', rigId],
    queryFn: () => answer(api.GET('/api/rigs/{rigId}', { params: { path: { rigId } } })),
  });
}

export type RigChange = { kind: 'edit'; edit: RigEdit } | { kind: 'undo' } | { kind: 'redo' };

/** Sends changes one after the other, each upon the newest version seen; the answer becomes what is shown. */
export function useRigChange(rigId: string) {
  const queryClient = useQueryClient();
  const key = rigQuery(rigId).queryKey;
  return useMutation({
    mutationKey: ['rig', rigId],
    scope: { id: `rig ${rigId}` },
    mutationFn: async (change: RigChange) => {
      const params = { path: { rigId } };
      const headers = { 'Kite-Change': crypto.randomUUID() };
      const version = queryClient.getQueryData(key)?.version ?? 0;
      switch (change.kind) {
        case 'edit':
          return answer(api.POST('/api/rigs/{rigId}/edits', { params, headers, body: { version, edit: change.edit } }));
        case 'undo':
          return answer(api.POST('/api/rigs/{rigId}/undo', { params, headers }));
        case 'redo':
          return answer(api.POST('/api/rigs/{rigId}/redo', { params, headers, body: { version } }));
      }
    },
    onSuccess: (rig: Rig) => {
      queryClient.setQueryData(key, (known) => (known && known.version > rig.version ? known : rig));
    },
    onError: (error) => {
      if (!(error instanceof Problem)) return;
      if (error.status === 409) void queryClient.invalidateQueries({ queryKey: key });
      if (error.status === 409 || error.field === 'author') tell(error.message, { stays: true });
    },
  });
}

/** Shows what colleagues do to the same rig as they do it. */
export function useRigColleagues(rigId: string) {
  const queryClient = useQueryClient();
  useEffect(
    () =>
      whileVisible(() =>
        listen(`/api/rigs/${rigId}/events`, () => void queryClient.invalidateQueries({ queryKey: rigQuery(rigId).queryKey })),
      ),
    [rigId, queryClient],
  );
}
