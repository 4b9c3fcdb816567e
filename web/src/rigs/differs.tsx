import type { RigUnit } from '#/api/types';

type Mark = RigUnit['differs'][number];

const LINES: Record<Mark['kind'], string> = {
  MASTER: 'M2 10 10 2M2 5h7',
  SWAP: 'M2 4h8M8 2l2 2-2 2M10 8H2M4 6 2 8l2 2',
  INVERT: 'M2 2l8 8',
  CURVE: 'M2 10C8 10 9 6 10 2',
  SCALE: 'M2 10 6 2h4',
  LIMIT: 'M2 8h2l4-4h2',
  FADE: 'M2 10h4V2h4',
  START: 'M2 6h8M6 2v8',
};

/** The changed steps of a unit's path in miniature, each saying what it does. */
export function Differs({ marks }: { marks: Mark[] }) {
  if (marks.length === 0) return null;
  const says = marks.map((mark) => mark.says).join('. ');
  return (
    <span role="img" aria-label={says} title={says} className="flex items-center gap-0.5 overflow-hidden">
      {marks.map((mark) => (
        <svg key={mark.kind} aria-hidden width={14} height={14} viewBox="0 0 12 12" className="shrink-0 rounded-xs bg-trough">
          <path d={LINES[mark.kind]} fill="none" stroke="var(--kite-text)" strokeWidth={1.3} />
        </svg>
      ))}
    </span>
  );
}
