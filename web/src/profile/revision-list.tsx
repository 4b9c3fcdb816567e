import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { answer, api } from '#/api/client';
import type { ProfilePageView, RevisionLine } from '#/api/types';
import { Button } from '#/ui/button';
import { PanelButton } from '#/ui/panel-button';
import { Refusal } from '#/ui/refusal';
import { TextField } from '#/ui/text-field';
import { revisionsQuery, useWithdraw } from '#/parts/profile/profile-query';
import { restsOn } from '#/parts/profile/rests-on';
import { moment } from '#/ui/dates';
import { Waiting } from '#/ui/waiting';

/** All revisions: each is read, compared, taken away, made the base of a draft, or withdrawn. */
export function RevisionList({ profile }: { profile: ProfilePageView }) {
  const asked = useQuery(revisionsQuery(profile.id));
  const { data } = asked;
  const [refusal, setRefusal] = useState<string | null>(null);
  const navigate = useNavigate();
  const queryClient = useQueryClient();
  const begin = useMutation({
    mutationFn: (revision: number) =>
      answer(api.POST('/api/profiles/{profileId}/draft', { params: { path: { profileId: profile.id }, query: { revision } } })),
    onSuccess: () => {
      void queryClient.invalidateQueries({ queryKey: ['editor', profile.id] });
      void navigate(`/editor/${profile.id}`);
    },
    onError: (error) => setRefusal(error.message),
  });
  return (
    <section aria-label="Revisions">
      <h2 className="mb-2 text-xs font-semibold text-muted">Revisions</h2>
      <Waiting of={asked} what="The revisions" />
      <Refusal says={refusal} />
      <ul>
        {data?.map((each) => (
          <li
            key={each.number}
            className="grid grid-cols-[2.5rem_minmax(0,1fr)_auto] items-start gap-3 border-t border-line py-2.5 text-sm"
          >
            <span className="text-right font-mono">{each.number}</span>
            <div className="min-w-0">
              <p className={each.withdrawn ? 'line-through' : ''}>{each.summary}</p>
              <p className="text-xs text-muted">{facts(each)}</p>
              {each.withdrawn && <p className="text-xs text-error">{`Withdrawn by ${each.withdrawn.author}: ${each.withdrawn.why}`}</p>}
              {each.despite !== null && <p className="text-xs text-warning">{`Published despite errors: ${each.despite}`}</p>}
            </div>
            <div className="flex flex-wrap justify-end">
              {each.number === profile.revision ? (
                <span className="px-2 py-1.5 text-muted">shown</span>
              ) : (
                <Quiet to={`/profile/${profile.id}?revision=${each.number}`} text="View" />
              )}
              {each.number > 1 && (
                <Quiet
                  to={`/compare?left=${profile.id}&leftRevision=${each.number - 1}&right=${profile.id}&rightRevision=${each.number}`}
                  text={`Compare with ${each.number - 1}`}
                />
              )}
              {profile.shelf === 'HOUSE' && each.number < profile.newest && (
                <Button quiet onClick={() => begin.mutate(each.number)}>
                  Edit from this revision
                </Button>
              )}
              {profile.shelf === 'HOUSE' && (
                <PanelButton
                  text={each.withdrawn ? 'Withdrawn' : 'Withdraw'}
                  title={each.withdrawn ? `Use revision ${each.number} again` : `Withdraw revision ${each.number}`}
                >
                  {(close) => <Withdraw profile={profile} revision={each} close={close} />}
                </PanelButton>
              )}
            </div>
          </li>
        ))}
      </ul>
    </section>
  );
}

function facts(each: RevisionLine) {
  return [
    `${moment(each.at)}, ${each.author}`,
    each.facts.firmware === '' ? '' : `from firmware ${each.facts.firmware}`,
    each.facts.restsOn === 'UNSAID'
      ? ''
      : `based on ${restsOn(each.facts.restsOn)}${each.facts.fromWhom === '' ? '' : `, from ${each.facts.fromWhom}`}`,
  ]
    .filter((part) => part !== '')
    .join('; ');
}

function Quiet({ to, text }: { to: string; text: string }) {
  return (
    <Link to={to} className="rounded-md px-2 py-1.5 text-muted hover:bg-raised hover:text-text">
      {text}
    </Link>
  );
}

function Withdraw({ profile, revision, close }: { profile: ProfilePageView; revision: RevisionLine; close: () => void }) {
  const [why, setWhy] = useState('');
  const withdraw = useWithdraw(profile.id);
  const back = revision.withdrawn !== null;
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (back || why.trim() !== '') withdraw.mutate({ number: revision.number, why: back ? '' : why }, { onSuccess: close });
      }}
    >
      {back ? (
        <p className="text-sm text-muted">Its warning goes.</p>
      ) : (
        <TextField label="Why it is not to be used" value={why} onChange={setWhy} maxLength={300} autoFocus />
      )}
      {!back && <p className="text-sm text-muted">It stays readable, and warns wherever it is shown.</p>}
      <Refusal says={withdraw.error?.message} />
      <Button main type="submit" className="self-end" disabled={withdraw.isPending || (!back && why.trim() === '')}>
        {back ? 'Use again' : 'Withdraw'}
      </Button>
    </form>
  );
}
