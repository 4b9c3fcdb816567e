import { Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { ChannelRow, Edit, FunctionBar, RangeBar } from '../api/types';
import { Button } from '../ui/button';
import { useDesk, useDeskActions } from './desk-context';
import { EditField } from './edit-field';
import { FunctionActions } from './function-actions';
import { number, shown, wholeNumber } from './typed-number';

const COLUMNS = 'grid grid-cols-[4.5rem_4.5rem_minmax(8rem,1fr)_minmax(4rem,8rem)_5rem_5rem_2rem_2.25rem] items-start gap-x-1.5';

/** One function with its named ranges; every value is changed where it stands. */
export function FunctionTable({ channel, bar, headed }: { channel: ChannelRow; bar: FunctionBar; headed: boolean }) {
  const { draft, probe } = useDesk();
  const { edit } = useDeskActions();
  const [refusal, setRefusal] = useState<string | null>(null);
  const send = async (next: Edit) => setRefusal(await edit(next));
  const raw = probe[channel.id];
  const here = raw !== undefined && raw > bar.from && raw <= bar.to ? raw : null;
  const slots = draft.wheels.find((wheel) => wheel.name === bar.wheel)?.slots.length ?? 0;
  return (
    <section aria-label={`Function ${bar.name}`}>
      {headed && (
        <div className={`${COLUMNS} text-xs text-muted`} aria-hidden>
          <span className="px-1.5">From</span>
          <span className="px-1.5">To</span>
          <span className="px-1.5">Name</span>
          <span className="px-1.5">{slots > 0 ? 'Wheel and slot' : ''}</span>
          <span className="col-span-2 px-1.5">Physical, first to last</span>
        </div>
      )}
      <div className={`${COLUMNS} border-b border-line`}>
        <EditField label={`First value of function ${bar.name}`} mono value={String(bar.from)} toEdit={(text) => wholeNumber(text, (from) => ({ type: 'moveFunctionStart', function: bar.id, from }))} />
        <span className="px-1.5 pt-1.5 font-mono text-sm">{bar.to}</span>
        <span className="font-semibold">
          <EditField label={`Name of function ${bar.name}`} value={bar.name} toEdit={(to) => ({ type: 'renameFunction', function: bar.id, to })} />
        </span>
        <span className="truncate px-1.5 pt-1.5 text-sm text-muted" title={bar.wheel}>
          {bar.wheel}
        </span>
        <EditField label={`Physical value of ${bar.name} at its first value`} mono value={shown(bar.physicalFrom)} toEdit={(text) => physical(text, (from) => ({ type: 'setFunctionPhysical', function: bar.id, from, to: bar.physicalTo }))} />
        <EditField label={`Physical value of ${bar.name} at its last value`} mono value={shown(bar.physicalTo)} toEdit={(text) => physical(text, (to) => ({ type: 'setFunctionPhysical', function: bar.id, from: bar.physicalFrom, to }))} />
        <span className="pt-1.5 text-sm text-muted">{bar.unit}</span>
        <Remove label={`Remove function ${bar.name}`} onClick={() => void send({ type: 'removeFunction', function: bar.id })} />
      </div>
      {bar.when !== '' && <p className="px-1.5 py-1 text-xs text-muted">Counts {bar.when}</p>}
      {bar.ranges.map((range) => (
        <Row key={range.id} bar={bar} range={range} slots={slots} onRemove={() => void send({ type: 'removeRange', range: range.id })} />
      ))}
      <div className="flex flex-wrap gap-x-1 pt-1.5">
        {here === null ? (
          bar.ranges.length === 0 && (
            <Button quiet onClick={() => void send({ type: 'addRange', function: bar.id, name: bar.name, from: bar.from })}>
              <Plus size={14} aria-hidden /> Name its values
            </Button>
          )
        ) : (
          <>
            <Button quiet onClick={() => void send({ type: 'addRange', function: bar.id, name: 'New range', from: here })}>
              <Plus size={14} aria-hidden /> Range from {here}
            </Button>
            <Button quiet onClick={() => void send({ type: 'addFunction', channel: channel.id, name: `Function at ${here}`, attribute: bar.attribute, from: here })}>
              <Plus size={14} aria-hidden /> Function from {here}
            </Button>
          </>
        )}
        <FunctionActions channel={channel} bar={bar} first={headed} />
      </div>
      {refusal && (
        <p role="alert" className="px-1.5 text-sm text-error">
          {refusal}
        </p>
      )}
    </section>
  );
}

function Row({ bar, range, slots, onRemove }: { bar: FunctionBar; range: RangeBar; slots: number; onRemove: () => void }) {
  const called = range.name || `the range at ${range.from}`;
  return (
    <div data-range-row className={`${COLUMNS} border-b border-line/60`}>
      <EditField label={`First value of ${called}`} mono value={String(range.from)} toEdit={(text) => wholeNumber(text, (from) => ({ type: 'moveRangeStart', range: range.id, from }))} />
      <span className="px-1.5 pt-1.5 font-mono text-sm">{range.to}</span>
      <span className="pl-3">
        <EditField label={`Name of ${called}`} value={range.name} toEdit={(to) => ({ type: 'renameRange', range: range.id, to })} />
      </span>
      {slots > 0 ? (
        <span className="flex items-center">
          <EditField label={`Slot of ${called}`} mono width="w-9" value={String(range.slot)} toEdit={(text) => wholeNumber(text, (slot) => ({ type: 'setRangeSlot', range: range.id, slot }))} />
          <span className="truncate text-sm text-muted" title={range.slotName}>
            {range.slotName}
          </span>
        </span>
      ) : (
        <span />
      )}
      <EditField label={`Physical value of ${called} at its first value`} mono quiet={!range.ownPhysical} value={shown(range.physicalFrom)} toEdit={(text) => rangePhysical(text, range, 'first')} />
      <EditField label={`Physical value of ${called} at its last value`} mono quiet={!range.ownPhysical} value={shown(range.physicalTo)} toEdit={(text) => rangePhysical(text, range, 'last')} />
      <span className="pt-1.5 text-sm text-muted" title={range.ownPhysical ? 'Ends of its own' : 'Follows the function'}>
        {range.ownPhysical ? bar.unit : ''}
      </span>
      <Remove label={`Remove ${called}`} onClick={onRemove} />
    </div>
  );
}

/** Emptying one end lets the range follow its function again. */
function rangePhysical(text: string, range: RangeBar, end: 'first' | 'last'): Edit | string {
  if (text === '') return { type: 'setRangePhysical', range: range.id, from: null, to: null };
  return physical(text, (value) => ({
    type: 'setRangePhysical',
    range: range.id,
    from: end === 'first' ? value : range.physicalFrom,
    to: end === 'last' ? value : range.physicalTo,
  }));
}

function physical(text: string, toEdit: (value: number) => Edit) {
  const value = number(text);
  return value === null ? 'Type a number, such as 0.4 or -270.' : toEdit(value);
}

function Remove({ label, onClick }: { label: string; onClick: () => void }) {
  return (
    <button type="button" aria-label={label} title={label} onClick={onClick} className="grid size-8 place-items-center rounded-sm text-muted hover:bg-raised hover:text-error">
      <Trash2 size={15} aria-hidden />
    </button>
  );
}
