import { useState } from 'react';
import type { ChannelRow, Edit } from '../api/types';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { useDesk, useDeskActions } from './desk-context';
import { EditField } from './edit-field';
import { wholeNumber } from './typed-number';

const WIDTHS = [1, 2, 3, 4];

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
        <Choice
          label="Attribute"
          value={channel.attribute}
          options={draft.attributes.map((each) => ({ value: each.name, text: each.name }))}
          onChoose={(attribute) => void send({ type: 'changeAttribute', channel: channel.id, attribute })}
        />
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
              width="w-28"
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
        <EditField label="Start value" showLabel mono width="w-24" value={String(channel.start)} toEdit={(text) => wholeNumber(text, (value) => ({ type: 'setStartValue', channel: channel.id, value }))} />
        <EditField
          label="Highlight value"
          showLabel
          mono
          width="w-28"
          value={channel.highlight === null ? 'none' : String(channel.highlight)}
          toEdit={(text) => (text === '' || text === 'none' ? { type: 'setHighlight', channel: channel.id, value: null } : wholeNumber(text, (value) => ({ type: 'setHighlight', channel: channel.id, value })))}
        />
        {at !== undefined && at !== channel.start && (
          <Button onClick={() => void send({ type: 'setStartValue', channel: channel.id, value: at })}>Start at {at}</Button>
        )}
      </div>
      {refusal && (
        <p role="alert" className="mt-1 text-sm text-error">
          {refusal}
        </p>
      )}
    </section>
  );
}
