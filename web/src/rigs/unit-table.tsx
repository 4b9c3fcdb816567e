import { useVirtualizer } from '@tanstack/react-virtual';
import { Link2, SlidersHorizontal } from 'lucide-react';
import { useMemo, useRef, useState } from 'react';
import type { Rig, RigEdit, RigUnit } from '#/api/types';
import { Tail } from '#/parts/channel/tail';
import { counted } from '#/ui/counted';
import { Typed } from '#/ui/typed';
import { kindTint } from './kind-tint';
import type { UnitSelection } from './use-units';

const ROW = 38;
const COLUMNS =
  'grid grid-cols-[1.5rem_4.5rem_minmax(7rem,1.1fr)_minmax(13rem,2fr)_6rem_minmax(6rem,1fr)_3rem_minmax(5rem,0.7fr)_minmax(4rem,0.8fr)] items-center gap-x-1.5';

/** The units as rows, edited where they stand. */
export function UnitTable({
  rig,
  selection,
  onSend,
}: {
  rig: Rig;
  selection: UnitSelection;
  onSend: (edit: RigEdit) => Promise<string | null>;
}) {
  const [filter, setFilter] = useState('');
  const units = useMemo(() => filtered(rig, filter), [rig, filter]);
  const box = useRef<HTMLDivElement>(null);
  const virtual = useVirtualizer({ count: units.length, getScrollElement: () => box.current, estimateSize: () => ROW, overscan: 12 });
  return (
    <section aria-label="Units" className="flex min-h-0 flex-[4] flex-col max-[860px]:h-96 max-[860px]:flex-none">
      <div className="flex items-center gap-3 px-4 py-1.5">
        <h2 className="text-sm font-semibold">Units</h2>
        <input
          aria-label="Filter units"
          value={filter}
          placeholder="Filter by id, name, fixture, position, layer, or a universe such as 2."
          className="min-h-8 w-96 max-w-full rounded-md border border-edge bg-trough px-2.5 text-sm"
          onChange={(event) => setFilter(event.currentTarget.value)}
        />
        <span className="text-sm text-muted">
          {filter === '' ? counted(units.length, 'unit', 'units') : `${units.length} of ${rig.units.length}`}
        </span>
      </div>
      <div ref={box} role="table" aria-label="Units" aria-rowcount={units.length + 1} className="min-h-0 flex-1 overflow-auto">
        <div
          role="row"
          className={`sticky top-0 z-10 min-w-[54rem] border-b border-line bg-ground px-4 py-1 text-xs text-muted ${COLUMNS}`}
        >
          <span role="columnheader">
            <input
              type="checkbox"
              aria-label="Select all units"
              className="size-4 accent-kite"
              checked={units.length > 0 && units.every((unit) => selection.has(unit.uuid))}
              onChange={(event) => (event.currentTarget.checked ? selection.only(units.map((unit) => unit.uuid)) : selection.none())}
            />
          </span>
          {['Id', 'Name', 'Fixture', 'Address', 'Position', 'No.', 'Layer', 'Note'].map((heading) => (
            <span key={heading} role="columnheader" className="px-1.5">
              {heading}
            </span>
          ))}
        </div>
        <div className="relative min-w-[54rem]" style={{ height: virtual.getTotalSize() }}>
          {virtual.getVirtualItems().map((item) => {
            const unit = units[item.index];
            return unit ? (
              <div key={unit.uuid} className="absolute inset-x-0" style={{ top: item.start, height: ROW }}>
                <UnitRow rig={rig} unit={unit} index={item.index} selection={selection} onSend={onSend} />
              </div>
            ) : null;
          })}
        </div>
        {units.length === 0 && (
          <p className="px-4 py-6 text-center text-sm text-muted">
            {rig.units.length === 0
              ? 'No units yet. Type a line above, such as “8 Petrel Spot Extended from 2.1”.'
              : 'No unit fits the filter.'}
          </p>
        )}
      </div>
    </section>
  );
}

function filtered(rig: Rig, filter: string) {
  const words = filter
    .toLowerCase()
    .split(/\s+/)
    .filter((word) => word !== '');
  if (words.length === 0) return rig.units;
  return rig.units.filter((unit) => {
    const kind = rig.kinds[unit.kind];
    const text = [
      unit.id,
      unit.name,
      unit.address,
      unit.position ?? '',
      unit.layer,
      unit.groups.join(' '),
      kind?.model,
      kind?.mode,
      unit.note,
    ]
      .join(' ')
      .toLowerCase();
    return words.every((word) => text.includes(word));
  });
}

function UnitRow({
  rig,
  unit,
  index,
  selection,
  onSend,
}: {
  rig: Rig;
  unit: RigUnit;
  index: number;
  selection: UnitSelection;
  onSend: (edit: RigEdit) => Promise<string | null>;
}) {
  const kind = rig.kinds[unit.kind];
  const units = [unit.uuid];
  const hit = rig.collisions.some((each) => !each.meant && each.units.includes(unit.uuid));
  const column = (which: 'NAME' | 'POSITION' | 'NUMBER' | 'LAYER' | 'NOTE') => (to: string) =>
    onSend({ type: 'describe', units, column: which, to, counting: false });
  return (
    <div
      role="row"
      aria-rowindex={index + 2}
      aria-selected={selection.has(unit.uuid)}
      className={`h-full border-b border-line px-4 hover:bg-raised aria-selected:bg-raised ${COLUMNS}`}
    >
      <span role="cell" className="flex">
        <input
          type="checkbox"
          aria-label={`Select unit ${unit.id}`}
          className="size-4 accent-kite"
          checked={selection.has(unit.uuid)}
          onClick={(event) => selection.choose(unit.uuid, { more: true, through: event.shiftKey })}
          onChange={() => undefined}
        />
      </span>
      <span role="cell">
        <Typed
          label={`Id of unit ${unit.id}`}
          value={unit.id}
          look="text"
          mono
          onSend={(to) => onSend({ type: 'renumber', units, first: to })}
        />
      </span>
      <span role="cell">
        <Typed label={`Name of unit ${unit.id}`} value={unit.name} look="text" onSend={column('NAME')} />
      </span>
      <span
        role="cell"
        className="flex min-w-0 items-center gap-2 px-1.5 text-sm"
        title={`${kind?.manufacturer ?? ''} ${kind?.model ?? ''}`}
      >
        <span aria-hidden className="size-2.5 shrink-0 rounded-xs" style={{ background: kindTint(unit.kind) }} />
        <span className="max-w-[70%] shrink-0 truncate">
          {kind?.model || 'No profile'} <span className="text-muted">{kind?.mode}</span>
        </span>
        {kind && kind.tail.length > 0 && (
          <span className="min-w-0 overflow-hidden">
            <Tail bundles={kind.tail} height={5} label={`${kind.mode}, ${kind.footprint} addresses`} />
          </span>
        )}
        {unit.adjusted && <SlidersHorizontal size={14} className="shrink-0 text-muted" aria-label="adjusted" />}
        {unit.hangsOn && <Link2 size={14} className="shrink-0 text-muted" aria-label="accessory of another unit" />}
      </span>
      <span role="cell" className={hit ? 'text-error' : ''}>
        {unit.addresses.length > 1 ? (
          <span className="block truncate px-1.5 font-mono text-sm" title={unit.address}>
            {unit.addresses.map((patch) => `${patch.universe}.${patch.from}`).join(' + ')}
          </span>
        ) : (
          <Typed
            label={`Address of unit ${unit.id}`}
            value={unit.addresses.length === 0 ? '' : unit.address}
            placeholder="none"
            look="text"
            mono
            onSend={(to) => onSend(to === '' ? { type: 'unaddress', units } : { type: 'putUnit', unit: unit.uuid, dmxBreak: null, to })}
          />
        )}
      </span>
      <span role="cell">
        <Typed label={`Position of unit ${unit.id}`} value={unit.position ?? ''} look="text" onSend={column('POSITION')} />
      </span>
      <span role="cell">
        <Typed label={`Number of unit ${unit.id}`} value={unit.number?.toString() ?? ''} look="text" mono onSend={column('NUMBER')} />
      </span>
      <span role="cell">
        <Typed label={`Layer of unit ${unit.id}`} value={unit.layer} look="text" onSend={column('LAYER')} />
      </span>
      <span role="cell">
        <Typed label={`Note of unit ${unit.id}`} value={unit.note} look="text" onSend={column('NOTE')} />
      </span>
    </div>
  );
}
