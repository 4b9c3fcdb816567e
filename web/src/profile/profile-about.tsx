import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { counted } from '#/ui/counted';
import { answer, api } from '#/api/client';
import { Problem } from '#/api/problem';
import { useCategories } from '#/api/words';
import type { ProfilePageView } from '#/api/types';
import { Button } from '#/ui/button';
import { PanelButton } from '#/ui/panel-button';
import { Refusal } from '#/ui/refusal';
import { TextField } from '#/ui/text-field';
import { FactsOfTheFixture } from './profile-facts';
import { ProfileSources } from './profile-sources';

/** Who the fixture is: picture, names, notes, where it came from and who uses it. */
export function ProfileAbout({ profile }: { profile: ProfilePageView }) {
  const category = useCategories().find((each) => each.value === profile.category && each.value !== 'NONE')?.text ?? '';
  const { origin } = profile;
  return (
    <>
      {profile.picture && (
        <img src={profile.picture} alt={profile.name} className="aspect-square w-full rounded-lg bg-trough object-contain p-6" />
      )}
      <section aria-label="About the fixture">
        <dl className="grid grid-cols-[6.5rem_minmax(0,1fr)] gap-y-1.5 text-sm [&>dd]:break-words [&>dt]:text-muted">
          <dt>Shelf</dt>
          <dd>{profile.shelf === 'HOUSE' ? 'House' : 'Reference'}</dd>
          <dt>Manufacturer</dt>
          <dd>{profile.manufacturer}</dd>
          <dt>Short name</dt>
          <dd>{profile.shortName || '–'}</dd>
          {category !== '' && (
            <>
              <dt>Category</dt>
              <dd>{category}</dd>
            </>
          )}
          {profile.production !== null && (
            <>
              <dt>Production</dt>
              <dd>{profile.production}</dd>
            </>
          )}
          {origin && (
            <>
              <dt>Taken from</dt>
              <dd>
                <Link to={`/profile/${origin.profileId}?revision=${origin.number}`} className="underline underline-offset-2">
                  {`${origin.name}, revision ${origin.number}`}
                </Link>
                <Link
                  to={`/compare?left=${origin.profileId}&leftRevision=${origin.number}&right=${profile.id}&rightRevision=${profile.revision}`}
                  className="block text-muted underline underline-offset-2"
                >
                  What differs from it
                </Link>
              </dd>
            </>
          )}
          <dt>Other names</dt>
          <dd>{profile.tags.otherNames || '–'}</dd>
          <dt>Tags</dt>
          <dd>{profile.tags.tags || '–'}</dd>
        </dl>
        <PanelButton text="Names and tags" title={`What ${profile.name} is found by`}>
          {(close) => <TagsForm profile={profile} close={close} />}
        </PanelButton>
      </section>
      <FactsOfTheFixture facts={profile.facts} />
      {profile.description !== '' && <p className="text-sm">{profile.description}</p>}
      {profile.notes !== '' && (
        <section aria-label="Notes">
          <h2 className="mb-1 text-xs font-semibold text-muted">Notes for colleagues</h2>
          <p className="text-sm whitespace-pre-wrap">{profile.notes}</p>
        </section>
      )}
      <section aria-label="Who uses it">
        <h2 className="mb-1 text-xs font-semibold text-muted">Who uses it</h2>
        {profile.uses.length === 0 && (
          <p className="text-sm text-muted">No rig pins it; no copy and no production version derives from it.</p>
        )}
        <ul className="flex flex-col gap-1 text-sm">
          {profile.uses.map((use) => (
            <li key={`${use.profileId} ${use.revision}`}>
              <Link to={`/${use.kind === 'RIG' ? 'rigs' : 'profile'}/${use.profileId}`} className="underline underline-offset-2">
                {use.kind === 'PRODUCTION_VERSION'
                  ? `Production version for ${use.name}`
                  : use.kind === 'RIG'
                    ? `Rig ${use.name}`
                    : use.name}
              </Link>
              <span className="text-muted">
                {use.kind === 'RIG'
                  ? `, ${counted(use.units, 'unit pins', 'units pin')} revision ${use.revision}`
                  : `, from revision ${use.revision}`}
              </span>
            </li>
          ))}
        </ul>
      </section>
      {profile.sameMaps.length > 0 && (
        <section aria-label="Same DMX map">
          <h2 className="mb-1 text-xs font-semibold text-muted">Same DMX map</h2>
          <p className="mb-1 text-sm text-muted">The same DMX map under another name:</p>
          <ul className="flex flex-col gap-1 text-sm">
            {profile.sameMaps.map((same) => (
              <li key={`${same.profileId} ${same.own} ${same.mode}`}>
                {same.own}:{' '}
                <Link to={`/profile/${same.profileId}`} className="underline underline-offset-2">
                  {same.name}
                </Link>
                <span className="text-muted">{`, mode ${same.mode}`}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
      <ProfileSources profileId={profile.id} />
      {profile.files.length > 0 && (
        <section aria-label="Files">
          <h2 className="mb-1 text-xs font-semibold text-muted">Files in the GDTF</h2>
          <ul className="font-mono text-xs text-muted">
            {profile.files.slice(0, 24).map((path) => (
              <li key={path} className="truncate" title={path}>
                {path}
              </li>
            ))}
            {profile.files.length > 24 && <li className="font-sans">{`and ${profile.files.length - 24} more`}</li>}
          </ul>
        </section>
      )}
      <figure className="mt-auto flex items-center gap-3">
        <img src={`/api/profiles/${profile.id}/code.svg`} alt="QR code of this page" className="size-24 rounded-sm" />
        <figcaption className="text-xs text-muted">Leads back to this page; it also stands on every printed chart.</figcaption>
      </figure>
    </>
  );
}

function TagsForm({ profile, close }: { profile: ProfilePageView; close: () => void }) {
  const queryClient = useQueryClient();
  const [tags, setTags] = useState(profile.tags.tags);
  const [otherNames, setOtherNames] = useState(profile.tags.otherNames);
  const save = useMutation({
    mutationFn: () =>
      answer(
        api.PUT('/api/profiles/{profileId}/tags', {
          params: { path: { profileId: profile.id } },
          body: { version: profile.tags.version, tags, otherNames },
        }),
      ),
    onSuccess: () => {
      void queryClient.invalidateQueries({ queryKey: ['profile', profile.id] });
      close();
    },
  });
  const field = save.error instanceof Problem ? save.error.field : undefined;
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate();
      }}
    >
      <TextField
        label="Other names, parted by commas"
        value={otherNames}
        onChange={setOtherNames}
        error={field === 'otherNames' ? save.error?.message : null}
        maxLength={300}
        autoFocus
      />
      <TextField
        label="Tags, parted by spaces"
        value={tags}
        onChange={setTags}
        error={field === 'tags' ? save.error?.message : null}
        maxLength={300}
      />
      <p className="text-sm text-muted">The library&rsquo;s search finds it by these, too.</p>
      <Refusal says={field ? null : save.error?.message} />
      <Button main type="submit" className="self-end" disabled={save.isPending}>
        Save
      </Button>
    </form>
  );
}
