import { useIsMutating, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { answer, api } from '#/api/client';
import { Problem } from '#/api/problem';
import { listen, whileVisible } from '#/api/stream';
import type { Draft } from '#/api/types';
import { tell } from '#/ui/toast';
import { draftKeys } from './draft-cache';
import { send, type Asked } from './draft-queue';

/** How often the editor looks for what colleagues did, should nobody tell it. */
const LOOK_AGAIN_MS = 60_000;

const versionKey = (draftId: string | undefined) => ['version', draftId];

/** Shows what colleagues do to the same draft as they do it. */
export function useColleagues(draft: Draft | undefined) {
  const queryClient = useQueryClient();
  const draftId = draft?.id;
  const { data, error } = useQuery({
    queryKey: versionKey(draftId),
    queryFn: () => answer(api.GET('/api/drafts/{draftId}/version', { params: { path: { draftId: draftId ?? '' } } })),
    enabled: draftId !== undefined,
    refetchInterval: LOOK_AGAIN_MS,
    retry: false,
  });
  useEffect(() => {
    if (draftId === undefined) return;
    return whileVisible(() =>
      listen(`/api/drafts/${draftId}/events`, () => void queryClient.invalidateQueries({ queryKey: versionKey(draftId) })),
    );
  }, [draftId, queryClient]);
  const profileId = draft?.profileId ?? '';
  const behind = data !== undefined && draft !== undefined && (data.version > draft.version || (!data.open && draft.open));
  const gone = error instanceof Problem && error.status === 404;
  useEffect(() => {
    if (!gone) return;
    tell('Someone has discarded this draft. What you see now is the profile without it.');
    void queryClient.resetQueries({ queryKey: draftKeys(profileId).all });
  }, [gone, profileId, queryClient]);
  useEffect(() => {
    if (behind) void queryClient.invalidateQueries({ queryKey: draftKeys(profileId).all });
  }, [behind, profileId, queryClient]);
}

/**
 * The queue of changes to a profile's draft. Each change carries what it was asked for with, so that it arrives at the right place whatever is
 * shown by then, also when the page is left.
 */
export function useDraftQueue(profileId: string) {
  const queryClient = useQueryClient();
  return useMutation({
    mutationKey: ['editor', profileId],
    scope: { id: `editor ${profileId}` },
    mutationFn: (asked: Asked) => send(queryClient, asked),
    onError: (error) => {
      if (error instanceof Problem && (error.status === 409 || error.field === 'author')) tell(error.message, { stays: true });
    },
  });
}

/** How many changes wait to be sent or answered; the browser asks before a page with such changes is left. */
export function useWaiting(profileId: string) {
  const waiting = useIsMutating({ mutationKey: ['editor', profileId] });
  useEffect(() => {
    if (waiting === 0) return;
    const ask = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener('beforeunload', ask);
    return () => window.removeEventListener('beforeunload', ask);
  }, [waiting]);
  return waiting;
}
