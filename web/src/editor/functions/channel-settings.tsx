import { Copy, Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { ChannelRow, Edit } from '#/api/types';
import { placeOf, useEditor, useEditorActions } from '#/editor/kit/editor-context';
import { EditField } from '#/editor/kit/edit-field';
import { FADES, MASTERS, REACTION } from '#/editor/kit/reaction';
import { TINTS } from '#/editor/kit/tint';
import { wholeNumber } from '#/editor/kit/typed-number';
import { ValueField } from '#/editor/kit/value-field';
import { useValueForm, written } from '#/editor/kit/value-form';
import { readAddresses } from '#/parts/address/addresses';
import { AttributePicker } from '#/parts/attribute/attribute-picker';
import { readPhysical } from '#/parts/number/physical';
import { Button } from '#/ui/button';
import { Choice } from '#/ui/choice';
import { PanelButton } from '#/ui/panel-button';
import { Refusal } from '#/ui/refusal';
import { StencilPanel } from './stencil-panel';

const WIDTHS = [1, 2, 3, 4];

async function seconds(text: string, toEdit: (value: number) => Edit) {
  const value = await readPhysical(text, 's');
  return typeof value === 'string' ? value : toEdit(value);
}

/** What a channel is as a whole: one line of short words, each changed where it stands. What is as usual is quiet. */
export function ChannelSettings({ channel }: { channel: ChannelRow }) {
  const { draft, probe } = useEditor();
  const { edit } = useEditorActions();
  const [refusal, setRefusal] = useState<string | null>(null);
  const send = async (next: Edit) => setRefusal(await edit(next));
  const form = useValueForm();
  const at = probe[channel.id];
  const channels = [channel.id];
  return (
    <section aria-label="Channel" className="mt-1">
      <div className="-mx-1 flex flex-wrap items-center gap-x-1">
        <AttributePicker
          fact
          label="Attribute"
          place={placeOf(draft)}
          value={channel.attribute}
          onChoose={(attribute) => void send({ type: 'changeAttribute', channel: channel.id, attribute })}
        />
        <Choice
          fact
          quiet
          label="Part"
          value={channel.geometry}
          options={draft.parts.map((part) => ({ value: part, text: part }))}
          onChoose={(geometry) => void send({ type: 'changeGeometry', channel: channel.id, geometry })}
        />
        {channel.addresses.length > 0 && (
          <>
            <EditField
              label={channel.times > 1 ? 'Address in cell' : 'Address'}
              word={channel.times > 1 ? 'in cell' : 'at'}
              mono
              value={channel.offsets.join(', ')}
              toEdit={async (text) => {
                const addresses = await readAddresses(text);
                return typeof addresses === 'string' ? addresses : { type: 'changeAddresses', channel: channel.id, addresses };
              }}
            />
            <Choice
              fact
              quiet={channel.bytes === 1}
              label="Width"
              value={String(channel.bytes)}
              options={WIDTHS.map((bytes) => ({ value: String(bytes), text: `${8 * bytes} bit` }))}
              onChoose={(bytes) => void send({ type: 'changeWidth', channel: channel.id, bytes: Number(bytes) })}
            />
          </>
        )}
        <ValueField
          label="Start value"
          word="start"
          quiet={channel.start === 0}
          raw={channel.start}
          bytes={channel.bytes}
          toEdit={(value) => ({ type: 'setStartValue', channel: channel.id, value })}
        />
        {at !== undefined && at !== channel.start && (
          <Button quiet onClick={() => void send({ type: 'setStartValue', channel: channel.id, value: at })}>
            Set start value to {written(at, channel.bytes, form)}
          </Button>
        )}
        <ValueField
          label="Highlight"
          word="highlight"
          quiet={channel.highlight === null}
          raw={channel.highlight}
          bytes={channel.bytes}
          toEdit={(value) => ({ type: 'setHighlight', channel: channel.id, value })}
          toNone={() => ({ type: 'setHighlight', channel: channel.id, value: null })}
        />
        <ValueField
          label="At blackout"
          word="blackout"
          quiet={channel.blackout === null}
          raw={channel.blackout}
          bytes={channel.bytes}
          toEdit={(value) => ({ type: 'setLevels', channels, level: 'BLACKOUT', to: String(value) })}
          toNone={() => ({ type: 'setLevels', channels, level: 'BLACKOUT', to: '' })}
        />
        <Choice
          fact
          quiet={!channel.snap}
          label="Fades"
          value={channel.snap ? 'YES' : 'NO'}
          options={[...FADES]}
          onChoose={(snap) => void send({ ...REACTION, channels, snap: snap === 'YES' ? 'YES' : 'NO' })}
        />
        <Choice
          fact
          quiet={channel.master === 'NONE'}
          label="Master"
          value={channel.master}
          options={[...MASTERS]}
          onChoose={(master) =>
            void send({ ...REACTION, channels, master: MASTERS.find((each) => each.value === master)?.value ?? 'NONE' })
          }
        />
        <EditField
          label="Minimum move-in-black, s"
          word="MIB"
          mono
          quiet={channel.mibFade.value === 0}
          value={channel.mibFade.text}
          toEdit={(text) => seconds(text, (mibFade) => ({ ...REACTION, channels, mibFade }))}
        />
        <EditField
          label="Change time limit, s"
          word="limit"
          mono
          quiet={channel.dmxChangeTimeLimit.value === 0}
          value={channel.dmxChangeTimeLimit.text}
          toEdit={(text) => seconds(text, (dmxChangeTimeLimit) => ({ ...REACTION, channels, dmxChangeTimeLimit }))}
        />
        <Choice
          fact
          quiet={channel.tint === 'NONE'}
          label="Colour tag"
          value={channel.tint}
          options={TINTS.map(({ value, text }) => ({ value, text }))}
          onChoose={(tint) =>
            void send({ type: 'setCare', channels, tint: TINTS.find((each) => each.value === tint)?.value ?? 'NONE', note: null })
          }
        />
        <EditField
          label="Our note"
          word=""
          quiet={channel.note === ''}
          placeholder="our note"
          value={channel.note}
          toEdit={(note) => ({ type: 'setCare', channels, tint: null, note })}
        />
        <StencilPanel channel={channel} />
        <PanelButton text="More …" title={`More for ${channel.pretty}`}>
          {(close) => (
            <div className="flex flex-col items-start gap-1">
              {channel.addresses.length > 0 && channel.times === 1 && (
                <EditField
                  label="Move to address (others shift)"
                  showLabel
                  mono
                  width="w-24"
                  value={String(channel.addresses[0])}
                  toEdit={(text) => wholeNumber(text, (to) => ({ type: 'moveChannel', channel: channel.id, to }))}
                />
              )}
              <Button quiet onClick={() => void send({ type: 'copyChannels', channels, mode: draft.map?.id ?? 0 }).then(close)}>
                <Copy size={14} aria-hidden /> Duplicate
              </Button>
              <Button quiet onClick={() => void send({ type: 'removeChannels', channels, closeUp: true }).then(close)}>
                <Trash2 size={14} aria-hidden /> Remove and close up
              </Button>
              {channel.addresses.length > 0 && (
                <Button quiet onClick={() => void send({ type: 'removeChannels', channels, closeUp: false }).then(close)}>
                  <Trash2 size={14} aria-hidden /> Remove, leave a gap
                </Button>
              )}
            </div>
          )}
        </PanelButton>
      </div>
      <Refusal says={refusal} className="mt-1" />
    </section>
  );
}
