import { Plus } from 'lucide-react';
import { useState } from 'react';
import type { WheelLine } from '../api/types';
import { Button } from '../ui/button';
import { freeName } from '../ui/free-name';
import { Refusal } from '../ui/refusal';
import { useDesk, useDeskActions } from './desk-context';
import { SlotPicture } from './slot-picture';
import { WheelDialog } from './wheel-dialog';

/** The wheels of the profile; each opens as a wheel. */
export function WheelList() {
  const { draft } = useDesk();
  const { edit } = useDeskActions();
  const [refusal, setRefusal] = useState<string | null>(null);
  const [open, setOpen] = useState<number | null>(null);
  const shown = draft.wheels.find((wheel) => wheel.id === open);

  async function add() {
    setRefusal(await edit({ type: 'addWheel', name: freeName(draft.wheels, `Wheel ${draft.wheels.length + 1}`) }));
  }

  return (
    <section aria-label="Wheels">
      <div className="flex items-center justify-between pr-2 pl-3.5">
        <h2 className="text-xs font-semibold text-muted">Wheels</h2>
        <Button quiet aria-label="Add a wheel" onClick={() => void add()}>
          <Plus size={14} aria-hidden /> Add
        </Button>
      </div>
      <ul className="flex flex-col">
        {draft.wheels.map((wheel) => (
          <Wheel key={wheel.id} wheel={wheel} onOpen={() => setOpen(wheel.id)} />
        ))}
      </ul>
      <Refusal says={refusal} className="px-3.5" />
      {shown && <WheelDialog wheel={shown} onClose={() => setOpen(null)} />}
    </section>
  );
}

function Wheel({ wheel, onOpen }: { wheel: WheelLine; onOpen: () => void }) {
  return (
    <li id={`wheel-${wheel.id}`} tabIndex={-1} className="scroll-mt-4 rounded-sm">
      <button type="button" onClick={onOpen} className="w-full px-3.5 py-1.5 text-left hover:bg-raised">
        <span className="flex justify-between gap-2">
          <span className="truncate">{wheel.name}</span>
          <span className="shrink-0 text-sm text-muted">
            {wheel.slots.length} slots<span className="sr-only">, open the wheel</span>
          </span>
        </span>
        <span className="mt-1 flex flex-wrap gap-1">
          {wheel.slots.map((slot) => (
            <SlotPicture key={slot.number} slot={slot} className="size-6" />
          ))}
        </span>
      </button>
    </li>
  );
}
