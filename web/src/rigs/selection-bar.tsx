import { Trash2, X } from 'lucide-react';
import { useState } from 'react';
import type { Rig, RigEdit } from '#/api/types';
import { Button } from '#/ui/button';
import { counted } from '#/ui/counted';
import { Typed } from '#/ui/typed';
import { ReplaceUnits } from './replace-units';
import type { UnitSelection } from './use-units';

/** What can be done with the units that are selected, in the order of the list. */
export function SelectionBar({
  rig,
  selection,
  onSend,
}: {
  rig: Rig;
  selection: UnitSelection;
  onSend: (edit: RigEdit) => Promise<string | null>;
}) {
  const [replacing, setReplacing] = useState(false);
  const [around, setAround] = useState(true);
  const { selected } = selection;
  if (selected.length === 0) return null;
  const units = selected.map((unit) => unit.uuid);
  const several = selected.length > 1;
  return (
    <div
      role="toolbar"
      aria-label="Selected units"
      className="flex flex-wrap items-center gap-x-4 gap-y-1.5 border-b border-line bg-raised px-4 py-1.5 text-sm"
    >
      <span className="font-semibold">{several ? `${selected.length} units selected` : `Unit ${selected[0]?.id} selected`}</span>
      <span className="flex items-center gap-1.5">
        <Typed
          label="Address from"
          showLabel={false}
          value=""
          placeholder="Address from …"
          width="w-32"
          mono
          onSend={(from) => onSend({ type: 'readdress', units, from, aroundOthers: around })}
        />
        <label className="flex items-center gap-1 text-muted">
          <input
            type="checkbox"
            className="size-4 accent-kite"
            checked={around}
            onChange={(event) => setAround(event.currentTarget.checked)}
          />
          around others
        </label>
      </span>
      <Typed
        label="Renumber from"
        value=""
        placeholder="Renumber from …"
        width="w-36"
        mono
        onSend={(first) => onSend({ type: 'renumber', units, first })}
      />
      <Typed
        label="Name, counting on"
        value=""
        placeholder="Name, counting on …"
        width="w-44"
        onSend={(to) => onSend({ type: 'describe', units, column: 'NAME', to, counting: true })}
      />
      <Typed
        label="Position"
        value=""
        placeholder="Position …"
        width="w-32"
        onSend={(to) => onSend({ type: 'describe', units, column: 'POSITION', to, counting: false })}
      />
      {several && (
        <Button quiet onClick={selection.everySecond}>
          Every second
        </Button>
      )}
      <Button quiet onClick={() => void onSend({ type: 'copyUnits', seed: crypto.randomUUID(), units })}>
        Duplicate
      </Button>
      <Button quiet onClick={() => setReplacing(true)}>
        Replace …
      </Button>
      <Button quiet onClick={() => void onSend({ type: 'unaddress', units })}>
        No address
      </Button>
      <Button
        quiet
        onClick={() => void onSend({ type: 'removeUnits', units })}
        aria-label={`Remove ${counted(units.length, 'unit', 'units')}`}
      >
        <Trash2 size={15} aria-hidden />
        Remove
      </Button>
      <span className="flex-1" />
      {replacing && <ReplaceUnits rig={rig} units={units} onSend={onSend} onClose={() => setReplacing(false)} />}
      <Button quiet onClick={selection.none} aria-label="Clear selection">
        <X size={16} aria-hidden />
      </Button>
    </div>
  );
}
