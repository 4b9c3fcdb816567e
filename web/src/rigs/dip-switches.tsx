import type { DipSwitches as Switches } from '#/api/types';

const WIDE = 16;
const HIGH = 26;

/** The nine address switches as they have to stand: up is on. */
export function DipSwitches({ of, at }: { of: Switches; at: string }) {
  const on = of.on.flatMap((up, index) => (up ? [index + 1] : []));
  return (
    <figure className="flex flex-col gap-1">
      <svg
        role="img"
        aria-label={`Switches for ${at}: ${on.length === 0 ? 'all off' : `${on.join(', ')} on`}`}
        width={of.on.length * WIDE + 4}
        height={HIGH + 18}
        viewBox={`0 0 ${of.on.length * WIDE + 4} ${HIGH + 18}`}
      >
        <rect width={of.on.length * WIDE + 4} height={HIGH + 4} rx={3} fill="var(--trough)" stroke="var(--edge)" />
        {of.on.map((up, index) => (
          <g key={index} transform={`translate(${2 + index * WIDE} 2)`}>
            <rect x={4} y={2} width={8} height={HIGH - 4} rx={1.5} fill="var(--ground)" stroke="var(--line)" />
            <rect x={4} y={up ? 2 : HIGH / 2} width={8} height={HIGH / 2 - 2} rx={1.5} fill={up ? 'var(--kite-text)' : 'var(--muted)'} />
            <text x={8} y={HIGH + 13} textAnchor="middle" fontSize={10} fill="var(--muted)">
              {index + 1}
            </text>
          </g>
        ))}
      </svg>
      <figcaption className={`text-xs ${of.fits ? 'text-muted' : 'text-error'}`}>
        {of.fits ? `Switches show ${of.value}` : `${of.value} is more than nine switches can show (511)`}
      </figcaption>
    </figure>
  );
}
