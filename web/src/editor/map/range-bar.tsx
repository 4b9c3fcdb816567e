import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { ChannelRow, FunctionBar, RangeBar as Range } from '#/api/types';
import { layered } from '#/ui/layers';
import { groupColor } from '#/parts/channel/pennant';
import { useDeskActions } from '#/editor/kit/editor-context';
import { InAllSituations } from '#/editor/kit/in-all-situations';
import { shown } from '#/ui/figures';

const BAR_HEIGHT = 22;
/** More boundaries than these lie too close to be dragged; they are typed in the table. */
const DRAGGABLE = 64;

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
  const rows = layered(channel.functions.filter((each) => each.alsoOf === null));
  const tall = chosen ? BAR_HEIGHT * rows.length : BAR_HEIGHT;
  const height = tall / rows.length;
  const span = channel.max + 1;
  const rawAt = (clientX: number) => {
    const box = ref.current?.getBoundingClientRect();
    if (!box || box.width === 0) return 0;
    return Math.min(channel.max, Math.max(0, Math.floor(((clientX - box.left) / box.width) * span)));
  };
  const left = (raw: number) => `${(100 * raw) / span}%`;
  const at = probe ?? channel.start;
  return (
    <div className="relative py-2.5">
      <div
        ref={ref}
        role="slider"
        tabIndex={0}
        aria-label={`Probe on ${channel.pretty} ${channel.geometry}`}
        aria-valuemin={0}
        aria-valuemax={channel.max}
        aria-valuenow={at}
        className="relative cursor-crosshair touch-none rounded-sm bg-trough"
        style={{ height: tall }}
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
        {rows.map((functions, row) =>
          functions.map((each) => (
            <Segment
              key={each.id}
              bar={each}
              span={span}
              top={row * height}
              height={height}
              color={groupColor(channel.featureGroup)}
              chosen={chosen}
              small={height < BAR_HEIGHT}
            />
          )),
        )}
        {probe !== null && (
          <span
            aria-hidden
            className="pointer-events-none absolute -top-1 z-10 w-0.5 bg-kite"
            style={{ left: left(probe + 0.5), height: tall + 8, boxShadow: '0 0 0 1px var(--ground)' }}
          />
        )}
        {chosen && <Boundaries channel={channel} rows={rows} height={height} rawAt={rawAt} onProbe={onProbe} />}
      </div>
      <Mark at={left(channel.start + 0.5)} color="var(--text)" title={`Start value ${channel.start}`} />
      {channel.highlight !== null && channel.highlight !== channel.start && (
        <Mark at={left(channel.highlight + 0.5)} color="none" title={`Highlight value ${channel.highlight}`} />
      )}
    </div>
  );
}

function Mark({ at, color, title }: { at: string; color: string; title: string }) {
  return (
    <svg aria-hidden className="absolute -bottom-px -translate-x-1/2" style={{ left: at }} width={9} height={8} viewBox="-1 -1 9 8">
      <title>{title}</title>
      <path d="M3.5 0 7 5.5H0Z" fill={color} stroke="var(--text)" />
    </svg>
  );
}

function Segment({
  bar,
  span,
  top,
  height,
  color,
  chosen,
  small,
}: {
  bar: FunctionBar;
  span: number;
  top: number;
  height: number;
  color: string;
  chosen: boolean;
  small: boolean;
}) {
  const from = (100 * bar.from) / span;
  const share = (100 * (bar.to - bar.from + 1)) / span;
  const label = labelOf(bar);
  const base = chosen ? color : `color-mix(in oklch, ${color} var(--tint), var(--ground))`;
  return (
    <div
      className="absolute overflow-hidden rounded-[2px]"
      style={{
        left: `${from}%`,
        width: `max(2px, calc(${share}% - 1px))`,
        top,
        height: height - (small ? 1 : 0),
        background: base,
        borderTop: `2px solid ${color}`,
      }}
      title={label}
    >
      <Separators bar={bar} color={chosen ? 'var(--ground)' : color} />
      <Colours bar={bar} />
      {!small && (
        // a label that does not fit whole wraps to a second line, which is cut off
        <span
          className={`absolute inset-0 flex flex-wrap overflow-hidden text-xs whitespace-nowrap ${chosen ? 'text-ground' : 'text-text'}`}
        >
          <span className="h-full w-2" />
          <span className="flex h-full items-center pr-1">
            <span style={{ background: base }} className="pr-1">
              {label}
            </span>
          </span>
        </span>
      )}
    </div>
  );
}

/** Where named ranges begin, as one drawing: there can be hundreds. */
function Separators({ bar, color }: { bar: FunctionBar; color: string }) {
  const count = bar.to - bar.from + 1;
  const path = bar.ranges
    .filter((range) => range.from > bar.from && range.to >= range.from)
    .map((range) => `M${(1000 * (range.from - bar.from)) / count} 0V1`)
    .join('');
  if (path === '') return null;
  return (
    <svg aria-hidden className="absolute inset-x-0 top-1/4 h-3/4 w-full" viewBox="0 0 1000 1" preserveAspectRatio="none">
      <path d={path} stroke={color} strokeWidth={1} vectorEffect="non-scaling-stroke" opacity={0.7} />
    </svg>
  );
}

/** The colours that ranges are marked with, along the lower edge. */
function Colours({ bar }: { bar: FunctionBar }) {
  const count = bar.to - bar.from + 1;
  const marked = bar.ranges.filter((range) => range.mark && range.mark.color !== '');
  return marked.map(({ id, from, to, mark }) => (
    <span
      key={id}
      aria-hidden
      className="absolute bottom-0 h-1.25"
      style={{
        left: `${(100 * (from - bar.from)) / count}%`,
        width: `${(100 * (to - from + 1)) / count}%`,
        background: mark?.second ? `linear-gradient(90deg, ${mark.color} 50%, ${mark.second} 50%)` : mark?.color,
      }}
    />
  ));
}

function labelOf(bar: FunctionBar) {
  return bar.unit === '' || bar.physicalFrom === bar.physicalTo
    ? bar.name
    : `${bar.name} ${shown(bar.physicalFrom)} to ${shown(bar.physicalTo)} ${bar.unit}`;
}

/** One value, a sixteenth of the bar, or with Shift the next range or function. */
function stepped(event: KeyboardEvent, at: number, { max, functions }: ChannelRow) {
  if (event.shiftKey && (event.key === 'ArrowRight' || event.key === 'ArrowLeft')) {
    const starts = [...new Set(functions.flatMap((each) => [each.from, ...each.ranges.map((range) => range.from)]))].sort((a, b) => a - b);
    return event.key === 'ArrowRight' ? (starts.find((start) => start > at) ?? max) : (starts.reverse().find((start) => start < at) ?? 0);
  }
  const coarse = Math.max(1, Math.floor((max + 1) / 16));
  const step = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1, PageUp: coarse, PageDown: -coarse }[event.key];
  if (event.key === 'Home') return 0;
  if (event.key === 'End') return max;
  return step === undefined ? null : Math.min(max, Math.max(0, at + step));
}

type Boundary = { key: string; raw: number; name: string; isFunction: boolean; id: number };

function Boundaries({
  channel,
  rows,
  height,
  rawAt,
  onProbe,
}: {
  channel: ChannelRow;
  rows: FunctionBar[][];
  height: number;
  rawAt: (clientX: number) => number;
  onProbe: (raw: number) => void;
}) {
  const bars = rows.flatMap((functions, row) => functions.map((bar) => ({ bar, row, boundaries: boundariesOf(bar) })));
  if (bars.reduce((sum, each) => sum + each.boundaries.length, 0) > DRAGGABLE) return null;
  return bars.map(({ bar, row, boundaries }) => (
    <InAllSituations key={bar.id} bar={bar}>
      {boundaries.map((boundary) => (
        <Handle
          key={boundary.key}
          boundary={boundary}
          span={channel.max + 1}
          top={row * height}
          height={height}
          rawAt={rawAt}
          onProbe={onProbe}
        />
      ))}
    </InAllSituations>
  ));
}

function boundariesOf(bar: FunctionBar): Boundary[] {
  return [
    ...(bar.from > 0 ? [{ key: `f${bar.id}`, raw: bar.from, name: bar.name, isFunction: true, id: bar.id }] : []),
    ...bar.ranges
      .filter((range) => inside(bar, range))
      .map((range) => ({ key: `r${range.id}`, raw: range.from, name: range.name, isFunction: false, id: range.id })),
  ];
}

/** A range that begins with its function moves with it, so it has no handle of its own. */
function inside(bar: FunctionBar, range: Range) {
  return range.from > bar.from && range.from <= bar.to;
}

/** A boundary that is dragged: previewed here, sent once when it is let go. A press that drags nothing puts the probe, so that narrow ranges can be reached. */
function Handle({
  boundary,
  span,
  top,
  height,
  rawAt,
  onProbe,
}: {
  boundary: Boundary;
  span: number;
  top: number;
  height: number;
  rawAt: (clientX: number) => number;
  onProbe: (raw: number) => void;
}) {
  const { edit } = useDeskActions();
  const [dragged, setDragged] = useState<number | null>(null);
  const [refusal, setRefusal] = useState<string | null>(null);
  const began = useRef(0);

  async function drop(raw: number) {
    const refused =
      raw === boundary.raw
        ? null
        : await edit(
            boundary.isFunction
              ? { type: 'moveFunctionStart', function: boundary.id, from: raw }
              : { type: 'moveRangeStart', range: boundary.id, from: raw },
          );
    setRefusal(refused);
    setDragged(null);
    if (refused) setTimeout(() => setRefusal(null), 6000);
  }
  const stop = (event: PointerEvent) => event.stopPropagation();
  const shownAt = dragged ?? boundary.raw;
  return (
    <span
      data-boundary={boundary.key}
      className="absolute z-20 w-2 -translate-x-1/2 cursor-ew-resize touch-none"
      style={{ left: `${(100 * shownAt) / span}%`, top, height }}
      title={`Start of ${boundary.name || 'the range'}: ${shownAt}. Drag to move it.`}
      onPointerDown={(event) => {
        stop(event);
        event.currentTarget.setPointerCapture(event.pointerId);
        began.current = event.clientX;
        setDragged(boundary.raw);
      }}
      onPointerMove={(event) => {
        stop(event);
        if (dragged !== null && Math.abs(event.clientX - began.current) > 2) setDragged(rawAt(event.clientX));
      }}
      onPointerUp={(event) => {
        stop(event);
        if (dragged === null) return;
        if (Math.abs(event.clientX - began.current) > 2) void drop(dragged);
        else {
          setDragged(null);
          onProbe(rawAt(event.clientX));
        }
      }}
      onPointerCancel={() => setDragged(null)}
    >
      {dragged !== null && (
        <>
          <span className="absolute inset-y-0 left-1/2 w-0.5 -translate-x-1/2 bg-text" />
          <span className="absolute -top-7 left-1/2 -translate-x-1/2 rounded-sm bg-raised px-1.5 py-0.5 font-mono text-xs text-text shadow">
            {dragged}
          </span>
        </>
      )}
      {refusal && (
        <span
          role="alert"
          className="absolute top-full left-1/2 z-30 mt-1 w-56 -translate-x-1/2 rounded-md border border-error bg-raised px-2 py-1.5 text-xs text-error shadow-lg"
        >
          {refusal}
        </span>
      )}
    </span>
  );
}
