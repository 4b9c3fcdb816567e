import { useRef, useState } from 'react';
import type { ChannelRow } from '#/api/types';

const NONE: ReadonlySet<number> = new Set();

/** Channels that are changed together. Those that are gone, or belong to another mode, are not among them. */
export function useSelection(channels: ChannelRow[] | undefined) {
  const [picked, setPicked] = useState<ReadonlySet<number>>(NONE);
  const last = useRef<number | null>(null);
  const ids = (channels ?? []).map((each) => each.id);
  const here = ids.filter((id) => picked.has(id));
  const selected = here.length === 0 ? NONE : here.length === picked.size ? picked : new Set(here);

  function select(channel: number | null, through: boolean) {
    if (channel === null) {
      setPicked(NONE);
      return;
    }
    const [from = -1, to = -1] = [ids.indexOf(last.current ?? channel), ids.indexOf(channel)].sort((a, b) => a - b);
    const between = through && from >= 0 ? ids.slice(from, to + 1) : [];
    last.current = channel;
    setPicked((before) => {
      const after = new Set(before);
      if (between.length > 0) between.forEach((id) => after.add(id));
      else if (!after.delete(channel)) after.add(channel);
      return after;
    });
  }
  return { selected, select };
}
