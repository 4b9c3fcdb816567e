import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import type { HandsChannel, HandsMove, HandsState } from '#/api/types';

const SIDE = 100;
const STEPS = 40;

type Axis = { channel: HandsChannel; physical: number; low: number; high: number; function: number };

/** Where the fixture points, as a field: pan to the right, tilt upwards, both in degrees. Dragged, or moved by the arrow keys. */
export function PointingField({
  pan,
  tilt,
  at,
  onMove,
}: {
  pan: HandsChannel;
  tilt: HandsChannel;
  at: HandsState['at'];
  onMove: (moves: HandsMove[]) => void;
}) {
  const field = useRef<HTMLDivElement>(null);
  const [x, y] = [axis(pan, at), axis(tilt, at)];
  if (!x || !y) return null;
  const [left, top] = [SIDE * share(x), SIDE * (1 - share(y))];
  const says = `pan ${degrees(x.physical)}, tilt ${degrees(y.physical)}`;
  function point(event: PointerEvent) {
    const box = field.current?.getBoundingClientRect();
    if (!box || !x || !y) return;
    go(x, (event.clientX - box.left) / box.width, y, 1 - (event.clientY - box.top) / box.height);
  }
  function go(ofX: Axis, toX: number, ofY: Axis, toY: number) {
    onMove([to(ofX, toX), to(ofY, toY)]);
  }
  function step(event: KeyboardEvent) {
    const moves: Record<string, [number, number]> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] };
    const by = moves[event.key];
    if (!by || !x || !y) return;
    event.preventDefault();
    go(x, share(x) + by[0] / STEPS, y, share(y) + by[1] / STEPS);
  }
  return (
    <div className="flex flex-col gap-1.5">
      <div
        ref={field}
        role="slider"
        aria-label="Pan and tilt"
        aria-valuemin={x.low}
        aria-valuemax={x.high}
        aria-valuenow={x.physical}
        aria-valuetext={says}
        tabIndex={0}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          point(event);
        }}
        onPointerMove={(event) => event.buttons === 1 && point(event)}
        onKeyDown={step}
        className="relative h-44 touch-none rounded-md border border-edge bg-trough"
      >
        <span aria-hidden className="absolute inset-x-0 top-1/2 border-t border-line" />
        <span aria-hidden className="absolute inset-y-0 left-1/2 border-l border-line" />
        <span
          aria-hidden
          className="absolute size-4 -translate-x-1/2 -translate-y-1/2 rounded-full border-2 border-kite-text bg-ground"
          style={{ left: `${left}%`, top: `${top}%` }}
        />
      </div>
      <p className="font-mono text-sm">{says}</p>
    </div>
  );
}

function axis(channel: HandsChannel, at: HandsState['at']): Axis | null {
  const now = at[channel.index];
  const of = channel.functions.find((each) => each.index === now?.function);
  if (!of || now?.number == null) return null;
  const [low, high] = [Math.min(of.physicalFrom, of.physicalTo), Math.max(of.physicalFrom, of.physicalTo)];
  return { channel, physical: now.number, low, high, function: of.index };
}

function share({ physical, low, high }: Axis) {
  return high === low ? 0.5 : (physical - low) / (high - low);
}

function to({ channel, low, high, function: of }: Axis, where: number): HandsMove {
  const within = Math.min(Math.max(where, 0), 1);
  return { channel: channel.index, raw: null, function: of, physical: low + within * (high - low) };
}

function degrees(value: number) {
  return `${value.toFixed(1)}°`;
}
