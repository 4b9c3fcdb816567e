import { useVirtualizer } from '@tanstack/react-virtual';
import { useMemo, useRef, useState, type ClipboardEvent } from 'react';
import type { Rig, RigEdit } from '#/api/types';
import { tell } from '#/ui/toast';
import { TableTools } from './table-tools';
import { COLUMNS, hiddenColumns, tracksOf, type Column } from './unit-columns';
import { UnitRow } from './unit-row';
import type { Rows } from './use-rows';
import type { UnitSelection } from './use-units';

const ROW = 38;

/** The units as rows, edited where they stand; a block of cells out of a spreadsheet is pasted from any cell on. */
export function UnitTable({
  rig,
  rows,
  selection,
  onSend,
}: {
  rig: Rig;
  rows: Rows;
  selection: UnitSelection;
  onSend: (edit: RigEdit) => Promise<string | null>;
}) {
  const units = rows.shown;
  const hidden = hiddenColumns.use();
  const columns = useMemo(() => COLUMNS.filter((column) => !hidden.includes(column.key)), [hidden]);
  const [opened, setOpened] = useState<ReadonlySet<string>>(new Set());
  const box = useRef<HTMLDivElement>(null);
  const virtual = useVirtualizer({
    count: units.length,
    getScrollElement: () => box.current,
    estimateSize: () => ROW,
    getItemKey: (index) => units[index]?.uuid ?? index,
    overscan: 12,
  });
  const tracks = useMemo(() => tracksOf(columns), [columns]);

  function open(uuid: string) {
    const next = new Set(opened);
    if (!next.delete(uuid)) next.add(uuid);
    setOpened(next);
  }

  async function paste(event: ClipboardEvent) {
    const text = event.clipboardData.getData('text/plain').replace(/\r?\n$/, '');
    const cell = event.target instanceof Element ? event.target.closest('[data-cell]') : null;
    if (!/[\t\n]/.test(text) || !cell) return; // one value goes into its field
    event.preventDefault();
    const uuid = cell.closest('[data-unit]')?.getAttribute('data-unit');
    const from = units.findIndex((unit) => unit.uuid === uuid);
    const pasted = text.split(/\r?\n/).map((line) => line.split('\t'));
    const cells = columns.flatMap((column) => (column.cell ? [column.cell] : []));
    const refused = await onSend({
      type: 'putCells',
      units: units.slice(from, from + pasted.length).map((unit) => unit.uuid),
      columns: cells.slice(cells.findIndex((each) => each === cell.getAttribute('data-cell'))),
      rows: pasted,
    });
    if (refused !== null) tell(`Nothing was pasted. ${refused}`, { stays: true });
  }

  return (
    <section aria-label="Units" className="flex min-h-0 flex-[4] flex-col max-[860px]:h-96 max-[860px]:flex-none">
      <TableTools rig={rig} rows={rows} />
      <div
        ref={box}
        role="table"
        aria-label="Units"
        aria-rowcount={units.length + 1}
        className="min-h-0 flex-1 overflow-auto"
        onPaste={(event) => void paste(event)}
      >
        <div
          role="row"
          className="sticky top-0 z-20 grid items-center gap-x-1.5 border-b border-line bg-ground px-4 py-1 text-xs text-muted"
          style={tracks}
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
          {columns.map((column) => (
            <Heading key={column.key} column={column} rows={rows} />
          ))}
        </div>
        <div className="relative" style={{ height: virtual.getTotalSize(), minWidth: tracks.minWidth }}>
          {virtual.getVirtualItems().map((item) => {
            const unit = units[item.index];
            return unit ? (
              <div
                key={unit.uuid}
                ref={virtual.measureElement}
                data-index={item.index}
                className="absolute inset-x-0"
                style={{ transform: `translateY(${item.start}px)` }}
              >
                <UnitRow
                  rig={rig}
                  unit={unit}
                  index={item.index}
                  columns={columns}
                  tracks={tracks}
                  height={ROW}
                  troubled={rows.problems.has(unit.uuid)}
                  selection={selection}
                  opened={opened.has(unit.uuid)}
                  onOpen={() => open(unit.uuid)}
                  onSend={onSend}
                />
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

function Heading({ column, rows }: { column: Column; rows: Rows }) {
  const sorted = rows.sort?.key === column.key ? rows.sort : null;
  return (
    <span role="columnheader" aria-sort={sorted ? (sorted.down ? 'descending' : 'ascending') : 'none'}>
      <button type="button" className="w-full rounded-sm px-1.5 text-left hover:text-text" onClick={() => rows.sortBy(column.key)}>
        {column.heading}
        {sorted && <span aria-hidden> {sorted.down ? '▼' : '▲'}</span>}
      </button>
    </span>
  );
}
