import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api } from '#/api/client';
import { Problem } from '#/api/problem';
import { withFile } from '#/api/with-file';
import { Button } from '#/ui/button';
import { Modal } from '#/ui/modal';
import { Refusal } from '#/ui/refusal';
import { TextField } from '#/ui/text-field';
import { wantedQuery } from './wanted-query';

/** A request for a profile: what stands on the fixture, by when, and the chart as a file or in words. */
export function AskDialog({ onClose }: { onClose: () => void }) {
  const queryClient = useQueryClient();
  const [manufacturer, setManufacturer] = useState('');
  const [model, setModel] = useState('');
  const [mode, setMode] = useState('');
  const [neededBy, setNeededBy] = useState('');
  const [words, setWords] = useState('');
  const [file, setFile] = useState<File | null>(null);
  const [id] = useState(() => crypto.randomUUID()); // sent again, it is the same request
  const ask = useMutation({
    mutationFn: async () => {
      const wish = await answer(
        api.POST('/api/wanted', {
          headers: { 'Kite-Change': id },
          body: { manufacturer, model, mode, neededBy: neededBy === '' ? null : neededBy, words },
        }),
      );
      if (file) await answer(api.POST('/api/wanted/{id}/files', { params: { path: { id: wish.id } }, ...withFile(file) }));
    },
    onSuccess: onClose,
    onSettled: () => void queryClient.invalidateQueries({ queryKey: wantedQuery.queryKey }),
  });
  const field = ask.error instanceof Problem ? ask.error.field : undefined;
  const says = (name: string) => (field === name ? ask.error?.message : null) ?? null;
  return (
    <Modal
      open
      onClose={onClose}
      title="Ask for a profile"
      description="A technician takes it over; it closes with the revision that fulfils it."
    >
      <form
        className="flex flex-col gap-4 overflow-y-auto"
        onSubmit={(event) => {
          event.preventDefault();
          ask.mutate();
        }}
      >
        <TextField
          label="Manufacturer"
          value={manufacturer}
          onChange={setManufacturer}
          error={says('manufacturer')}
          maxLength={120}
          autoFocus
        />
        <TextField label="Model" value={model} onChange={setModel} error={says('model')} maxLength={120} />
        <TextField label="Mode, as set on the fixture" value={mode} onChange={setMode} error={says('mode')} maxLength={120} />
        <label className="flex flex-col gap-1.5 text-sm text-muted">
          Needed by
          <input
            type="date"
            value={neededBy}
            onChange={(event) => setNeededBy(event.currentTarget.value)}
            className="min-h-9 rounded-md border border-edge bg-trough px-3 font-mono text-text"
          />
        </label>
        <TextField
          label="What else is known, or where the chart is"
          value={words}
          onChange={setWords}
          error={says('words')}
          maxLength={500}
        />
        <label className="flex flex-col gap-1.5 text-sm text-muted">
          The chart, or a photograph of it
          <input
            type="file"
            accept="application/pdf,image/png,image/jpeg,image/gif"
            className="text-sm text-muted file:mr-3 file:min-h-8 file:cursor-pointer file:rounded-md file:border file:border-line file:bg-raised file:px-3.5 file:text-text"
            onChange={(event) => setFile(event.currentTarget.files?.[0] ?? null)}
          />
        </label>
        <Refusal says={field === undefined || field === 'file' || field === 'neededBy' ? ask.error?.message : null} />
        <Button main type="submit" className="self-end" disabled={ask.isPending}>
          Ask
        </Button>
      </form>
    </Modal>
  );
}
