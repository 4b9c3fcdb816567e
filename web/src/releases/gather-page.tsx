import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { answer, api } from '#/api/client';
import { Problem } from '#/api/problem';
import type { ReleaseLine, ReleaseProposal } from '#/api/types';
import { ProfilePicker } from '#/parts/profile/profile-picker';
import { TopLine } from '#/ui/top-line';
import { Button } from '#/ui/button';
import { counted } from '#/ui/counted';
import { PanelButton } from '#/ui/panel-button';
import { Refusal } from '#/ui/refusal';
import { TextField } from '#/ui/text-field';
import { Trail } from '#/ui/trail';
import { ChangeMark } from './change-mark';
import { proposalQuery, releasesQuery } from './release-query';
import { today } from '#/ui/dates';

/** Gathers a release: the profiles of the one before and those that are added, each with a note that the differences propose. */
export function GatherPage() {
  const [params, setParams] = useSearchParams();
  const ids = params.getAll('profile');
  const { data: proposals, error } = useQuery(proposalQuery(ids));
  const { data: releases } = useQuery(releasesQuery);
  const last = releases?.find((each) => each.origin === 'OURS');
  return (
    <>
      <title>Make a release · Yellow Kite</title>
      {proposals && releases ? (
        <Gather
          key={last?.id ?? 'first'}
          last={last}
          proposals={proposals}
          onAdd={(id) => !ids.includes(id) && setParams([...params, ['profile', id]], { replace: true })}
        />
      ) : (
        <>
          <TopLine trail={<Trail places={[{ text: 'Releases', to: '/releases' }]} here="Make a release" />} />
          <div className="p-6">
            {error ? (
              <Refusal says={error.message} />
            ) : (
              <p role="status" className="text-muted">
                Looking what has changed …
              </p>
            )}
          </div>
        </>
      )}
    </>
  );
}

function Gather({ last, proposals, onAdd }: { last: ReleaseLine | undefined; proposals: ReleaseProposal[]; onAdd: (id: string) => void }) {
  const queryClient = useQueryClient();
  const navigate = useNavigate();
  const [house, setHouse] = useState(last?.house ?? '');
  const [title, setTitle] = useState('');
  const [dated, setDated] = useState(() => today());
  const [notes, setNotes] = useState('');
  const [left, setLeft] = useState<Record<string, boolean>>({});
  const [words, setWords] = useState<Record<string, string>>({});
  const isPart = (each: ReleaseProposal) => !(left[each.profileId] ?? each.leftOut);
  const parts = proposals.filter(isPart);
  const [id] = useState(() => crypto.randomUUID()); // sent again, it is the same release
  const publish = useMutation({
    mutationFn: () =>
      answer(
        api.POST('/api/releases', {
          headers: { 'Kite-Change': id },
          body: {
            house,
            title,
            dated,
            notes,
            profiles: parts.map((each) => ({ profileId: each.profileId, note: words[each.profileId] ?? each.note })),
          },
        }),
      ),
    onSuccess: ({ release }) => {
      void queryClient.invalidateQueries({ queryKey: ['releases'] });
      void navigate(`/releases/${release.id}`);
    },
  });
  const field = publish.error instanceof Problem ? publish.error.field : undefined;
  const errorOf = (which: string) => (field === which ? (publish.error?.message ?? null) : null);
  const changed = proposals.filter((each) => each.change.kind !== 'SAME');
  return (
    <>
      <TopLine trail={<Trail places={[{ text: 'Releases', to: '/releases' }]} here="Make a release" />}>
        <PanelButton text="Add a profile" title="Add a profile">
          {(close) => (
            <ProfilePicker
              shelf="HOUSE"
              onChoose={(profile) => {
                onAdd(profile.id);
                close();
              }}
            />
          )}
        </PanelButton>
        <Button
          main
          disabled={publish.isPending || parts.length === 0 || title.trim() === '' || house.trim() === ''}
          onClick={() => publish.mutate()}
        >
          Publish the release
        </Button>
      </TopLine>
      <main className="min-h-0 flex-1 overflow-y-auto p-6">
        <div className="mx-auto grid max-w-5xl grid-cols-[17rem_minmax(0,1fr)] gap-8">
          <div className="flex flex-col gap-4">
            <TextField
              label="Publisher"
              value={house}
              onChange={setHouse}
              error={errorOf('house')}
              maxLength={120}
              autoFocus={house === ''}
            />
            <TextField
              label="Title"
              value={title}
              onChange={setTitle}
              error={errorOf('title')}
              maxLength={120}
              autoFocus={house !== ''}
              placeholder="Winter mooring"
            />
            <label className="flex flex-col gap-1.5 text-sm text-muted">
              Dated
              <input
                type="date"
                value={dated}
                onChange={(event) => setDated(event.currentTarget.value)}
                className="min-h-9 rounded-md border border-edge bg-trough px-3 font-mono text-text"
              />
            </label>
            <label className="flex flex-col gap-1.5 text-sm text-muted">
              Release notes
              <textarea
                rows={6}
                value={notes}
                onChange={(event) => setNotes(event.currentTarget.value)}
                maxLength={10000}
                className="rounded-md border border-edge bg-trough px-3 py-2 text-text"
              />
            </label>
            <Refusal says={field === 'house' || field === 'title' ? null : publish.error?.message} />
          </div>
          <section aria-label="Profiles of the release">
            <h2 className="mb-1 text-xs font-semibold text-muted">{`${counted(parts.length, 'profile', 'profiles')}${last ? `; against ${last.title} of ${last.dated}, ${changed.length} new or changed` : ''}`}</h2>
            {proposals.length === 0 && (
              <p className="border-t border-line py-6 text-sm text-muted">
                Nothing is gathered yet. Add profiles here, or choose some in the library and put them into a release there.
              </p>
            )}
            <ul>
              {[...changed, ...proposals.filter((each) => each.change.kind === 'SAME')].map((each) => (
                <li key={each.profileId} className="flex items-start gap-3 border-t border-line py-2.5">
                  <input
                    type="checkbox"
                    aria-label={`${each.name} is part of it`}
                    checked={isPart(each)}
                    onChange={() => setLeft({ ...left, [each.profileId]: isPart(each) })}
                    className="mt-1.5 accent-kite-text"
                  />
                  <ChangeMark
                    kind={isPart(each) ? each.change.kind : each.before === null ? 'SAME' : 'WITHDRAWN'}
                    worst={each.change.worst}
                  />
                  <div className="min-w-0 flex-1">
                    <p className="font-semibold break-words">
                      {`${each.manufacturer} ${each.name}`}
                      <span className="ml-2 text-sm font-normal text-muted">
                        {each.before === null
                          ? `revision ${each.revision}`
                          : each.before === each.revision
                            ? `revision ${each.revision}, unchanged`
                            : `revision ${each.before} → ${each.revision}`}
                      </span>
                    </p>
                    {each.withdrawn !== null && <p className="text-sm text-error">{`This revision is withdrawn: ${each.withdrawn}`}</p>}
                    {isPart(each) && each.change.kind !== 'SAME' && (
                      <textarea
                        aria-label={`Note on ${each.name}`}
                        rows={2}
                        maxLength={1000}
                        value={words[each.profileId] ?? each.note}
                        onChange={(event) => setWords({ ...words, [each.profileId]: event.currentTarget.value.replaceAll('\n', ' ') })}
                        className="mt-1 w-full rounded-md border border-edge bg-trough px-2.5 py-1.5 text-sm"
                      />
                    )}
                  </div>
                </li>
              ))}
            </ul>
          </section>
        </div>
      </main>
    </>
  );
}
