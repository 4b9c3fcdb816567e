import { useMutation, useQuery } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import { answer, api } from '#/api/client';
import type { RigFixture, SceneDecision, SceneKind } from '#/api/types';
import { withFile } from '#/api/with-file';

/** A scene of another program: a file that is handed over now, or the id of one that waits. */
export type SceneSource = File | string;

/** Hands a scene over, or reads one that waits. */
export function useScene(source: SceneSource) {
  const id = typeof source === 'string' ? source : '';
  const { mutate, ...received } = useMutation({
    mutationFn: (file: File) => answer(api.POST('/api/scenes', withFile(file))),
  });
  const waiting = useQuery({
    queryKey: ['scene', id],
    queryFn: () => answer(api.GET('/api/scenes/{id}', { params: { path: { id } } })),
    enabled: id !== '',
    retry: false,
  });
  useEffect(() => {
    if (source instanceof File) mutate(source);
  }, [source, mutate]);
  return { scene: received.data ?? waiting.data, error: received.error ?? waiting.error };
}

export function discardScene(id: string) {
  return api.DELETE('/api/scenes/{id}', { params: { path: { id } } });
}

/** A profile that lies in a scene. */
export function lookInto(id: string, path: string) {
  return answer(api.GET('/api/scenes/{id}/profile/look', { params: { path: { id }, query: { path } } }));
}

export type Choice = SceneDecision['choice'];

/** What becomes of each kind: as it is usual until somebody decides otherwise. All of them are sent, as they were seen. */
export function useDecisions() {
  const [made, setMade] = useState<SceneDecision[]>([]);
  return useMemo(() => {
    function of(kind: SceneKind): SceneDecision {
      return (
        made.find((each) => same(each, kind)) ?? {
          asked: kind.asked,
          choice: kind.usual,
          found: kind.usual === 'OURS' ? kind.ours : null,
          decided: false,
        }
      );
    }
    return {
      of,
      all: (kinds: SceneKind[]) => kinds.map(of),
      made,
      decide: (kind: SceneKind, choice: Choice, found: RigFixture | null) =>
        setMade([...made.filter((each) => !same(each, kind)), { asked: kind.asked, choice, found, decided: true }]),
    };
  }, [made]);
}

function same(decision: SceneDecision, kind: SceneKind) {
  return (
    decision.asked.spec === kind.asked.spec && decision.asked.mode === kind.asked.mode && decision.asked.footprint === kind.asked.footprint
  );
}

export type Decisions = ReturnType<typeof useDecisions>;
