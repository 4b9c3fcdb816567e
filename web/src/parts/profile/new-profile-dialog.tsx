import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { answer, api } from '#/api/client';
import { Problem } from '#/api/problem';
import type { BeginRequest, ProfileLine } from '#/api/types';
import { Button } from '#/ui/button';
import { Choice } from '#/ui/choice';
import { Modal } from '#/ui/modal';
import { TextField } from '#/ui/text-field';
import { profileQuery } from './profile-query';
import { ProfilePicker } from './profile-picker';

const BODIES = [
  { value: 'FIXED', text: 'Empty, static fixture' },
  { value: 'MOVING_HEAD', text: 'Empty, moving head' },
  { value: 'COPY', text: 'A copy of a profile' },
  { value: 'PRODUCTION_VERSION', text: 'A production version: its own gobos and colours' },
];

/** Begins a profile: who makes it, what it is called, and what it starts from. */
export function NewProfileDialog({
  onClose,
  manufacturer: proposed = '',
  model = '',
}: {
  onClose: () => void;
  manufacturer?: string;
  model?: string;
}) {
  const [manufacturer, setManufacturer] = useState(proposed);
  const [name, setName] = useState(model);
  const [from, setFrom] = useState('MOVING_HEAD');
  const [source, setSource] = useState<ProfileLine | null>(null);
  const [revision, setRevision] = useState('');
  const [copyMode, setCopyMode] = useState('');
  const [production, setProduction] = useState('');
  const forProduction = from === 'PRODUCTION_VERSION';
  const { data: page } = useQuery({ ...profileQuery(source?.id ?? '', Number(revision)), enabled: source !== null && revision !== '' });
  const navigate = useNavigate();
  const queryClient = useQueryClient();
  const [id] = useState(() => crypto.randomUUID()); // sent again, it is the same profile
  const begin = useMutation({
    mutationFn: () => {
      const body: BeginRequest =
        (from === 'COPY' || forProduction) && source
          ? {
              manufacturer,
              name,
              body: null,
              copyOf: source.id,
              copyRevision: Number(revision),
              copyMode: forProduction ? null : copyMode || null,
              production: forProduction ? production : null,
            }
          : {
              manufacturer,
              name,
              body: from === 'FIXED' ? 'FIXED' : 'MOVING_HEAD',
              copyOf: null,
              copyRevision: null,
              copyMode: null,
              production: null,
            };
      return answer(api.POST('/api/profiles', { headers: { 'Kite-Change': id }, body }));
    },
    onSuccess: (draft) => {
      void queryClient.invalidateQueries({ queryKey: ['library'] });
      void navigate(`/editor/${draft.profileId}`);
    },
  });
  const field = begin.error instanceof Problem ? begin.error.field : undefined;
  return (
    <Modal open onClose={onClose} title="New profile" description="You can change all of this later.">
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          begin.mutate();
        }}
      >
        <div>
          <TextField
            label="Manufacturer"
            value={manufacturer}
            onChange={setManufacturer}
            autoFocus
            maxLength={120}
            error={field === 'manufacturer' ? begin.error?.message : null}
          />
          <Manufacturers typed={manufacturer} onChoose={setManufacturer} />
        </div>
        <TextField label="Model" value={name} onChange={setName} maxLength={120} error={field === 'name' ? begin.error?.message : null} />
        <Choice label="Begin with" value={from} options={BODIES} onChoose={setFrom} />
        {(from === 'COPY' || forProduction) && (
          <>
            {!source && (
              <ProfilePicker
                onChoose={(profile) => {
                  setSource(profile);
                  setRevision(String(profile.revision));
                  setCopyMode('');
                  if (forProduction) setName((before) => before || `${profile.name} `);
                }}
              />
            )}
            {source && (
              <div className="flex flex-wrap items-end gap-3">
                <Button quiet onClick={() => setSource(null)}>
                  {source.name}, choose another
                </Button>
                <Choice
                  label="Revision"
                  value={revision}
                  options={Array.from({ length: source.revision }, (_, index) => String(source.revision - index)).map((value) => ({
                    value,
                    text: value,
                  }))}
                  onChoose={setRevision}
                />
                {!forProduction && (
                  <Choice
                    label="Modes"
                    value={copyMode || 'all'}
                    options={[
                      { value: 'all', text: 'All modes' },
                      ...(page?.modes ?? []).map(({ summary }) => ({
                        value: summary.name,
                        text: `Only ${summary.name}, ${summary.footprint} addresses`,
                      })),
                    ]}
                    onChoose={(mode) => setCopyMode(mode === 'all' ? '' : mode)}
                  />
                )}
              </div>
            )}
            {forProduction && (
              <TextField
                label="Production"
                value={production}
                onChange={setProduction}
                maxLength={120}
                error={field === 'production' ? begin.error?.message : null}
              />
            )}
            {forProduction && (
              <p className="text-sm text-muted">
                Its DMX map stays that of the profile that it derives from; what its slots hold is yours. For next year, choose this
                year&rsquo;s here.
              </p>
            )}
          </>
        )}
        {begin.error && field !== 'manufacturer' && field !== 'name' && field !== 'production' && (
          <p role="alert" className="text-sm text-error">
            {begin.error.message}
          </p>
        )}
        <div className="flex justify-end">
          <Button main type="submit" disabled={begin.isPending || ((from === 'COPY' || forProduction) && !source)}>
            Begin
          </Button>
        </div>
      </form>
    </Modal>
  );
}

/** Manufacturers that the house has already, so that no second spelling comes about. */
function Manufacturers({ typed, onChoose }: { typed: string; onChoose: (name: string) => void }) {
  const { data } = useQuery({
    queryKey: ['manufacturers', typed],
    queryFn: ({ signal }) => answer(api.GET('/api/manufacturers', { params: { query: { name: typed } }, signal })),
    enabled: typed.trim() !== '',
  });
  const others = data?.filter((manufacturer) => manufacturer.name !== typed) ?? [];
  if (typed.trim() === '' || others.length === 0) return null;
  const near = others.some((manufacturer) => manufacturer.near);
  return (
    <p className={`mt-1.5 text-sm ${near ? 'text-warning' : 'text-muted'}`}>
      {near ? 'The house has this manufacturer already: ' : 'Known: '}
      {others.slice(0, 4).map((manufacturer) => (
        <button
          key={manufacturer.name}
          type="button"
          onClick={() => onChoose(manufacturer.name)}
          className="mr-2 text-text underline underline-offset-2"
        >
          {manufacturer.name}
        </button>
      ))}
    </p>
  );
}
