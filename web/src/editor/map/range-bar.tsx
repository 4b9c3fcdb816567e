import { useRef } from 'react';
import type { ChannelRow, FunctionBar } from '#/api/types';
import { useValueForm, written } from '#/editor/kit/value-form';
import { RangePicture, ValueMark, type Band } from '#/parts/channel/range-picture';
import { Boundaries } from './boundaries';
import { stepped } from './probe-steps';

const BAR_HEIGHT = 22;

/**
 * The whole DMX span of a channel to scale: functions with their named ranges, start and highlight as marks, the probe.
 * A press or the arrow keys put the probe; on the chosen channel the boundaries can be dragged.
 */
export function RangeBar({
  channel,
  chosen,
  probe,
  onProbe,
}: {
  channel: ChannelRow;
  chosen: boolean;
  probe: number | null;
  onProbe: (raw: number) => void;
}) {
  const ref = useRef<HTMLDivElement>(null);
  const form = useValueForm();
  const drawn = channel.functions.filter((each) => each.alsoOf === null);
  const rows = 1 + Math.max(0, ...drawn.map((each) => each.layer));
  const height = chosen ? BAR_HEIGHT * rows : BAR_HEIGHT;
  const rawAt = (clientX: number) => {
    const box = ref.current?.getBoundingClientRect();
    if (!box || box.width === 0) return 0;
    return Math.min(channel.max, Math.max(0, Math.floor(((clientX - box.left) / box.width) * (channel.max + 1))));
  };
  const at = probe ?? channel.start;
  return (
    <div className="relative py-2">
      <div
        ref={ref}
        role="slider"
        tabIndex={0}
        aria-label={`Probe on ${channel.pretty} ${channel.geometry}`}
        aria-valuemin={0}
        aria-valuemax={channel.max}
        aria-valuenow={at}
        aria-valuetext={[written(at, channel.bytes, form), ...saidAt(drawn, at)].join(', ')}
        className="relative cursor-crosshair touch-none"
        style={{ height }}
        onPointerDown={(event) => {
          if (event.button !== 0) return;
          event.currentTarget.setPointerCapture(event.pointerId);
          onProbe(rawAt(event.clientX));
        }}
        onPointerMove={(event) =>
          event.buttons === 1 && event.currentTarget.hasPointerCapture(event.pointerId) && onProbe(rawAt(event.clientX))
        }
        onKeyDown={(event) => {
          const next = stepped(event, at, channel);
          if (next === null) return;
          event.preventDefault();
          onProbe(next);
        }}
      >
        <RangePicture max={channel.max} group={channel.featureGroup} bands={drawn.map(band)} height={height} strong={chosen} />
        {probe !== null && (
          <span
            aria-hidden
            className="pointer-events-none absolute -top-1 z-10 w-0.5 bg-kite-text"
            style={{ left: `${(100 * (probe + 0.5)) / (channel.max + 1)}%`, height: height + 8, boxShadow: '0 0 0 1px var(--ground)' }}
          />
        )}
        {chosen && <Boundaries channel={channel} functions={drawn} height={height / rows} rawAt={rawAt} onProbe={onProbe} />}
      </div>
      <ValueMark at={channel.start} max={channel.max} title={`Start value ${channel.start}`} />
      {channel.highlight !== null && channel.highlight !== channel.start && (
        <ValueMark open at={channel.highlight} max={channel.max} title={`Highlight value ${channel.highlight}`} />
      )}
    </div>
  );
}

function band(bar: FunctionBar): Band {
  const parts = bar.ranges.map(({ from, to, mark }) => ({ from, to, color: mark?.color ?? '', second: mark?.second ?? '' }));
  return { key: bar.id, from: bar.from, to: bar.to, layer: bar.layer, label: bar.label, parts };
}

/** Function and named range at a value, for those who do not see the bar. */
function saidAt(functions: FunctionBar[], at: number) {
  const bar = functions.find((each) => each.from <= at && at <= each.to);
  const range = bar?.ranges.find((each) => each.from <= at && at <= each.to);
  return [bar?.name, range?.name].filter((each) => each !== undefined && each !== '');
}
