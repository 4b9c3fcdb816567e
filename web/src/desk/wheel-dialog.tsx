import { useQuery } from '@tanstack/react-query';
import { ArrowDown, ArrowUp, Copy, Plus, Trash2 } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { answer, api } from '../api/client';
import type { Edit, WheelLine, WheelSpan } from '../api/types';
import { Button } from '../ui/button';
import { Modal } from '../ui/modal';
import { PanelButton } from '../ui/panel-button';
import { Refusal } from '../ui/refusal';
import { CopyWheel } from './copy-wheel';
import { useDesk, useDeskActions } from './desk-context';
import { EditField } from './edit-field';
import { SlotHolds } from './slot-holds';
import { SlotPicture } from './slot-picture';
import { WheelCareLine } from './wheel-care';

type Slot = WheelLine['slots'][number];
const MOTIONS: Record<WheelSpan['motion'], string> = { STILL: '', SPLIT: 'half of two', SHAKES: 'shaken', SPINS: 'spinning', TURNED: 'turned' };

/** What an edit of one thing leaves as it is. */
const KEPT = { name: null, color: null, filter: null, mediaFile: null, facets: null, disc: null };

/** A wheel as a wheel: its slots in order, and around it the values of the mode that bring each in. */
export function WheelDialog({ wheel, onClose }: { wheel: WheelLine; onClose: () => void }) {
  const { draft } = useDesk();
  const { edit, showMode } = useDeskActions();
  const [refusal, setRefusal] = useState<string | null>(null);
  const mode = draft.map?.id;
  const { data } = useQuery({
    queryKey: ['wheel use', draft.id, draft.version, wheel.id, mode],
    queryFn: () => answer(api.GET('/api/drafts/{draftId}/wheels/{wheel}/use', { params: { path: { draftId: draft.id, wheel: wheel.id }, query: { mode: mode ?? 0 } } })),
    enabled: mode !== undefined,
    placeholderData: (before) => before,
  });
  const spans = data ?? [];
  const beyond = spans.filter((span) => span.slot > wheel.slots.length);
  const send = async (next: Edit) => setRefusal(await edit(next));
  return (
    <Modal wide open onClose={onClose} title={`Wheel ${wheel.name}`} description={draft.map ? `Around it the values of mode ${draft.map.name} that bring each slot in.` : 'This profile has no mode that turns it yet.'}>
      <div className="grid min-h-0 grid-cols-[20rem_minmax(0,1fr)] gap-5">
        {wheel.kind === 'STRING' ? <StringDrawing wheel={wheel} spans={spans} /> : <Drawing wheel={wheel} spans={spans} />}
        <div className="flex min-h-0 flex-col gap-2">
          <WheelCareLine wheel={wheel} />
          <EditField label="Name of the wheel" showLabel value={wheel.name} toEdit={(to) => ({ type: 'renameWheel', wheel: wheel.id, to })} />
          <ol aria-label={`Slots of ${wheel.name}`} className="min-h-0 flex-1 overflow-y-auto">
            {wheel.slots.map((slot) => (
              <Line
                key={slot.number}
                wheel={wheel}
                slot={slot}
                spans={spans.filter((span) => span.slot === slot.number)}
                send={send}
                onShow={(channel) => {
                  showMode(mode ?? 0, channel);
                  onClose();
                }}
              />
            ))}
          </ol>
          {beyond.length > 0 && <p className="text-sm text-error">{`'${beyond[0]?.range}' points at slot ${beyond[0]?.slot}, past the end.`}</p>}
          <Refusal says={refusal} />
          <div className="flex justify-between">
            <Button quiet onClick={() => void send({ type: 'addSlot', wheel: wheel.id, at: wheel.slots.length + 1, name: `Slot ${wheel.slots.length + 1}` })}>
              <Plus size={14} aria-hidden /> Add a slot
            </Button>
            <PanelButton text="Take the slots of another wheel" icon={<Copy size={14} aria-hidden />} title={`What another wheel holds, into ${wheel.name}`}>
              {(close) => <CopyWheel over={wheel.id} onDone={close} />}
            </PanelButton>
            <Button quiet onClick={() => void send({ type: 'removeWheel', wheel: wheel.id })}>
              <Trash2 size={14} aria-hidden /> Remove the wheel
            </Button>
          </div>
        </div>
      </div>
    </Modal>
  );
}

function Line({ wheel, slot, spans, send, onShow }: { wheel: WheelLine; slot: Slot; spans: WheelSpan[]; send: (edit: Edit) => Promise<void>; onShow: (channel: number) => void }) {
  const move = (to: number) => void send({ type: 'moveSlot', wheel: wheel.id, slot: slot.number, to });
  return (
    <li className="border-b border-line/60 py-1">
      <div className="flex items-center gap-1.5">
        <span className="w-5 text-right font-mono text-sm text-muted">{slot.number}</span>
        <SlotPicture slot={slot} className="size-7 shrink-0" />
        <EditField label={`Name of slot ${slot.number}`} value={slot.name} toEdit={(name) => ({ type: 'setSlot', wheel: wheel.id, slot: slot.number, ...KEPT, name })} />
        <input
          type="color"
          key={slot.color}
          aria-label={`Colour of slot ${slot.number}`}
          defaultValue={slot.color ?? '#ffffff'}
          onBlur={(event) => event.currentTarget.value !== (slot.color ?? '#ffffff') && void send({ type: 'setSlot', wheel: wheel.id, slot: slot.number, ...KEPT, color: event.currentTarget.value })}
          className="h-7 w-9 shrink-0 rounded-sm border border-line bg-trough"
        />
        <SlotHolds wheel={wheel} slot={slot} />
        <Small label={`Move slot ${slot.number} up`} disabled={slot.number === 1} onClick={() => move(slot.number - 1)} icon={<ArrowUp size={15} aria-hidden />} />
        <Small label={`Move slot ${slot.number} down`} disabled={slot.number === wheel.slots.length} onClick={() => move(slot.number + 1)} icon={<ArrowDown size={15} aria-hidden />} />
        <Small label={`Take slot ${slot.number} out`} disabled={wheel.slots.length === 1} onClick={() => void send({ type: 'removeSlot', wheel: wheel.id, slot: slot.number })} icon={<Trash2 size={15} aria-hidden />} />
      </div>
      <p className="flex flex-wrap gap-x-2 pl-7 text-xs">
        {spans.length === 0 && <span className="text-warning">No value brings it in.</span>}
        {spans.map((span, index) => (
          <button key={index} type="button" title={[span.pretty, span.function, MOTIONS[span.motion]].filter((word) => word !== '').join(', ')} onClick={() => onShow(span.channel)} className="text-muted hover:text-text">
            <span className="font-mono">{`${span.from}–${span.to}`}</span> {span.range}
          </button>
        ))}
      </p>
    </li>
  );
}

function Small({ label, disabled, onClick, icon }: { label: string; disabled: boolean; onClick: () => void; icon: ReactNode }) {
  return (
    <button type="button" aria-label={label} title={label} disabled={disabled} onClick={onClick} className="grid size-7 shrink-0 place-items-center rounded-sm text-muted hover:bg-raised hover:text-text disabled:opacity-35">
      {icon}
    </button>
  );
}

const SIZE = 320;
const CENTRE = SIZE / 2;

/** The slots in a circle, the first at the top; outside each the values that bring it in. */
function Drawing({ wheel, spans }: { wheel: WheelLine; spans: WheelSpan[] }) {
  const count = wheel.slots.length;
  const ring = 84;
  const radius = Math.min(28, (Math.PI * ring) / Math.max(3, count) - 3);
  return (
    <svg role="img" aria-label={`${wheel.name}: ${wheel.slots.map((slot) => `${slot.number} ${slot.name}`).join(', ')}`} viewBox={`0 0 ${SIZE} ${SIZE}`} className="w-full">
      <circle cx={CENTRE} cy={CENTRE} r={ring + radius + 8} fill="var(--trough)" stroke="var(--line)" />
      <circle cx={CENTRE} cy={CENTRE} r={7} fill="var(--line)" />
      {wheel.slots.map((slot, index) => {
        const angle = (2 * Math.PI * index) / count - Math.PI / 2;
        const [x, y] = [CENTRE + ring * Math.cos(angle), CENTRE + ring * Math.sin(angle)];
        const own = spans.filter((span) => span.slot === slot.number);
        const out = ring + radius + 16;
        const side = Math.abs(Math.cos(angle)) < 0.25 ? 'middle' : Math.cos(angle) > 0 ? 'start' : 'end';
        return (
          <g key={slot.number}>
            <clipPath id={`slot-${wheel.id}-${slot.number}`}>
              <circle cx={x} cy={y} r={radius} />
            </clipPath>
            <circle cx={x} cy={y} r={radius} fill={slot.media ? '#000' : (slot.color ?? 'var(--ground)')} stroke={own.length === 0 ? 'var(--warning)' : 'var(--muted)'} strokeWidth={own.length === 0 ? 2 : 1} strokeDasharray={own.length === 0 ? '4 3' : undefined} />
            {slot.media && <image href={slot.media} x={x - radius} y={y - radius} width={2 * radius} height={2 * radius} clipPath={`url(#slot-${wheel.id}-${slot.number})`} />}
            {count <= 16 &&
              own.slice(0, 2).map((span, line) => (
                <text key={line} x={CENTRE + out * Math.cos(angle)} y={CENTRE + out * Math.sin(angle) + 4 + 11 * line - (own.length > 1 ? 5 : 0)} textAnchor={side} fontSize={10} fill="var(--muted)" className="font-mono">
                  {`${span.from}–${span.to}`}
                </text>
              ))}
            <text x={CENTRE + (ring - radius - 10) * Math.cos(angle)} y={CENTRE + (ring - radius - 10) * Math.sin(angle) + 4} textAnchor="middle" fontSize={11} fill="var(--text)" className="font-mono">
              {slot.number}
            </text>
          </g>
        );
      })}
    </svg>
  );
}

/** A string from roll to roll: its frames one below the other, and beside each the values that bring it in. */
function StringDrawing({ wheel, spans }: { wheel: WheelLine; spans: WheelSpan[] }) {
  const frame = Math.max(14, Math.min(34, SIZE / wheel.slots.length));
  return (
    <div className="max-h-96 overflow-y-auto">
      <svg role="img" aria-label={`${wheel.name}: ${wheel.slots.map((slot) => `${slot.number} ${slot.name}`).join(', ')}`} viewBox={`0 0 ${SIZE} ${frame * wheel.slots.length + 28}`} className="w-full">
        <rect x={40} width={150} height={12} rx={6} fill="var(--line)" />
        <rect x={40} y={frame * wheel.slots.length + 16} width={150} height={12} rx={6} fill="var(--line)" />
        {wheel.slots.map((slot, index) => {
          const own = spans.filter((span) => span.slot === slot.number);
          const y = 14 + frame * index;
          return (
            <g key={slot.number}>
              <rect x={48} y={y} width={134} height={frame - 1} fill={slot.color ?? 'var(--ground)'} stroke={own.length === 0 ? 'var(--warning)' : 'var(--line)'} strokeDasharray={own.length === 0 ? '4 3' : undefined} />
              <text x={34} y={y + frame / 2 + 4} textAnchor="end" fontSize={11} fill="var(--text)" className="font-mono">
                {slot.number}
              </text>
              <text x={196} y={y + frame / 2 + 4} fontSize={10} fill="var(--muted)" className="font-mono">
                {own.map((span) => `${span.from}–${span.to}`).join('  ')}
              </text>
            </g>
          );
        })}
      </svg>
    </div>
  );
}
