import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { answer, api } from '#/api/client';
import { Problem } from '#/api/problem';
import { Button } from '#/ui/button';
import { Modal } from '#/ui/modal';
import { Refusal } from '#/ui/refusal';
import { TextField } from '#/ui/text-field';
import { rigQuery, rigsQuery } from './rig-query';

/** Begins a rig and goes there. */
export function BeginRig({ onClose }: { onClose: () => void }) {
  const [name, setName] = useState('');
  const [production, setProduction] = useState('');
  const [id] = useState(() => crypto.randomUUID());
  const queryClient = useQueryClient();
  const navigate = useNavigate();
  const begin = useMutation({
    mutationFn: () => answer(api.POST('/api/rigs', { headers: { 'Kite-Change': id }, body: { name, production } })),
    onSuccess: async (rig) => {
      queryClient.setQueryData(rigQuery(rig.id).queryKey, rig);
      await queryClient.invalidateQueries({ queryKey: rigsQuery.queryKey });
      await navigate(`/rigs/${rig.id}`);
    },
  });
  const refusal = begin.error instanceof Problem ? begin.error : null;
  return (
    <Modal open onClose={onClose} title="New rig" description="The fixtures of one production.">
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          begin.mutate();
        }}
      >
        <TextField
          label="Name"
          value={name}
          onChange={setName}
          maxLength={200}
          autoFocus
          placeholder="Summer tour"
          error={refusal?.field === 'name' ? refusal.message : null}
        />
        <TextField label="Production (optional)" value={production} onChange={setProduction} maxLength={200} />
        {refusal?.field !== 'name' && <Refusal says={begin.error?.message} />}
        <div className="flex justify-end gap-2">
          <Button onClick={onClose}>Cancel</Button>
          <Button main type="submit" disabled={begin.isPending}>
            Create
          </Button>
        </div>
      </form>
    </Modal>
  );
}
