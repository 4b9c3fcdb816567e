import type { Rig, RigEdit } from '#/api/types';
import { Button } from '#/ui/button';
import { counted } from '#/ui/counted';

/** Units that an update took out: they wait here with all that was programmed on them. */
export function AsideUnits({ rig, onEdit }: { rig: Rig; onEdit: (edit: RigEdit) => void }) {
  if (rig.aside.length === 0) return null;
  const all = rig.aside.map((unit) => unit.uuid);
  return (
    <section aria-label="Gone from the file" className="flex flex-col gap-2 border-b border-line p-4 text-sm">
      <p>{`${counted(rig.aside.length, 'unit is', 'units are')} gone from the file of this rig, and set aside.`}</p>
      <ul className="flex max-h-56 flex-col overflow-y-auto">
        {rig.aside.map((unit) => (
          <li key={unit.uuid} className="flex items-center gap-2 border-t border-line py-1">
            <span className="min-w-0 flex-1">
              <span className="font-mono">{unit.id || '–'}</span> {unit.name}
              <span className="block truncate text-xs text-muted">{`${unit.fixture}, ${unit.address}`}</span>
            </span>
            <Button quiet onClick={() => onEdit({ type: 'restoreAside', units: [unit.uuid] })}>
              Restore
            </Button>
          </li>
        ))}
      </ul>
      <span className="flex gap-2">
        <Button onClick={() => onEdit({ type: 'restoreAside', units: all })}>Restore all</Button>
        <Button quiet onClick={() => onEdit({ type: 'deleteAside', units: all })}>
          Delete all
        </Button>
      </span>
    </section>
  );
}
