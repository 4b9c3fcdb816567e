import { Copy, Trash2, X } from 'lucide-react';
import { useState } from 'react';
import type { Edit, ModeMap } from '#/api/types';
import { Button } from '#/ui/button';
import { Choice } from '#/ui/choice';
import { counted } from '#/ui/counted';
import { NumberField } from '#/ui/number-field';
import { PanelButton } from '#/ui/panel-button';
import { Refusal } from '#/ui/refusal';
import { useEditor, useEditorActions } from '#/editor/kit/editor-context';
import { PanelForm } from '#/editor/kit/panel-form';
import { FADES, MASTERS, REACTION } from '#/editor/kit/reaction';
import { TINTS } from '#/editor/kit/tint';
import { number } from '#/ui/figures';

const LEVELS = [
  { value: 'START', text: 'Start value' },
  { value: 'HIGHLIGHT', text: 'Highlight value' },
  { value: 'BLACKOUT', text: 'Value at blackout' },
] as const;

/** What can be done with several channels at once. */
export function SelectionBar({ map }: { map: ModeMap }) {
  const { draft, selected } = useEditor();
  const { edit, select } = useEditorActions();
  const [refusal, setRefusal] = useState<string | null>(null);
  const channels = map.channels.filter((channel) => selected.has(channel.id)).map((channel) => channel.id);
  if (channels.length === 0) return null;
  const send = async (next: Edit) => setRefusal(await edit(next));
  const others = draft.modes.filter((mode) => mode.id !== map.id);
  return (
    <section aria-label="Selection" className="shrink-0 border-t border-line bg-panel px-4 py-2">
      <div className="flex flex-wrap items-end gap-x-3 gap-y-1.5">
        <p className="pb-1.5 text-sm font-semibold">{counted(channels.length, 'channel', 'channels')}</p>
        <Choice
          label="Fades"
          value=""
          placeholder="as they are"
          options={[...FADES]}
          onChoose={(snap) => void send({ ...REACTION, channels, snap: snap === 'YES' ? 'YES' : 'NO' })}
        />
        <Choice
          label="Master"
          value=""
          placeholder="as they are"
          options={[...MASTERS]}
          onChoose={(master) =>
            void send({ ...REACTION, channels, master: MASTERS.find((each) => each.value === master)?.value ?? 'NONE' })
          }
        />
        <Choice
          label="Mark"
          value=""
          placeholder="as they are"
          options={TINTS.map(({ value, text }) => ({ value, text }))}
          onChoose={(tint) =>
            void send({ type: 'setCare', channels, tint: TINTS.find((each) => each.value === tint)?.value ?? 'NONE', note: null })
          }
        />
        <Choice
          label="Width"
          value=""
          placeholder="as they are"
          options={[1, 2, 3, 4].map((bytes) => ({ value: String(bytes), text: `${8 * bytes} bit` }))}
          onChoose={(bytes) =>
            void send({ type: 'several', edits: channels.map((channel) => ({ type: 'changeWidth', channel, bytes: Number(bytes) })) })
          }
        />
        <Choice
          label="Part"
          value=""
          placeholder="as they are"
          options={draft.parts.map((part) => ({ value: part, text: part }))}
          onChoose={(geometry) =>
            void send({ type: 'several', edits: channels.map((channel) => ({ type: 'changeGeometry', channel, geometry })) })
          }
        />
        <PanelButton text="Values" title="A value for all of them">
          {(close) => <Levels channels={channels} close={close} />}
        </PanelButton>
        <PanelButton text="Times" title="Times for all of them">
          {(close) => <Times channels={channels} close={close} />}
        </PanelButton>
        <PanelButton text="Copy" icon={<Copy size={14} aria-hidden />} title="Copy to the end of a mode">
          {(close) => (
            <ul className="flex flex-col gap-1">
              {[{ id: map.id, name: 'This mode, under the next free numbers' }, ...others].map((mode) => (
                <li key={mode.id}>
                  <Button quiet onClick={() => void send({ type: 'copyChannels', channels, mode: mode.id }).then(close)}>
                    {mode.name}
                  </Button>
                </li>
              ))}
            </ul>
          )}
        </PanelButton>
        <Button quiet onClick={() => void send({ type: 'removeChannels', channels, closeUp: true })}>
          <Trash2 size={14} aria-hidden /> Remove and close up
        </Button>
        <Button quiet onClick={() => void send({ type: 'removeChannels', channels, closeUp: false })}>
          Remove, leave gaps
        </Button>
        <Button quiet className="ml-auto" onClick={() => select(null)}>
          <X size={14} aria-hidden /> Clear
        </Button>
      </div>
      <Refusal says={refusal} className="mt-1" />
    </section>
  );
}

function Levels({ channels, close }: { channels: number[]; close: () => void }) {
  const [level, setLevel] = useState<(typeof LEVELS)[number]['value']>('START');
  const [to, setTo] = useState('');
  return (
    <PanelForm submit="Set" close={close} toEdit={() => ({ type: 'setLevels', channels, level, to })}>
      <Choice
        label="Which"
        value={level}
        options={[...LEVELS]}
        onChoose={(value) => setLevel(LEVELS.find((each) => each.value === value)?.value ?? 'START')}
      />
      <NumberField label="To, such as 50 %, 0x80 or 255" value={to} onChange={setTo} autoFocus />
    </PanelForm>
  );
}

function Times({ channels, close }: { channels: number[]; close: () => void }) {
  const [mib, setMib] = useState('');
  const [slowest, setSlowest] = useState('');
  function toEdit() {
    const [mibFade, dmxChangeTimeLimit] = [mib, slowest].map((text) => (text.trim() === '' ? null : number(text.trim())));
    if ((mib.trim() !== '' && mibFade === null) || (slowest.trim() !== '' && dmxChangeTimeLimit === null))
      return 'Type seconds, such as 0.5, or leave a field empty.';
    return { ...REACTION, channels, mibFade: mibFade ?? null, dmxChangeTimeLimit: dmxChangeTimeLimit ?? null };
  }
  return (
    <PanelForm submit="Set" close={close} toEdit={toEdit}>
      <NumberField label="Minimum move-in-black, s" value={mib} onChange={setMib} autoFocus />
      <NumberField label="Change time limit, s" value={slowest} onChange={setSlowest} />
    </PanelForm>
  );
}
