import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { answer, api, done } from '#/api/client';
import { CannotShow } from '#/ui/cannot-show';
import { TopLine } from '#/ui/top-line';
import { Button } from '#/ui/button';
import { Refusal } from '#/ui/refusal';
import { Trail } from '#/ui/trail';
import { dayOf } from '#/ui/dates';

/** What was deleted, until it is gone for good. */
export function BinPage() {
  const queryClient = useQueryClient();
  const { data, error } = useQuery({ queryKey: ['bin'], queryFn: () => answer(api.GET('/api/bin')) });
  const restore = useMutation({
    mutationFn: (id: string) => done(api.POST('/api/bin/restore', { body: { profiles: [id] } })),
    onSuccess: () => Promise.all(['bin', 'library', 'profile'].map((key) => queryClient.invalidateQueries({ queryKey: [key] }))),
  });
  if (error) return <CannotShow title="The bin cannot be shown" error={error} />;
  return (
    <>
      <title>Bin · Yellow Kite</title>
      <TopLine trail={<Trail places={[{ text: 'Library', to: '/' }]} here="Bin" />} />
      <main className="min-h-0 flex-1 overflow-y-auto p-6">
        <Refusal says={restore.error?.message} />
        {data?.length === 0 && <p className="py-8 text-center text-muted">The bin is empty. What is deleted stays here for 30 days.</p>}
        <ul>
          {data?.map((each) => (
            <li
              key={each.id}
              className="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)_auto] items-center gap-4 border-t border-line px-2 py-2.5 text-sm"
            >
              <Link to={`/profile/${each.id}`} className="truncate hover:underline">
                <span className="text-muted">{each.manufacturer}</span> <span className="font-semibold">{each.name}</span>
              </Link>
              <span className="text-muted">{`deleted by ${each.by} on ${dayOf(each.at)}; ${each.kept ? 'kept: other profiles are based on it' : `deleted for good on ${dayOf(each.goesAt)}`}`}</span>
              <Button disabled={restore.isPending} onClick={() => restore.mutate(each.id)}>
                Restore
              </Button>
            </li>
          ))}
        </ul>
      </main>
    </>
  );
}
