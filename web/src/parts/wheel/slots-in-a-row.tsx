import type { WheelLine } from '#/api/types';
import { SlotPicture } from './slot-picture';

/** The slots of a wheel, small, in their order. */
export function SlotsInARow({ slots }: { slots: WheelLine['slots'] }) {
  return (
    <span className="mt-1 flex flex-wrap gap-1">
      {slots.map((slot) => (
        <SlotPicture key={slot.number} slot={slot} className="size-6" />
      ))}
    </span>
  );
}
