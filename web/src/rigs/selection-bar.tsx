import { Image, Lightbulb, Trash2, X } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Rig, RigEdit } from '#/api/types';
import { Button, buttonLook } from '#/ui/button';
import { counted } from '#/ui/counted';
import { tell } from '#/ui/toast';
import { Typed } from '#/ui/typed';
import { HandsOnUnit } from './hands-on-unit';
import { ReplaceUnits } from './replace-units';
import type { UnitSelection } from './use-units';

type Described = Extract<RigEdit, { type: 'describe' }>['column'];
type Gaps = 'around' | 'straight' | 'kept';

const FILLED: { column: Described; text: string }[] = [
  { column: 'NAME', text: 'Name' },
  { column: 'POSITION', text: 'Position' },
  { column: 'NUMBER', text: 'Unit number' },
  { column: 'LAYER', text: 'Layer' },
  { column: 'GROUPS', text: 'Groups' },
  { column: 'UNIT_CLASS', text: 'Class' },
  { column: 'COLOUR', text: 'Colour tag' },
  { column: 'NOTE', text: 'Note' },
  { column: 'PLACE', text: 'Place in the room' },
  { column: 'DIP_OFFSET', text: 'DIP offset' },
];

/** What can be done with the units that are selected, in the order in which they stand. */
export function SelectionBar({
  rig,
  selection,
  onSend,
  onIdentify,
}: {
  rig: Rig;
  selection: UnitSelection;
  onSend: (edit: RigEdit) => Promise<string | null>;
  /** Lights up a unit, and goes on from there. */
  onIdentify: (uuid: string) => void;
}) {
  const [replacing, setReplacing] = useState(false);
  const { selected } = selection;
  if (selected.length === 0) return null;
  const units = selected.map((unit) => unit.uuid);
  const several = selected.length > 1;
  async function remove() {
    const differing = selected.filter((unit) => unit.differs.length > 0).length;
    const hung = rig.units.filter((unit) => unit.hangsOn && units.includes(unit.hangsOn) && !units.includes(unit.uuid)).length;
    if ((await onSend({ type: 'removeUnits', units })) !== null) return;
    const more = [
      ...(differing > 0 ? [`${differing} of them adjusted`] : []),
      ...(hung > 0 ? [`with ${counted(hung, 'accessory', 'accessories')}`] : []),
    ];
    tell(`${counted(units.length, 'unit', 'units')} removed${more.map((each) => `, ${each}`).join('')}. Undo brings all back.`);
  }
  return (
    <div
      role="toolbar"
      aria-label="Selected units"
      className="flex flex-wrap items-center gap-x-3 gap-y-1.5 border-b border-line bg-raised px-4 py-1.5 text-sm"
    >
      <span className="font-semibold">{several ? `${selected.length} units selected` : `Unit ${selected[0]?.id} selected`}</span>
      <AddressFrom units={units} onSend={onSend} />
      <Typed
        label="Renumber from"
        value=""
        placeholder="Renumber from …"
        width="w-36"
        mono
        onSend={(first) => onSend({ type: 'renumber', units, first })}
      />
      <Fill units={units} onSend={onSend} />
      {several && (
        <span className="flex items-center gap-1">
          <Button quiet onClick={() => selection.everyNth(2)}>
            Every second
          </Button>
          <Typed
            label="Select every nth"
            value=""
            placeholder="every nth"
            width="w-24"
            mono
            onSend={(text) => {
              const n = Number(text);
              if (!Number.isInteger(n) || n < 1) return 'A whole number: 3 selects every third from the first.';
              selection.everyNth(n);
              return null;
            }}
          />
        </span>
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
      <Button quiet onClick={() => selected[0] && onIdentify(selected[0].uuid)} disabled={selected[0]?.addresses.length === 0}>
        <Lightbulb size={15} aria-hidden />
        Identify
      </Button>
      {several && selected.every((unit) => unit.kind === selected[0]?.kind && unit.addresses.length > 0) && (
        <Link to={`/bench/picture?rig=${rig.id}&units=${units.join(',')}`} className={buttonLook({ quiet: true })}>
          <Image size={15} aria-hidden />
          Picture
        </Link>
      )}
      {!several && selected[0] && <HandsOnUnit rigId={rig.id} unit={selected[0]} />}
      <Button quiet onClick={() => void remove()} aria-label={`Remove ${counted(units.length, 'unit', 'units')}`}>
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

const LOOK = 'min-h-7 rounded-sm border border-edge bg-trough px-1 text-sm';

/** Addresses the selection from an address on: into the free gaps, straight through, or with its own gaps kept. */
function AddressFrom({ units, onSend }: { units: string[]; onSend: (edit: RigEdit) => Promise<string | null> }) {
  const [gaps, setGaps] = useState<Gaps>('around');
  return (
    <span className="flex items-center gap-1">
      <Typed
        label="Address from"
        showLabel={false}
        value=""
        placeholder="Address from …"
        width="w-32"
        mono
        onSend={(from) =>
          onSend(
            gaps === 'kept' ? { type: 'moveUnits', units, to: from } : { type: 'readdress', units, from, aroundOthers: gaps === 'around' },
          )
        }
      />
      <select aria-label="Gaps" value={gaps} className={LOOK} onChange={(event) => setGaps(event.currentTarget.value as Gaps)}>
        <option value="around">into free gaps</option>
        <option value="straight">straight through</option>
        <option value="kept">gaps kept</option>
      </select>
    </span>
  );
}

/** One column over the whole selection, counting on if it is wanted. */
function Fill({ units, onSend }: { units: string[]; onSend: (edit: RigEdit) => Promise<string | null> }) {
  const [column, setColumn] = useState<Described>('NAME');
  const [counting, setCounting] = useState(true);
  return (
    <span className="flex items-center gap-1">
      <select
        aria-label="Column to fill"
        value={column}
        className={`${LOOK} w-28`}
        onChange={(event) => setColumn(FILLED.find((each) => each.column === event.currentTarget.value)?.column ?? 'NAME')}
      >
        {FILLED.map((each) => (
          <option key={each.column} value={each.column}>
            {each.text}
          </option>
        ))}
      </select>
      <Typed
        label="Fill with"
        value=""
        placeholder={counting ? 'Fill, counting …' : 'Fill with …'}
        width="w-30"
        onSend={(to) => onSend({ type: 'describe', units, column, to, counting })}
      />
      <label className="flex items-center gap-1 text-muted">
        <input
          type="checkbox"
          className="size-4 accent-kite"
          checked={counting}
          onChange={(event) => setCounting(event.currentTarget.checked)}
        />
        counting
      </label>
    </span>
  );
}
