import { useQuery } from '@tanstack/react-query';
import { Upload } from 'lucide-react';
import { useDeferredValue, useState } from 'react';
import type { Gobo } from '#/api/types';
import { Button } from '#/ui/button';
import { Modal } from '#/ui/modal';
import { TextField } from '#/ui/text-field';
import { GoboGrid } from './gobo-grid';
import { later } from '#/ui/later';
import { gobosQuery } from './gobo-query';
import { Waiting } from '#/ui/waiting';

const GoboIntake = later(() => import('./gobo-intake').then((file) => file.GoboIntake));

/** A gobo of the shelf, or one that is taken in now. */
export function GoboPicker({ title, onChoose, onClose }: { title: string; onChoose: (gobo: Gobo) => void; onClose: () => void }) {
  const [search, setSearch] = useState('');
  const [taking, setTaking] = useState(false);
  const asked = useQuery(gobosQuery(useDeferredValue(search)));
  const { data } = asked;
  if (taking) return <GoboIntake onClose={() => setTaking(false)} onKept={onChoose} />;
  return (
    <Modal size="wide" open onClose={onClose} title={title} description="The house's gobos; profiles share their pictures.">
      <div className="flex items-end gap-3">
        <div className="flex-1">
          <Waiting of={asked} what="The gobos" />
          <TextField label="Find a gobo" value={search} onChange={setSearch} autoFocus />
        </div>
        <Button onClick={() => setTaking(true)}>
          <Upload size={14} aria-hidden /> Import a picture
        </Button>
      </div>
      <div className="min-h-0 overflow-y-auto">{data && <GoboGrid gobos={data} onChoose={onChoose} />}</div>
    </Modal>
  );
}
