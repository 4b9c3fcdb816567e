import { useSearchParams } from 'react-router';

/**
 * Mode, channel and part of the body stand in the address, so that a link leads to the same place. Null is the first mode, no channel, and the
 * map instead of the body.
 */
export type EditorAddress = {
  mode: number | null;
  channel: number | null;
  part: string | null;
  show: (mode: number | null, channel: number | null, part?: string | null) => void;
};

export function useEditorAddress(): EditorAddress {
  const [params, setParams] = useSearchParams();
  function show(mode: number | null, channel: number | null, part: string | null = null) {
    const next: Record<string, string> = {};
    if (mode !== null) next.mode = String(mode);
    if (channel !== null) next.channel = String(channel);
    if (part !== null) next.part = part;
    setParams(next, { replace: true, flushSync: true }); // keys may come faster than the page is drawn
  }
  return { mode: numberOf(params.get('mode')), channel: numberOf(params.get('channel')), part: params.get('part'), show };
}

function numberOf(text: string | null) {
  return text !== null && /^\d+$/.test(text) ? Number(text) : null;
}
