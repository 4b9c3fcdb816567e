import { Copy, Plus } from 'lucide-react';
import { useState } from 'react';
import type { WheelKind, WheelLine } from '#/api/types';
import { Button } from '#/ui/button';
import { Choice } from '#/ui/choice';
import { freeName } from '#/ui/free-name';
import { PanelButton } from '#/ui/panel-button';
import { TextField } from '#/ui/text-field';
import { CopyWheel } from './copy-wheel';
import { useEditor } from '#/editor/kit/editor-context';
import { PanelForm } from '#/editor/kit/panel-form';
import { SlotsInARow } from '#/parts/wheel/slots-in-a-row';
import { counted } from '#/ui/counted';
import { later } from '#/ui/later';
import { KINDS } from '#/parts/wheel/wheel-kinds';

const WheelDialog = later(() => import('./wheel-dialog').then((file) => file.WheelDialog));

/** The wheels of the profile; each opens as a wheel. */
export function WheelList() {
  const { draft } = useEditor();
  const [open, setOpen] = useState<number | null>(null);
  const shown = draft.wheels.find((wheel) => wheel.id === open);

  return (
    <section aria-label="Wheels">
      <div className="flex items-center justify-between pr-2 pl-3.5">
        <h2 className="text-xs font-semibold text-muted">Wheels</h2>
        <PanelButton text="Add a wheel" icon={<Plus size={14} aria-hidden />} title="Add a wheel">
          {(close) => <NewWheel close={close} />}
        </PanelButton>
      </div>
      <ul className="flex flex-col">
        {draft.wheels.map((wheel) => (
          <Wheel key={wheel.id} wheel={wheel} onOpen={() => setOpen(wheel.id)} />
        ))}
      </ul>
      {shown && <WheelDialog wheel={shown} onClose={() => setOpen(null)} />}
    </section>
  );
}

/** A wheel of a kind, or one that another profile has. */
function NewWheel({ close }: { close: () => void }) {
  const { draft } = useEditor();
  const [kind, setKind] = useState<WheelKind>('STILL_GOBOS');
  const [name, setName] = useState(freeName(draft.wheels, `Wheel ${draft.wheels.length + 1}`));
  const [copying, setCopying] = useState(false);
  if (copying) return <CopyWheel over={null} onDone={close} />;
  return (
    <PanelForm submit="Add" close={close} toEdit={() => ({ type: 'addWheel', name, kind })}>
      <TextField label="Name" value={name} onChange={setName} maxLength={120} autoFocus />
      <Choice
        label="Kind"
        value={kind}
        options={KINDS}
        onChoose={(value) => setKind(KINDS.find((each) => each.value === value)?.value ?? 'OTHER')}
      />
      <Button quiet className="self-start" onClick={() => setCopying(true)}>
        <Copy size={14} aria-hidden /> Copy a wheel from another profile
      </Button>
    </PanelForm>
  );
}

function Wheel({ wheel, onOpen }: { wheel: WheelLine; onOpen: () => void }) {
  return (
    <li id={`wheel-${wheel.id}`} tabIndex={-1} className="scroll-mt-4 rounded-sm">
      <button type="button" onClick={onOpen} className="w-full px-3.5 py-1.5 text-left hover:bg-raised">
        <span className="flex justify-between gap-2">
          <span className="truncate">{wheel.name}</span>
          <span className="shrink-0 text-sm text-muted">
            {counted(wheel.slots.length, 'slot', 'slots')}
            <span className="sr-only">, open the wheel</span>
          </span>
        </span>
        <SlotsInARow slots={wheel.slots} />
      </button>
    </li>
  );
}
