import { answer, api } from '#/api/client';
import { Problem } from '#/api/problem';
import type { Edit } from '#/api/types';

/**
 * Applies a fix that was found in a revision just taken in, in that profile's draft. Ends with the sentence that refuses
 * it, or null: a draft that stands on an older revision is left alone.
 */
export async function mend(profileId: string, revision: number, fix: Edit) {
  try {
    const draft = await answer(api.GET('/api/profiles/{profileId}/draft', { params: { path: { profileId }, query: {} } }));
    if (draft.baseRevision !== revision) {
      return `A draft on revision ${draft.baseRevision} is open already; open it in the editor and look there.`;
    }
    await answer(
      api.POST('/api/drafts/{draftId}/edits', {
        params: { path: { draftId: draft.id }, query: {} },
        body: { version: draft.version, edit: fix },
      }),
    );
    return null;
  } catch (refused) {
    return refused instanceof Problem ? refused.message : 'It is not certain that this was saved; reload to see.';
  }
}
