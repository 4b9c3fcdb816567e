import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { ProfileLine } from '#/api/types';
import { TextField } from '#/ui/text-field';
import { pieceQuery } from './library-search';
import { Waiting } from '#/ui/waiting';

/** A published profile, of either shelf or of one, found by its name. */
export function ProfilePicker({ onChoose, shelf }: { onChoose: (profile: ProfileLine) => void; shelf?: ProfileLine['shelf'] }) {
  const [search, setSearch] = useState('');
  const asked = useQuery({ ...pieceQuery(shelf ? { search, shelf: [shelf] } : { search }, 0), placeholderData: keepPreviousData });
  const { data } = asked;
  return (
    <div className="flex min-h-0 flex-col gap-2">
      <Waiting of={asked} what="The profiles" />
      <TextField label="Find a profile" value={search} onChange={setSearch} autoFocus />
      <ul aria-label="Profiles" className="flex max-h-56 flex-col overflow-y-auto">
        {data?.profiles
          .filter((profile) => profile.revision > 0)
          .map((profile) => (
            <li key={profile.id} className="flex">
              <button
                type="button"
                onClick={() => onChoose(profile)}
                className="min-h-8 flex-1 truncate rounded-md px-2 text-left hover:bg-raised"
              >
                <span className="text-muted">{profile.manufacturer}</span> {profile.name}
                {profile.shelf === 'REFERENCE' && <span className="text-muted"> (Reference)</span>}
              </button>
            </li>
          ))}
      </ul>
    </div>
  );
}
