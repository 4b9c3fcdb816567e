import { Copy, Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { ChannelRow, Edit } from '#/api/types';
import { Button } from '#/ui/button';
import { Choice } from '#/ui/choice';
import { Refusal } from '#/ui/refusal';
import { readAddresses } from '#/parts/address/addresses';
import { AttributePicker } from '#/parts/attribute/attribute-picker';
import { placeOf, useDesk, useDeskActions } from '#/editor/kit/editor-context';
import { EditField } from '#/editor/kit/edit-field';
import { FADES, MASTERS, REACTION } from '#/editor/kit/reaction';
import { StencilPanel } from './stencil-panel';
import { TINTS } from '#/editor/kit/tint';
import { readPhysical } from '#/parts/number/physical';
import { shown } from '#/ui/figures';
import { wholeNumber } from '#/editor/kit/typed-number';
import { ValueField } from '#/editor/kit/value-field';
import { useValueForm, written } from '#/editor/kit/value-form';

const WIDTHS = [1, 2, 3, 4];
async function seconds(text: string, toEdit: (value: number) => Edit) {
  const value = await readPhysical(text, 's');
  return typeof value === 'string' ? value : toEdit(value);
}

/** What a channel is as a whole: attribute, width, addresses, start and highlight value. */
export function ChannelSettings({ channel }: { channel: ChannelRow }) {
  const { draft, probe } = useDesk();
  const { edit } = useDeskActions();
  const [refusal, setRefusal] = useState<string | null>(null);
  const send = async (next: Edit) => setRefusal(await edit(next));
  const form = useValueForm();
  const at = probe[channel.id];
  return (
    <section aria-label="Channel" className="mt-2">
      <div className="flex flex-wrap items-end gap-2">
        <AttributePicker
          label="Attribute"
          place={placeOf(draft)}
          value={channel.attribute}
          onChoose={(attribute) => void send({ type: 'changeAttribute', channel: channel.id, attribute })}
        />
        <Choice
          label="Part"
          value={channel.geometry}
          options={draft.parts.map((part) => ({ value: part, text: part }))}
          onChoose={(geometry) => void send({ type: 'changeGeometry', channel: channel.id, geometry })}
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
              label={channel.times > 1 ? 'Address in cell' : 'Address'}
              showLabel
              mono
              width={channel.times > 1 ? 'w-24' : 'w-18'}
              value={channel.offsets.join(', ')}
              toEdit={async (text) => {
                const addresses = await readAddresses(text);
                return typeof addresses === 'string' ? addresses : { type: 'changeAddresses', channel: channel.id, addresses };
              }}
            />
          </>
        )}
        <ValueField
          label="Start value"
          showLabel
          width="w-20"
          raw={channel.start}
          bytes={channel.bytes}
          toEdit={(value) => ({ type: 'setStartValue', channel: channel.id, value })}
        />
        <ValueField
          label="Highlight"
          showLabel
          width="w-20"
          raw={channel.highlight}
          bytes={channel.bytes}
          toEdit={(value) => ({ type: 'setHighlight', channel: channel.id, value })}
          toNone={() => ({ type: 'setHighlight', channel: channel.id, value: null })}
        />
        <ValueField
          label="At blackout"
          showLabel
          width="w-20"
          raw={channel.blackout}
          bytes={channel.bytes}
          toEdit={(value) => ({ type: 'setLevels', channels: [channel.id], level: 'BLACKOUT', to: String(value) })}
          toNone={() => ({ type: 'setLevels', channels: [channel.id], level: 'BLACKOUT', to: '' })}
        />
      </div>
      <div className="mt-2 flex flex-wrap items-end gap-2">
        <Choice
          label="Fades"
          value={channel.snap ? 'YES' : 'NO'}
          options={[...FADES]}
          onChoose={(snap) => void send({ ...REACTION, channels: [channel.id], snap: snap === 'YES' ? 'YES' : 'NO' })}
        />
        <Choice
          label="Master"
          value={channel.master === '' ? 'NONE' : channel.master.toUpperCase()}
          options={[...MASTERS]}
          onChoose={(master) =>
            void send({ ...REACTION, channels: [channel.id], master: MASTERS.find((each) => each.value === master)?.value ?? 'NONE' })
          }
        />
        <EditField
          label="Move in black, s"
          showLabel
          mono
          width="w-24"
          value={shown(channel.mibFade)}
          toEdit={(text) => seconds(text, (mibFade) => ({ ...REACTION, channels: [channel.id], mibFade }))}
        />
        <EditField
          label="Slowest change, s"
          showLabel
          mono
          width="w-28"
          value={shown(channel.dmxChangeTimeLimit)}
          toEdit={(text) => seconds(text, (dmxChangeTimeLimit) => ({ ...REACTION, channels: [channel.id], dmxChangeTimeLimit }))}
        />
        {channel.addresses.length > 0 && channel.times === 1 && (
          <EditField
            label="Move to address"
            showLabel
            mono
            width="w-24"
            value={String(channel.addresses[0])}
            toEdit={(text) => wholeNumber(text, (to) => ({ type: 'moveChannel', channel: channel.id, to }))}
          />
        )}
        <Choice
          label="Our mark"
          value={channel.tint}
          options={TINTS.map(({ value, text }) => ({ value, text }))}
          onChoose={(tint) =>
            void send({
              type: 'setCare',
              channels: [channel.id],
              tint: TINTS.find((each) => each.value === tint)?.value ?? 'NONE',
              note: null,
            })
          }
        />
      </div>
      <div className="mt-2 flex flex-wrap gap-1">
        <span className="min-w-28 flex-1">
          <EditField
            label="Our note"
            framed
            placeholder="Our note on this channel"
            value={channel.note}
            toEdit={(note) => ({ type: 'setCare', channels: [channel.id], tint: null, note })}
          />
        </span>
        {at !== undefined && at !== channel.start && (
          <Button quiet onClick={() => void send({ type: 'setStartValue', channel: channel.id, value: at })}>
            Start at {written(at, channel.bytes, form)}
          </Button>
        )}
        <StencilPanel channel={channel} />
        <Button quiet onClick={() => void send({ type: 'copyChannels', channels: [channel.id], mode: draft.map?.id ?? 0 })}>
          <Copy size={14} aria-hidden /> Duplicate
        </Button>
        <Button quiet onClick={() => void send({ type: 'removeChannels', channels: [channel.id], closeUp: true })}>
          <Trash2 size={14} aria-hidden /> Remove
        </Button>
        {channel.addresses.length > 0 && (
          <Button quiet onClick={() => void send({ type: 'removeChannels', channels: [channel.id], closeUp: false })}>
            Remove, keep the gap
          </Button>
        )}
      </div>
      <Refusal says={refusal} className="mt-1" />
    </section>
  );
}
