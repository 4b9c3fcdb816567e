import { memo, useEffect, useRef } from 'react';
import type { ChannelRow, Finding } from '#/api/types';
import { SeveritySign } from '#/ui/severity-sign';
import { PennantIcon } from '#/parts/channel/pennant-icon';
import { useEditorActions } from '#/editor/kit/editor-context';
import { OpenChannel } from '#/editor/functions/open-channel';
import { LINE } from '#/editor/kit/line';
import { RangeBar } from './range-bar';
import { TintDot } from '#/editor/kit/tint';

/** One channel: address, pennant, attribute, part, width and range bar. */
export const ChannelLine = memo(function ChannelLine({
  channel,
  open,
  selected,
  probe,
  loud,
}: {
  channel: ChannelRow;
  open: boolean;
  selected: boolean;
  probe: number | null;
  loud: Finding | undefined;
}) {
  const { choose, select, setProbe } = useEditorActions();
  const line = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const row = line.current;
    if (!open || !row) return;
    // a row that is taller than its pane is read from its top
    const pane = row.closest('.overflow-y-auto');
    row.scrollIntoView({ block: pane && row.offsetHeight > pane.clientHeight ? 'start' : 'nearest' });
  }, [open]);
  return (
    <div
      ref={line}
      className={`border-b border-line ${open ? 'border-l-3 border-l-kite-text bg-panel' : 'border-l-3 border-l-transparent'}`}
    >
      <div className={`grid min-h-9 ${LINE}`}>
        <span className="group flex items-center gap-1.5">
          <input
            type="checkbox"
            data-key={open ? 'x' : undefined}
            aria-label={`Select ${channel.pretty}, ${channel.geometry}`}
            checked={selected}
            onChange={() => undefined}
            onClick={(event) => select(channel.id, event.shiftKey)}
            className={`accent-kite-text ${selected || open ? '' : 'opacity-35 group-hover:opacity-100 focus:opacity-100'}`}
          />
          <span className="font-mono text-sm text-muted">{channel.called}</span>
        </span>
        <PennantIcon group={channel.featureGroup} />
        <button
          type="button"
          aria-expanded={open}
          id={`channel-${channel.id}`}
          onClick={() => choose(open ? null : channel.id)}
          className="min-h-8 truncate rounded-sm text-left hover:text-kite-text"
          title={`${channel.pretty}, ${channel.attribute}, on ${channel.geometry}${channel.note === '' ? '' : `: ${channel.note}`}`}
        >
          {channel.tint !== 'NONE' && <TintDot tint={channel.tint} />}
          {channel.pretty} <span className="text-sm text-muted">{channel.geometry}</span>
          {channel.times > 1 && <span className="ml-1 font-mono text-xs text-muted">×{channel.times}</span>}
        </button>
        <RangeBar
          channel={channel}
          chosen={open}
          probe={probe}
          onProbe={(raw) => {
            setProbe(channel.id, raw);
            if (!open) choose(channel.id);
          }}
        />
        <Badges channel={channel} />
      </div>
      {loud && !open && (
        <p className={`flex gap-1 pr-3 pb-1.5 pl-24 text-xs ${loud.severity === 'error' ? 'text-error' : 'text-warning'}`}>
          <SeveritySign severity={loud.severity} size={13} />
          {loud.says}
        </p>
      )}
      {open && <OpenChannel channel={channel} />}
    </div>
  );
});

function Badges({ channel }: { channel: ChannelRow }) {
  const words = [
    channel.bytes > 1 ? `${channel.bytes * 8}` : null,
    channel.snap ? 'snap' : null,
    channel.functions.length === 0 ? 'no function' : null,
  ].filter((word) => word !== null);
  return (
    <span className="flex flex-wrap justify-end gap-1">
      {words.map((word) => (
        <span key={word} className="rounded-sm border border-line px-1 font-mono text-xs text-muted">
          {word}
          {/^\d/.test(word) && <span className="sr-only"> bit</span>}
        </span>
      ))}
    </span>
  );
}
