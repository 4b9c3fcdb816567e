import type { SheetLine } from '#/api/types';
import { groupColor } from './pennant';

/** All values of a channel to scale: its functions as segments, their named ranges as ticks. */
export function SheetBar({ line }: { line: SheetLine }) {
  const max = 256 ** line.bytes;
  const tint = groupColor(line.group);
  return (
    <svg
      role="img"
      aria-label={`${line.pretty}: ${line.functions.map((each) => `${each.from} to ${each.to} ${each.name}`).join(', ')}`}
      viewBox="0 0 1000 22"
      preserveAspectRatio="none"
      className="h-5.5 w-full rounded-sm bg-trough"
    >
      {line.functions.map((each, index) => (
        <g key={index}>
          <rect
            x={(1000 * each.from) / max}
            width={Math.max(2, (1000 * (each.to + 1 - each.from)) / max - 1)}
            y={0}
            height={22}
            fill={`color-mix(in oklab, ${tint} var(--tint), var(--ground))`}
          />
          <rect
            x={(1000 * each.from) / max}
            width={Math.max(2, (1000 * (each.to + 1 - each.from)) / max - 1)}
            y={0}
            height={3}
            fill={tint}
          />
          {each.parts.slice(0, 128).map((part, at) => (
            <rect key={at} x={(1000 * part.from) / max} width={1.5} y={3} height={19} fill={tint} opacity={0.6} />
          ))}
        </g>
      ))}
    </svg>
  );
}
