import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import { answer, api } from '#/api/client';
import { Problem } from '#/api/problem';
import type { BodyModel, Draft, FlatSide, ModelDetail, Pose, PoseAsked } from '#/api/types';
import { readShape } from './scene/shape';

/** What was computed of one version of a draft; of older ones nobody asks again. */
const OF_ONE_VERSION_MS = 30_000;
const SHAPE_MS = 10 * 60_000;

/** A pose, and how it is mounted. */
export type Mounted = Pose & { mounted: string };

/** The parts of the body and their models. */
export function bodyQuery(draft: Draft) {
  const mode = draft.map?.id;
  return queryOptions({
    queryKey: ['draft', draft.id, draft.version, 'body', mode],
    queryFn: ({ signal }) =>
      answer(
        api.GET('/api/drafts/{draftId}/body', {
          params: { path: { draftId: draft.id }, query: mode === undefined ? {} : { mode } },
          signal,
        }),
      ),
    placeholderData: keepPreviousData,
    gcTime: OF_ONE_VERSION_MS,
  });
}

/** How the body stands at a probe; with how it is mounted, since an older pose stands in while another one comes. */
export function poseQuery(draft: Draft, asked: PoseAsked | null) {
  return queryOptions({
    queryKey: ['draft', draft.id, draft.version, 'pose', asked],
    queryFn: async ({ signal }): Promise<Mounted> => {
      if (asked === null) throw new Problem(404, 'This profile has no mode yet.', null);
      const pose = await answer(api.POST('/api/drafts/{draftId}/pose', { params: { path: { draftId: draft.id } }, body: asked, signal }));
      return { ...pose, mounted: `${asked.mount} ${asked.height}` };
    },
    enabled: asked !== null,
    placeholderData: keepPreviousData,
    retry: 1,
    gcTime: OF_ONE_VERSION_MS,
  });
}

/** The same on a sheet. */
export function flatQuery(draft: Draft, pose: PoseAsked, view: FlatSide) {
  return queryOptions({
    queryKey: ['draft', draft.id, draft.version, 'flat', view, pose],
    queryFn: ({ signal }) =>
      answer(api.POST('/api/drafts/{draftId}/flat', { params: { path: { draftId: draft.id } }, body: { pose, view }, signal })),
    placeholderData: keepPreviousData,
    gcTime: OF_ONE_VERSION_MS,
  });
}

/** The triangles of a model at a level of detail; a shape is known by a text of its own, so it is asked for once. */
export function shapeQuery(draft: Draft, model: Pick<BodyModel, 'name' | 'shape'>, detail: ModelDetail) {
  return queryOptions({
    queryKey: ['shape', draft.id, model.name, model.shape, detail],
    queryFn: async ({ signal }) =>
      readShape(
        await answer(
          api.GET('/api/drafts/{draftId}/shape', {
            params: { path: { draftId: draft.id }, query: { model: model.name, detail } },
            parseAs: 'arrayBuffer',
            signal,
          }),
        ),
      ),
    staleTime: Infinity,
    gcTime: SHAPE_MS,
  });
}
