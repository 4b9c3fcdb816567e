import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, done } from '#/api/client';
import { Button, buttonLook } from '#/ui/button';
import { counted } from '#/ui/counted';
import { useIntake } from '#/parts/files/intake';
import { runsQuery } from './run-query';

/** An import that was interrupted, with the way to go on; nothing if there is none. */
export function Unfinished() {
  const { goOn } = useIntake();
  const queryClient = useQueryClient();
  const { data } = useQuery(runsQuery);
  const leave = useMutation({
    mutationFn: (id: string) => done(api.POST('/api/intake/runs/{id}/close', { params: { path: { id } } })),
    onSuccess: () => queryClient.invalidateQueries({ queryKey: ['intake-runs'] }),
  });
  const run = data?.find((each) => !each.closed && each.done < each.total);
  if (!run) return null;
  return (
    <section
      aria-label="An import that was interrupted"
      className="mx-5 mt-4 flex flex-wrap items-center gap-x-3 gap-y-1 rounded-md border border-warning px-4 py-2 text-sm"
    >
      <p className="min-w-60 flex-1">{`An import by ${run.author} ended after ${run.done} of ${counted(run.total, 'file', 'files')}. What was imported is whole; choose the same files again to go on.`}</p>
      <Link to={`/intake/${run.id}`} className={buttonLook({ quiet: true })}>
        Report
      </Link>
      <Button quiet onClick={() => leave.mutate(run.id)}>
        Dismiss
      </Button>
      <Button onClick={() => goOn(run.id)}>Go on</Button>
    </section>
  );
}
