import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { answer, api } from '#/api/client';
import { Problem } from '#/api/problem';
import type { Gobo } from '#/api/types';
import { Button } from '#/ui/button';
import { Modal } from '#/ui/modal';
import { Refusal } from '#/ui/refusal';
import { tell } from '#/ui/toast';
import { GoboFactsFields } from '#/parts/gobo/gobo-facts';
import { Waiting } from '#/ui/waiting';

/** A gobo of the shelf: what is known of it, its line view, and where it is used. */
export function GoboDetails({ gobo, onClose }: { gobo: Gobo; onClose: () => void }) {
  const queryClient = useQueryClient();
  const { name, tags, manufacturer, manufacturerNumber, origin, rights } = gobo;
  const [facts, setFacts] = useState({ name, tags, manufacturer, manufacturerNumber, origin, rights });
  const [asked, setAsked] = useState(false);
  const used = useQuery({
    queryKey: ['gobo uses', gobo.id],
    queryFn: () => answer(api.GET('/api/gobos/{id}/uses', { params: { path: { id: gobo.id } } })),
  });
  const uses = used.data;
  const done = () => {
    void queryClient.invalidateQueries({ queryKey: ['gobos'] });
    onClose();
  };
  const save = useMutation({
    mutationFn: () => answer(api.PUT('/api/gobos/{id}', { params: { path: { id: gobo.id } }, body: { version: gobo.version, facts } })),
    onSuccess: done,
  });
  const remove = useMutation({
    mutationFn: async () => {
      const { response, error } = await api.DELETE('/api/gobos/{id}', { params: { path: { id: gobo.id } } });
      if (!response.ok) throw Problem.from(response.status, error);
    },
    onSuccess: () => {
      tell(`${gobo.name} is deleted. Profiles that use it keep it.`);
      done();
    },
  });
  const problem = save.error ?? remove.error;
  return (
    <Modal size="wide" open onClose={onClose} title={gobo.name} description={`${gobo.size} pixels a side, added by ${gobo.author}.`}>
      <form
        className="grid min-h-0 grid-cols-[14rem_minmax(0,1fr)] gap-6 overflow-y-auto"
        onSubmit={(event) => {
          event.preventDefault();
          save.mutate();
        }}
      >
        <div className="flex flex-col gap-3">
          <img src={gobo.picture} alt={`${gobo.name}, as light`} className="w-full rounded-full bg-black" />
          <figure className="rounded-md bg-[#fff] p-2">
            <img src={gobo.outline} alt={`Line view of ${gobo.name}`} className="w-full" />
          </figure>
          <p className="text-xs text-muted">As light, and as lines for plans.</p>
        </div>
        <div className="flex min-w-0 flex-col gap-4">
          <GoboFactsFields facts={facts} onChange={setFacts} />
          <section aria-label="Where it is used">
            <h3 className="mb-1 text-xs font-semibold text-muted">Where it is used</h3>
            <Waiting of={used} what="Where it is used" />
            {uses?.length === 0 && <p className="text-sm text-muted">In no profile yet.</p>}
            <ul className="text-sm">
              {uses?.map((use) => (
                <li key={`${use.profileId} ${use.revision}`}>
                  <Link to={`/editor/${use.profileId}`} className="text-kite-text underline underline-offset-2">
                    {use.name}
                  </Link>{' '}
                  <span className="text-muted">{use.revision === null ? 'in a draft' : `revision ${use.revision}`}</span>
                </li>
              ))}
            </ul>
          </section>
          <Refusal says={problem?.message} />
          <div className="mt-auto flex justify-between">
            <Button quiet onClick={() => (asked ? remove.mutate() : setAsked(true))}>
              {asked ? 'Yes, delete it' : 'Delete'}
            </Button>
            <Button main type="submit">
              Save
            </Button>
          </div>
        </div>
      </form>
    </Modal>
  );
}
