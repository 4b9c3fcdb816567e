import { keepPreviousData, queryOptions, useQuery } from '@tanstack/react-query';
import { answer, api } from '#/api/client';
import type { CurveView, CurveRun, Knot, Shelf } from '#/api/types';
import { useEditor } from '#/editor/kit/editor-context';

/** A curve for what was asked; the one before stays until it is there. */
const curve = { placeholderData: keepPreviousData, staleTime: Infinity };

export const shelfQuery = queryOptions({
  queryKey: ['curve shelf'],
  queryFn: () => answer(api.GET('/api/curves/shelf')),
  staleTime: Infinity,
});

export const shelfCurveQuery = (kind: Shelf, parameter: number, inverse: boolean) =>
  queryOptions({
    queryKey: ['shelf curve', kind, parameter, inverse],
    queryFn: () => answer(api.POST('/api/curves/shelf', { body: { kind, parameter, inverse } })),
    ...curve,
  });

export const pointsQuery = (points: Knot[], run: CurveRun) =>
  queryOptions({
    queryKey: ['points curve', points, run],
    queryFn: ({ signal }) => answer(api.POST('/api/curves/points', { body: { points, run }, signal })),
    ...curve,
  });

export const measuredQuery = (text: string, correction: boolean) =>
  queryOptions({
    queryKey: ['measured curve', text, correction],
    queryFn: ({ signal }) => answer(api.POST('/api/curves/measured', { body: { text, correction }, signal })),
    enabled: text.trim() !== '',
    ...curve,
  });

/** The curves of this profile, and what runs through each. */
export function useCurves() {
  const { draft } = useEditor();
  return useQuery({
    queryKey: ['curves', draft.id, draft.version],
    queryFn: () => answer(api.GET('/api/drafts/{draftId}/curves', { params: { path: { draftId: draft.id } } })),
  });
}

/** What changes, and where, when a curve of that name has these pieces and a function runs through it. */
export function useCurveChanges(name: string, functionId: number, pieces: CurveView['pieces'] | undefined) {
  const { draft } = useEditor();
  return useQuery({
    queryKey: ['curve changes', draft.id, draft.version, name, functionId, pieces],
    queryFn: ({ signal }) =>
      answer(
        api.POST('/api/drafts/{draftId}/curve-changes', {
          params: { path: { draftId: draft.id } },
          body: { name, function: functionId, pieces: pieces ?? [] },
          signal,
        }),
      ),
    enabled: pieces !== undefined,
    placeholderData: keepPreviousData,
  });
}
