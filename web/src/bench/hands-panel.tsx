import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Lightbulb, RadioTower, RotateCcw } from 'lucide-react';
import { useEffect, useMemo } from 'react';
import { Link } from 'react-router';
import type { Hands, HandsChannel as Channel } from '#/api/types';
import { Beam } from '#/parts/light/beam';
import { liveQuery } from '#/parts/live/live-query';
import { Button } from '#/ui/button';
import { Refusal } from '#/ui/refusal';
import { Faders } from './faders';
import { HandsChannel } from './hands-channel';
import { HandsColour } from './hands-colour';
import { handsQuery, useGoLive, useMoves, useSend } from './hands-query';
import { Looks } from './looks';
import { Passed } from './passed';
import { PointingField } from './pointing-field';

/** The panel of a fixture: where it points, its colour, and every channel in its own terms. */
export function HandsPanel({ hands }: { hands: Hands }) {
  const { data: live } = useQuery(liveQuery);
  const goLive = useGoLive(hands.id);
  const move = useMoves(hands.id);
  const { send, moved } = useSend(hands.id);
  const { unit } = hands;
  const queryClient = useQueryClient();
  const restarts = live?.restarts;
  useEffect(() => {
    void queryClient.invalidateQueries({ queryKey: handsQuery(hands.id).queryKey, exact: true }); // it is at its start values again
  }, [queryClient, hands.id, restarts]);
  const holder = unit ? `rig ${unit.rigId}` : hands.id;
  const isLive = live ? live.universes.some((each) => each.holder === holder) : hands.state.live;
  const groups = useMemo(() => grouped(hands.channels), [hands.channels]);
  const pan = hands.pan === null ? undefined : hands.channels[hands.pan];
  const tilt = hands.tilt === null ? undefined : hands.channels[hands.tilt];
  return (
    <div className="grid grid-cols-[19rem_minmax(0,1fr)] items-start gap-6 max-[860px]:grid-cols-1">
      <div className="flex flex-col gap-4">
        <header>
          <h2 className="text-lg">
            <span className="text-muted">{`${hands.manufacturer} `}</span>
            <span className="font-semibold">{hands.profile}</span>
          </h2>
          {unit && (
            <p>
              {`Unit ${unit.called} of `}
              <Link to={`/rigs/${unit.rigId}`} className="text-kite-text underline underline-offset-2">
                {unit.rig}
              </Link>
            </p>
          )}
          <p className="text-sm text-muted">{`${hands.mode}, revision ${hands.revision}, at ${hands.universe}.${hands.address} to ${hands.destination}`}</p>
        </header>
        <Beam beam={hands.state.beam} />
        <div className="flex flex-wrap gap-2">
          <Button main={!isLive} onClick={() => goLive.mutate(!isLive)}>
            <RadioTower size={16} aria-hidden />
            {`${isLive ? 'Stop sending' : 'Go live'}${unit ? ' (whole rig)' : ''}`}
          </Button>
          <Button onClick={() => send.mutate({ kind: 'highlight' })}>
            <Lightbulb size={16} aria-hidden />
            Highlight
          </Button>
          <Button onClick={() => send.mutate({ kind: 'start' })}>
            <RotateCcw size={16} aria-hidden />
            Start values
          </Button>
        </div>
        {!isLive && <p className="text-sm text-muted">Not live: what you set is computed, and sent once you go live.</p>}
        <Refusal says={goLive.error?.message ?? send.error?.message} />
        {pan && tilt && <PointingField pan={pan} tilt={tilt} at={hands.state.at} onMove={move} />}
        {hands.mixes && <HandsColour onSend={(colour) => send.mutate({ kind: 'colour', ...colour })} says={moved?.says ?? ''} />}
        <Looks hands={hands} onSend={(look, seconds) => send.mutate({ kind: 'look', look, seconds })} />
        <Faders hands={hands} />
        {moved && <Passed hands={hands} passed={moved.passed} />}
      </div>
      <div className="flex flex-col gap-6">
        {groups.map(({ group, channels }) => (
          <section key={group} aria-label={group}>
            <h3 className="mb-1 text-xs font-semibold text-muted">{group}</h3>
            <ul className="flex flex-col">
              {channels.map((channel) => {
                const at = hands.state.at[channel.index];
                return (
                  at && (
                    <li key={channel.index} className="border-b border-line py-2">
                      <HandsChannel channel={channel} at={at} onMove={(one) => move([one])} />
                    </li>
                  )
                );
              })}
            </ul>
          </section>
        ))}
      </div>
    </div>
  );
}

/** Channels by what they are about, in the order of the mode. */
function grouped(channels: Channel[]) {
  const groups: { group: string; channels: Channel[] }[] = [];
  for (const channel of channels) {
    const name = channel.group === '' ? 'Others' : channel.group;
    const known = groups.find((each) => each.group === name);
    if (known) known.channels.push(channel);
    else groups.push({ group: name, channels: [channel] });
  }
  return groups;
}
