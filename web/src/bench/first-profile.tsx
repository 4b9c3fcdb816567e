import { useMutation } from '@tanstack/react-query';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { answer, api } from '#/api/client';
import type { RdmDevice } from '#/api/types';
import { Button } from '#/ui/button';
import { Refusal } from '#/ui/refusal';

/** Begins a profile with what a fixture says of itself, where the library has none. */
export function FirstProfile({ device, first }: { device: RdmDevice; first: NonNullable<RdmDevice['first']> }) {
  const navigate = useNavigate();
  const [id] = useState(() => crypto.randomUUID()); // sent again, it is the same profile
  const begin = useMutation({
    mutationFn: async () => {
      const { manufacturer, model: name } = device;
      const nothing = { copyOf: null, copyRevision: null, copyMode: null, production: null };
      const draft = await answer(
        api.POST('/api/profiles', { headers: { 'Kite-Change': id }, body: { manufacturer, name, body: first.body, ...nothing } }),
      );
      await answer(
        api.POST('/api/drafts/{draftId}/edits', {
          params: { path: { draftId: draft.id } },
          headers: { 'Kite-Change': crypto.randomUUID() },
          body: { version: draft.version, edit: first.edit },
        }),
      );
      return draft;
    },
    onSuccess: (draft) => navigate(`/editor/${draft.profileId}`),
  });
  return (
    <div className="flex flex-wrap items-center gap-3 text-sm">
      <p className="text-muted">The library has no profile of it. The slots that it describes can begin one.</p>
      <Button onClick={() => begin.mutate()} disabled={begin.isPending}>
        <Plus size={15} aria-hidden />
        Begin profile
      </Button>
      <Refusal says={begin.error?.message} />
    </div>
  );
}
