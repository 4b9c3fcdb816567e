import type { QueryClient } from '@tanstack/react-query';
import { answer, api, done } from '#/api/client';
import { Problem } from '#/api/problem';
import type { Draft, Edit, ModelDetail, RestsOn } from '#/api/types';
import { withFile } from '#/api/with-file';
import { draftKeys, newestDraft } from './draft-cache';

/** What comes into the draft from elsewhere, with its pictures: a gobo of the house, or a wheel of any revision. */
export type Brought =
  | { kind: 'gobo'; wheel: number; slot: number; gobo: string }
  | { kind: 'wheel'; profileId: string; revision: number; wheel: string; over: number | null };

/**
 * A file that gives a model its shape at a level of detail, a new model where it has no name yet; boxes that stand for a heavy one; flat drawings
 * of all of them.
 */
export type ModelChange =
  { kind: 'model'; model: string; detail: ModelDetail; file: File } | { kind: 'standIn'; model: string } | { kind: 'drawings' };

export type Publishing = { summary: string; despite: string; firmware: string; restsOn: RestsOn; fromWhom: string };

/** Everything that can be done to a draft. All of it goes through one queue, in the order in which it was asked for. */
export type Change =
  | { kind: 'edit'; edit: Edit }
  | { kind: 'undo' }
  | { kind: 'redo' }
  | { kind: 'point'; done: number }
  | { kind: 'picture'; file: File }
  | ModelChange
  | { kind: 'publish'; publishing: Publishing }
  | { kind: 'discard' }
  | Brought;

/**
 * A change as it was asked for. It belongs to the draft and the mode that were shown then, whatever is shown when it is sent, and has an id
 * of its own: sent again because an answer was lost, it is not made twice.
 */
export type Asked = {
  id: string;
  profileId: string;
  draftId: string;
  mode: number | null;
  version: number;
  refusedBefore: number;
  change: Change;
};

export type Done = { kind: 'draft'; draft: Draft } | { kind: 'published'; revision: number } | { kind: 'discarded' };

/** How many changes of each draft were refused: what is published must not leave one behind unseen. */
const refused = new Map<string, number>();

function refusedSoFar(draftId: string) {
  return refused.get(draftId) ?? 0;
}

/** A change that is asked for now, upon what is shown now. */
export function asking(draft: Draft, mode: number | null, change: Change): Asked {
  return {
    id: crypto.randomUUID(),
    profileId: draft.profileId,
    draftId: draft.id,
    mode,
    version: draft.version,
    refusedBefore: refusedSoFar(draft.id),
    change,
  };
}

/** Sends a change upon the newest version that is known here, and stores the answer where it belongs. Throws the Problem that refuses it. */
export async function send(client: QueryClient, asked: Asked): Promise<Done> {
  const newest = newestDraft(client, asked.profileId, asked.draftId);
  const version = Math.max(asked.version, newest?.version ?? 0);
  if (asked.change.kind === 'publish' && refusedSoFar(asked.draftId) > asked.refusedBefore) {
    throw new Problem(422, 'An edit before it was refused, so nothing was published. Look at it, then publish again.', 'summary');
  }
  try {
    const answered = await sent(asked, version);
    if (answered.kind === 'draft') store(client, asked, version, answered.draft);
    else await forget(client, asked);
    return answered;
  } catch (problem) {
    if (problem instanceof Problem && !problem.passing) refused.set(asked.draftId, refusedSoFar(asked.draftId) + 1);
    // what waits behind it goes upon the newer state
    if (problem instanceof Problem && problem.status === 409) await client.invalidateQueries({ queryKey: draftKeys(asked.profileId).all });
    throw problem;
  }
}

async function sent({ id, draftId, mode, change }: Asked, version: number): Promise<Done> {
  const headers = { 'Kite-Change': id };
  const path = { draftId };
  const params = { path, query: mode === null ? {} : { mode } };
  switch (change.kind) {
    case 'edit':
      return drafted(await answer(api.POST('/api/drafts/{draftId}/edits', { params, headers, body: { version, edit: change.edit } })));
    case 'undo':
      return drafted(await answer(api.POST('/api/drafts/{draftId}/undo', { params, headers, body: { version } })));
    case 'redo':
      return drafted(await answer(api.POST('/api/drafts/{draftId}/redo', { params, headers, body: { version } })));
    case 'point':
      return drafted(await answer(api.POST('/api/drafts/{draftId}/point', { params, headers, body: { version, done: change.done } })));
    case 'picture': {
      const query = { ...params.query, version };
      return drafted(
        await answer(api.POST('/api/drafts/{draftId}/picture', { params: { path, query }, headers, ...withFile(change.file) })),
      );
    }
    case 'model': {
      const query = { ...params.query, version, model: change.model, detail: change.detail };
      return drafted(
        await answer(api.POST('/api/drafts/{draftId}/model-file', { params: { path, query }, headers, ...withFile(change.file) })),
      );
    }
    case 'standIn':
      return drafted(
        await answer(api.POST('/api/drafts/{draftId}/model-stand-in', { params, headers, body: { version, model: change.model } })),
      );
    case 'drawings':
      return drafted(await answer(api.POST('/api/drafts/{draftId}/drawings', { params, headers, body: { version } })));
    case 'gobo': {
      const { wheel, slot, gobo } = change;
      return drafted(await answer(api.POST('/api/drafts/{draftId}/slot-gobo', { params, headers, body: { version, wheel, slot, gobo } })));
    }
    case 'wheel': {
      const { profileId, revision, wheel, over } = change;
      const body = { version, profileId, revision, wheel, over };
      return drafted(await answer(api.POST('/api/drafts/{draftId}/wheel-copy', { params, headers, body })));
    }
    case 'publish': {
      const body = { version, ...change.publishing };
      const { revision } = await answer(api.POST('/api/drafts/{draftId}/publish', { params: { path }, headers, body }));
      return { kind: 'published', revision };
    }
    case 'discard':
      try {
        await done(api.POST('/api/drafts/{draftId}/discard', { params: { path }, headers, body: { version } }));
      } catch (problem) {
        if (!(problem instanceof Problem && problem.status === 404)) throw problem; // it is gone already, which is what was wanted
      }
      return { kind: 'discarded' };
  }
}

function drafted(draft: Draft): Done {
  return { kind: 'draft', draft };
}

/** The answer belongs to the mode that was asked for; other modes that are shown are read anew, those that are not are forgotten. */
function store(client: QueryClient, asked: Asked, version: number, answered: Draft) {
  const { all, mode } = draftKeys(asked.profileId);
  const key = mode(asked.mode);
  const here = client.getQueryData<Draft>(key);
  const draft = whole(answered, here?.version === version && here.id === asked.draftId ? here : undefined);
  if (draft) client.setQueryData(key, draft);
  else void client.invalidateQueries({ queryKey: key });
  const others = { queryKey: all, predicate: (query: { queryKey: readonly unknown[] }) => query.queryKey[2] !== asked.mode };
  client.removeQueries({ ...others, type: 'inactive' });
  void client.invalidateQueries({ ...others, type: 'active' });
}

async function forget(client: QueryClient, asked: Asked) {
  if (asked.change.kind === 'discard') client.removeQueries({ queryKey: draftKeys(asked.profileId).all });
  await client.invalidateQueries();
}

/** The answer to a change holds only the rows that it changed: the others are those that are here. Null if some are not. */
export function whole(answered: Draft, here: Draft | undefined): Draft | null {
  const { map } = answered;
  if (!map) return answered;
  const rows = new Map([...(here?.map?.id === map.id ? here.map.channels : []), ...map.channels].map((row) => [row.id, row]));
  const channels = map.order.map((id) => rows.get(id));
  return channels.every((row) => row !== undefined) ? { ...answered, map: { ...map, channels } } : null;
}
