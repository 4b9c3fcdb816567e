import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { ChannelRow, Edit } from '../api/types';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { AttributePicker } from './attribute-picker';
import { useDesk, useDeskActions } from './desk-context';
import { EditField } from './edit-field';
import { number, shown, wholeNumber } from './typed-number';

const WIDTHS = [1, 2, 3, 4];
const FADES = [
  { value: 'NO', text: 'Follows fades' },
  { value: 'YES', text: 'Snaps' },
];
const MASTERS = [
  { value: 'NONE', text: 'No master' },
  { value: 'GRAND', text: 'Grand master' },
  { value: 'GROUP', text: 'Group master' },
] as const;
/** What is null stays as it is. */
const REACTION = { type: 'setReaction', snap: null, master: null, mibFade: null, dmxChangeTimeLimit: null } as const;

function seconds(text: string, toEdit: (value: number) => Edit) {
  const value = number(text);
  return value === null ? 'Type seconds, such as 0.5.' : toEdit(value);
}

/** What a channel is as a whole: attribute, width, addresses, start and highlight value. */
export function ChannelSettings({ channel }: { channel: ChannelRow }) {
  const { draft, probe } = useDesk();
  const { edit } = useDeskActions();
  const [refusal, setRefusal] = useState<string | null>(null);
  const send = async (next: Edit) => setRefusal(await edit(next));
  const at = probe[channel.id];
  return (
    <section aria-label="Channel" className="mt-2">
      <div className="flex flex-wrap items-end gap-3">
        <AttributePicker label="Attribute" value={channel.attribute} onChoose={(attribute) => void send({ type: 'changeAttribute', channel: channel.id, attribute })} />
        <Choice label="Part" value={channel.geometry} options={draft.parts.map((part) => ({ value: part, text: part }))} onChoose={(geometry) => void send({ type: 'changeGeometry', channel: channel.id, geometry })} />
        {channel.addresses.length > 0 && (
          <>
            <Choice
              label="Width"
              value={String(channel.bytes)}
              options={WIDTHS.map((bytes) => ({ value: String(bytes), text: `${8 * bytes} bit` }))}
              onChoose={(bytes) => void send({ type: 'changeWidth', channel: channel.id, bytes: Number(bytes) })}
            />
            <EditField
              label={channel.times > 1 ? 'Address in the cell' : 'Address'}
              showLabel
              mono
              width={channel.times > 1 ? 'w-32' : 'w-20'}
              value={channel.offsets.join(', ')}
              toEdit={(text) => {
                const parts = text.split(',').map((part) => part.trim());
                return parts.every((part) => /^\d{1,5}$/.test(part))
                  ? { type: 'changeAddresses', channel: channel.id, addresses: parts.map(Number) }
                  : 'Type addresses such as 7 or 7, 8.';
              }}
            />
          </>
        )}
        <EditField label="Start value" showLabel mono width="w-20" value={String(channel.start)} toEdit={(text) => wholeNumber(text, (value) => ({ type: 'setStartValue', channel: channel.id, value }))} />
        <EditField
          label="Highlight value"
          showLabel
          mono
          width="w-24"
          value={channel.highlight === null ? 'none' : String(channel.highlight)}
          toEdit={(text) => (text === '' || text === 'none' ? { type: 'setHighlight', channel: channel.id, value: null } : wholeNumber(text, (value) => ({ type: 'setHighlight', channel: channel.id, value })))}
        />
        {at !== undefined && at !== channel.start && (
          <Button onClick={() => void send({ type: 'setStartValue', channel: channel.id, value: at })}>Start at {at}</Button>
        )}
      </div>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <Choice label="Fades" value={channel.snap ? 'YES' : 'NO'} options={FADES} onChoose={(snap) => void send({ ...REACTION, channels: [channel.id], snap: snap === 'YES' ? 'YES' : 'NO' })} />
        <Choice label="Master" value={channel.master === '' ? 'NONE' : channel.master.toUpperCase()} options={[...MASTERS]} onChoose={(master) => void send({ ...REACTION, channels: [channel.id], master: MASTERS.find((each) => each.value === master)?.value ?? 'NONE' })} />
        <EditField label="Move in black, s" showLabel mono width="w-24" value={shown(channel.mibFade)} toEdit={(text) => seconds(text, (mibFade) => ({ ...REACTION, channels: [channel.id], mibFade }))} />
        <EditField label="Slowest change, s" showLabel mono width="w-28" value={shown(channel.dmxChangeTimeLimit)} toEdit={(text) => seconds(text, (dmxChangeTimeLimit) => ({ ...REACTION, channels: [channel.id], dmxChangeTimeLimit }))} />
        {channel.addresses.length > 0 && channel.times === 1 && (
          <EditField label="Move to address" showLabel mono width="w-24" value={String(channel.addresses[0])} toEdit={(text) => wholeNumber(text, (to) => ({ type: 'moveChannel', channel: channel.id, to }))} />
        )}
        <Button quiet onClick={() => void send({ type: 'removeChannels', channels: [channel.id], closeUp: true })}>
          <Trash2 size={14} aria-hidden /> Remove channel
        </Button>
      </div>
      {refusal && (
        <p role="alert" className="mt-1 text-sm text-error">
          {refusal}
        </p>
      )}
    </section>
  );
}
