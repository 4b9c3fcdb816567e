import { Check, TriangleAlert } from 'lucide-react';
import { useEffect, useRef } from 'react';
import type { ChartChannel, ChartMode } from '#/api/types';
import { counted } from '#/ui/counted';
import { PennantIcon } from '#/parts/channel/pennant-icon';
import { ChannelProposal } from './channel-proposal';
import { ChartBar } from './chart-bar';
import { useChart } from './chart-context';

/** What the chart is read for in one mode: what somebody has to look at first, then the rest. */
export function Proposals({ mode }: { mode: ChartMode }) {
  const open = mode.channels.filter((each) => each.wantsALook);
  const sure = mode.channels.filter((each) => !each.wantsALook);
  return (
    <>
      {open.length > 0 && <Group title={`To look at: ${counted(open.length, 'channel', 'channels')}`} channels={open} mode={mode} />}
      <Group
        title={open.length === 0 ? counted(sure.length, 'channel', 'channels') : `Sure: ${counted(sure.length, 'channel', 'channels')}`}
        channels={sure}
        mode={mode}
      />
    </>
  );
}

function Group({ title, channels, mode }: { title: string; channels: ChartChannel[]; mode: ChartMode }) {
  return (
    <section aria-label={title}>
      <h2 className="sticky top-0 z-20 border-b border-line bg-panel px-3 py-1 text-xs font-semibold text-muted">{title}</h2>
      <ul>
        {channels.map((channel) => (
          <Line key={channel.key} channel={channel} mode={mode} />
        ))}
      </ul>
    </section>
  );
}

function Line({ channel, mode }: { channel: ChartChannel; mode: ChartMode }) {
  const { channel: chosen, choose } = useChart();
  const ref = useRef<HTMLLIElement>(null);
  const open = channel.key === chosen;
  useEffect(() => {
    if (open) ref.current?.scrollIntoView({ block: 'nearest' });
  }, [open]);
  return (
    <li ref={ref} className={`scroll-mt-8 border-b border-line/60 ${open ? 'bg-panel shadow-[inset_3px_0_0_var(--kite)]' : ''}`}>
      <button
        type="button"
        aria-expanded={open}
        onClick={() => choose(open ? null : channel.key)}
        className="grid w-full grid-cols-[3.5rem_18px_minmax(0,11rem)_minmax(0,1fr)_1.25rem] items-center gap-2 px-3 py-1.5 text-left text-sm hover:bg-raised"
      >
        <span className="truncate font-mono text-xs text-muted">{channel.called}</span>
        <PennantIcon group={channel.featureGroup} />
        <span className="min-w-0">
          <span className={`block truncate ${channel.attribute === null ? 'text-warning' : ''}`}>
            {channel.attribute === null ? 'no attribute fits' : channel.pretty}
          </span>
          <span className="block truncate text-xs text-muted" title={channel.words}>
            {channel.cell === '' ? channel.words : `${channel.words} · ${channel.cell}`}
          </span>
        </span>
        <ChartBar channel={channel} />
        {channel.wantsALook ? (
          <TriangleAlert size={15} className="text-warning" aria-label="To look at" />
        ) : channel.looked ? (
          <Check size={15} className="text-good" aria-label="Looked at" />
        ) : (
          <span />
        )}
      </button>
      {open && <ChannelProposal channel={channel} mode={mode} />}
    </li>
  );
}
