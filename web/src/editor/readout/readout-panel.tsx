import { useMutation, useQuery } from '@tanstack/react-query';
import { memo, useState } from 'react';
import { answer, api } from '#/api/client';
import type { ChannelRow, Draft, FunctionBar, Readout } from '#/api/types';
import { ColourButton } from '#/editor/colour/colour-button';
import { HueFacts } from '#/editor/colour/hue-facts';
import { Beam } from '#/parts/light/beam';
import { CheckList } from './check-list';
import { Button } from '#/ui/button';
import { NumberField } from '#/ui/number-field';
import { Refusal } from '#/ui/refusal';
import { Typed } from '#/ui/typed';
import { useEditor, useEditorActions } from '#/editor/kit/editor-context';
import { readoutQuery } from '#/editor/kit/draft-facts';
import { readPhysical } from '#/parts/number/physical';
import { readValue, useValueForm, written } from '#/editor/kit/value-form';

/** What the light does at the probe, and what the checks say. */
export const ReadoutPanel = memo(function ReadoutPanel() {
  const { draft, chosen } = useEditor();
  const channel = draft.map?.channels.find((each) => each.id === chosen);
  return (
    <aside aria-label="Readout" className="flex min-h-0 flex-col gap-4 overflow-y-auto border-l border-line bg-panel p-3.5">
      {channel && draft.map ? <AtTheProbe draft={draft} mode={draft.map.id} channel={channel} /> : <NoProbe />}
      <CheckList draft={draft} />
    </aside>
  );
});

function NoProbe() {
  return (
    <section>
      <h2 className="mb-1.5 text-xs font-semibold text-muted">At the probe</h2>
      <p className="text-sm text-muted">
        Click a range bar to put the probe there: the value, what it means and what the light does show here.
      </p>
    </section>
  );
}

function AtTheProbe({ draft, mode, channel }: { draft: Draft; mode: number; channel: ChannelRow }) {
  const { probe } = useEditor();
  const { data, error } = useQuery(readoutQuery(draft, mode, channel.id, probe));
  const at = channel.functions.find((each) => each.id === data?.functionId && each.runs !== '');
  return (
    <section aria-label="At the probe">
      <h2 className="mb-1.5 text-xs font-semibold text-muted">At the probe</h2>
      {error && !data && (
        <p role="alert" className="text-sm text-error">
          {error.message}
        </p>
      )}
      {data && (
        <>
          <Beam beam={data.beam} />
          <p role="status" className="mt-2.5 font-semibold break-words">
            {data.doing}
          </p>
          <Facts channel={channel} readout={data} />
          <div className="mt-3 border-t border-line pt-2.5">
            <HueFacts hue={data.beam.hue} />
            <ColourButton mode={mode} />
          </div>
          {at && <Ask key={at.id} draft={draft} channel={channel} bar={at} />}
        </>
      )}
    </section>
  );
}

/** The other way: a physical value is asked for, the probe goes to the step that comes nearest. */
function Ask({ draft, channel, bar }: { draft: Draft; channel: ChannelRow; bar: FunctionBar }) {
  const { setProbe } = useEditorActions();
  const [text, setText] = useState('');
  const ask = useMutation({
    mutationFn: async (typed: string) => {
      const value = await readPhysical(typed, bar.unit);
      if (typeof value === 'string') throw new Error(value);
      return answer(
        api.GET('/api/drafts/{draftId}/functions/{function}/reach', {
          params: { path: { draftId: draft.id, function: bar.id }, query: { value } },
        }),
      );
    },
    onSuccess: (reached) => setProbe(channel.id, reached.raw),
  });
  return (
    <form
      className="mt-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (text.trim() !== '') ask.mutate(text.trim());
      }}
    >
      <div className="flex items-end gap-2">
        <NumberField label={`Ask for${bar.unit === '' ? '' : `, ${bar.unit}`}`} value={text} onChange={setText} />
        <Button type="submit" disabled={text.trim() === ''}>
          Find
        </Button>
      </div>
      {ask.data && <p className="mt-1 text-sm text-muted">{ask.data.says}</p>}
      <Refusal says={ask.error?.message} className="mt-1" />
    </form>
  );
}

/** The probe as a number, typed in any notation. */
function TypedProbe({ channel, raw }: { channel: ChannelRow; raw: number }) {
  const { setProbe } = useEditorActions();
  const form = useValueForm();
  async function send(text: string) {
    const value = await readValue(text, channel.bytes, form);
    if (typeof value === 'string') return value;
    if (value > channel.max) return `This channel has values from 0 to ${channel.max}.`;
    setProbe(channel.id, value);
    return null;
  }
  return (
    <span title="Value of the probe (v): decimal, 0x80, 50 % or 128:0">
      <Typed label="Value of the probe" shortcut="v" mono width="w-20" value={written(raw, channel.bytes, form)} onSend={send} />
    </span>
  );
}

function Facts({ channel, readout }: { channel: ChannelRow; readout: Readout }) {
  return (
    <dl className="mt-2 grid grid-cols-[6rem_minmax(0,1fr)] gap-y-1 text-sm [&>dd]:break-words [&>dt]:text-muted">
      <dt>Channel</dt>
      <dd>
        {channel.pretty}, {channel.geometry}
      </dd>
      <dt>Value</dt>
      <dd className="flex flex-wrap items-center gap-x-2 font-mono">
        <TypedProbe key={channel.id} channel={channel} raw={readout.raw} />
        <span className="text-muted">{readout.hex}</span> <span className="text-muted">{readout.percent} %</span>
      </dd>
      {readout.bytes.length > 1 && (
        <>
          <dt>Bytes</dt>
          <dd className="font-mono">
            {readout.bytes.map((byte) => (
              <span key={byte.label} className="block">
                {byte.value}{' '}
                <span className="font-sans text-muted">
                  {byte.label}
                  {byte.address === null ? '' : `, address ${byte.address}`}
                </span>
              </span>
            ))}
          </dd>
        </>
      )}
      <dt>Function</dt>
      <dd>{readout.function ?? 'none'}</dd>
      {readout.range !== null && (
        <>
          <dt>Named range</dt>
          <dd>{readout.range === '' ? 'without a name' : readout.range}</dd>
        </>
      )}
      {readout.slot && (
        <>
          <dt>Slot</dt>
          <dd>
            {readout.slot.number}, {readout.slot.name}
          </dd>
        </>
      )}
      {readout.physical !== null && (
        <>
          <dt>Physical</dt>
          <dd className="font-mono">
            {readout.physical} {readout.unit} {readout.assumed && <span className="font-sans text-warning">assumed</span>}
          </dd>
        </>
      )}
    </dl>
  );
}
