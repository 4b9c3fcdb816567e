import { Link } from 'react-router';
import type { Neighbour, ProfileLine, ToldProfile } from '#/api/types';
import { Button } from '#/ui/button';
import { counted } from '#/ui/counted';
import { calendarDay } from '#/ui/dates';

export type Found = { at: 'ours'; profile: ProfileLine } | { at: 'there'; neighbour: Neighbour; profile: ToldProfile };

const GRID =
  'grid grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)_9rem_12rem] items-start gap-x-4 gap-y-1 border-t border-line py-2.5 text-sm max-[860px]:grid-cols-2';
const MODES = 3;

function modesOf(modes: { name: string; footprint: number }[]) {
  return modes
    .slice(0, MODES)
    .map((mode) => `${mode.name} ${mode.footprint}`)
    .concat(modes.length > MODES ? [`${modes.length - MODES} more`] : [])
    .join(', ');
}

/** A profile of our own among what was found. */
export function OursLine({ profile, onOffer }: { profile: ProfileLine; onOffer: (() => void) | undefined }) {
  return (
    <li className={GRID}>
      <span className="min-w-0">
        <span className="block font-semibold break-words">{`${profile.manufacturer} ${profile.name}`}</span>
        <span className="text-muted">{modesOf(profile.modes)}</span>
      </span>
      <span className="text-good">{profile.shelf === 'HOUSE' ? 'Our House shelf' : 'Our Reference shelf'}</span>
      <span>{profile.revision > 0 ? `Revision ${profile.revision}` : 'Never published'}</span>
      <span className="flex justify-end gap-1">
        {onOffer && profile.revision > 0 && (
          <Button quiet onClick={onOffer}>
            Offer …
          </Button>
        )}
        <Link
          to={`/profile/${profile.id}`}
          className="inline-flex min-h-8 items-center rounded-md border border-edge bg-raised px-3.5 hover:border-text"
        >
          View
        </Link>
      </span>
    </li>
  );
}

/** A profile of a neighbour among what was found. */
export function ThereLine({ neighbour, profile, onOpen }: { neighbour: Neighbour; profile: ToldProfile; onOpen: () => void }) {
  return (
    <li className={GRID}>
      <span className="min-w-0">
        <span className="block font-semibold break-words">{`${profile.manufacturer} ${profile.model}`}</span>
        <span className="text-muted">{modesOf(profile.modes)}</span>
        {profile.note !== '' && <span className="block break-words">{profile.note}</span>}
      </span>
      <span className="min-w-0">
        <span className="block break-words">{neighbour.name}</span>
        <span className="block text-xs break-words text-muted">
          {profile.byManufacturer ? `by the manufacturer, ${profile.uploader}` : `by ${profile.uploader}`}
        </span>
      </span>
      <span>
        <span className="block">{`Revision ${profile.revision}`}</span>
        <span className="block text-xs text-muted">
          {[profile.dated && calendarDay(profile.dated), profile.firmware && `firmware ${profile.firmware}`].filter(Boolean).join(', ')}
        </span>
      </span>
      <span className="flex items-center justify-end gap-3">
        <Rating profile={profile} />
        <Button onClick={onOpen}>View …</Button>
      </span>
    </li>
  );
}

export function Rating({ profile }: { profile: Pick<ToldProfile, 'rating' | 'votes'> }) {
  if (profile.rating === null) return <span className="text-xs text-muted">no votes</span>;
  return (
    <span className="text-right">
      <span className="font-mono">{profile.rating.toFixed(1)}</span>
      <span className="block text-xs text-muted">{`of 5, ${counted(profile.votes, 'vote', 'votes')}`}</span>
    </span>
  );
}
