import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Draft, FlatSide, PoseAsked } from '#/api/types';
import { flatQuery } from '../body-query';
import { around, barOf, pairs, type Box } from './sheet';
import { SIGN_COLOURS } from './sign-colours';

const SIDES: { side: FlatSide; text: string }[] = [
  { side: 'FRONT', text: 'Front' },
  { side: 'SIDE', text: 'Side' },
  { side: 'TOP', text: 'Above' },
];
/** Lines of the room go beyond any sheet, m. */
const BEYOND = 100;

/** The fixture on a sheet, from the front, from the side and from above: the same as in the room, without WebGL. */
export function FlatViews(shown: { draft: Draft; pose: PoseAsked; wall: number; signs: boolean; says: string }) {
  const [whole, setWhole] = useState(false);
  return (
    <div className="relative grid min-h-0 flex-1 grid-cols-3 gap-2 bg-trough p-2">
      {SIDES.map(({ side, text }) => (
        <FlatView key={side} {...shown} side={side} text={text} whole={whole} />
      ))}
      <button
        type="button"
        aria-pressed={whole}
        onClick={() => setWhole(!whole)}
        className="absolute right-2 bottom-2 min-h-7 rounded-md border border-line bg-panel px-2 text-xs text-text aria-pressed:border-kite-text"
      >
        Whole room
      </button>
    </div>
  );
}

function FlatView({
  draft,
  pose,
  wall,
  signs,
  says,
  side,
  text,
  whole,
}: {
  draft: Draft;
  pose: PoseAsked;
  wall: number;
  signs: boolean;
  says: string;
  side: FlatSide;
  text: string;
  whole: boolean;
}) {
  const { data, error } = useQuery(flatQuery(draft, pose, side));
  const body = data?.body ?? [];
  const rays = data?.rays.filter((ray) => ray.looks > 0) ?? [];
  const marks = signs ? (data?.signs ?? []) : [];
  const box = around([...body, ...marks, ...(whole ? rays : [])]);
  return (
    <figure className="flex min-h-0 min-w-0 flex-col max-[700px]:min-h-56">
      <figcaption className="text-xs text-muted">{text}</figcaption>
      {error && !data ? (
        <p role="alert" className="text-sm text-error">
          {error.message}
        </p>
      ) : (
        <svg
          viewBox={`${box.left} ${box.top} ${box.width} ${box.height}`}
          preserveAspectRatio="xMidYMid meet"
          role="img"
          aria-label={`${text}. ${says}`}
          className="min-h-0 w-full flex-1"
        >
          <RoomLines side={side} wall={wall} />
          {rays.map((ray, index) => (
            <polygon key={`r${index}`} points={pairs(ray.points)} fill={ray.hex} opacity={0.4 * ray.looks} />
          ))}
          {body.map((part, index) => (
            <polygon
              key={index}
              points={pairs(part.points)}
              fill={part.hex}
              stroke="var(--muted)"
              strokeWidth="1"
              vectorEffect="non-scaling-stroke"
            />
          ))}
          {marks.map((mark, index) => (
            <Mark key={`m${index}`} kind={mark.kind} points={mark.points} length={box.width * 0.035} />
          ))}
          {signs && data?.numbers.map((each, index) => <CellNumber key={`n${index}`} {...each} size={box.width * 0.05} />)}
          <Bar box={box} />
        </svg>
      )}
    </figure>
  );
}

/** The floor, as a line where it is seen from its edge, and the wall likewise. */
function RoomLines({ side, wall }: { side: FlatSide; wall: number }) {
  const paint = { stroke: 'var(--edge)', strokeWidth: 1, vectorEffect: 'non-scaling-stroke' } as const;
  return (
    <g>
      {side !== 'TOP' && <line x1={-BEYOND} x2={BEYOND} y1={0} y2={0} {...paint} />}
      {side === 'SIDE' && <line x1={wall} x2={wall} y1={-BEYOND} y2={0} {...paint} />}
      {side === 'TOP' && <line x1={-BEYOND} x2={BEYOND} y1={-wall} y2={-wall} {...paint} />}
    </g>
  );
}

/** A sign as a line; where it points somewhere with a head, and a plus on the arcs of axes. */
function Mark({ kind, points, length }: { kind: keyof typeof SIGN_COLOURS; points: number[]; length: number }) {
  const [x = 0, y = 0] = points.slice(-2);
  const [fromX = 0, fromY = 0] = points.slice(-4, -2);
  const turned = (Math.atan2(-(y - fromY), x - fromX) * 180) / Math.PI;
  const isArrow = Math.hypot(x - fromX, y - fromY) > 1e-6 && kind !== 'ZERO' && kind !== 'NOW';
  const paint = { stroke: SIGN_COLOURS[kind], strokeWidth: 1.5, vectorEffect: 'non-scaling-stroke' } as const;
  return (
    <g>
      <polyline points={pairs(points)} fill="none" {...paint} />
      {isArrow && (
        <g transform={`translate(${x} ${-y}) rotate(${turned})`}>
          <path d={`M0 0L${-length} ${-length / 2}L${-length} ${length / 2}Z`} fill={SIGN_COLOURS[kind]} />
          {kind !== 'FRONT' && (
            <path d={`M${length} 0H${2 * length}M${1.5 * length} ${-length / 2}V${length / 2}`} fill="none" {...paint} />
          )}
        </g>
      )}
    </g>
  );
}

function CellNumber({ number, right, up, size }: { number: string; right: number; up: number; size: number }) {
  return (
    <g aria-hidden>
      <circle cx={right} cy={-up} r={size * 0.75} fill="rgba(12, 16, 19, 0.75)" />
      <text
        x={right}
        y={-up}
        fontSize={size * (number.length > 2 ? 0.85 : 1)}
        textAnchor="middle"
        dominantBaseline="central"
        fill="#f4c531"
      >
        {number}
      </text>
    </g>
  );
}

/** How long a length is on this sheet. */
function Bar({ box }: { box: Box }) {
  const metres = barOf(box.width);
  const left = box.left + box.width * 0.03;
  const low = box.top + box.height * 0.98;
  return (
    <g aria-hidden>
      <path
        d={`M${left} ${low - box.width * 0.015}V${low}H${left + metres}V${low - box.width * 0.015}`}
        fill="none"
        stroke="var(--muted)"
        strokeWidth="1"
        vectorEffect="non-scaling-stroke"
      />
      <text x={left} y={low - box.width * 0.03} fontSize={box.width * 0.05} fill="var(--muted)">{`${metres} m`}</text>
    </g>
  );
}
