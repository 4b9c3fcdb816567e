import { useQueries, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api } from '#/api/client';
import type { Neighbour } from '#/api/types';
import { pieceQuery } from '#/parts/profile/library-search';
import { counted } from '#/ui/counted';
import { FoundThere } from './found-there';
import { OfferDialog } from './offer-dialog';
import { OursLine, ThereLine, type Found } from './found-lines';

/** What some words find at all neighbours and on our own shelf, in one list: each answer comes in when it is there. */
export function FoundProfiles({ words, neighbours }: { words: string; neighbours: Neighbour[] }) {
  const ours = useQuery(pieceQuery({ search: words }, 0));
  const theirs = useQueries({
    queries: neighbours.map(({ id }) => ({
      queryKey: ['neighbour', id, 'search', words],
      queryFn: () => answer(api.GET('/api/neighbours/{id}/search', { params: { path: { id }, query: { words } } })),
      staleTime: 30_000,
      retry: false,
    })),
  });
  const [open, setOpen] = useState<Found | null>(null);
  const found: Found[] = [
    ...(ours.data?.profiles ?? []).map((profile): Found => ({ at: 'ours', profile })),
    ...theirs.flatMap(({ data }, index) => {
      const neighbour = neighbours[index];
      return neighbour ? (data?.profiles ?? []).map((profile): Found => ({ at: 'there', neighbour, profile })) : [];
    }),
  ].sort((one, other) => nameOf(one).localeCompare(nameOf(other)) || (one.at === 'ours' ? -1 : other.at === 'ours' ? 1 : 0));
  const pending = neighbours.filter((_, index) => theirs[index]?.isPending);
  return (
    <section aria-label="Found" className="flex flex-col gap-2">
      <p role="status" className="text-sm text-muted">
        {counted(found.length, 'profile', 'profiles')}
        {pending.length > 0 && `; still asking ${pending.map((each) => each.name).join(', ')} …`}
      </p>
      {theirs.map(({ data, error }, index) => {
        const says = error?.message ?? data?.trouble;
        return says ? (
          <p key={index} className="text-sm text-warning">
            {says}
          </p>
        ) : null;
      })}
      {neighbours.length === 0 && <p className="text-sm text-muted">There is no neighbour to ask yet; this is what our own shelf has.</p>}
      <ul aria-label="Profiles">
        {found.map((each) =>
          each.at === 'ours' ? (
            <OursLine key={each.profile.id} profile={each.profile} onOffer={neighbours.length > 0 ? () => setOpen(each) : undefined} />
          ) : (
            <ThereLine
              key={`${each.neighbour.id} ${each.profile.id}`}
              neighbour={each.neighbour}
              profile={each.profile}
              onOpen={() => setOpen(each)}
            />
          ),
        )}
      </ul>
      {open?.at === 'there' && <FoundThere neighbour={open.neighbour} profile={open.profile} onClose={() => setOpen(null)} />}
      {open?.at === 'ours' && <OfferDialog profile={open.profile} neighbours={neighbours} onClose={() => setOpen(null)} />}
    </section>
  );
}

function nameOf(found: Found) {
  return found.at === 'ours'
    ? `${found.profile.manufacturer} ${found.profile.name}`
    : `${found.profile.manufacturer} ${found.profile.model}`;
}
