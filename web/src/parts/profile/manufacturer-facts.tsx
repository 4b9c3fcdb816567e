import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api } from '#/api/client';
import { Problem } from '#/api/problem';
import type { Manufacturer } from '#/api/types';
import { Button } from '#/ui/button';
import { Choice } from '#/ui/choice';
import { counted } from '#/ui/counted';
import { Refusal } from '#/ui/refusal';
import { TextField } from '#/ui/text-field';
import { tell } from '#/ui/toast';

/** What the house knows of a manufacturer. */
export function ManufacturerFacts({ name, onDone }: { name: string; onDone: () => void }) {
  const { data, error } = useQuery({
    queryKey: ['manufacturer', name],
    queryFn: () => answer(api.GET('/api/manufacturer', { params: { query: { name } } })),
  });
  if (error) return <p role="alert" className="text-sm text-muted">{`${error.message} It is there once the profile is published.`}</p>;
  if (!data) return null;
  return (
    <div className="flex flex-col gap-5">
      <Form key={data.version} manufacturer={data} onDone={onDone} />
      <Spellings manufacturer={data} onDone={onDone} />
    </div>
  );
}

function Form({ manufacturer, onDone }: { manufacturer: Manufacturer; onDone: () => void }) {
  const queryClient = useQueryClient();
  const [shortName, setShortName] = useState(manufacturer.facts.shortName);
  const [rdm, setRdm] = useState(manufacturer.facts.rdmId);
  const [website, setWebsite] = useState(manufacturer.facts.website);
  const [contact, setContact] = useState(manufacturer.facts.contact);
  const keep = useMutation({
    mutationFn: () =>
      answer(
        api.PUT('/api/manufacturer', {
          body: {
            name: manufacturer.name,
            version: manufacturer.version,
            facts: { shortName, rdmId: rdm, website, contact },
          },
        }),
      ),
    onSuccess: (kept) => {
      queryClient.setQueryData(['manufacturer', manufacturer.name], kept);
      onDone();
    },
    onError: (problem) => {
      if (problem instanceof Problem && problem.status === 409)
        void queryClient.invalidateQueries({ queryKey: ['manufacturer', manufacturer.name] });
    },
  });
  const field = keep.error instanceof Problem ? keep.error.field : null;
  const errorOf = (which: string) => (field === which ? (keep.error?.message ?? null) : null);
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        keep.mutate();
      }}
    >
      <TextField label="Short name" value={shortName} onChange={setShortName} error={errorOf('shortName')} autoFocus />
      <TextField label="RDM manufacturer id, four hex digits" value={rdm} onChange={setRdm} error={errorOf('rdmId')} placeholder="7FF0" />
      <TextField label="Website" value={website} onChange={setWebsite} error={errorOf('website')} placeholder="https://" />
      <TextField label="Contact" value={contact} onChange={setContact} error={errorOf('contact')} />
      {manufacturer.facts.website !== '' && (
        <a href={manufacturer.facts.website} target="_blank" rel="noreferrer noopener" className="text-sm text-kite-text underline">
          Open the website
        </a>
      )}
      {keep.error && !field && (
        <p role="alert" className="text-sm text-error">
          {keep.error.message}
        </p>
      )}
      <Button main type="submit" className="self-end" disabled={keep.isPending}>
        Save
      </Button>
    </form>
  );
}

/** Another spelling of a manufacturer becomes part of it, with its profiles and whatever comes in later. */
function Spellings({ manufacturer, onDone }: { manufacturer: Manufacturer; onDone: () => void }) {
  const queryClient = useQueryClient();
  const [into, setInto] = useState('');
  const { data } = useQuery({
    queryKey: ['manufacturers', ''],
    queryFn: () => answer(api.GET('/api/manufacturers', { params: { query: {} } })),
  });
  const merge = useMutation({
    mutationFn: () => answer(api.POST('/api/manufacturer/merge', { body: { name: manufacturer.name, into } })),
    onSuccess: ({ moved }) => {
      tell(`${manufacturer.name} counts as ${into} from now on; ${counted(moved, 'profile', 'profiles')} moved.`);
      void queryClient.invalidateQueries({ queryKey: ['library'] });
      void queryClient.invalidateQueries({ queryKey: ['manufacturers'] });
      onDone();
    },
  });
  const others = data?.filter((each) => each.name !== manufacturer.name) ?? [];
  return (
    <form
      className="flex flex-col gap-3 border-t border-line pt-4"
      onSubmit={(event) => {
        event.preventDefault();
        if (into !== '') merge.mutate();
      }}
    >
      {manufacturer.spellings.length > 0 && <p className="text-sm text-muted">{`Also written ${manufacturer.spellings.join(', ')}.`}</p>}
      {others.length > 0 && (
        <>
          <Choice
            label="This is another spelling of"
            value={into}
            placeholder="another manufacturer"
            options={others.map((each) => ({ value: each.name, text: each.name }))}
            onChoose={setInto}
          />
          <Refusal says={merge.error?.message} />
          <Button type="submit" className="self-end" disabled={into === '' || merge.isPending}>
            Merge
          </Button>
        </>
      )}
    </form>
  );
}
