import { useMutation, useQueryClient } from '@tanstack/react-query';
import { CopyPlus } from 'lucide-react';
import { useNavigate } from 'react-router';
import { answer, api } from '#/api/client';
import type { ProfilePageView } from '#/api/types';
import { Button } from '#/ui/button';
import { tell } from '#/ui/toast';

/** What stands on the Reference shelf is not edited: a copy on the House shelf is, and it remembers where it came from. */
export function CopyToHouse({ profile }: { profile: ProfilePageView }) {
  const navigate = useNavigate();
  const queryClient = useQueryClient();
  const copy = useMutation({
    mutationFn: () =>
      answer(
        api.POST('/api/profiles', {
          body: {
            manufacturer: profile.manufacturer,
            name: profile.name,
            body: null,
            copyOf: profile.id,
            copyRevision: profile.revision,
            copyMode: null,
            production: null,
          },
        }),
      ),
    onSuccess: (draft) => {
      void queryClient.invalidateQueries({ queryKey: ['library'] });
      void navigate(`/editor/${draft.profileId}`);
    },
    onError: (error) => tell(error.message),
  });
  return (
    <Button main disabled={copy.isPending} onClick={() => copy.mutate()}>
      <CopyPlus size={16} aria-hidden />
      Copy onto the House shelf
    </Button>
  );
}
