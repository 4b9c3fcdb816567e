import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Download, PackagePlus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { answer, api, done } from '#/api/client';
import { Button, buttonLook } from '#/ui/button';
import { counted } from '#/ui/counted';
import { PanelButton } from '#/ui/panel-button';
import { Refusal } from '#/ui/refusal';
import { TextField } from '#/ui/text-field';
import { tell } from '#/ui/toast';

/** What can be done with the profiles that are chosen in the list. */
export function ChosenBar({ chosen, onNone }: { chosen: ReadonlySet<string>; onNone: () => void }) {
  const queryClient = useQueryClient();
  const ids = [...chosen];
  const query = ids.map((id) => `profile=${id}`).join('&');
  const bin = useMutation({
    mutationFn: () => done(api.POST('/api/bin', { body: { profiles: ids } })),
    onSuccess: () => {
      tell(`${counted(ids.length, 'profile lies', 'profiles lie')} in the bin, for 30 days.`);
      void queryClient.invalidateQueries({ queryKey: ['library'] });
      void queryClient.invalidateQueries({ queryKey: ['bin'] });
      onNone();
    },
    onError: (error) => tell(error.message),
  });
  return (
    <section aria-label="Selected profiles" className="flex flex-wrap items-center gap-3 border-t border-line bg-panel px-5 py-2.5">
      <p className="mr-auto text-sm">{counted(chosen.size, 'profile selected', 'profiles selected')}</p>
      <Button quiet onClick={onNone}>
        Clear selection
      </Button>
      <Button quiet disabled={bin.isPending} onClick={() => bin.mutate()}>
        <Trash2 size={16} aria-hidden />
        Move to the bin
      </Button>
      <PanelButton text="To another manufacturer" title="Move to another manufacturer">
        {(close) => (
          <Move
            ids={ids}
            onDone={() => {
              close();
              onNone();
            }}
          />
        )}
      </PanelButton>
      <Link to={`/releases/new?${query}`} className={buttonLook({})}>
        <PackagePlus size={16} aria-hidden />
        Add to a release
      </Link>
      <a href={`/api/export.zip?${query}`} download className={buttonLook({})}>
        <Download size={16} aria-hidden />
        Export as one ZIP
      </a>
    </section>
  );
}

function Move({ ids, onDone }: { ids: string[]; onDone: () => void }) {
  const queryClient = useQueryClient();
  const [manufacturer, setManufacturer] = useState('');
  const move = useMutation({
    mutationFn: () => answer(api.POST('/api/profiles/move', { body: { profiles: ids, manufacturer } })),
    onSuccess: (lines) => {
      void queryClient.invalidateQueries({ queryKey: ['library'] });
      void queryClient.invalidateQueries({ queryKey: ['profile'] });
      const left = lines.filter((line) => !line.moved);
      tell(
        [
          `${counted(lines.length - left.length, 'profile belongs', 'profiles belong')} to ${manufacturer} now.`,
          ...left.slice(0, 3).map((line) => `${line.name}: ${line.why}`),
          left.length > 3 ? `${left.length - 3} more were not moved.` : '',
        ]
          .filter((part) => part !== '')
          .join(' '),
      );
      onDone();
    },
  });
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (manufacturer.trim() !== '') move.mutate();
      }}
    >
      <TextField label="Manufacturer" value={manufacturer} onChange={setManufacturer} maxLength={120} autoFocus />
      <p className="text-sm text-muted">A file says who makes the fixture, so each profile gets a revision of its own.</p>
      <Refusal says={move.error?.message} />
      <Button main type="submit" className="self-end" disabled={manufacturer.trim() === '' || move.isPending}>
        {move.isPending ? 'Moving …' : 'Move'}
      </Button>
    </form>
  );
}
