import { useId } from 'react';
import type { BeamLook } from '#/api/types';

/** The beam of the fixture seen on a wall: level, colour and gobo as the core computes them. */
export function Beam({ beam }: { beam: BeamLook }) {
  const words = beam.says;
  const id = useId();
  return (
    <figure className="relative overflow-hidden rounded-md bg-[#07090a]">
      <svg viewBox="0 0 240 150" role="img" aria-label={`Beam: ${words.join(', ')}`} className="block w-full">
        <defs>
          <radialGradient id={`${id}-edge`}>
            <stop offset="0.82" stopColor={beam.hue.hex} />
            <stop offset="1" stopColor={beam.hue.hex} stopOpacity="0" />
          </radialGradient>
          {beam.gobo && (
            <mask id={`${id}-gobo`}>
              <rect width="240" height="150" fill="#000" />
              <image href={beam.gobo} x="66" y="14" width="108" height="108" />
            </mask>
          )}
        </defs>
        <circle cx="120" cy="68" r="60" fill="none" stroke="#2a353d" strokeDasharray="2 4" />
        <circle cx="120" cy="68" r="60" fill={`url(#${id}-edge)`} opacity={beam.looks} mask={beam.gobo ? `url(#${id}-gobo)` : undefined} />
      </svg>
      <figcaption className="absolute inset-x-2.5 bottom-1.5 font-mono text-xs text-[#c4ced3]">{words.join('  ')}</figcaption>
    </figure>
  );
}
