import { ArrowDown, ArrowUp, ListPlus, Trash2 } from 'lucide-react';
import type { ReactNode } from 'react';
import type { Edit, WheelLine, WheelSpan } from '#/api/types';
import { EditField } from '#/editor/kit/edit-field';
import { SlotHolds } from './slot-holds';
import { SlotPicture } from '#/parts/wheel/slot-picture';
import { MOTIONS, signs } from './wheel-drawing';

/** What an edit of one thing leaves as it is. */
const KEPT = { name: null, color: null, filter: null, mediaFile: null, facets: null, disc: null };

/** A slot: its name, its colour, what it holds, its place, and the values that bring it in. */
export function WheelSlot({
  wheel,
  slot,
  spans,
  send,
  onShow,
}: {
  wheel: WheelLine;
  slot: WheelLine['slots'][number];
  spans: WheelSpan[];
  send: (edit: Edit) => Promise<void>;
  onShow: (channel: number) => void;
}) {
  const move = (to: number) => void send({ type: 'moveSlot', wheel: wheel.id, slot: slot.number, to });
  const takesColour = slot.media === null && slot.facets === 0 && !slot.disc;
  return (
    <li className="border-b border-line/60 py-1">
      <div className="flex items-center gap-1.5">
        <span className="w-5 text-right font-mono text-sm text-muted">{slot.number}</span>
        <SlotPicture slot={slot} className="size-7 shrink-0" />
        <EditField
          label={`Name of slot ${slot.number}`}
          value={slot.name}
          toEdit={(name) => ({ type: 'setSlot', wheel: wheel.id, slot: slot.number, ...KEPT, name })}
        />
        {takesColour && (
          <input
            type="color"
            key={slot.color}
            aria-label={`Colour of slot ${slot.number}`}
            defaultValue={slot.color ?? '#ffffff'}
            onBlur={(event) =>
              event.currentTarget.value !== (slot.color ?? '#ffffff') &&
              void send({ type: 'setSlot', wheel: wheel.id, slot: slot.number, ...KEPT, color: event.currentTarget.value })
            }
            className="h-7 w-9 shrink-0 rounded-sm border border-edge bg-trough"
          />
        )}
        <SlotHolds wheel={wheel} slot={slot} />
        <Small
          label={`Insert a slot before slot ${slot.number}`}
          onClick={() => void send({ type: 'addSlot', wheel: wheel.id, at: slot.number, name: `Slot ${wheel.slots.length + 1}` })}
          icon={<ListPlus size={15} aria-hidden />}
        />
        <Small
          label={`Move slot ${slot.number} up`}
          disabled={slot.number === 1}
          onClick={() => move(slot.number - 1)}
          icon={<ArrowUp size={15} aria-hidden />}
        />
        <Small
          label={`Move slot ${slot.number} down`}
          disabled={slot.number === wheel.slots.length}
          onClick={() => move(slot.number + 1)}
          icon={<ArrowDown size={15} aria-hidden />}
        />
        <Small
          label={`Delete slot ${slot.number}`}
          disabled={wheel.slots.length === 1}
          onClick={() => void send({ type: 'removeSlot', wheel: wheel.id, slot: slot.number })}
          icon={<Trash2 size={15} aria-hidden />}
        />
      </div>
      <p className="flex flex-wrap gap-x-3 pl-7 text-xs">
        {spans.length === 0 && <span className="text-warning">No DMX value selects it.</span>}
        {spans.map((span, index) => (
          <button
            key={index}
            type="button"
            title={`${span.pretty}, ${span.function}, ${MOTIONS[span.motion].text}${span.calledAfterAnother ? ', named after another slot' : ''}; show it in the map`}
            onClick={() => onShow(span.channel)}
            className={`hover:text-text hover:underline ${span.calledAfterAnother ? 'text-warning' : 'text-muted'}`}
          >
            <span className="font-mono">{`${span.from}–${span.to}`}</span> {span.range} {signs(span)}
          </button>
        ))}
      </p>
    </li>
  );
}

function Small({ label, disabled = false, onClick, icon }: { label: string; disabled?: boolean; onClick: () => void; icon: ReactNode }) {
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      disabled={disabled}
      onClick={onClick}
      className="grid size-7 shrink-0 place-items-center rounded-sm text-muted hover:bg-raised hover:text-text disabled:opacity-35"
    >
      {icon}
    </button>
  );
}
