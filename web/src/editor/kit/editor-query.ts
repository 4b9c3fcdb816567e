import { keepPreviousData, queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { answer, api } from '#/api/client';
import { Problem } from '#/api/problem';
import type { Draft, Edit, Finding, RestsOn } from '#/api/types';
import { withFile } from '#/api/with-file';
import { tell } from '#/ui/toast';

/** How often the desk looks for what colleagues did to the same draft. */
const LOOK_AGAIN_MS = 4000;

/** The profile's open draft with the map of one mode; `null` is the first mode. */
export function deskQuery(profileId: string, mode: number | null) {
  return queryOptions({
    queryKey: ['desk', profileId, mode],
    queryFn: () =>
      answer(
        api.POST('/api/profiles/{profileId}/draft', {
          params: { path: { profileId }, query: mode === null ? {} : { mode } },
        }),
      ),
    placeholderData: keepPreviousData,
  });
}

/** Looks again and again for what colleagues did to the same draft, and shows it. */
export function useColleagues(draft: Draft | undefined) {
  const queryClient = useQueryClient();
  const { data, error } = useQuery({
    queryKey: ['version', draft?.id],
    queryFn: () => answer(api.GET('/api/drafts/{draftId}/version', { params: { path: { draftId: draft?.id ?? '' } } })),
    enabled: draft !== undefined,
    refetchInterval: LOOK_AGAIN_MS,
    retry: false,
  });
  const profileId = draft?.profileId;
  const behind = data !== undefined && draft !== undefined && (data.version > draft.version || (!data.open && draft.open));
  const gone = error instanceof Problem && error.status === 404;
  useEffect(() => {
    if (!gone) return;
    tell('Someone has thrown this draft away. What you see now is what is left of the profile.');
    void queryClient.resetQueries({ queryKey: ['desk', profileId] });
  }, [gone, profileId, queryClient]);
  useEffect(() => {
    if (behind) void queryClient.invalidateQueries({ queryKey: ['desk', profileId] });
  }, [behind, profileId, queryClient]);
}

/** What the checks find in the draft; a moment after an edit still what they found before it. */
export function useChecks(draft: Draft): Finding[] {
  const { data } = useQuery({
    queryKey: ['checks', draft.id, draft.version],
    queryFn: ({ signal }) => answer(api.GET('/api/drafts/{draftId}/checks', { params: { path: { draftId: draft.id } }, signal })),
    placeholderData: (before, query) => (query?.queryKey[1] === draft.id ? before : undefined),
  });
  return data ?? NONE;
}

const NONE: Finding[] = [];

type Change =
  | { kind: 'edit'; edit: Edit }
  | { kind: 'undo' }
  | { kind: 'redo' }
  | { kind: 'point'; done: number }
  | { kind: 'picture'; file: File }
  | Brought;

/** What comes into the draft from elsewhere, with its pictures: a gobo of the shelf, or a wheel of any revision. */
export type Brought =
  | { kind: 'gobo'; wheel: number; slot: number; gobo: string }
  | { kind: 'wheel'; profileId: string; revision: number; wheel: string; over: number | null };

/**
 * Sends changes one after the other, each upon the newest version seen; the answer becomes the desk. A change that came
 * too late is told, and the desk shows the newer state.
 */
export function useChange(profileId: string, mode: number | null) {
  const queryClient = useQueryClient();
  const key = deskQuery(profileId, mode).queryKey;
  return useMutation({
    scope: { id: `desk ${profileId}` },
    mutationFn: async (change: Change) => {
      const draft = queryClient.getQueryData<Draft>(key);
      if (!draft) throw new Error('the desk is not loaded yet');
      await queryClient.cancelQueries({ queryKey: ['desk', profileId] });
      return send(change, draft, mode);
    },
    onSuccess: (answered) => {
      const draft = whole(answered, queryClient.getQueryData<Draft>(key));
      if (draft) queryClient.setQueryData(key, draft);
      else void queryClient.invalidateQueries({ queryKey: key });
      queryClient.removeQueries({ queryKey: ['desk', profileId], predicate: (query) => query.queryKey[2] !== mode });
    },
    onError: (error) => {
      if (error instanceof Problem && error.status === 409) {
        tell(error.message);
        void queryClient.invalidateQueries({ queryKey: ['desk', profileId] });
      } else if (error instanceof Problem && error.status === 422 && error.field === 'author') {
        tell(error.message);
      }
    },
  });
}

/** The answer to a change holds only the rows that it changed: the others are those that are here. Null if some are not. */
function whole(answered: Draft, here: Draft | undefined): Draft | null {
  const { map } = answered;
  if (!map) return answered;
  const rows = new Map([...(here?.map?.id === map.id ? here.map.channels : []), ...map.channels].map((row) => [row.id, row]));
  const channels = map.order.map((id) => rows.get(id));
  return channels.every((row) => row !== undefined) ? { ...answered, map: { ...map, channels } } : null;
}

function send(change: Change, draft: Draft, mode: number | null) {
  const params = { path: { draftId: draft.id }, query: mode === null ? {} : { mode } };
  const version = draft.version;
  switch (change.kind) {
    case 'edit':
      return answer(api.POST('/api/drafts/{draftId}/edits', { params, body: { version, edit: change.edit } }));
    case 'undo':
      return answer(api.POST('/api/drafts/{draftId}/undo', { params, body: { version } }));
    case 'redo':
      return answer(api.POST('/api/drafts/{draftId}/redo', { params, body: { version } }));
    case 'picture':
      return answer(
        api.POST('/api/drafts/{draftId}/picture', { params: { ...params, query: { ...params.query, version } }, ...withFile(change.file) }),
      );
    case 'gobo': {
      const { wheel, slot, gobo } = change;
      return answer(api.POST('/api/drafts/{draftId}/slot-gobo', { params, body: { version, wheel, slot, gobo } }));
    }
    case 'wheel': {
      const { profileId, revision, wheel, over } = change;
      return answer(api.POST('/api/drafts/{draftId}/wheel-copy', { params, body: { version, profileId, revision, wheel, over } }));
    }
    case 'point':
      return answer(api.POST('/api/drafts/{draftId}/point', { params, body: { version, done: change.done } }));
  }
}

/** Makes a revision of the draft. */
export function usePublish(draft: Draft) {
  const queryClient = useQueryClient();
  return useMutation({
    mutationFn: (publishing: { summary: string; despite: string; firmware: string; restsOn: RestsOn; fromWhom: string }) =>
      answer(
        api.POST('/api/drafts/{draftId}/publish', {
          params: { path: { draftId: draft.id } },
          body: { version: draft.version, ...publishing },
        }),
      ),
    onSuccess: async (published) => {
      tell(`Published as revision ${published.revision}.`);
      await queryClient.invalidateQueries();
    },
  });
}

/** What the draft's mode does at the probe. */
export function readoutQuery(draft: Draft, mode: number, channel: number, values: Record<string, number>) {
  return queryOptions({
    queryKey: ['readout', draft.id, draft.version, mode, channel, values],
    queryFn: ({ signal }) =>
      answer(
        api.POST('/api/drafts/{draftId}/readout', { params: { path: { draftId: draft.id } }, body: { mode, channel, values }, signal }),
      ),
    placeholderData: keepPreviousData,
    retry: 1,
  });
}
