import { useVirtualizer } from '@tanstack/react-virtual';
import { ArrowLeftRight, ArrowUp, Merge, Plus, Shapes, Trash2 } from 'lucide-react';
import { memo, useCallback, useRef, useState } from 'react';
import type { ChannelRow, Edit, FunctionBar, HoleBar, RangeBar, WheelLine } from '#/api/types';
import { Button } from '#/ui/button';
import { Hint } from '#/ui/hint';
import { Refusal } from '#/ui/refusal';
import { useDesk, useDeskActions } from '#/editor/kit/editor-context';
import { EditField } from '#/editor/kit/edit-field';
import { FunctionActions } from './function-actions';
import { RangeMark } from './range-mark';
import { readPhysical } from '#/parts/number/physical';
import { shown } from '#/ui/figures';
import { wholeNumber } from '#/editor/kit/typed-number';
import { ValueField } from '#/editor/kit/value-field';
import { useValueForm, written } from '#/editor/kit/value-form';

const COLUMNS = 'grid grid-cols-[4.5rem_4.5rem_minmax(8rem,1.6fr)_minmax(4rem,1fr)_4.75rem_4.75rem_2rem_4.25rem] items-start gap-x-1.5';
/** From so many rows on, the table scrolls by itself and only what is in sight is drawn. */
const LONG = 24;
/** Height of a row in pixels; every row is as high as its fields. */
const ROW = 33;

/** One function with its named ranges; every value is changed where it stands. */
export function FunctionTable({ channel, bar, headed }: { channel: ChannelRow; bar: FunctionBar; headed: boolean }) {
  const { draft, probe } = useDesk();
  const { edit } = useDeskActions();
  const form = useValueForm();
  const [refusal, setRefusal] = useState<string | null>(null);
  const send = useCallback(async (next: Edit) => setRefusal(await edit(next)), [edit]);
  const raw = probe[channel.id];
  const here = raw !== undefined && raw > bar.from && raw <= bar.to ? raw : null;
  const slots = draft.wheels.find((wheel) => wheel.name === bar.wheel)?.slots ?? NO_SLOTS;
  const before = bar.holes.find((hole) => hole.range === null);
  const free = bar.holes[0];
  return (
    <section aria-label={`Function ${bar.name}`}>
      {headed && (
        <div className={`${COLUMNS} text-xs text-muted`} aria-hidden>
          <span className="px-1.5">From</span>
          <span className="px-1.5">To</span>
          <span className="px-1.5">Name</span>
          <span className="px-1.5">{slots.length > 0 ? 'Attribute, slot' : 'Attribute'}</span>
          <span className="col-span-2 px-1.5">Physical, first to last</span>
        </div>
      )}
      <div className={`${COLUMNS} border-b border-line`}>
        <ValueField
          label={`First value of function ${bar.name}`}
          raw={bar.from}
          bytes={channel.bytes}
          toEdit={(from) => ({ type: 'moveFunctionStart', function: bar.id, from })}
        />
        <span className="px-1.5 pt-1.5 font-mono text-sm">{written(bar.to, channel.bytes, form)}</span>
        <span className="font-semibold">
          <EditField
            label={`Name of function ${bar.name}`}
            value={bar.name}
            toEdit={(to) => ({ type: 'renameFunction', function: bar.id, to })}
          />
        </span>
        <span
          className="truncate px-1.5 pt-1.5 text-sm text-muted"
          title={[bar.pretty, bar.wheel].filter((each) => each !== '').join(', ')}
        >
          {bar.wheel === '' ? bar.pretty : `${bar.pretty} · ${bar.wheel}`}
        </span>
        <EditField
          label={`Physical value of ${bar.name} at its first value`}
          mono
          value={shown(bar.physicalFrom)}
          toEdit={(text) =>
            physical(text, bar.unit, (from) => ({ type: 'setFunctionPhysical', function: bar.id, from, to: bar.physicalTo }))
          }
        />
        <EditField
          label={`Physical value of ${bar.name} at its last value`}
          mono
          value={shown(bar.physicalTo)}
          toEdit={(text) =>
            physical(text, bar.unit, (to) => ({ type: 'setFunctionPhysical', function: bar.id, from: bar.physicalFrom, to }))
          }
        />
        <span className="flex items-center gap-1 pt-1 text-sm text-muted">
          {bar.unit}
          {bar.assumed && (
            <Hint text="Nobody stated these ends; they are the usual ones. Type what the fixture does, or press to confirm them.">
              <button
                type="button"
                aria-label={`Confirm the assumed ends of ${bar.name}`}
                onClick={() => void send({ type: 'setFunctionPhysical', function: bar.id, from: bar.physicalFrom, to: bar.physicalTo })}
                className="rounded-sm border border-dashed border-warning px-0.5 text-[0.65rem] leading-4 text-warning hover:bg-raised"
              >
                assumed
              </button>
            </Hint>
          )}
        </span>
        <span className="flex justify-end">
          <Remove label={`Remove function ${bar.name}`} onClick={() => void send({ type: 'removeFunction', function: bar.id })} />
        </span>
      </div>
      <div className="flex flex-wrap items-center gap-x-3 px-1.5 text-xs text-muted">
        {bar.when !== '' && (
          <p>
            Counts {bar.when}
            {bar.also.length === 0 && '.'}
          </p>
        )}
        {bar.also.map((each) => (
          <p key={each.function} className="flex items-center">
            or {each.when}
            <Remove
              label={`${bar.name} no longer counts ${each.when}`}
              onClick={() => void send({ type: 'removeFunction', function: each.function })}
            />
          </p>
        ))}
        {bar.runs !== '' && (
          <>
            <p className={bar.runs.endsWith('inverted') ? 'text-warning' : ''}>{bar.runs}</p>
            <Button
              quiet
              className="text-xs"
              aria-label={`Turn round ${bar.name}`}
              onClick={() => void send({ type: 'invertFunction', function: bar.id })}
            >
              <ArrowLeftRight size={13} aria-hidden /> Turn round
            </Button>
          </>
        )}
      </div>
      {before && <Hole hole={before} bytes={channel.bytes} onClose={() => void send(before.closes)} />}
      <Rows bytes={channel.bytes} bar={bar} slots={slots} send={send} />
      <div className="flex flex-wrap gap-x-1 pt-1.5">
        {here !== null && (
          <>
            <Button quiet onClick={() => void send({ type: 'addRange', function: bar.id, name: 'New range', from: here })}>
              <Plus size={14} aria-hidden /> {`${bar.ranges.length > 0 ? 'Split at' : 'Range from'} ${written(here, channel.bytes, form)}`}
            </Button>
            <Button
              quiet
              onClick={() =>
                void send({ type: 'addFunction', channel: channel.id, name: `Function at ${here}`, attribute: bar.attribute, from: here })
              }
            >
              <Plus size={14} aria-hidden /> Function from {written(here, channel.bytes, form)}
            </Button>
          </>
        )}
        {here === null && bar.ranges.length === 0 && (
          <Button quiet onClick={() => void send({ type: 'addRange', function: bar.id, name: bar.name, from: bar.from })}>
            <Plus size={14} aria-hidden /> Name its values
          </Button>
        )}
        {free && (
          <Button
            quiet
            onClick={() =>
              void send(
                free.range === null
                  ? { type: 'addRange', function: bar.id, name: 'New range', from: free.from }
                  : { type: 'renameRange', range: free.range, to: 'New range' },
              )
            }
          >
            <Plus size={14} aria-hidden /> Next free value, {written(free.from, channel.bytes, form)}
          </Button>
        )}
        {!headed && (
          <>
            <Button quiet onClick={() => void send({ type: 'functionToRange', function: bar.id })}>
              <Merge size={14} aria-hidden /> To a named range
            </Button>
            <Button
              quiet
              aria-label={`Move up: ${bar.name}, before the function of lower values`}
              onClick={() => void send({ type: 'exchangeFunctions', function: bar.id })}
            >
              <ArrowUp size={14} aria-hidden /> Move up
            </Button>
          </>
        )}
        <FunctionActions channel={channel} bar={bar} first={headed} />
      </div>
      <Refusal says={refusal} className="px-1.5" />
    </section>
  );
}

type RowsProps = { bytes: number; bar: FunctionBar; slots: WheelLine['slots']; send: (edit: Edit) => Promise<void> };
const NO_SLOTS: WheelLine['slots'] = [];

function Rows(props: RowsProps) {
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
      className="relative max-h-88 overflow-y-auto border-b border-line"
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
  send: (edit: Edit) => Promise<void>;
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
          <Button quiet className="text-warning" onClick={() => void send(hole.closes)}>
            Close it
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
        value={shown(range.physicalFrom)}
        toEdit={(text) => rangePhysical(text, unit, range, 'first')}
      />
      <EditField
        label={`Physical value of ${called} at its last value`}
        mono
        quiet={!range.ownPhysical}
        value={shown(range.physicalTo)}
        toEdit={(text) => rangePhysical(text, unit, range, 'last')}
      />
      <span className="pt-1.5 text-sm text-muted" title={range.ownPhysical ? 'Ends of its own' : 'Follows the function'}>
        {range.ownPhysical ? unit : ''}
      </span>
      <span className="flex justify-end">
        {range.name !== '' && (
          <button
            type="button"
            aria-label={`Make ${called} a function`}
            title={`Make ${called} a function, by what its words say`}
            onClick={() => void send({ type: 'rangesToFunctions', function: of, ranges: [range.id] })}
            className="grid size-8 place-items-center rounded-sm text-muted hover:bg-raised hover:text-text"
          >
            <Shapes size={15} aria-hidden />
          </button>
        )}
        <Remove
          label={above !== null ? `Remove ${called}: ${above || 'the range above'} takes its values` : `Remove ${called}`}
          merges={above !== null}
          onClick={() => void send({ type: 'removeRange', range: range.id })}
        />
      </span>
    </div>
  );
});

/** Values before the first named range. */
function Hole({ hole, bytes, onClose }: { hole: HoleBar; bytes: number; onClose: () => void }) {
  const form = useValueForm();
  return (
    <div className={`${COLUMNS} border-b border-line/60 text-sm text-warning`}>
      <span className="px-1.5 pt-1.5 font-mono">{written(hole.from, bytes, form)}</span>
      <span className="px-1.5 pt-1.5 font-mono">{written(hole.to, bytes, form)}</span>
      <span className="col-span-4 flex items-center gap-2 px-1.5">
        no named range
        <Button quiet className="text-warning" onClick={onClose}>
          Close it
        </Button>
      </span>
    </div>
  );
}

/** Emptying one end lets the range follow its function again. */
async function rangePhysical(text: string, unit: string, range: RangeBar, end: 'first' | 'last'): Promise<Edit | string> {
  if (text === '') return { type: 'setRangePhysical', range: range.id, from: null, to: null };
  return physical(text, unit, (value) => ({
    type: 'setRangePhysical',
    range: range.id,
    from: end === 'first' ? value : range.physicalFrom,
    to: end === 'last' ? value : range.physicalTo,
  }));
}

async function physical(text: string, unit: string, toEdit: (value: number) => Edit) {
  const value = await readPhysical(text, unit);
  return typeof value === 'string' ? value : toEdit(value);
}

function Remove({ label, merges = false, onClick }: { label: string; merges?: boolean; onClick: () => void }) {
  const Icon = merges ? Merge : Trash2;
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      onClick={onClick}
      className="grid size-8 place-items-center rounded-sm text-muted hover:bg-raised hover:text-error"
    >
      <Icon size={15} aria-hidden />
    </button>
  );
}
