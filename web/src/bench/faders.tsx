import { queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Ear, Link2, X } from 'lucide-react';
import { useState } from 'react';
import { answer, api } from '#/api/client';
import type { FadersLook, Hands } from '#/api/types';
import { Button } from '#/ui/button';
import { Choice } from '#/ui/choice';
import { NumberField } from '#/ui/number-field';
import { Refusal } from '#/ui/refusal';
import { handsQuery } from './hands-query';
import { Listening } from './listening';

const HEARD_MS = 400;
const SHOWN = 6;

function fadersQuery(id: string) {
  return queryOptions({
    queryKey: ['hands', id, 'faders'],
    queryFn: () => answer(api.GET('/api/hands/{id}/faders', { params: { path: { id } } })),
    refetchInterval: HEARD_MS,
  });
}

/** Controls that are moved elsewhere, laid on channels: move one, and use it. */
export function Faders({ hands }: { hands: Hands }) {
  const query = fadersQuery(hands.id);
  const { data } = useQuery(query);
  const [channel, setChannel] = useState('0');
  const [low, setLow] = useState('0');
  const [high, setHigh] = useState('100');
  const queryClient = useQueryClient();
  const path = { id: hands.id };
  function known(to: FadersLook) {
    queryClient.setQueryData(query.queryKey, to);
    void queryClient.invalidateQueries({ queryKey: handsQuery(hands.id).queryKey, exact: true });
  }
  const lay = useMutation({
    mutationFn: ({ name, from, to }: FadersLook['heard']['moved'][number]) =>
      answer(
        api.POST('/api/hands/{id}/faders', {
          params: { path },
          body: { control: name, channel: Number(channel), from, to, low: percent(low), high: percent(high) },
        }),
      ),
    onSuccess: known,
  });
  const lift = useMutation({
    mutationFn: (control: string) => answer(api.DELETE('/api/hands/{id}/faders', { params: { path, query: { control } } })),
    onSuccess: known,
  });
  const called = (index: number) => hands.channels[index]?.pretty ?? '';
  return (
    <section aria-label="Controls" className="flex flex-col gap-3 rounded-md border border-line p-3">
      <h3 className="text-sm font-semibold">Controls from outside</h3>
      <Osc port={data?.heard.oscPort ?? 0} />
      <Listening />
      <div className="flex flex-wrap items-end gap-3">
        <Choice
          label="Channel"
          value={channel}
          options={hands.channels.map((each) => ({ value: String(each.index), text: each.pretty }))}
          onChoose={setChannel}
        />
        <NumberField label="From, %" value={low} onChange={setLow} />
        <NumberField label="To, %" value={high} onChange={setHigh} />
      </div>
      <ul aria-label="Moved lately" className="flex flex-col gap-1">
        {data?.heard.moved.length === 0 && <li className="text-sm text-muted">Move a control; it appears here.</li>}
        {data?.heard.moved.slice(0, SHOWN).map((each) => (
          <li key={each.name} className="flex items-center gap-2 text-sm">
            <span className="min-w-0 flex-1 truncate font-mono">{each.name}</span>
            <span className="w-16 text-right font-mono">{Math.round(each.value * 1000) / 1000}</span>
            <Button onClick={() => lay.mutate(each)} aria-label={`Use ${each.name} for ${called(Number(channel))}`}>
              <Link2 size={15} aria-hidden />
              Use
            </Button>
          </li>
        ))}
      </ul>
      {data && data.laid.length > 0 && (
        <ul aria-label="Controls in use" className="flex flex-col gap-1 border-t border-line pt-2">
          {data.laid.map((each) => (
            <li key={each.control} className="flex items-center gap-2 text-sm">
              <span className="min-w-0 flex-1 truncate">
                <span className="font-mono">{each.control}</span>
                {` moves ${called(each.channel)}, ${Math.round(each.low * 100)} to ${Math.round(each.high * 100)} %`}
              </span>
              <Button quiet aria-label={`Remove ${each.control}`} onClick={() => lift.mutate(each.control)}>
                <X size={15} aria-hidden />
              </Button>
            </li>
          ))}
        </ul>
      )}
      <Refusal says={lay.error?.message ?? lift.error?.message} />
    </section>
  );
}

function Osc({ port }: { port: number }) {
  const [typed, setTyped] = useState('9000');
  const queryClient = useQueryClient();
  const listen = useMutation({
    mutationFn: () => answer(api.PUT('/api/osc', { body: { port: Number(typed) } })),
    onSuccess: () => queryClient.invalidateQueries({ queryKey: ['hands'] }),
  });
  if (port > 0) return <p className="text-sm">{`Listening for OSC at port ${port}.`}</p>;
  return (
    <form
      className="flex items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        listen.mutate();
      }}
    >
      <NumberField label="OSC port" value={typed} onChange={setTyped} />
      <Button type="submit" disabled={!/^\d{1,5}$/.test(typed.trim())}>
        <Ear size={16} aria-hidden />
        Listen for OSC
      </Button>
      <Refusal says={listen.error?.message} />
    </form>
  );
}

function percent(typed: string) {
  return Number(typed.trim().replace(',', '.')) / 100;
}
