import { Popover } from 'radix-ui';
import { useState } from 'react';
import type { Mark, RangeBar, WheelLine } from '#/api/types';
import { Button } from '#/ui/button';
import { Refusal } from '#/ui/refusal';
import { useEditorActions } from '#/editor/kit/editor-context';
import { SlotPicture } from '#/parts/wheel/slot-picture';

type Sign = Mark['sign'];

/** Our own signs, drawn in a field of 16 by 16; strokes, except where `fill` says otherwise. */
const SIGNS: Partial<Record<Sign, { text: string; path: string; fill?: boolean }>> = {
  OPEN: { text: 'Open', path: 'M8 2.5a5.5 5.5 0 1 0 .01 0' },
  CLOSED: { text: 'Closed', path: 'M8 2.5a5.5 5.5 0 1 0 .01 0', fill: true },
  SPIN_LEFT: { text: 'Spins left', path: 'M12.5 10a5 5 0 1 1 .3-4M5.5 8 3 10.2 1 7.6' },
  SPIN_RIGHT: { text: 'Spins right', path: 'M3.5 10a5 5 0 1 0-.3-4M10.5 8 13 10.2 15 7.6' },
  STOP: { text: 'Stands still', path: 'M4 4h8v8H4z' },
  SHAKE: { text: 'Shakes', path: 'M1.5 8 4 4l2.5 8L9 4l2.5 8L14.5 7' },
  RANDOM: { text: 'Random', path: 'M3 11.5h.01M6 4.5h.01M8.5 9h.01M12 3.5h.01M12.8 11h.01' },
  PULSE: { text: 'Pulses', path: 'M1.5 12c3 0 3-8 6.5-8s3.5 8 6.5 8' },
  RESET: { text: 'Reset', path: 'M8 2v4M4.6 4.2a5 5 0 1 0 6.8 0' },
  LAMP_ON: {
    text: 'Lamp on',
    path: 'M8 5.5a2.5 2.5 0 1 0 .01 0M8 1v2M8 13v2M1 8h2M13 8h2M3.2 3.2l1.3 1.3M11.5 11.5l1.3 1.3M3.2 12.8l1.3-1.3M11.5 4.5l1.3-1.3',
  },
  LAMP_OFF: { text: 'Lamp off', path: 'M8 4.5a3.5 3.5 0 1 0 .01 0M3 13 13 3' },
};

/** A mark as it is seen beside a range. */
function MarkPicture({ mark, slot }: { mark: Mark; slot: WheelLine['slots'][number] | undefined }) {
  if (mark.sign === 'COLOR' || mark.sign === 'SPLIT') {
    const second = mark.sign === 'SPLIT' ? mark.second : mark.color;
    return (
      <span
        className="block size-4 rounded-full border border-line"
        style={{ background: `linear-gradient(105deg, ${mark.color} 50%, ${second} 50%)` }}
      >
        <span className="sr-only">{mark.sign === 'SPLIT' ? 'Two colours' : 'One colour'}</span>
      </span>
    );
  }
  if (mark.sign === 'SLOT') {
    return (
      <span>
        {slot && <SlotPicture slot={slot} className="size-4" />}
        <span className="sr-only">{slot ? `Slot ${slot.name}` : 'No slot'}</span>
      </span>
    );
  }
  const sign = SIGNS[mark.sign];
  return (
    <svg
      role="img"
      aria-label={sign?.text}
      width={16}
      height={16}
      viewBox="0 0 16 16"
      fill={sign?.fill ? 'currentColor' : 'none'}
      stroke="currentColor"
      strokeWidth={1.5}
      strokeLinecap="round"
      strokeLinejoin="round"
    >
      <path d={sign?.path} />
    </svg>
  );
}

/** The mark of a named range, and the way to another one. */
export function RangeMark({ range, called, slot }: { range: RangeBar; called: string; slot: WheelLine['slots'][number] | undefined }) {
  const [open, setOpen] = useState(false);
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger
        aria-label={`Sign of ${called}`}
        title={`Sign of ${called}`}
        className={`grid size-7 shrink-0 place-items-center rounded-sm hover:bg-raised ${range.mark ? 'text-text' : 'text-muted'}`}
      >
        {range.mark ? (
          <MarkPicture mark={range.mark} slot={slot} />
        ) : (
          <span aria-hidden className="block size-3.5 rounded-full border border-dashed border-current opacity-60" />
        )}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={4}
          collisionPadding={8}
          aria-label={`Sign of ${called}`}
          className="z-50 w-72 rounded-lg border border-line bg-panel p-4 text-text shadow-2xl"
        >
          {open && <Choose range={range} slot={slot} close={() => setOpen(false)} />}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

function Choose({ range, slot, close }: { range: RangeBar; slot: WheelLine['slots'][number] | undefined; close: () => void }) {
  const { edit } = useEditorActions();
  const [color, setColor] = useState(range.mark?.color || '#ffcc00');
  const [second, setSecond] = useState(range.mark?.second || '#2255cc');
  const [refusal, setRefusal] = useState<string | null>(null);
  const mark = async (to: Mark | null) => {
    const refused = await edit({ type: 'markRange', range: range.id, mark: to });
    setRefusal(refused);
    if (!refused) close();
  };
  return (
    <div className="flex flex-col gap-3">
      <div className="grid grid-cols-6 gap-1" role="group" aria-label="Signs">
        {(Object.keys(SIGNS) as Sign[]).map((sign) => (
          <button
            key={sign}
            type="button"
            title={SIGNS[sign]?.text}
            aria-pressed={range.mark?.sign === sign}
            onClick={() => void mark({ sign, color: '', second: '' })}
            className="grid size-9 place-items-center rounded-sm border border-transparent hover:bg-raised aria-pressed:border-kite-text"
          >
            <MarkPicture mark={{ sign, color: '', second: '' }} slot={undefined} />
          </button>
        ))}
        {slot && (
          <button
            type="button"
            title="Picture of its slot"
            aria-pressed={range.mark?.sign === 'SLOT'}
            onClick={() => void mark({ sign: 'SLOT', color: '', second: '' })}
            className="grid size-9 place-items-center rounded-sm border border-transparent hover:bg-raised aria-pressed:border-kite-text"
          >
            <MarkPicture mark={{ sign: 'SLOT', color: '', second: '' }} slot={slot} />
          </button>
        )}
      </div>
      <div className="flex items-center gap-2 text-sm text-muted">
        <input
          type="color"
          aria-label="First colour"
          value={color}
          onChange={(event) => setColor(event.currentTarget.value)}
          className="size-8 rounded-sm border border-edge bg-trough"
        />
        <input
          type="color"
          aria-label="Second colour"
          value={second}
          onChange={(event) => setSecond(event.currentTarget.value)}
          className="size-8 rounded-sm border border-edge bg-trough"
        />
        <Button onClick={() => void mark({ sign: 'COLOR', color, second: '' })}>One</Button>
        <Button onClick={() => void mark({ sign: 'SPLIT', color, second })}>Split</Button>
      </div>
      <Refusal says={refusal} />
      {range.mark && (
        <Button quiet className="self-start" onClick={() => void mark(null)}>
          No tag
        </Button>
      )}
    </div>
  );
}
