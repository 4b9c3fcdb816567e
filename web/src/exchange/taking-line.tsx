import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { answer, api } from '#/api/client';
import { takingsQuery } from '#/parts/exchange/exchange-query';
import { Button } from '#/ui/button';
import { ProgressBar } from '#/ui/progress-bar';

/** An import from a neighbour: how far it is, and what became of it. */
export function TakingLine({ id }: { id: string }) {
  const queryClient = useQueryClient();
  const { data } = useQuery(takingsQuery);
  const taking = data?.find((each) => each.id === id);
  const params = { path: { id } };
  const step = useMutation({
    mutationFn: (what: 'stop' | 'go on') =>
      what === 'stop' ? answer(api.POST('/api/takings/{id}/stop', { params })) : answer(api.POST('/api/takings/{id}/go-on', { params })),
    onSettled: () => queryClient.invalidateQueries({ queryKey: takingsQuery.queryKey }),
  });
  if (!taking) return null;
  switch (taking.state) {
    case 'GOING':
      return (
        <p className="flex items-center gap-3 text-sm">
          <ProgressBar label={`Import of ${taking.model}`} done={taking.received} all={taking.size} />
          <span className="font-mono">{`${kilobytes(taking.received)} of ${kilobytes(taking.size)} kB`}</span>
          <Button quiet disabled={step.isPending} onClick={() => step.mutate('stop')}>
            Stop
          </Button>
        </p>
      );
    case 'TAKEN':
      return (
        <p className="text-sm text-good">
          <Link to={`/profile/${taking.profileId}`} className="underline">
            {taking.says}
          </Link>
        </p>
      );
    default:
      return (
        <p className="flex items-center gap-3 text-sm text-warning">
          <span className="min-w-0 flex-1">{taking.says}</span>
          <Button quiet disabled={step.isPending} onClick={() => step.mutate('go on')}>
            {taking.received > 0 ? `Go on from ${kilobytes(taking.received)} kB` : 'Try again'}
          </Button>
        </p>
      );
  }
}

function kilobytes(bytes: number) {
  return Math.ceil(bytes / 1024);
}
