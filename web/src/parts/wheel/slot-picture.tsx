import type { WheelLine } from '#/api/types';

/** What a slot puts into the beam. */
export function SlotPicture({ slot, className }: { slot: WheelLine['slots'][number]; className: string }) {
  return (
    <span
      title={`${slot.number} ${slot.name}`}
      className={`block overflow-hidden rounded-full border border-line ${className}`}
      style={{ background: slot.media ? '#000' : (slot.color ?? 'transparent') }}
    >
      {!slot.media && slot.facets > 0 && <Facets count={slot.facets} />}
      {!slot.media && slot.disc && <Disc />}
      {slot.media && <img src={slot.media} alt="" className="size-full" onError={(event) => (event.currentTarget.hidden = true)} />}
    </span>
  );
}

/** A prism as it splits the beam. */
function Facets({ count }: { count: number }) {
  const spots = Array.from({ length: count }, (_, index) => (2 * Math.PI * index) / count - Math.PI / 2);
  return (
    <svg viewBox="-10 -10 20 20" aria-hidden className="size-full">
      {spots.map((angle) => (
        <circle key={angle} cx={6 * Math.cos(angle)} cy={6 * Math.sin(angle)} r={Math.min(3, 16 / count)} fill="var(--text)" />
      ))}
    </svg>
  );
}

/** An animation disc, by the break-up that runs through the beam. */
function Disc() {
  return (
    <svg viewBox="-10 -10 20 20" aria-hidden className="size-full">
      <path d="M-7 0q3.5 -7 7 0t7 0" fill="none" stroke="#222" strokeWidth={2} />
    </svg>
  );
}
