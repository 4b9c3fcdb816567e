import { useRef } from 'react';
import type { Heading } from '#/api/types';

/** Where each heading lies on the dial, as seen from above the hanging fixture: front below, back above. */
const PLACES: { heading: Heading; text: string; x: number; y: number }[] = [
  { heading: 'BACK', text: 'back', x: 50, y: 12 },
  { heading: 'LEFT', text: 'left', x: 12, y: 50 },
  { heading: 'DOWN', text: 'down', x: 50, y: 50 },
  { heading: 'RIGHT', text: 'right', x: 88, y: 50 },
  { heading: 'FRONT', text: 'front', x: 50, y: 88 },
  { heading: 'UP', text: 'up', x: 84, y: 14 },
];

/** A dial on which a dot is dragged, or put by a click or a key, to where a light was seen to look. */
export function Compass({
  label,
  value,
  expected,
  onChange,
}: {
  label: string;
  value: Heading | null;
  expected: Heading;
  onChange: (to: Heading) => void;
}) {
  const dial = useRef<HTMLDivElement>(null);
  function nearest(event: React.PointerEvent) {
    const box = dial.current?.getBoundingClientRect();
    if (!box) return;
    const x = ((event.clientX - box.left) / box.width) * 100;
    const y = ((event.clientY - box.top) / box.height) * 100;
    const best = PLACES.reduce((one, other) => (Math.hypot(other.x - x, other.y - y) < Math.hypot(one.x - x, one.y - y) ? other : one));
    onChange(best.heading);
  }
  return (
    <div
      ref={dial}
      role="radiogroup"
      aria-label={label}
      className="relative size-30 touch-none rounded-full border border-edge bg-trough"
      onPointerMove={(event) => {
        if (event.buttons === 1) nearest(event);
      }}
    >
      {PLACES.map((place) => (
        <button
          key={place.heading}
          type="button"
          role="radio"
          aria-checked={value === place.heading}
          tabIndex={value === place.heading || (value === null && place.heading === 'DOWN') ? 0 : -1}
          onPointerDown={() => onChange(place.heading)}
          onClick={() => onChange(place.heading)}
          onKeyDown={(event) => {
            const at = PLACES.findIndex((each) => each.heading === place.heading);
            const by =
              event.key === 'ArrowRight' || event.key === 'ArrowDown' ? 1 : event.key === 'ArrowLeft' || event.key === 'ArrowUp' ? -1 : 0;
            const next = PLACES[(at + by + PLACES.length) % PLACES.length];
            if (by === 0 || !next) return;
            event.preventDefault();
            onChange(next.heading);
            dial.current?.querySelectorAll<HTMLElement>('[role=radio]')[PLACES.indexOf(next)]?.focus();
          }}
          className={`absolute grid size-9 -translate-1/2 place-items-center rounded-full border text-xs ${value === place.heading ? 'border-transparent bg-kite font-semibold text-on-kite' : `text-muted hover:border-text ${expected === place.heading ? 'border-dashed border-edge' : 'border-transparent'}`}`}
          style={{ left: `${place.x}%`, top: `${place.y}%` }}
        >
          {place.text}
        </button>
      ))}
    </div>
  );
}
