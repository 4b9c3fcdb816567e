import type { WheelLine, WheelSpan } from '#/api/types';

/** How the values of a span bring their slot in. */
export const MOTIONS: Record<WheelSpan['motion'], { sign: string; text: string }> = {
  STILL: { sign: '', text: 'still' },
  SPLIT: { sign: '◐', text: 'half of two' },
  SHAKES: { sign: '≈', text: 'shaken' },
  SPINS: { sign: '↻', text: 'spinning' },
  TURNED: { sign: '∠', text: 'turned' },
};

/** How it brings its slot in, and whether it is called after another one; empty for what is still and rightly called. */
export function signs(span: WheelSpan) {
  return [MOTIONS[span.motion].sign, span.calledAfterAnother ? '≠' : ''].join(' ').trim();
}

type Props = { wheel: WheelLine; spans: WheelSpan[] };
type Slot = WheelLine['slots'][number];

const SIZE = 400;
const CENTRE = SIZE / 2;
const RING = 98;
/** More slots than this leave no room for values around the wheel; the list beside it has them. */
const MOST_LABELLED = 16;

function described({ wheel, spans }: Props) {
  return `${wheel.name}: ${wheel.slots.map((slot) => `${slot.number} ${slot.name}${spans.some((span) => span.slot === slot.number) ? '' : ', which no DMX value selects'}`).join('; ')}`;
}

/** A wheel as a wheel, a string as a string; beside each slot the values that bring it in. */
export function WheelDrawing({ wheel, spans }: Props) {
  return (
    <figure>
      {wheel.kind === 'STRING' ? <StringDrawing wheel={wheel} spans={spans} /> : <RoundDrawing wheel={wheel} spans={spans} />}
      <Legend spans={spans} />
    </figure>
  );
}

function Legend({ spans }: { spans: WheelSpan[] }) {
  const motions = Object.values(MOTIONS).filter((motion) => motion.sign !== '' && spans.some((span) => MOTIONS[span.motion] === motion));
  return (
    <figcaption className="mt-1 flex flex-wrap gap-x-4 text-xs text-muted">
      {motions.map((motion) => (
        <span key={motion.sign}>
          {motion.sign} {motion.text}
        </span>
      ))}
      {spans.some((span) => span.calledAfterAnother) && <span className="text-warning">≠ named after another slot</span>}
    </figcaption>
  );
}

/** The slots in a circle, the first at the top; outside each the values that bring it in. */
function RoundDrawing({ wheel, spans }: Props) {
  const count = wheel.slots.length;
  const radius = Math.min(32, (Math.PI * RING) / Math.max(3, count) - 3);
  return (
    <svg role="img" aria-label={described({ wheel, spans })} viewBox={`0 0 ${SIZE} ${SIZE}`} className="w-full">
      <circle cx={CENTRE} cy={CENTRE} r={RING + radius + 8} fill="var(--trough)" stroke="var(--line)" />
      <circle cx={CENTRE} cy={CENTRE} r={7} fill="var(--line)" />
      {wheel.slots.map((slot, index) => {
        const angle = (2 * Math.PI * index) / count - Math.PI / 2;
        const at = (distance: number): [number, number] => [CENTRE + distance * Math.cos(angle), CENTRE + distance * Math.sin(angle)];
        const own = spans.filter((span) => span.slot === slot.number);
        const [numberX, numberY] = at(RING - radius - 11);
        return (
          <g key={slot.number}>
            <RoundSlot wheel={wheel} slot={slot} place={at(RING)} radius={radius} reached={own.length > 0} />
            <text x={numberX} y={numberY + 4} textAnchor="middle" fontSize={12} fill="var(--text)" className="font-mono">
              {slot.number}
            </text>
            {count <= MOST_LABELLED && (
              <Values
                spans={own}
                place={at(RING + radius + 17)}
                side={Math.abs(Math.cos(angle)) < 0.25 ? 'middle' : Math.cos(angle) > 0 ? 'start' : 'end'}
              />
            )}
          </g>
        );
      })}
    </svg>
  );
}

function RoundSlot({
  wheel,
  slot,
  place: [x, y],
  radius,
  reached,
}: {
  wheel: WheelLine;
  slot: Slot;
  place: [number, number];
  radius: number;
  reached: boolean;
}) {
  const clip = `slot-${wheel.id}-${slot.number}`;
  return (
    <>
      <clipPath id={clip}>
        <circle cx={x} cy={y} r={radius} />
      </clipPath>
      <circle
        cx={x}
        cy={y}
        r={radius}
        fill={slot.media ? '#000' : (slot.color ?? 'var(--ground)')}
        stroke={reached ? 'var(--muted)' : 'var(--warning)'}
        strokeWidth={reached ? 1 : 2}
        strokeDasharray={reached ? undefined : '4 3'}
      />
      {slot.media && (
        <image href={slot.media} x={x - radius} y={y - radius} width={2 * radius} height={2 * radius} clipPath={`url(#${clip})`} />
      )}
      {slot.facets > 0 && <Facets x={x} y={y} radius={radius} count={slot.facets} />}
      {slot.disc && (
        <path
          d={`M${x - radius * 0.7} ${y}q${radius * 0.35} ${-radius * 0.7} ${radius * 0.7} 0t${radius * 0.7} 0`}
          fill="none"
          stroke="#222"
          strokeWidth={2.5}
        />
      )}
      {slot.open && radius >= 16 && (
        <text x={x} y={y + 4} textAnchor="middle" fontSize={11} fill="#222">
          open
        </text>
      )}
    </>
  );
}

function Facets({ x, y, radius, count }: { x: number; y: number; radius: number; count: number }) {
  return Array.from({ length: count }, (_, index) => {
    const angle = (2 * Math.PI * index) / count - Math.PI / 2;
    return (
      <circle
        key={index}
        cx={x + radius * 0.55 * Math.cos(angle)}
        cy={y + radius * 0.55 * Math.sin(angle)}
        r={Math.min(radius * 0.28, (radius * 1.5) / count)}
        fill="none"
        stroke="#222"
        strokeWidth={1.5}
      />
    );
  });
}

function Values({ spans, place: [x, y], side }: { spans: WheelSpan[]; place: [number, number]; side: 'start' | 'middle' | 'end' }) {
  const shown = spans.slice(0, 4);
  // above the wheel the lines grow upwards, below it downwards
  const first = y < CENTRE - 60 ? y - 12 * (shown.length - 1) : y > CENTRE + 60 ? y : y - 6 * (shown.length - 1);
  return shown.map((span, line) => (
    <text
      key={line}
      x={x}
      y={first + 4 + 12 * line}
      textAnchor={side}
      fontSize={11}
      fill={span.calledAfterAnother ? 'var(--warning)' : 'var(--muted)'}
      className="font-mono"
    >
      {line === 3 && spans.length > 4 ? `and ${spans.length - 3} more` : `${span.from}–${span.to} ${signs(span)}`.trimEnd()}
    </text>
  ));
}

/** A string from roll to roll: its frames one below the other, and beside each the values that bring it in. */
function StringDrawing({ wheel, spans }: Props) {
  const frame = Math.max(16, Math.min(34, SIZE / wheel.slots.length));
  const length = frame * wheel.slots.length;
  return (
    <div className="max-h-[26rem] overflow-y-auto">
      <svg role="img" aria-label={described({ wheel, spans })} viewBox={`0 0 ${SIZE} ${length + 28}`} className="w-full">
        <rect x={44} width={186} height={12} rx={6} fill="var(--line)" />
        <rect x={44} y={length + 16} width={186} height={12} rx={6} fill="var(--line)" />
        {wheel.slots.map((slot, index) => {
          const own = spans.filter((span) => span.slot === slot.number);
          const y = 14 + frame * index;
          return (
            <g key={slot.number}>
              <rect
                x={52}
                y={y}
                width={170}
                height={frame - 1}
                fill={slot.color ?? 'var(--ground)'}
                stroke={own.length === 0 ? 'var(--warning)' : 'var(--line)'}
                strokeDasharray={own.length === 0 ? '4 3' : undefined}
              />
              <text x={36} y={y + frame / 2 + 4} textAnchor="end" fontSize={12} fill="var(--text)" className="font-mono">
                {slot.number}
              </text>
              {slot.open && (
                <text x={137} y={y + frame / 2 + 4} textAnchor="middle" fontSize={11} fill="#222">
                  open
                </text>
              )}
              <text
                x={238}
                y={y + frame / 2 + 4}
                fontSize={11}
                fill={own.some((span) => span.calledAfterAnother) ? 'var(--warning)' : 'var(--muted)'}
                className="font-mono"
              >
                {own.map((span) => `${span.from}–${span.to} ${signs(span)}`.trimEnd()).join('  ')}
              </text>
            </g>
          );
        })}
      </svg>
    </div>
  );
}
