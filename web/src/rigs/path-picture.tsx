import type { ChannelAdjustment, UnitPath } from '#/api/types';

const SIDE = 40;

/** What a step does to every level, as a line from the left (none) to the right (full). */
export function PathPicture({ step, own }: { step: UnitPath['reading']['steps'][number]['step']; own: ChannelAdjustment }) {
  const line = lines(step, own);
  return (
    <svg aria-hidden width={SIDE} height={SIDE} viewBox={`-1 -1 ${SIDE + 2} ${SIDE + 2}`} className="mt-0.5 shrink-0 rounded-sm bg-trough">
      <rect width={SIDE} height={SIDE} fill="none" stroke="var(--line)" />
      {line && (
        <polyline
          points={line.map(([x, y]) => `${x * SIDE},${SIDE - y * SIDE}`).join(' ')}
          fill="none"
          stroke="var(--kite-text)"
          strokeWidth={2}
        />
      )}
      {step === 'SWAP' && <path d="M8 14h22m-6-6 6 6-6 6M32 27H10m6-6-6 6 6 6" fill="none" stroke="var(--kite-text)" strokeWidth={2} />}
      {step === 'MASTER' && <path d="M6 34 34 6M6 20h28" fill="none" stroke="var(--kite-text)" strokeWidth={2} />}
    </svg>
  );
}

function lines(step: UnitPath['reading']['steps'][number]['step'], own: ChannelAdjustment): [number, number][] | null {
  switch (step) {
    case 'INVERT':
      return own.invert
        ? [
            [0, 1],
            [1, 0],
          ]
        : [
            [0, 0],
            [1, 1],
          ];
    case 'CURVE':
      return own.curve.map((knot) => [knot.in, knot.out]);
    case 'SCALE':
      return own.scale > 1
        ? [
            [0, 0],
            [1 / own.scale, 1],
            [1, 1],
          ]
        : [
            [0, 0],
            [1, own.scale],
          ];
    case 'LIMIT':
      return [
        [0, own.from],
        [own.from, own.from],
        [own.to, own.to],
        [1, own.to],
      ];
    default:
      return null;
  }
}
