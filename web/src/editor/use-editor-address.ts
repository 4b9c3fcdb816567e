import { useSearchParams } from 'react-router';

/** Mode and channel stand in the address, so that a link leads to the same place. Null is the first mode, and no channel. */
export type EditorAddress = {
  mode: number | null;
  channel: number | null;
  show: (mode: number | null, channel: number | null) => void;
};

export function useEditorAddress(): EditorAddress {
  const [params, setParams] = useSearchParams();
  function show(mode: number | null, channel: number | null) {
    const next: Record<string, string> = {};
    if (mode !== null) next.mode = String(mode);
    if (channel !== null) next.channel = String(channel);
    setParams(next, { replace: true, flushSync: true }); // keys may come faster than the page is drawn
  }
  return { mode: numberOf(params.get('mode')), channel: numberOf(params.get('channel')), show };
}

function numberOf(text: string | null) {
  return text !== null && /^\d+$/.test(text) ? Number(text) : null;
}
