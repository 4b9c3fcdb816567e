import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query';
import { answer, api } from '#/api/client';
import { Problem } from '#/api/problem';
import type { Chart, Correction } from '#/api/types';
import { withFile } from '#/api/with-file';

/** The charts that were given for a profile. */
export function chartsQuery(profileId: string) {
  return queryOptions({
    queryKey: ['charts', profileId],
    queryFn: () => answer(api.GET('/api/profiles/{profileId}/charts', { params: { path: { profileId } } })),
  });
}

export function chartQuery(id: string) {
  return queryOptions({
    queryKey: ['chart', id],
    queryFn: () => answer(api.GET('/api/charts/{id}', { params: { path: { id } } })),
  });
}

/** Gives a chart, as a file or as text. */
export function useGiveChart(profileId: string) {
  const queryClient = useQueryClient();
  return useMutation({
    mutationFn: (given: File | string) =>
      given instanceof File
        ? answer(api.POST('/api/profiles/{profileId}/charts', { params: { path: { profileId } }, ...withFile(given) }))
        : answer(api.POST('/api/profiles/{profileId}/pasted-charts', { params: { path: { profileId } }, body: { name: '', text: given } })),
    onSuccess: (chart) => {
      queryClient.setQueryData(['chart', chart.id], chart);
      void queryClient.invalidateQueries({ queryKey: ['charts', profileId] });
    },
  });
}

/** Corrects a chart, or takes the last correction back. Corrections arrive one after the other, each upon what the one before made. */
export function useCorrections(id: string) {
  const queryClient = useQueryClient();
  const { mutateAsync } = useMutation({
    scope: { id: `chart ${id}` },
    mutationFn: (correction: Correction | null) => {
      const version = queryClient.getQueryData<Chart>(['chart', id])?.version ?? 0;
      const params = { path: { id } };
      return correction
        ? answer(api.POST('/api/charts/{id}/corrections', { params, body: { version, correction } }))
        : answer(api.POST('/api/charts/{id}/undo', { params, body: { version } }));
    },
    onSuccess: (chart) => queryClient.setQueryData(['chart', id], chart),
    onError: () => queryClient.invalidateQueries({ queryKey: ['chart', id] }),
  });
  const send = async (correction: Correction | null) => {
    try {
      await mutateAsync(correction);
      return null;
    } catch (refused) {
      return refused instanceof Problem ? refused.message : 'It is not certain that this was saved; reload to see.';
    }
  };
  return { correct: (correction: Correction) => send(correction), undo: () => send(null) };
}
