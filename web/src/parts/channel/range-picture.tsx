import { groupColor } from './pennant';

/** A function as a band over its values. Bands of one layer do not meet; parts are its named ranges. */
export type Band = {
  key: string | number;
  from: number;
  to: number;
  layer: number;
  label: string;
  /** Whether it does nothing: an edge without a body. */
  idle?: boolean;
  parts: readonly { from: number; to: number; color?: string; second?: string }[];
};

const WIDE = 1000;
/** More parts than these lie too close to be told apart. */
const MOST_PARTS = 512;

/**
 * The whole DMX span of a channel to scale: functions as bands, their named ranges as ticks with their colours along the lower edge. The one
 * picture of it, for the editor, charts, sheets and comparisons. A picture: what it says is said in words beside it.
 */
export function RangePicture({
  max,
  group,
  bands,
  height = 22,
  strong = false,
}: {
  max: number;
  group: string;
  bands: readonly Band[];
  height?: number;
  strong?: boolean;
}) {
  const rows = 1 + Math.max(0, ...bands.map((band) => band.layer));
  const row = height / rows;
  const color = groupColor(group);
  const body = strong ? color : `color-mix(in oklch, ${color} var(--tint), var(--ground))`;
  const x = (value: number) => (WIDE * value) / (max + 1);
  return (
    <span
      aria-hidden
      className="pointer-events-none absolute inset-x-0 top-0 block overflow-hidden rounded-sm bg-trough"
      style={{ height }}
    >
      <svg viewBox={`0 0 ${WIDE} ${height}`} preserveAspectRatio="none" className="absolute inset-0 size-full">
        {bands.map((band) => {
          const top = band.layer * row;
          const width = Math.max(2, x(band.to - band.from + 1) - 1.5);
          return (
            <g key={band.key}>
              {!band.idle && <rect x={x(band.from)} width={width} y={top} height={row - (rows > 1 ? 1 : 0)} fill={body} />}
              <rect x={x(band.from)} width={width} y={top} height={2} fill={band.idle ? 'var(--muted)' : color} />
              <path
                d={band.parts
                  .slice(0, MOST_PARTS)
                  .filter((part) => part.from > band.from && part.to >= part.from)
                  .map((part) => `M${x(part.from)} ${top + row / 4}V${top + row}`)
                  .join('')}
                stroke={strong ? 'var(--ground)' : color}
                strokeWidth={1}
                vectorEffect="non-scaling-stroke"
                opacity={0.75}
              />
              {band.parts
                .filter((part) => part.color)
                .map((part) => (
                  <Swatch key={part.from} part={part} left={x(part.from)} width={x(part.to - part.from + 1)} top={top + row - 5} />
                ))}
            </g>
          );
        })}
      </svg>
      {rows === 1 &&
        bands.map((band) => <Label key={band.key} band={band} max={max} strong={strong} body={band.idle ? 'var(--trough)' : body} />)}
    </span>
  );
}

function Swatch({ part, left, width, top }: { part: Band['parts'][number]; left: number; width: number; top: number }) {
  const half = part.second ? width / 2 : width;
  return (
    <>
      <rect x={left} width={half} y={top} height={5} fill={part.color} />
      {part.second && <rect x={left + half} width={half} y={top} height={5} fill={part.second} />}
    </>
  );
}

/** A label that does not fit whole wraps to a second line, which is cut off. */
function Label({ band, max, strong, body }: { band: Band; max: number; strong: boolean; body: string }) {
  return (
    <span
      className={`absolute inset-y-0 flex flex-wrap overflow-hidden text-xs whitespace-nowrap ${strong && !band.idle ? 'text-ground' : 'text-text'}`}
      style={{ left: `${(100 * band.from) / (max + 1)}%`, width: `${(100 * (band.to - band.from + 1)) / (max + 1)}%` }}
    >
      <span className="h-full w-2" />
      <span className="flex h-full items-center pr-1">
        <span style={{ background: body }} className="pr-1">
          {band.label}
        </span>
      </span>
    </span>
  );
}

/** A value along the bar: filled for the start, open for the highlight. */
export function ValueMark({ at, max, title, open = false }: { at: number; max: number; title: string; open?: boolean }) {
  return (
    <svg
      aria-hidden
      className="absolute -bottom-px -translate-x-1/2"
      style={{ left: `${(100 * (at + 0.5)) / (max + 1)}%` }}
      width={9}
      height={8}
      viewBox="-1 -1 9 8"
    >
      <title>{title}</title>
      <path d="M3.5 0 7 5.5H0Z" fill={open ? 'none' : 'var(--text)'} stroke="var(--text)" />
    </svg>
  );
}
