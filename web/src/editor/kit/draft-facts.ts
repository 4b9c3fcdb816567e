import { keepPreviousData, queryOptions, useQuery } from '@tanstack/react-query';
import { answer, api } from '#/api/client';
import type { Draft, Finding } from '#/api/types';

/** What the checks find: they are at work, did not answer, or have. While they work, the findings are those of the version before. */
export type Checked = { state: 'checking' | 'failed' | 'known'; findings: Finding[]; again: () => void };

/** What was computed of one version of a draft; of older ones nobody asks again. */
const OF_ONE_VERSION_MS = 30_000;

const NONE: Finding[] = [];

/** What the checks find in the draft as it is now. */
export function useChecks(draft: Draft): Checked {
  const { data, isPlaceholderData, isError, refetch } = useQuery({
    queryKey: ['draft', draft.id, draft.version, 'checks'],
    queryFn: ({ signal }) => answer(api.GET('/api/drafts/{draftId}/checks', { params: { path: { draftId: draft.id } }, signal })),
    placeholderData: (before, query) => (query?.queryKey[1] === draft.id ? before : undefined),
    gcTime: OF_ONE_VERSION_MS,
  });
  const state = isError ? 'failed' : data === undefined || isPlaceholderData ? 'checking' : 'known';
  return { state, findings: data ?? NONE, again: () => void refetch() };
}

/** What the draft's mode does at the probe. */
export function readoutQuery(draft: Draft, mode: number, channel: number, values: Record<string, number>) {
  return queryOptions({
    queryKey: ['draft', draft.id, draft.version, 'readout', mode, channel, values],
    queryFn: ({ signal }) =>
      answer(
        api.POST('/api/drafts/{draftId}/readout', { params: { path: { draftId: draft.id } }, body: { mode, channel, values }, signal }),
      ),
    placeholderData: keepPreviousData,
    retry: 1,
    gcTime: OF_ONE_VERSION_MS,
  });
}
