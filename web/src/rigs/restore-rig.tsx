import { useMutation, useQueryClient } from '@tanstack/react-query';
import { answer, api } from '#/api/client';
import { Button } from '#/ui/button';
import { rigsQuery } from './rig-query';

/** Takes a rig out of the bin. */
export function RestoreRig({ rigId, name }: { rigId: string; name: string }) {
  const queryClient = useQueryClient();
  const restore = useMutation({
    mutationFn: () => answer(api.POST('/api/rigs/{rigId}/restore', { params: { path: { rigId } } })),
    onSettled: () => queryClient.invalidateQueries({ queryKey: rigsQuery.queryKey }),
  });
  return (
    <Button quiet disabled={restore.isPending} onClick={() => restore.mutate()} aria-label={`Restore ${name}`}>
      Restore
    </Button>
  );
}
