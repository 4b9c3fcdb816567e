import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Draft, FlatSide, PoseAsked } from '#/api/types';
import { flatQuery } from '../body-query';

const SIDES: { side: FlatSide; text: string }[] = [
  { side: 'FRONT', text: 'Front' },
  { side: 'SIDE', text: 'Side' },
  { side: 'TOP', text: 'Above' },
];

/** The fixture on a sheet, from the front, from the side and from above: the same as in the room, without WebGL. */
export function FlatViews({ draft, pose, says }: { draft: Draft; pose: PoseAsked; says: string }) {
  const [whole, setWhole] = useState(false);
  return (
    <div className="relative grid min-h-0 flex-1 grid-cols-3 gap-2 bg-trough p-2">
      {SIDES.map(({ side, text }) => (
        <FlatView key={side} draft={draft} pose={pose} side={side} text={text} whole={whole} says={says} />
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
  side,
  text,
  whole,
  says,
}: {
  draft: Draft;
  pose: PoseAsked;
  side: FlatSide;
  text: string;
  whole: boolean;
  says: string;
}) {
  const { data, error } = useQuery(flatQuery(draft, pose, side));
  const body = data?.body ?? [];
  const rays = data?.rays.filter((ray) => ray.looks > 0) ?? [];
  const box = around(whole ? [...body, ...rays] : body);
  return (
    <figure className="flex min-h-0 min-w-0 flex-col max-[700px]:min-h-56">
      <figcaption className="text-xs text-muted">{text}</figcaption>
      {error && !data ? (
        <p role="alert" className="text-sm text-error">
          {error.message}
        </p>
      ) : (
        <svg viewBox={box} preserveAspectRatio="xMidYMid meet" role="img" aria-label={`${text}. ${says}`} className="min-h-0 w-full flex-1">
          {rays.map((ray, index) => (
            <polygon key={`r${index}`} points={points(ray.points)} fill={ray.hex} opacity={0.4 * ray.looks} />
          ))}
          {body.map((part, index) => (
            <polygon key={index} points={points(part.points)} fill={part.hex} stroke="var(--muted)" strokeWidth="0.004" />
          ))}
        </svg>
      )}
    </figure>
  );
}

function points(flat: number[]) {
  return Array.from({ length: flat.length / 2 }, (_, i) => `${flat[2 * i]},${-(flat[2 * i + 1] ?? 0)}`).join(' ');
}

/** A box with a little room around everything, the sheet's up being the screen's. */
function around(shapes: { points: number[] }[]) {
  const all = shapes.flatMap((each) => each.points);
  const right = all.filter((_, i) => i % 2 === 0);
  const up = all.filter((_, i) => i % 2 === 1);
  if (right.length === 0) return '-1 -1 2 2';
  const [left, low] = [Math.min(...right), Math.min(...up)];
  const size = Math.max(Math.max(...right) - left, Math.max(...up) - low, 0.05);
  const room = size * 0.12;
  return `${left - room} ${-Math.max(...up) - room} ${Math.max(...right) - left + 2 * room} ${Math.max(...up) - low + 2 * room}`;
}
