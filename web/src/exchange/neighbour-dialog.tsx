import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useId, useState } from 'react';
import { answer, api } from '#/api/client';
import { Problem } from '#/api/problem';
import type { Neighbour } from '#/api/types';
import { neighboursQuery } from '#/parts/exchange/exchange-query';
import { Button } from '#/ui/button';
import { Modal } from '#/ui/modal';
import { Refusal } from '#/ui/refusal';
import { TextField } from '#/ui/text-field';

/** A neighbour that is added, or what is known of one. It is saved once it has let us in. */
export function NeighbourDialog({ neighbour, onClose }: { neighbour: Neighbour | null; onClose: () => void }) {
  const queryClient = useQueryClient();
  const [facts, setFacts] = useState({
    name: neighbour?.name ?? '',
    address: neighbour?.address ?? 'https://',
    login: neighbour?.login ?? '',
    secret: '',
  });
  const [id] = useState(() => crypto.randomUUID());
  const secretId = useId();
  const save = useMutation({
    mutationFn: () =>
      neighbour
        ? answer(api.PUT('/api/neighbours/{id}', { params: { path: { id: neighbour.id } }, body: { version: neighbour.version, facts } }))
        : answer(api.POST('/api/neighbours', { headers: { 'Kite-Change': id }, body: facts })),
    onSuccess: async () => {
      await queryClient.invalidateQueries({ queryKey: neighboursQuery.queryKey });
      onClose();
    },
  });
  const { error } = save;
  const field = error instanceof Problem ? error.field : undefined;
  const of = (name: string) => (field === name ? (error?.message ?? null) : null);
  return (
    <Modal
      open
      onClose={onClose}
      title={neighbour ? `Edit ${neighbour.name}` : 'Add neighbour'}
      description="The library of another house or of a manufacturer. It is saved once it lets you in; the secret is kept encrypted."
    >
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          save.mutate();
        }}
      >
        <TextField label="Name" autoFocus value={facts.name} onChange={(name) => setFacts({ ...facts, name })} error={of('name')} />
        <TextField label="Address" value={facts.address} onChange={(address) => setFacts({ ...facts, address })} error={of('address')} />
        <TextField label="Sign in as" value={facts.login} onChange={(login) => setFacts({ ...facts, login })} error={of('login')} />
        <div className="flex flex-col gap-1.5">
          <label htmlFor={secretId} className="text-sm text-muted">
            {neighbour ? 'Secret; empty = unchanged' : 'Secret'}
          </label>
          <input
            id={secretId}
            type="password"
            autoComplete="off"
            value={facts.secret}
            aria-invalid={of('secret') ? true : undefined}
            onChange={(event) => setFacts({ ...facts, secret: event.currentTarget.value })}
            className="min-h-9 rounded-md border border-edge bg-trough px-3 aria-invalid:border-error"
          />
          <Refusal says={of('secret') ?? undefined} />
        </div>
        {error && !['name', 'address', 'login', 'secret'].includes(field ?? '') && <Refusal says={error.message} />}
        <div className="flex justify-end gap-2">
          <Button onClick={onClose}>Cancel</Button>
          <Button main type="submit" disabled={save.isPending}>
            {save.isPending ? 'Signing in …' : 'Save'}
          </Button>
        </div>
      </form>
    </Modal>
  );
}
