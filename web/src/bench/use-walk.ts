import { useMutation, useQueryClient } from '@tanstack/react-query';
import { answer, api } from '#/api/client';
import type { Verdict, Walk } from '#/api/types';
import { liveQuery } from '#/parts/live/live-query';
import { stepKey, walkQuery, walksQuery } from './bench-query';

/** Ends a walk: done, or to be gone on with. */
export function useEndWalk(walk: Walk) {
  const queryClient = useQueryClient();
  return useMutation({
    mutationFn: (done: boolean) => answer(api.POST('/api/walks/{id}/end', { params: { path: { id: walk.id } }, body: { done } })),
    onSuccess: (ended) => {
      queryClient.setQueryData(walkQuery(walk.id).queryKey, ended);
      void queryClient.invalidateQueries({ queryKey: walksQuery.queryKey });
      void queryClient.invalidateQueries({ queryKey: liveQuery.queryKey });
    },
  });
}

/** A walk that was stopped goes on. */
export function useGoOn(walk: Walk) {
  const queryClient = useQueryClient();
  return useMutation({
    mutationFn: () => answer(api.POST('/api/walks/{id}/go-on', { params: { path: { id: walk.id } } })),
    onSuccess: (going) => queryClient.setQueryData(walkQuery(walk.id).queryKey, going),
  });
}

export type StepAnswer = { number: number; verdict: Verdict | null; reason: string; measured?: number };

/** Answers steps one after the other, in the order in which they were answered. */
export function useAnswer(walk: Walk) {
  const queryClient = useQueryClient();
  return useMutation({
    scope: { id: `walk ${walk.id}` },
    mutationFn: ({ number, ...body }: StepAnswer) =>
      answer(
        api.PUT('/api/walks/{id}/steps/{number}', {
          params: { path: { id: walk.id, number } },
          body: { verdict: body.verdict, reason: body.reason, measured: body.measured ?? null },
        }),
      ),
    onSuccess: (step) => {
      queryClient.setQueryData(stepKey(walk.id, step.number), step);
      void queryClient.invalidateQueries({ queryKey: walkQuery(walk.id).queryKey });
    },
  });
}
