import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Ear } from 'lucide-react';
import { useState } from 'react';
import { answer, api, done } from '#/api/client';
import { Button } from '#/ui/button';
import { Choice } from '#/ui/choice';
import { NumberField } from '#/ui/number-field';
import { Refusal } from '#/ui/refusal';
import { incomingQuery } from './universe-query';

const PORTS = { SACN: '5568', ARTNET: '6454' };

/** By what universes come in, and who is heard. */
export function Listening() {
  const { data: heard } = useQuery(incomingQuery);
  const [protocol, setProtocol] = useState<keyof typeof PORTS>('SACN');
  const [port, setPort] = useState(PORTS.SACN);
  const queryClient = useQueryClient();
  const listen = useMutation({
    mutationFn: () => answer(api.PUT('/api/incoming', { body: { protocol, port: Number(port) } })),
    onSuccess: (state) => queryClient.setQueryData(incomingQuery.queryKey, state),
  });
  const stop = useMutation({
    mutationFn: () => done(api.DELETE('/api/incoming')),
    onSuccess: () => queryClient.invalidateQueries({ queryKey: incomingQuery.queryKey }),
  });
  const isPort = /^\d{1,5}$/.test(port.trim());
  return (
    <section aria-label="Listening" className="mb-4 flex flex-wrap items-end gap-3">
      {heard?.protocol ? (
        <>
          <p className="pb-1.5 text-sm">
            {`Listening for ${heard.protocol === 'SACN' ? 'sACN' : 'Art-Net'} at port ${heard.port}. `}
            <span className="text-muted">
              {heard.universes.length === 0
                ? 'Nothing is heard yet.'
                : heard.universes.map((each) => `Universe ${each.universe} from ${each.sources.join(', ')}`).join('; ')}
              {heard.malformed > 0 && ` ${heard.malformed} malformed packets were dropped.`}
            </span>
          </p>
          <Button onClick={() => stop.mutate()}>Stop listening</Button>
        </>
      ) : (
        <form
          className="flex items-end gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            listen.mutate();
          }}
        >
          <Choice
            label="Protocol"
            value={protocol}
            options={[
              { value: 'SACN', text: 'sACN' },
              { value: 'ARTNET', text: 'Art-Net' },
            ]}
            onChoose={(to) => {
              const next = to === 'ARTNET' ? 'ARTNET' : 'SACN';
              setProtocol(next);
              setPort(PORTS[next]);
            }}
          />
          <NumberField label="Port" value={port} onChange={setPort} />
          <Button type="submit" disabled={!isPort}>
            <Ear size={16} aria-hidden />
            Listen
          </Button>
        </form>
      )}
      <Refusal says={listen.error?.message ?? stop.error?.message} />
    </section>
  );
}
