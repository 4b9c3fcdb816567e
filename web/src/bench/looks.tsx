import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Save, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { answer, api } from '#/api/client';
import type { Hands } from '#/api/types';
import { Button } from '#/ui/button';
import { NumberField } from '#/ui/number-field';
import { Refusal } from '#/ui/refusal';
import { TextField } from '#/ui/text-field';
import { looksQuery } from './hands-query';

/** What the fixture showed, kept by name, and sent again as a fade. */
export function Looks({ hands, onSend }: { hands: Hands; onSend: (look: string, seconds: number) => void }) {
  const query = looksQuery(hands.id);
  const { data: looks } = useQuery(query);
  const [name, setName] = useState('');
  const [seconds, setSeconds] = useState('3');
  const queryClient = useQueryClient();
  const path = { id: hands.id };
  const known = (to: NonNullable<typeof looks>) => queryClient.setQueryData(query.queryKey, to);
  const save = useMutation({
    mutationFn: () => answer(api.POST('/api/hands/{id}/looks', { params: { path }, body: { name } })),
    onSuccess: (to) => {
      known(to);
      setName('');
    },
  });
  const remove = useMutation({
    mutationFn: (look: string) => answer(api.DELETE('/api/hands/{id}/looks/{look}', { params: { path: { ...path, look } } })),
    onSuccess: known,
  });
  const time = Number(seconds.replace(',', '.'));
  const isTime = seconds.trim() !== '' && time >= 0 && time <= 3600;
  return (
    <section aria-label="Looks" className="flex flex-col gap-2 rounded-md border border-line p-3">
      <h3 className="text-sm font-semibold">Looks</h3>
      <form
        className="flex items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          save.mutate();
        }}
      >
        <div className="min-w-0 flex-1">
          <TextField label="Save as" value={name} onChange={setName} maxLength={100} />
        </div>
        <Button type="submit" className="min-h-9" disabled={name.trim() === '' || save.isPending}>
          <Save size={16} aria-hidden />
          Save
        </Button>
      </form>
      <NumberField label="Fade time, s" value={seconds} onChange={setSeconds} />
      {!isTime && <p className="text-sm text-error">From 0 to 3600 seconds.</p>}
      <ul aria-label="Saved looks" className="flex flex-col gap-1">
        {looks?.map((look) => (
          <li key={look.id} className="flex items-center gap-1">
            <Button className="min-w-0 flex-1 !justify-start" disabled={!isTime} onClick={() => onSend(look.id, time)}>
              <span className="truncate">{look.name}</span>
            </Button>
            <Button quiet aria-label={`Delete ${look.name}`} onClick={() => remove.mutate(look.id)}>
              <Trash2 size={15} aria-hidden />
            </Button>
          </li>
        ))}
      </ul>
      <Refusal says={save.error?.message ?? remove.error?.message} />
    </section>
  );
}
