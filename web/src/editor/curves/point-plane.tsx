import { useRef, type PointerEvent } from 'react';
import type { CurvePoint, Knot } from '#/api/types';

const SIZE = 300;
/** Room for half of a point that lies at the end. */
const EDGE = 8;
const STEP = 0.01;
const ARROWS: Record<string, [number, number]> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] };

type Props = {
  points: CurvePoint[];
  /** Indices of the points, from left to right. */
  order: number[];
  /** Of the curve, for inputs from 0 to 1 in equal steps. */
  outputs: number[];
  chosen: number;
  onChoose: (index: number) => void;
  onMove: (index: number, to: Knot) => void;
  onAdd: (at: Knot) => void;
  onRemove: (index: number) => void;
};

/** The plane that points are drawn in, input to the right, output upwards. */
export function PointPlane({ points, order, outputs, chosen, onChoose, onMove, onAdd, onRemove }: Props) {
  const dragged = useRef(false);
  const plane = useRef<SVGRectElement>(null);
  const path = outputs
    .map((out, i) => `${i === 0 ? 'M' : 'L'}${((SIZE * i) / Math.max(1, outputs.length - 1)).toFixed(1)} ${(SIZE * (1 - out)).toFixed(1)}`)
    .join('');

  function at(event: PointerEvent<SVGElement>): Knot {
    const box = plane.current?.getBoundingClientRect();
    if (!box) return { in: 0, out: 0 };
    const grid = (share: number) => Math.min(1, Math.max(0, Math.round(share * 200) / 200));
    return { in: grid((event.clientX - box.left) / box.width), out: grid(1 - (event.clientY - box.top) / box.height) };
  }

  return (
    <svg
      role="group"
      aria-label="Points of the curve, input to the right, output upwards"
      viewBox={`${-EDGE} ${-EDGE} ${SIZE + 2 * EDGE} ${SIZE + 2 * EDGE}`}
      className="w-full touch-none select-none"
    >
      <rect
        ref={plane}
        width={SIZE}
        height={SIZE}
        rx={3}
        fill="var(--trough)"
        onPointerDown={(event) => onAdd(at(event))}
        className="cursor-crosshair"
      />
      {[0.25, 0.5, 0.75].map((share) => (
        <path key={share} d={`M${SIZE * share} 0V${SIZE}M0 ${SIZE * share}H${SIZE}`} stroke="var(--line)" pointerEvents="none" />
      ))}
      <path d={path} fill="none" stroke="var(--muted)" strokeWidth={2} pointerEvents="none" />
      {points.map((point, index) => (
        <g
          key={index}
          role="slider"
          tabIndex={0}
          aria-label={`Point ${order.indexOf(index) + 1}`}
          aria-valuemin={0}
          aria-valuemax={100}
          aria-valuenow={100 * point.out}
          aria-valuetext={`${point.percentIn} % gives ${point.percentOut} %`}
          onFocus={() => onChoose(index)}
          onPointerDown={(event) => {
            event.stopPropagation();
            event.currentTarget.setPointerCapture(event.pointerId);
            dragged.current = true;
            onChoose(index);
          }}
          onPointerMove={(event) => dragged.current && event.currentTarget.hasPointerCapture(event.pointerId) && onMove(index, at(event))}
          onPointerUp={() => (dragged.current = false)}
          onKeyDown={(event) => {
            const arrow = ARROWS[event.key];
            if (arrow) onMove(index, { in: point.in + arrow[0] * STEP, out: point.out + arrow[1] * STEP });
            else if (event.key === 'Delete' && points.length > 2) onRemove(index);
            else return;
            event.preventDefault();
            event.stopPropagation();
          }}
          className="cursor-grab outline-none focus-visible:[&>circle:last-child]:stroke-text"
        >
          <circle cx={SIZE * point.in} cy={SIZE * (1 - point.out)} r={16} fill="transparent" />
          <circle
            cx={SIZE * point.in}
            cy={SIZE * (1 - point.out)}
            r={6}
            fill={index === chosen ? 'var(--kite)' : 'var(--raised)'}
            stroke="var(--muted)"
            strokeWidth={2}
          />
        </g>
      ))}
    </svg>
  );
}
