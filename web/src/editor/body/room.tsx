import { useQueries, type UseQueryResult } from '@tanstack/react-query';
import { useMemo } from 'react';
import type { Body, Draft, ModelDetail, Place } from '#/api/types';
import { useEditor, useEditorActions } from '#/editor/kit/editor-context';
import { tell } from '#/ui/toast';
import { shapeQuery, type Mounted } from './body-query';
import SceneView from './scene/scene';
import type { Piece } from './scene/shape';
import type { Handle } from './scene/shown';

/** The same function each time, so that what it makes stays the same while no shape comes. */
function piecesOf(results: UseQueryResult<Piece[]>[]) {
  return results.map((each) => each.data);
}

/** The room with the shapes that its fixture needs; loaded when it is opened, with all that draws it. */
export default function Room({
  draft,
  body,
  pose,
  detail,
  handle,
  signs,
  says,
  onLost,
}: {
  draft: Draft;
  body: Body;
  pose: Mounted;
  detail: ModelDetail;
  handle: Handle;
  signs: boolean;
  says: string;
  onLost: () => void;
}) {
  const { part } = useEditor();
  const { showBody, edit } = useEditorActions();
  const used = body.models.filter((model) => pose.parts.some((each) => each.model === model.name));
  const shapes = useQueries({
    queries: used.map((model) => shapeQuery(draft, model, detail)),
    combine: piecesOf,
  });
  const shown = useMemo(
    () => ({
      pose,
      mounted: pose.mounted,
      complete: shapes.every((each) => each !== undefined),
      shapes: new Map(used.map((model, index) => [model.name, shapes[index] ?? []])),
      places: new Map(body.parts.map((each) => [each.name, each.place])),
      picked: part ?? '',
      handle,
      signs,
    }),
    // the shapes are those of the models, whose list is made anew with each answer
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [pose, body, shapes, part, handle, signs],
  );
  async function place(name: string, to: Place) {
    const refused = await edit({ type: 'placePart', part: name, place: to });
    if (refused) tell(refused, { stays: true });
  }
  return <SceneView shown={shown} says={says} onPick={showBody} onPlaced={(name, to) => void place(name, to)} onLost={onLost} />;
}
