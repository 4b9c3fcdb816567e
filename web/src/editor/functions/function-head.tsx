import { MoreHorizontal, Trash2 } from 'lucide-react';
import type { ChannelRow, Edit, FunctionBar } from '#/api/types';
import { EditField } from '#/editor/kit/edit-field';
import { ValueField } from '#/editor/kit/value-field';
import { useValueForm, written } from '#/editor/kit/value-form';
import { Hint } from '#/ui/hint';
import { COLUMNS } from './columns';
import { physical } from './physical-edit';
import { RowAction } from './row-action';

/** A function as the first row of its ranges: values, name, attribute, physical ends. */
export function FunctionHead({
  channel,
  bar,
  inHand,
  onTake,
  send,
}: {
  channel: ChannelRow;
  bar: FunctionBar;
  inHand: boolean;
  onTake: () => void;
  send: (edit: Edit) => void;
}) {
  const form = useValueForm();
  return (
    <div className={`${COLUMNS} border-b border-line bg-raised/50`}>
      <ValueField
        label={`First value of function ${bar.name}`}
        raw={bar.from}
        bytes={channel.bytes}
        toEdit={(from) => ({ type: 'moveFunctionStart', function: bar.id, from })}
      />
      <span className="px-1.5 font-mono text-sm">{written(bar.to, channel.bytes, form)}</span>
      <span className="font-semibold">
        <EditField
          label={`Name of function ${bar.name}`}
          value={bar.name}
          toEdit={(to) => ({ type: 'renameFunction', function: bar.id, to })}
        />
      </span>
      <span className="truncate px-1.5 text-sm text-muted" title={[bar.pretty, bar.wheel].filter((each) => each !== '').join(', ')}>
        {bar.wheel === '' ? bar.pretty : `${bar.pretty} · ${bar.wheel}`}
      </span>
      <EditField
        label={`Physical value of ${bar.name} at its first value`}
        mono
        value={bar.physicalFrom.text}
        toEdit={(text) => physical(text, bar.unit, (from) => ({ type: 'setFunctionPhysical', function: bar.id, from, to: null }))}
      />
      <EditField
        label={`Physical value of ${bar.name} at its last value`}
        mono
        value={bar.physicalTo.text}
        toEdit={(text) => physical(text, bar.unit, (to) => ({ type: 'setFunctionPhysical', function: bar.id, from: null, to }))}
      />
      <span className="text-sm whitespace-nowrap text-muted">
        {bar.assumed ? (
          <Hint text="Nobody stated these ends; they are the usual ones. Type what the fixture does, or press to confirm them.">
            <button
              type="button"
              aria-label={`Confirm the assumed ends of ${bar.name}`}
              onClick={() =>
                send({ type: 'setFunctionPhysical', function: bar.id, from: bar.physicalFrom.value, to: bar.physicalTo.value })
              }
              className="rounded-sm border border-dashed border-warning px-0.5 text-xs leading-4 text-warning hover:bg-raised"
            >
              {bar.unit} assumed
            </button>
          </Hint>
        ) : (
          bar.unit
        )}
      </span>
      <span className="flex justify-end">
        {!inHand && (
          <RowAction label={`Actions of ${bar.name}`} onClick={onTake}>
            <MoreHorizontal size={15} aria-hidden />
          </RowAction>
        )}
        <RowAction danger label={`Remove function ${bar.name}`} onClick={() => send({ type: 'removeFunction', function: bar.id })}>
          <Trash2 size={15} aria-hidden />
        </RowAction>
      </span>
    </div>
  );
}
