import { memo } from 'react';
import type { Bundle } from '#/api/types';
import { groupColor, pennantPath } from './pennant';

/** A mode as pennants on a line; a block of cells hangs once, bracketed, with its count. `height` in pixels: 8 in lists, 15 over the map. */
export const Tail = memo(function Tail({ bundles, height, label }: { bundles: Bundle[]; height: number; label: string }) {
  const unit = height;
  const paths = new Map<string, string>(); // one for each colour: a list draws thousands of pennants
  const counts: { x: number; from: number; times: number }[] = [];
  let x = 0;
  for (const bundle of bundles) {
    const from = x;
    for (const pennant of bundle.pennants) {
      const width = pennant.bytes * unit;
      const color = groupColor(pennant.featureGroup);
      paths.set(color, (paths.get(color) ?? '') + pennantPath(pennant.featureGroup, x, width - 1, height));
      x += width;
    }
    if (bundle.times > 1) {
      counts.push({ x, from, times: bundle.times });
      x += String(bundle.times).length * height * 0.75 + height * 1.9;
    }
  }
  return (
    <svg
      role="img"
      aria-label={label}
      className="max-w-full shrink"
      height={height + 2}
      width={x + 1}
      viewBox={`0 -1 ${x + 1} ${height + 2}`}
      preserveAspectRatio="xMinYMid meet"
    >
      <line x1={0} x2={x} y1={-0.5} y2={-0.5} stroke="var(--line)" />
      {[...paths].map(([color, path]) => (
        <path key={color} d={path} fill={color} />
      ))}
      {counts.map((count) => (
        <g key={count.x}>
          <line x1={count.from} x2={count.x - 1} y1={height + 0.5} y2={height + 0.5} stroke="var(--muted)" />
          <text x={count.x + height * 0.35} y={height} fill="var(--text)" fontSize={height * 1.25} className="font-mono">
            ×{count.times}
          </text>
        </g>
      ))}
    </svg>
  );
});
