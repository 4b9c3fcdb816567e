import { useMutation } from '@tanstack/react-query';
import { Hand } from 'lucide-react';
import { useNavigate } from 'react-router';
import { answer, api } from '#/api/client';
import type { RigUnit } from '#/api/types';
import { sentTo } from '#/parts/live/sent-to';
import { Button } from '#/ui/button';
import { tell } from '#/ui/toast';

/** Takes a unit in hand: its panel opens on the bench. */
export function HandsOnUnit({ rigId, unit }: { rigId: string; unit: RigUnit }) {
  const navigate = useNavigate();
  const begin = useMutation({
    mutationFn: () =>
      answer(
        api.POST('/api/rigs/{rigId}/units/{uuid}/hands', {
          params: { path: { rigId, uuid: unit.uuid } },
          body: { destination: sentTo.now() },
        }),
      ),
    onSuccess: (hands) => navigate(`/bench/hands/${hands.id}`),
    onError: (refused) => tell(refused.message, { stays: true }),
  });
  return (
    <Button quiet onClick={() => begin.mutate()} disabled={unit.addresses.length === 0 || begin.isPending}>
      <Hand size={15} aria-hidden />
      Hands
    </Button>
  );
}
