import { useId } from 'react';
import type { HandsChannel as Channel, HandsFunction, HandsMove, HandsState } from '#/api/types';
import { Typed } from '#/ui/typed';
import { Swatch } from './swatch';

type At = HandsState['at'][number];

/** One channel in its own terms: its named ranges, and a slider over what it is in now, with what the step really reaches. */
export function HandsChannel({ channel, at, onMove }: { channel: Channel; at: At; onMove: (move: HandsMove) => void }) {
  const id = useId();
  const now = channel.functions.find((each) => each.index === at.function);
  const reached = at.physical === null ? `DMX ${at.raw}` : at.unit === '' ? at.physical : `${at.physical} ${at.unit}`;
  const toRaw = (raw: number) => onMove({ channel: channel.index, raw, function: null, physical: null });
  function typed(text: string) {
    const number = Number(
      text
        .trim()
        .replace(',', '.')
        .replace(/[^\d.+-].*$/, ''),
    );
    if (!now || text.trim() === '' || !Number.isFinite(number)) return 'This is no number.';
    onMove({ channel: channel.index, raw: null, function: now.index, physical: number });
    return null;
  }
  return (
    <div className="grid grid-cols-[11rem_minmax(0,1fr)] items-center gap-x-4 gap-y-1.5">
      <div className="min-w-0">
        <p id={id} className="truncate font-semibold" title={channel.pretty}>
          {channel.pretty}
        </p>
        <p className="truncate text-xs text-muted" title={at.says}>
          {at.range ?? now?.name ?? 'nothing'}
        </p>
      </div>
      <div className="flex min-w-0 items-center gap-3">
        <input
          type="range"
          aria-labelledby={id}
          aria-valuetext={reached}
          min={now?.from ?? 0}
          max={now?.to ?? channel.max}
          value={at.raw}
          onChange={(event) => toRaw(event.currentTarget.valueAsNumber)}
          className="min-w-24 flex-1 accent-kite-text"
        />
        <div className="flex w-32 items-center gap-1.5">
          <Typed
            label={`${channel.pretty}, ${at.unit === '' ? 'value' : at.unit}`}
            value={at.physical ?? ''}
            onSend={typed}
            mono
            width="w-20"
          />
          <span className="text-sm text-muted">{at.unit}</span>
        </div>
        <span className="w-20 text-right font-mono text-xs text-muted">{at.raw}</span>
      </div>
      <Ranges channel={channel} at={at} onChoose={toRaw} />
    </div>
  );
}

/** What the channel can be at by name: its ranges, and functions that have none. */
function Ranges({ channel, at, onChoose }: { channel: Channel; at: At; onChoose: (raw: number) => void }) {
  const named = channel.functions.flatMap((each) => choices(channel, each));
  if (named.length < 2) return null;
  return (
    <div role="group" aria-label={`${channel.pretty}, ranges`} className="col-start-2 flex flex-wrap gap-1">
      {named.map((each) => {
        const chosen = at.raw >= each.from && at.raw <= each.to;
        return (
          <button
            key={`${each.from} ${each.name}`}
            type="button"
            aria-pressed={chosen}
            onClick={() => onChoose(each.value)}
            className="inline-flex max-w-52 items-center gap-1.5 rounded-md border border-line px-2 py-1 text-sm hover:border-text aria-pressed:border-kite-text aria-pressed:bg-raised"
          >
            <Swatch of={each} />
            <span className="truncate">{each.name}</span>
          </button>
        );
      })}
    </div>
  );
}

function choices(channel: Channel, of: HandsFunction) {
  if (of.ranges.length > 0) return of.ranges.filter((range) => range.name !== '');
  if (channel.functions.length < 2) return [];
  return [{ name: of.name, from: of.from, to: of.to, value: of.from, color: null, picture: null }];
}
