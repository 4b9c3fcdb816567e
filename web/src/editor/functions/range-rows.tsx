import { useVirtualizer } from '@tanstack/react-virtual';
import { Merge, Shapes, Trash2 } from 'lucide-react';
import { memo, useRef } from 'react';
import type { Edit, FunctionBar, HoleBar, RangeBar, WheelLine } from '#/api/types';
import { EditField } from '#/editor/kit/edit-field';
import { wholeNumber } from '#/editor/kit/typed-number';
import { ValueField } from '#/editor/kit/value-field';
import { useValueForm, written } from '#/editor/kit/value-form';
import { Button } from '#/ui/button';
import { COLUMNS } from './columns';
import { rangePhysical } from './physical-edit';
import { RangeMark } from './range-mark';
import { RowAction } from './row-action';

/** From so many rows on, the table scrolls by itself and only what is in sight is drawn. */
const LONG = 24;
/** Height of a row in pixels; every row is as high as its fields. */
const ROW = 29;

type RowsProps = { bytes: number; bar: FunctionBar; slots: WheelLine['slots']; send: (edit: Edit) => void };

/** The named ranges of a function; every value is changed where it stands. */
export function RangeRows(props: RowsProps) {
  return props.bar.ranges.length > LONG ? <LongRows {...props} /> : props.bar.ranges.map((range, index) => rowOf(props, range, index));
}

function rowOf({ bytes, bar, slots, send }: RowsProps, range: RangeBar, index: number) {
  return (
    <Row
      key={range.id}
      of={bar.id}
      bytes={bytes}
      unit={bar.unit}
      range={range}
      above={bar.ranges[index - 1]?.name ?? null}
      hole={bar.holes.find((each) => each.range === range.id)}
      slots={slots}
      send={send}
    />
  );
}

/** Many ranges: a pane of their own, of which only the rows in sight are drawn. */
function LongRows(props: RowsProps) {
  const pane = useRef<HTMLDivElement>(null);
  const { ranges } = props.bar;
  const rows = useVirtualizer({
    count: ranges.length,
    getScrollElement: () => pane.current,
    estimateSize: () => ROW,
    getItemKey: (index) => ranges[index]?.id ?? index,
    overscan: 2,
  });
  return (
    <div
      ref={pane}
      role="group"
      aria-label={`${ranges.length} named ranges`}
      className="relative max-h-96 overflow-y-auto border-b border-line"
    >
      <div className="relative" style={{ height: rows.getTotalSize() }}>
        {rows.getVirtualItems().map((item) => {
          const range = ranges[item.index];
          return (
            range && (
              <div key={item.key} className="absolute inset-x-0" style={{ top: item.start, height: ROW }}>
                {rowOf(props, range, item.index)}
              </div>
            )
          );
        })}
      </div>
    </div>
  );
}

type RowProps = {
  of: number;
  bytes: number;
  unit: string;
  range: RangeBar;
  above: string | null;
  hole: HoleBar | undefined;
  slots: WheelLine['slots'];
  send: (edit: Edit) => void;
};

/** One named range; drawn anew only when it changed itself. @param of id of its function. @param above name of the range before it; null if there is none */
const Row = memo(function Row({ of, bytes, unit, range, above, hole, slots, send }: RowProps) {
  const called = range.name || `the range at ${range.from}`;
  return (
    <div data-range-row className={`${COLUMNS} border-b border-line/60`}>
      <ValueField
        label={`First value of ${called}`}
        raw={range.from}
        bytes={bytes}
        toEdit={(from) => ({ type: 'moveRangeStart', range: range.id, from })}
      />
      <ValueField
        label={`Last value of ${called}`}
        raw={range.to}
        bytes={bytes}
        toEdit={(to) => ({ type: 'moveRangeEnd', range: range.id, to })}
      />
      <span className="flex items-center">
        <RangeMark range={range} called={called} slot={slots[range.slot - 1]} />
        <EditField
          label={`Name of ${called}`}
          value={range.name}
          placeholder={hole ? 'free' : ''}
          toEdit={(to) => ({ type: 'renameRange', range: range.id, to })}
        />
        {hole && (
          <Button quiet className="text-warning" onClick={() => send(hole.closes)}>
            Close the gap
          </Button>
        )}
      </span>
      {slots.length > 0 ? (
        <span className="flex items-center">
          <EditField
            label={`Slot of ${called}`}
            mono
            width="w-9"
            value={String(range.slot)}
            toEdit={(text) => wholeNumber(text, (slot) => ({ type: 'setRangeSlot', range: range.id, slot }))}
          />
          <span className="truncate text-sm text-muted" title={range.slotName}>
            {range.slotName}
          </span>
        </span>
      ) : (
        <span />
      )}
      <EditField
        label={`Physical value of ${called} at its first value`}
        mono
        quiet={!range.ownPhysical}
        value={range.physicalFrom.text}
        toEdit={(text) => rangePhysical(text, unit, range, 'from')}
      />
      <EditField
        label={`Physical value of ${called} at its last value`}
        mono
        quiet={!range.ownPhysical}
        value={range.physicalTo.text}
        toEdit={(text) => rangePhysical(text, unit, range, 'to')}
      />
      <span className="text-sm text-muted" title={range.ownPhysical ? 'Its own ends' : 'Ends of the function'}>
        {range.ownPhysical ? unit : ''}
      </span>
      <span className="flex justify-end">
        {range.name !== '' && (
          <RowAction
            label={`Make ${called} a function`}
            onClick={() => send({ type: 'rangesToFunctions', function: of, ranges: [range.id] })}
          >
            <Shapes size={15} aria-hidden />
          </RowAction>
        )}
        <RowAction
          danger
          label={above !== null ? `Remove ${called}: ${above || 'the range above'} takes its values` : `Remove ${called}`}
          onClick={() => send({ type: 'removeRange', range: range.id })}
        >
          {above !== null ? <Merge size={15} aria-hidden /> : <Trash2 size={15} aria-hidden />}
        </RowAction>
      </span>
    </div>
  );
});

/** Values before the first named range. */
export function HoleRow({ hole, bytes, onClose }: { hole: HoleBar; bytes: number; onClose: () => void }) {
  const form = useValueForm();
  return (
    <div className={`${COLUMNS} border-b border-line/60 text-sm text-warning`}>
      <span className="px-1.5 font-mono">{written(hole.from, bytes, form)}</span>
      <span className="px-1.5 font-mono">{written(hole.to, bytes, form)}</span>
      <span className="col-span-4 flex items-center gap-2 px-1.5">
        no named range
        <Button quiet className="text-warning" onClick={onClose}>
          Close the gap
        </Button>
      </span>
    </div>
  );
}
