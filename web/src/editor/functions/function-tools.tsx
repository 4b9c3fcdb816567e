import { ArrowLeftRight, ArrowUp, Merge, Plus, X } from 'lucide-react';
import type { ChannelRow, Edit, FunctionBar } from '#/api/types';
import { useEditor } from '#/editor/kit/editor-context';
import { useValueForm, written } from '#/editor/kit/value-form';
import { Button } from '#/ui/button';
import { FunctionActions } from './function-actions';
import { RowAction } from './row-action';

/** When a function is active, where that is not always. */
export function Situations({ bar, send }: { bar: FunctionBar; send: (edit: Edit) => void }) {
  if (bar.when === '' && bar.also.length === 0) return null;
  return (
    <div className="flex flex-wrap items-center gap-x-2 px-1.5 text-xs text-muted">
      {bar.when !== '' && <p>Active {bar.when}</p>}
      {bar.also.map((each) => (
        <p key={each.function} className="flex items-center">
          or {each.when}
          <RowAction
            danger
            label={`${bar.name} is no longer active ${each.when}`}
            onClick={() => send({ type: 'removeFunction', function: each.function })}
          >
            <X size={13} aria-hidden />
          </RowAction>
        </p>
      ))}
    </div>
  );
}

/** What can be done with the function in hand. */
export function FunctionTools({
  channel,
  bar,
  headed,
  send,
}: {
  channel: ChannelRow;
  bar: FunctionBar;
  headed: boolean;
  send: (edit: Edit) => void;
}) {
  const { probe } = useEditor();
  const form = useValueForm();
  const raw = probe[channel.id];
  const here = raw !== undefined && raw > bar.from && raw <= bar.to ? raw : null;
  const free = bar.holes[0];
  return (
    <div className="border-b border-line pb-0.5">
      {bar.runs !== '' && (
        <p className="flex items-center gap-1 px-1.5 text-xs text-muted">
          <span className={bar.inverted ? 'text-text' : ''}>{bar.runs}</span>
          <Button
            quiet
            className="text-xs"
            aria-label={`Reverse ${bar.name}`}
            onClick={() => send({ type: 'invertFunction', function: bar.id })}
          >
            <ArrowLeftRight size={13} aria-hidden /> Reverse
          </Button>
        </p>
      )}
      <div className="flex flex-wrap [&>button]:px-1.5">
        {here !== null && (
          <>
            <Button quiet onClick={() => send({ type: 'addRange', function: bar.id, name: 'New range', from: here })}>
              <Plus size={14} aria-hidden /> {`${bar.ranges.length > 0 ? 'Split at' : 'Range from'} ${written(here, channel.bytes, form)}`}
            </Button>
            <Button
              quiet
              onClick={() =>
                send({ type: 'addFunction', channel: channel.id, name: `Function at ${here}`, attribute: bar.attribute, from: here })
              }
            >
              <Plus size={14} aria-hidden /> Function from {written(here, channel.bytes, form)}
            </Button>
          </>
        )}
        {here === null && bar.ranges.length === 0 && (
          <Button quiet onClick={() => send({ type: 'addRange', function: bar.id, name: bar.name, from: bar.from })}>
            <Plus size={14} aria-hidden /> Add a named range
          </Button>
        )}
        {free && (
          <Button
            quiet
            onClick={() =>
              send(
                free.range === null
                  ? { type: 'addRange', function: bar.id, name: 'New range', from: free.from }
                  : { type: 'renameRange', range: free.range, to: 'New range' },
              )
            }
          >
            <Plus size={14} aria-hidden /> Name {written(free.from, channel.bytes, form)} onward
          </Button>
        )}
        {!headed && (
          <>
            <Button quiet onClick={() => send({ type: 'functionToRange', function: bar.id })}>
              <Merge size={14} aria-hidden /> To a named range
            </Button>
            <Button
              quiet
              aria-label={`Move up: ${bar.name}, before the function of lower values`}
              onClick={() => send({ type: 'exchangeFunctions', function: bar.id })}
            >
              <ArrowUp size={14} aria-hidden /> Move up
            </Button>
          </>
        )}
        <FunctionActions channel={channel} bar={bar} />
      </div>
    </div>
  );
}
