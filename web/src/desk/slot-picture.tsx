import type { WheelLine } from '../api/types';

/** What a slot puts into the beam. */
export function SlotPicture({ slot, className }: { slot: WheelLine['slots'][number]; className: string }) {
  return (
    <span title={`${slot.number} ${slot.name}`} className={`block overflow-hidden rounded-full border border-line ${className}`} style={{ background: slot.media ? '#000' : (slot.color ?? 'transparent') }}>
      {slot.media && <img src={slot.media} alt="" className="size-full" onError={(event) => (event.currentTarget.hidden = true)} />}
    </span>
  );
}
