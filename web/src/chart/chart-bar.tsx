import type { ChartChannel } from '#/api/types';
import { RangePicture, ValueMark } from '#/parts/channel/range-picture';

const IDLE = 'NoFeature';

/** The span of a channel with its functions and ranges to scale, as the editor draws it. The functions stand in words below it. */
export function ChartBar({ channel }: { channel: ChartChannel }) {
  const bands = channel.functions.map((each) => ({
    key: each.index,
    from: each.from,
    to: each.to,
    layer: each.layer,
    label: each.name,
    idle: each.attribute === IDLE,
    parts: each.ranges,
  }));
  return (
    <span className="relative block h-[26px]" aria-hidden>
      <RangePicture max={channel.max} group={channel.featureGroup} bands={bands} />
      {channel.start !== null && <ValueMark at={channel.start} max={channel.max} title={`Start value ${channel.start}`} />}
    </span>
  );
}
