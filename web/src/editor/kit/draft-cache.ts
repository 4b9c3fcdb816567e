import { keepPreviousData, queryOptions, type QueryClient } from '@tanstack/react-query';
import { answer, api } from '#/api/client';
import type { Draft } from '#/api/types';

/** Where the page keeps a profile's draft: once for each mode that was looked at. */
export function draftKeys(profileId: string) {
  return {
    all: ['editor', profileId] as const,
    mode: (mode: number | null) => ['editor', profileId, mode] as const,
  };
}

/** The newest state of a draft that is known here, of whatever mode; none if there is none. */
export function newestDraft(client: QueryClient, profileId: string, draftId: string): Draft | undefined {
  const known = client
    .getQueriesData<Draft>({ queryKey: draftKeys(profileId).all })
    .flatMap(([, draft]) => (draft?.id === draftId ? [draft] : []));
  return known.sort((a, b) => b.version - a.version)[0];
}

/** The profile's open draft, or the one that a first edit opens, with the map of one mode; `null` is the first mode. An answer that was overtaken by a change is asked for anew. */
export function editorQuery(profileId: string, mode: number | null) {
  return queryOptions({
    queryKey: draftKeys(profileId).mode(mode),
    queryFn: async ({ client }) => {
      const params = { path: { profileId }, query: mode === null ? {} : { mode } };
      const read = await answer(api.GET('/api/profiles/{profileId}/draft', { params }));
      const overtaken = (newestDraft(client, profileId, read.id)?.version ?? 0) > read.version;
      return overtaken ? answer(api.GET('/api/profiles/{profileId}/draft', { params })) : read;
    },
    placeholderData: keepPreviousData,
  });
}
