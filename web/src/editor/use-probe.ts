import { useMemo, useState } from 'react';
import type { ChannelRow } from '#/api/types';

/**
 * Where the probe stands on each channel that it was put on. Channels of other modes keep theirs; what a channel that became narrower
 * cannot hold stands at its end.
 */
export function useProbe(channels: ChannelRow[] | undefined) {
  const [put, setPut] = useState<Record<string, number>>({});
  const probe = useMemo(() => within(put, channels ?? []), [put, channels]);
  const setProbe = (channel: number, raw: number) => setPut((before) => ({ ...before, [channel]: raw }));
  return { probe, setProbe };
}

/** The probe on these channels alone, each within what the channel holds. */
export function within(put: Record<string, number>, channels: Pick<ChannelRow, 'id' | 'max'>[]) {
  const probe: Record<string, number> = {};
  for (const { id, max } of channels) {
    const raw = put[id];
    if (raw !== undefined) probe[id] = Math.min(raw, max);
  }
  return probe;
}
