import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api } from '#/api/client';
import type { Neighbour, ProfileLook, ToldProfile } from '#/api/types';
import { takingsQuery, watchesQuery } from '#/parts/exchange/exchange-query';
import { Look } from '#/parts/profile/look';
import { Button } from '#/ui/button';
import { Modal } from '#/ui/modal';
import { Refusal } from '#/ui/refusal';
import { Rating } from './found-lines';
import { TakingLine } from './taking-line';

const STARS = [1, 2, 3, 4, 5];

/** A profile of a neighbour: looked at with all that is in it, then imported, watched, rated. */
export function FoundThere({ neighbour, profile, onClose }: { neighbour: Neighbour; profile: ToldProfile; onClose: () => void }) {
  const queryClient = useQueryClient();
  const path = { id: neighbour.id, remoteId: profile.id };
  const queryKey = ['neighbour', neighbour.id, 'look', profile.id, profile.sha256];
  const look = () => answer(api.GET('/api/neighbours/{id}/profiles/{remoteId}/look', { params: { path } }));
  const { data } = useQuery({ queryKey, queryFn: look, staleTime: 60_000, retry: false });
  const { data: watches } = useQuery(watchesQuery);
  const watched = watches?.some((each) => each.neighbourId === neighbour.id && each.remoteId === profile.id) ?? false;
  const [rated, setRated] = useState(profile);
  const [id] = useState(() => crypto.randomUUID());
  const take = useMutation({
    mutationFn: (asNext: boolean) =>
      answer(
        api.POST('/api/neighbours/{id}/profiles/{remoteId}/take', { params: { path }, headers: { 'Kite-Change': id }, body: { asNext } }),
      ),
    onSettled: () => queryClient.invalidateQueries({ queryKey: takingsQuery.queryKey }),
  });
  const watch = useMutation({
    mutationFn: () => {
      const params = { params: { path } };
      return watched
        ? answer(api.DELETE('/api/neighbours/{id}/profiles/{remoteId}/watch', params))
        : answer(api.PUT('/api/neighbours/{id}/profiles/{remoteId}/watch', params));
    },
    onSuccess: (all) => queryClient.setQueryData(watchesQuery.queryKey, all),
  });
  const rate = useMutation({
    mutationFn: (stars: number) =>
      answer(api.PUT('/api/neighbours/{id}/profiles/{remoteId}/rating', { params: { path }, body: { stars } })),
    onSuccess: setRated,
  });
  return (
    <Modal
      open
      onClose={onClose}
      size="wide"
      title={`${profile.manufacturer} ${profile.model}`}
      description={`Revision ${profile.revision} at ${neighbour.name}, by ${profile.uploader}${profile.byManufacturer ? ', the manufacturer' : ''}. Nothing is stored by looking at it.`}
    >
      <Look queryKey={queryKey} look={look} />
      {take.data && <TakingLine id={take.data.id} />}
      <Refusal says={take.error?.message ?? watch.error?.message ?? rate.error?.message} />
      <div className="flex flex-wrap items-center justify-end gap-2">
        <span className="mr-auto flex items-center gap-2 text-sm">
          <Rating profile={rated} />
          <select
            aria-label="Your rating"
            value=""
            disabled={rate.isPending}
            className="min-h-8 rounded-sm border border-edge bg-trough px-1"
            onChange={(event) => rate.mutate(Number(event.currentTarget.value))}
          >
            <option value="" disabled>
              {rate.isSuccess ? 'Rated' : 'Rate …'}
            </option>
            {STARS.map((stars) => (
              <option key={stars} value={stars}>{`${stars} of 5`}</option>
            ))}
          </select>
          <Button quiet disabled={watch.isPending} onClick={() => watch.mutate()}>
            {watched ? 'Stop watching' : 'Watch'}
          </Button>
        </span>
        {data && !take.data && <Imports look={data} pending={take.isPending} onTake={take.mutate} />}
      </div>
    </Modal>
  );
}

function Imports({ look, pending, onTake }: { look: ProfileLook; pending: boolean; onTake: (asNext: boolean) => void }) {
  if (look.ours?.same) return null;
  if (!look.ours) {
    return (
      <Button main disabled={pending} onClick={() => onTake(true)}>
        Import
      </Button>
    );
  }
  return (
    <>
      <Button disabled={pending} onClick={() => onTake(false)}>
        Import as a separate profile
      </Button>
      <Button main disabled={pending} onClick={() => onTake(true)}>
        {`Import as revision ${look.ours.revision + 1} of ours`}
      </Button>
    </>
  );
}
