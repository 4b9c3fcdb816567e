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
  { value: 'FIXED', text: 'An empty page, a lamp that stands still' },
  { value: 'MOVING_HEAD', text: 'An empty page, a moving head' },
  { value: 'COPY', text: 'A copy of a profile' },
  { value: 'LOAD', text: "A production's own gobos and colours in a profile" },
];

/** Begins a profile: who makes it, what it is called, and what it starts from. */
export function NewProfileDialog({ onClose, maker = '', model = '' }: { onClose: () => void; maker?: string; model?: string }) {
  const [manufacturer, setManufacturer] = useState(maker);
  const [name, setName] = useState(model);
  const [from, setFrom] = useState('MOVING_HEAD');
  const [source, setSource] = useState<ProfileLine | null>(null);
  const [revision, setRevision] = useState('');
  const [copyMode, setCopyMode] = useState('');
  const [production, setProduction] = useState('');
  const load = from === 'LOAD';
  const { data: page } = useQuery({ ...profileQuery(source?.id ?? '', Number(revision)), enabled: source !== null && revision !== '' });
  const navigate = useNavigate();
  const queryClient = useQueryClient();
  const begin = useMutation({
    mutationFn: () => {
      const body: BeginRequest =
        (from === 'COPY' || load) && source
          ? {
              manufacturer,
              name,
              body: null,
              copyOf: source.id,
              copyRevision: Number(revision),
              copyMode: load ? null : copyMode || null,
              production: load ? production : null,
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
      return answer(api.POST('/api/profiles', { body }));
    },
    onSuccess: (draft) => {
      void queryClient.invalidateQueries({ queryKey: ['library'] });
      void navigate(`/desk/${draft.profileId}`);
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
          <Makers typed={manufacturer} onChoose={setManufacturer} />
        </div>
        <TextField label="Model" value={name} onChange={setName} maxLength={120} error={field === 'name' ? begin.error?.message : null} />
        <Choice label="Begin with" value={from} options={BODIES} onChoose={setFrom} />
        {(from === 'COPY' || load) && (
          <>
            {!source && (
              <ProfilePicker
                onChoose={(profile) => {
                  setSource(profile);
                  setRevision(String(profile.revision));
                  setCopyMode('');
                  if (load) setName((before) => before || `${profile.name} `);
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
                {!load && (
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
            {load && (
              <TextField
                label="Production"
                value={production}
                onChange={setProduction}
                maxLength={120}
                error={field === 'production' ? begin.error?.message : null}
              />
            )}
            {load && (
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
          <Button main type="submit" disabled={begin.isPending || ((from === 'COPY' || load) && !source)}>
            Begin
          </Button>
        </div>
      </form>
    </Modal>
  );
}

/** Makers that the house has already, so that no second spelling comes about. */
function Makers({ typed, onChoose }: { typed: string; onChoose: (name: string) => void }) {
  const { data } = useQuery({
    queryKey: ['manufacturers', typed],
    queryFn: ({ signal }) => answer(api.GET('/api/manufacturers', { params: { query: { name: typed } }, signal })),
    enabled: typed.trim() !== '',
  });
  const others = data?.filter((maker) => maker.name !== typed) ?? [];
  if (typed.trim() === '' || others.length === 0) return null;
  const near = others.some((maker) => maker.near);
  return (
    <p className={`mt-1.5 text-sm ${near ? 'text-warning' : 'text-muted'}`}>
      {near ? 'The house has this maker already: ' : 'Known: '}
      {others.slice(0, 4).map((maker) => (
        <button key={maker.name} type="button" onClick={() => onChoose(maker.name)} className="mr-2 text-text underline underline-offset-2">
          {maker.name}
        </button>
      ))}
    </p>
  );
}
