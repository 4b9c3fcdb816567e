import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query';
import { useCallback, useRef, useState } from 'react';
import { answer, api } from '#/api/client';
import type { Hands, HandsMove, HandsMoved, HandsState } from '#/api/types';
import { liveQuery } from '#/parts/live/live-query';
import { tell } from '#/ui/toast';

export function handsQuery(id: string) {
  return queryOptions({
    queryKey: ['hands', id],
    queryFn: () => answer(api.GET('/api/hands/{id}', { params: { path: { id } } })),
  });
}

export function looksQuery(id: string) {
  return queryOptions({
    queryKey: ['hands', id, 'looks'],
    queryFn: () => answer(api.GET('/api/hands/{id}/looks', { params: { path: { id } } })),
  });
}

/** Puts what is reached into what is shown. */
function useReached(id: string) {
  const queryClient = useQueryClient();
  return useCallback(
    (state: HandsState) => queryClient.setQueryData<Hands>(handsQuery(id).queryKey, (known) => known && { ...known, state }),
    [queryClient, id],
  );
}

/** Moves channels: one request at a time, and of each channel only the last that was asked for meanwhile. */
export function useMoves(id: string) {
  const reached = useReached(id);
  const waiting = useRef(new Map<number, HandsMove>());
  const going = useRef(false);
  return useCallback(
    (moves: HandsMove[]) => {
      moves.forEach((move) => waiting.current.set(move.channel, move));
      if (going.current) return;
      going.current = true;
      void send();
      async function send() {
        while (waiting.current.size > 0) {
          const next = [...waiting.current.values()];
          waiting.current.clear();
          try {
            const moved = await answer(api.POST('/api/hands/{id}/moves', { params: { path: { id } }, body: { moves: next, seconds: 0 } }));
            reached(moved.state);
          } catch (error) {
            tell(error instanceof Error ? error.message : String(error), { stays: true });
          }
        }
        going.current = false;
      }
    },
    [id, reached],
  );
}

export type Sent =
  | { kind: 'start' }
  | { kind: 'highlight' }
  | { kind: 'colour'; hex: string; kelvin: number | null; brightness: number; seconds: number }
  | { kind: 'look'; look: string; seconds: number };

/** Sends what is not one channel: a look, a colour, start values. What the way there passed over stays shown. */
export function useSend(id: string) {
  const reached = useReached(id);
  const [moved, setMoved] = useState<HandsMoved | null>(null);
  const params = { path: { id } };
  const send = useMutation({
    scope: { id: `hands ${id}` },
    mutationFn: (what: Sent) => {
      switch (what.kind) {
        case 'start':
          return answer(api.POST('/api/hands/{id}/start', { params }));
        case 'highlight':
          return answer(api.POST('/api/hands/{id}/highlight', { params }));
        case 'colour': {
          const { hex, kelvin, brightness, seconds } = what;
          return answer(api.POST('/api/hands/{id}/colour', { params, body: { hex, kelvin, brightness, seconds } }));
        }
        case 'look':
          return answer(
            api.POST('/api/hands/{id}/looks/{look}/send', { params: { path: { id, look: what.look } }, body: { seconds: what.seconds } }),
          );
      }
    },
    onSuccess: (next) => {
      reached(next.state);
      setMoved(next);
    },
  });
  return { send, moved };
}

/** Goes live, or ends at the start values. */
export function useGoLive(id: string) {
  const reached = useReached(id);
  const queryClient = useQueryClient();
  return useMutation({
    mutationFn: (on: boolean) => answer(api.POST('/api/hands/{id}/live', { params: { path: { id } }, body: { on } })),
    onSuccess: (state) => {
      reached(state);
      void queryClient.invalidateQueries({ queryKey: liveQuery.queryKey });
    },
  });
}
