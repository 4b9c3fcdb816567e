import { useQuery } from '@tanstack/react-query';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { TopLine } from '#/ui/top-line';
import { Button } from '#/ui/button';
import { counted } from '#/ui/counted';
import { Refusal } from '#/ui/refusal';
import { hitsQuery } from '#/parts/exchange/exchange-query';
import { AskDialog } from './ask-dialog';
import { wantedQuery } from './wanted-query';
import { WishRow } from './wish-row';

/** Profiles that colleagues have asked for: open ones by the day on which they are needed, then those that were answered. */
export function WantedPage() {
  const { data, error } = useQuery(wantedQuery);
  const { data: hits } = useQuery(hitsQuery);
  const [asking, setAsking] = useState(false);
  const open = data?.filter((wish) => wish.answer === null) ?? [];
  const answered = data?.filter((wish) => wish.answer !== null) ?? [];
  return (
    <>
      <title>Wanted · Yellow Kite</title>
      <TopLine
        trail={
          <h1 className="font-semibold">
            Wanted {data && <span className="ml-1 font-normal text-muted">{counted(open.length, 'profile', 'profiles')}</span>}
          </h1>
        }
      >
        <Button main onClick={() => setAsking(true)}>
          <Plus size={16} aria-hidden />
          Ask for a profile
        </Button>
      </TopLine>
      <main className="flex min-h-0 flex-1 flex-col gap-8 overflow-y-auto p-6">
        <Refusal says={error?.message} />
        {data && open.length === 0 && (
          <p className="py-8 text-center text-muted">
            Nobody waits for a profile. Whoever misses one asks here, with the chart if there is one.
          </p>
        )}
        {open.length > 0 && (
          <ul aria-label="Wanted profiles">
            {open.map((wish) => (
              <WishRow key={wish.id} wish={wish} hits={hits?.filter((hit) => hit.wantedId === wish.id) ?? []} />
            ))}
          </ul>
        )}
        {answered.length > 0 && (
          <section aria-label="Answered">
            <h2 className="mb-1 text-xs font-semibold text-muted">Answered</h2>
            <ul>
              {answered.map((wish) => (
                <WishRow key={wish.id} wish={wish} />
              ))}
            </ul>
          </section>
        )}
      </main>
      {asking && <AskDialog onClose={() => setAsking(false)} />}
    </>
  );
}
