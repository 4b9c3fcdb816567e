import { queryOptions } from '@tanstack/react-query';
import { answer, api } from '#/api/client';
import type { Walk } from '#/api/types';

const WATCHED_MS = 500;

export const addressesQuery = queryOptions({ queryKey: ['output-addresses'], queryFn: () => answer(api.GET('/api/output-addresses')) });

export const walksQuery = queryOptions({ queryKey: ['walks'], queryFn: () => answer(api.GET('/api/walks')) });

/** A walk; one that instruments go through is looked at again and again. */
export function walkQuery(id: string) {
  return queryOptions({
    queryKey: ['walk', id],
    queryFn: () => answer(api.GET('/api/walks/{id}', { params: { path: { id } } })),
    refetchInterval: ({ state }) => (state.data && goesByItself(state.data) ? WATCHED_MS : false),
  });
}

export function goesByItself(walk: Walk) {
  return walk.state === 'GOING' && walk.byInstruments;
}

export function planQuery(pin: string, mode: string) {
  return queryOptions({
    queryKey: ['walk-plan', pin, mode],
    queryFn: () => answer(api.GET('/api/walk-plans', { params: { query: { pin, mode } } })),
    enabled: pin !== '',
  });
}

export function stepKey(walkId: string, number: number) {
  return ['walk', walkId, 'step', number];
}
