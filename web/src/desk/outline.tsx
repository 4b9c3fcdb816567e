import { memo } from 'react';
import type { WheelLine } from '../api/types';
import { useDesk } from './desk-context';
import { HistoryList } from './history-list';
import { Identity } from './identity';
import { ModeList } from './mode-list';

/** What the profile consists of: its name, its modes, its wheels, and what was done to it. */
export const Outline = memo(function Outline() {
  const { draft } = useDesk();
  return (
    <aside aria-label="Outline" className="flex min-h-0 flex-col gap-5 overflow-y-auto border-r border-line bg-panel py-3">
      <Identity />
      <ModeList />
      {draft.wheels.length > 0 && (
        <section aria-label="Wheels" className="px-3.5">
          <h2 className="pb-1 text-xs font-semibold text-muted">Wheels</h2>
          <ul className="flex flex-col gap-2.5">
            {draft.wheels.map((wheel) => (
              <Wheel key={wheel.id} wheel={wheel} />
            ))}
          </ul>
        </section>
      )}
      <HistoryList lines={draft.history} />
    </aside>
  );
});

function Wheel({ wheel }: { wheel: WheelLine }) {
  return (
    <li id={`wheel-${wheel.id}`} tabIndex={-1} className="scroll-mt-4 rounded-sm">
      <p className="flex justify-between gap-2">
        <span className="truncate">{wheel.name}</span>
        <span className="shrink-0 text-sm text-muted">{wheel.slots.length} slots</span>
      </p>
      <ol className="mt-1 flex flex-wrap gap-1" aria-label={`Slots of ${wheel.name}`}>
        {wheel.slots.map((slot) => (
          <li key={slot.number} title={`${slot.number} ${slot.name}`}>
            <span className="block size-6 overflow-hidden rounded-full border border-line" style={{ background: slot.media ? '#000' : (slot.color ?? 'transparent') }}>
              {slot.media && <img src={slot.media} alt="" className="size-full" />}
            </span>
            <span className="sr-only">
              {slot.number} {slot.name}
            </span>
          </li>
        ))}
      </ol>
    </li>
  );
}
