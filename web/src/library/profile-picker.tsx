import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api } from '../api/client';
import type { ProfileLine } from '../api/types';
import { TextField } from '../ui/text-field';

/** A published profile, found by its name. */
export function ProfilePicker({ onChoose }: { onChoose: (profile: ProfileLine) => void }) {
  const [search, setSearch] = useState('');
  const { data } = useQuery({
    queryKey: ['library', search],
    queryFn: ({ signal }) => answer(api.GET('/api/library', { params: { query: { search } }, signal })),
    placeholderData: keepPreviousData,
  });
  return (
    <div className="flex min-h-0 flex-col gap-2">
      <TextField label="Find a profile" value={search} onChange={setSearch} autoFocus />
      <ul aria-label="Profiles" className="flex max-h-56 flex-col overflow-y-auto">
        {data?.makers.flatMap((maker) =>
          maker.profiles
            .filter((profile) => profile.revision > 0)
            .map((profile) => (
              <li key={profile.id} className="flex">
                <button type="button" onClick={() => onChoose(profile)} className="min-h-8 flex-1 truncate rounded-md px-2 text-left hover:bg-raised">
                  <span className="text-muted">{maker.name}</span> {profile.name}
                </button>
              </li>
            )),
        )}
      </ul>
    </div>
  );
}
