import { queryOptions, useQuery } from '@tanstack/react-query';
import { answer, api } from './client';

/** The words of the job that pages offer for choice; they never change while the program runs. */
const wordsQuery = queryOptions({
  queryKey: ['words'],
  queryFn: () => answer(api.GET('/api/words')),
  staleTime: Infinity,
  gcTime: Infinity,
});

/** What kinds of fixtures there are, in the house's own order; none until the words are there. */
export function useCategories() {
  return useQuery(wordsQuery).data?.categories ?? [];
}

/** The standard's feature groups, in its order; none until the words are there. */
export function useFeatureGroups() {
  return useQuery(wordsQuery).data?.featureGroups ?? [];
}
