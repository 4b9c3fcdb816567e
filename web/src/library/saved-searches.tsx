import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { X } from 'lucide-react';
import { useState } from 'react';
import { answer, api, done } from '#/api/client';
import { Button } from '#/ui/button';
import { PanelButton } from '#/ui/panel-button';
import { Refusal } from '#/ui/refusal';
import { TextField } from '#/ui/text-field';
import { Waiting } from '#/ui/waiting';

/** Searches that the house keeps: each opens as it was, and what is looked for now can be kept. */
export function SavedSearches({ params, onChoose }: { params: URLSearchParams; onChoose: (params: URLSearchParams) => void }) {
  return (
    <PanelButton text="Saved searches" title="Saved searches">
      {(close) => (
        <Kept
          params={params}
          onChoose={(chosen) => {
            onChoose(chosen);
            close();
          }}
        />
      )}
    </PanelButton>
  );
}

function Kept({ params, onChoose }: { params: URLSearchParams; onChoose: (params: URLSearchParams) => void }) {
  const queryClient = useQueryClient();
  const [name, setName] = useState('');
  const asked = useQuery({ queryKey: ['searches'], queryFn: () => answer(api.GET('/api/searches')) });
  const { data } = asked;
  const keep = useMutation({
    mutationFn: () => answer(api.POST('/api/searches', { body: { name, search: params.toString() } })),
    onSuccess: (all) => {
      queryClient.setQueryData(['searches'], all);
      setName('');
    },
  });
  const forget = useMutation({
    mutationFn: (id: string) => done(api.DELETE('/api/searches/{id}', { params: { path: { id } } })),
    onSuccess: () => queryClient.invalidateQueries({ queryKey: ['searches'] }),
  });
  const says = params.toString() !== '';
  return (
    <div className="flex flex-col gap-4">
      <Waiting of={asked} what="The saved searches" />
      {data?.length === 0 && !says && (
        <p className="text-sm text-muted">None yet. Search for something, or narrow the list, and save that here under a name.</p>
      )}
      <ul>
        {data?.map((each) => (
          <li key={each.id} className="flex items-center">
            <button
              type="button"
              onClick={() => onChoose(new URLSearchParams(each.search))}
              title={`Saved by ${each.author}`}
              className="min-h-8 min-w-0 flex-1 truncate rounded-md px-2 text-left text-sm hover:bg-raised"
            >
              {each.name}
            </button>
            <button
              type="button"
              aria-label={`Delete ${each.name}`}
              onClick={() => forget.mutate(each.id)}
              className="grid size-8 place-items-center rounded-md text-muted hover:bg-raised hover:text-text"
            >
              <X size={14} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
      {says && (
        <form
          className="flex flex-col gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            keep.mutate();
          }}
        >
          <TextField label="Save this search as" value={name} onChange={setName} maxLength={120} autoFocus />
          <Refusal says={keep.error?.message} />
          <Button type="submit" main className="self-end" disabled={name.trim() === '' || keep.isPending}>
            Save
          </Button>
        </form>
      )}
    </div>
  );
}
