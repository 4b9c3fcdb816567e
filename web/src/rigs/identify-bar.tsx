import { useMutation, useQueryClient } from '@tanstack/react-query';
import { ArrowLeft, ArrowRight, X } from 'lucide-react';
import { useEffect, useEffectEvent, useState } from 'react';
import { api, done } from '#/api/client';
import type { RigEdit, RigUnit } from '#/api/types';
import { liveQuery } from '#/parts/live/live-query';
import { sentTo } from '#/parts/live/sent-to';
import { Button } from '#/ui/button';
import { Choice } from '#/ui/choice';
import { useKeys } from '#/ui/keys';
import { Refusal } from '#/ui/refusal';
import { Typed } from '#/ui/typed';

type By = 'LIGHT' | 'RDM';

/** Lights up one unit after the other, so that each is found and noted: [ and ] go to the one before and the next. */
export function IdentifyBar({
  rigId,
  units,
  first,
  onSend,
  onClose,
}: {
  rigId: string;
  /** In the order in which they are gone through. */
  units: RigUnit[];
  first: string;
  onSend: (edit: RigEdit) => Promise<string | null>;
  onClose: () => void;
}) {
  const [uuid, setUuid] = useState(first);
  const [by, setBy] = useState<By>('LIGHT');
  const to = sentTo.use();
  const queryClient = useQueryClient();
  const at = units.findIndex((each) => each.uuid === uuid);
  const unit = units[at];
  const show = useMutation({
    scope: { id: 'identify' },
    mutationFn: (what: { uuid: string; by: By }) =>
      done(
        api.POST('/api/rigs/{rigId}/units/{uuid}/identify', {
          params: { path: { rigId, uuid: what.uuid } },
          body: { by: what.by, destination: sentTo.now() },
        }),
      ),
    onSettled: () => queryClient.invalidateQueries({ queryKey: liveQuery.queryKey }),
  });
  const stop = useMutation({
    mutationFn: () => done(api.DELETE('/api/identify')),
    onSettled: () => queryClient.invalidateQueries({ queryKey: liveQuery.queryKey }),
  });
  const light = useEffectEvent(() => show.mutate({ uuid, by }));
  const leave = useEffectEvent(() => stop.mutate());
  useEffect(() => light(), [uuid, by, to]);
  useEffect(() => () => leave(), []);
  function go(step: number) {
    const next = units[(at + step + units.length) % units.length];
    if (next) setUuid(next.uuid);
  }
  useKeys({ '[': () => go(-1), ']': () => go(1) });
  return (
    <div
      role="toolbar"
      aria-label="Identify"
      className="flex flex-wrap items-center gap-3 border-b border-line bg-raised px-4 py-1.5 text-sm"
    >
      <Button aria-label="Previous unit" onClick={() => go(-1)}>
        <ArrowLeft size={15} aria-hidden />
        <kbd className="font-mono text-xs text-muted">[</kbd>
      </Button>
      <span role="status" className="min-w-40 font-semibold">
        {unit ? `${unit.id} ${unit.name}` : ''}
        <span className="font-normal text-muted">{` ${at + 1} of ${units.length}`}</span>
      </span>
      <Button aria-label="Next unit" onClick={() => go(1)}>
        <ArrowRight size={15} aria-hidden />
        <kbd className="font-mono text-xs text-muted">]</kbd>
      </Button>
      <Choice
        label="Identify by"
        fact
        value={by}
        options={[
          { value: 'LIGHT', text: 'Highlight values' },
          { value: 'RDM', text: 'RDM identify' },
        ]}
        onChoose={(next) => setBy(next === 'RDM' ? 'RDM' : 'LIGHT')}
      />
      <Typed label="Sent to" value={to} mono width="w-56" onSend={(typed) => (sentTo.set(typed.trim()), null)} />
      {unit && (
        <Typed
          key={unit.uuid}
          label="Note"
          value={unit.note}
          placeholder="Note, such as fourth from the left"
          width="w-72"
          onSend={(note) => onSend({ type: 'describe', units: [unit.uuid], column: 'NOTE', to: note, counting: false })}
        />
      )}
      <Refusal says={show.error?.message} />
      <span className="flex-1" />
      <Button quiet aria-label="Stop identifying" onClick={onClose}>
        <X size={16} aria-hidden />
      </Button>
    </div>
  );
}
