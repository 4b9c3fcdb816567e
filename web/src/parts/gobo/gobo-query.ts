import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import { answer, api } from '#/api/client';
import type { Cut } from '#/api/types';
import { withFile } from '#/api/with-file';

/** The gobos in which every word stands somewhere. */
export function gobosQuery(search: string) {
  return queryOptions({
    queryKey: ['gobos', search],
    queryFn: ({ signal }) => answer(api.GET('/api/gobos', { params: { query: { search } }, signal })),
    placeholderData: keepPreviousData,
  });
}

/** What would come of a file. `which` tells one chosen file from the next. */
export function lookQuery(file: File | null, which: number, cut: Cut, tolerance: number) {
  // eslint-disable-next-line @tanstack/query/exhaustive-deps -- a file is no part of a key
  return queryOptions({
    queryKey: ['gobo look', which, cut, tolerance],
    queryFn: ({ signal }) =>
      answer(api.POST('/api/gobo-look', { params: { query: { cut: JSON.stringify(cut), tolerance } }, signal, ...withFile(file) })),
    enabled: file !== null,
    placeholderData: (before, query) => (query?.queryKey[1] === which ? before : undefined),
    retry: false,
    gcTime: 30_000,
  });
}
