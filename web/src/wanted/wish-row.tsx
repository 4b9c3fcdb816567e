import { Paperclip } from 'lucide-react';
import { useRef, useState } from 'react';
import { Link } from 'react-router';
import type { Wish, WishHit } from '#/api/types';
import { NewProfileDialog } from '#/parts/profile/new-profile-dialog';
import { ProfilePicker } from '#/parts/profile/profile-picker';
import { Button } from '#/ui/button';
import { PanelButton } from '#/ui/panel-button';
import { Refusal } from '#/ui/refusal';
import { useWish } from './wanted-query';
import { calendarDay, dayOf } from '#/ui/dates';

/** One wish: what is wanted by when, who writes it, and what can be done with it. */
export function WishRow({ wish, hits = [] }: { wish: Wish; hits?: WishHit[] }) {
  return (
    <li
      aria-label={`${wish.manufacturer} ${wish.model}`}
      className="grid grid-cols-[minmax(0,1fr)_13rem_minmax(0,30rem)] items-start gap-5 border-t border-line py-3"
    >
      <div className="min-w-0">
        <p className="font-semibold break-words">
          {`${wish.manufacturer} ${wish.model}`}
          {wish.mode !== '' && <span className="ml-2 font-normal text-muted">{`mode ${wish.mode}`}</span>}
        </p>
        {wish.words !== '' && <p className="text-sm break-words">{wish.words}</p>}
        <p className="text-xs text-muted">{`Asked by ${wish.askedBy} on ${dayOf(wish.askedAt)}`}</p>
        <ul className="mt-1 flex flex-wrap gap-x-4 text-sm">
          {wish.files.map((name) => (
            <li key={name}>
              <a
                href={`/api/wanted/${wish.id}/file?name=${encodeURIComponent(name)}`}
                download
                className="inline-flex items-center gap-1.5 underline underline-offset-2"
              >
                <Paperclip size={13} aria-hidden />
                {name}
              </a>
            </li>
          ))}
        </ul>
      </div>
      <p className="text-sm">
        {wish.neededBy === null ? (
          <span className="text-muted">no date</span>
        ) : (
          <span className={wish.late ? 'text-error' : ''}>
            {wish.late ? 'was needed by ' : 'needed by '}
            <span className="font-mono">{calendarDay(wish.neededBy)}</span>
          </span>
        )}
      </p>
      {wish.answer === null ? (
        <Open wish={wish} hits={hits} />
      ) : (
        <p className="text-right text-sm">
          <span className="text-good">Fulfilled by </span>
          <Link to={`/profile/${wish.answer.profileId}?revision=${wish.answer.revision}`} className="underline underline-offset-2">
            {`${wish.answer.name}, revision ${wish.answer.revision}`}
          </Link>
        </p>
      )}
    </li>
  );
}

function Open({ wish, hits }: { wish: Wish; hits: WishHit[] }) {
  const change = useWish(wish);
  const [writing, setWriting] = useState(false);
  const chooser = useRef<HTMLInputElement>(null);
  const taken = wish.takenBy !== null;
  return (
    <div className="flex flex-col items-end gap-1">
      {hits.map((hit) => (
        <p key={`${hit.neighbourId} ${hit.remoteId}`} className="text-right text-sm">
          {`${hit.neighbour} has `}
          <Link to={`/exchange?words=${encodeURIComponent(`${hit.manufacturer} ${hit.model}`)}`} className="underline underline-offset-2">
            {`${hit.manufacturer} ${hit.model}, revision ${hit.revision}`}
          </Link>
        </p>
      ))}
      {taken && <p className="text-sm text-kite-text">{`${wish.takenBy} is writing it`}</p>}
      <div className="flex flex-wrap justify-end gap-1">
        {taken ? (
          <>
            <Button onClick={() => setWriting(true)}>Begin the profile</Button>
            <Button quiet onClick={() => change.mutate({ kind: 'give back' })}>
              Unassign
            </Button>
          </>
        ) : (
          <Button onClick={() => change.mutate({ kind: 'take' })}>Assign to me</Button>
        )}
        <PanelButton text="Link profile …" title="The profile that fulfils it">
          {(close) => (
            <ProfilePicker
              onChoose={(profile) => {
                change.mutate({ kind: 'answer', profileId: profile.id, revision: profile.revision });
                close();
              }}
            />
          )}
        </PanelButton>
        <Button quiet onClick={() => chooser.current?.click()}>
          Add a file
        </Button>
        <PanelButton text="No longer needed" title={`${wish.manufacturer} ${wish.model} is no longer wanted`}>
          {(close) => (
            <div className="flex flex-col gap-3">
              <p className="text-sm text-muted">The request and its files are deleted.</p>
              <Button
                className="self-end"
                onClick={() => {
                  change.mutate({ kind: 'drop' });
                  close();
                }}
              >
                Delete request
              </Button>
            </div>
          )}
        </PanelButton>
      </div>
      <input
        ref={chooser}
        type="file"
        hidden
        aria-label={`A file for ${wish.manufacturer} ${wish.model}`}
        accept="application/pdf,image/png,image/jpeg,image/gif"
        onChange={(event) => {
          const file = event.currentTarget.files?.[0];
          if (file) change.mutate({ kind: 'attach', file });
          event.currentTarget.value = '';
        }}
      />
      <Refusal says={change.error?.message} className="text-right" />
      {writing && <NewProfileDialog onClose={() => setWriting(false)} manufacturer={wish.manufacturer} model={wish.model} />}
    </div>
  );
}
