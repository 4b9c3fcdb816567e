import { ChevronRight, Link2 } from 'lucide-react';
import type { ReactNode } from 'react';
import type { Rig, RigEdit, RigUnit } from '#/api/types';
import { Tail } from '#/parts/channel/tail';
import { Typed } from '#/ui/typed';
import { Differs } from './differs';
import { kindTint } from './kind-tint';
import type { Column, tracksOf } from './unit-columns';
import { UnitDetails } from './unit-details';
import type { UnitSelection } from './use-units';

type Send = (edit: RigEdit) => Promise<string | null>;
type Described = Extract<RigEdit, { type: 'describe' }>['column'];

/** One unit: its cells, and opened its channels below them. */
export function UnitRow({
  rig,
  unit,
  index,
  columns,
  tracks,
  height,
  troubled,
  selection,
  opened,
  onOpen,
  onSend,
}: {
  rig: Rig;
  unit: RigUnit;
  index: number;
  columns: Column[];
  tracks: ReturnType<typeof tracksOf>;
  height: number;
  troubled: boolean;
  selection: UnitSelection;
  opened: boolean;
  onOpen: () => void;
  onSend: Send;
}) {
  return (
    <div data-unit={unit.uuid}>
      <div
        role="row"
        aria-rowindex={index + 2}
        aria-selected={selection.has(unit.uuid)}
        className="grid items-center gap-x-1.5 border-b border-line px-4 hover:bg-raised aria-selected:bg-raised"
        style={{ ...tracks, height }}
      >
        <span role="cell" className="flex items-center gap-1">
          <input
            type="checkbox"
            aria-label={`Select unit ${unit.id}`}
            className="size-4 accent-kite"
            checked={selection.has(unit.uuid)}
            onClick={(event) => selection.choose(unit.uuid, { more: true, through: event.shiftKey })}
            onChange={() => undefined}
          />
          <button
            type="button"
            aria-expanded={opened}
            aria-label={`Channels of unit ${unit.id}`}
            className="grid size-6 place-items-center rounded-sm text-muted hover:bg-trough hover:text-text"
            onClick={onOpen}
          >
            <ChevronRight size={15} aria-hidden className={opened ? 'rotate-90' : ''} />
          </button>
        </span>
        {columns.map((column) => (
          <span
            key={column.key}
            role="cell"
            data-cell={column.cell ?? undefined}
            className={`min-w-0 ${column.key === 'address' && troubled ? 'text-error' : ''}`}
          >
            {cell(column, rig, unit, onSend)}
          </span>
        ))}
      </div>
      {opened && (
        <div className="border-b border-line bg-panel px-16 py-3">
          <UnitDetails rig={rig} unit={unit} />
        </div>
      )}
    </div>
  );
}

function cell(column: Column, rig: Rig, unit: RigUnit, onSend: Send): ReactNode {
  const units = [unit.uuid];
  const described = (which: Described, label: string, value: string, mono = false) => (
    <Typed
      label={`${label} of unit ${unit.id}`}
      value={value}
      look="text"
      mono={mono}
      onSend={(to) => onSend({ type: 'describe', units, column: which, to, counting: false })}
    />
  );
  switch (column.key) {
    case 'id':
      return (
        <Typed
          label={`Id of unit ${unit.id}`}
          value={unit.id}
          look="text"
          mono
          onSend={(first) => onSend({ type: 'renumber', units, first })}
        />
      );
    case 'name':
      return described('NAME', 'Name', unit.name);
    case 'fixture':
      return <Fixture rig={rig} unit={unit} />;
    case 'address':
      return <Address unit={unit} onSend={onSend} />;
    case 'position':
      return described('POSITION', 'Position', unit.position ?? '');
    case 'number':
      return described('NUMBER', 'Number', unit.number?.toString() ?? '', true);
    case 'layer':
      return described('LAYER', 'Layer', unit.layer);
    case 'groups':
      return described('GROUPS', 'Groups', unit.groups.join(', '));
    case 'class':
      return described('UNIT_CLASS', 'Class', unit.unitClass ?? '');
    case 'colour':
      return described('COLOUR', 'Colour tag', unit.colour);
    case 'path':
      return <Differs marks={unit.differs} />;
    case 'dip':
      return described('DIP_OFFSET', 'DIP offset', unit.dipOffset === 0 ? '' : String(unit.dipOffset), true);
    case 'place':
      return described('PLACE', 'Place', unit.place, true);
    case 'note':
      return described('NOTE', 'Note', unit.note);
  }
}

function Fixture({ rig, unit }: { rig: Rig; unit: RigUnit }) {
  const kind = rig.kinds[unit.kind];
  return (
    <span className="flex min-w-0 items-center gap-2 px-1.5 text-sm" title={`${kind?.manufacturer ?? ''} ${kind?.model ?? ''}`}>
      <span aria-hidden className="size-2.5 shrink-0 rounded-xs" style={{ background: kindTint(unit.kind) }} />
      <span className="flex max-w-[75%] shrink-0 gap-1">
        <span className="min-w-0 truncate">{kind?.model || 'No profile'}</span>{' '}
        <span className="max-w-[60%] shrink-0 truncate text-muted">{kind?.mode}</span>
      </span>
      {kind && kind.tail.length > 0 && (
        <span className="min-w-0 overflow-hidden">
          <Tail bundles={kind.tail} height={5} label={`${kind.mode}, ${kind.footprint} addresses`} />
        </span>
      )}
      {unit.hangsOn && <Link2 size={14} className="shrink-0 text-muted" aria-label="accessory of another unit" />}
    </span>
  );
}

function Address({ unit, onSend }: { unit: RigUnit; onSend: Send }) {
  if (unit.addresses.length > 1) {
    return (
      <span className="block truncate px-1.5 font-mono text-sm" title={unit.address}>
        {unit.addresses.map((patch) => `${patch.universe}.${patch.from}`).join(' + ')}
      </span>
    );
  }
  return (
    <Typed
      label={`Address of unit ${unit.id}`}
      value={unit.addresses.length === 0 ? '' : unit.address}
      placeholder="none"
      look="text"
      mono
      onSend={(to) =>
        onSend(to === '' ? { type: 'unaddress', units: [unit.uuid] } : { type: 'putUnit', unit: unit.uuid, dmxBreak: null, to })
      }
    />
  );
}
