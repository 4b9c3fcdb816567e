import { useEditor, useEditorActions } from '#/editor/kit/editor-context';

/** The probe on every channel of the mode, as sliders: what they say is what the fixture in the picture does. */
export function ProbeStrip() {
  const { draft, probe } = useEditor();
  const { setProbe, choose } = useEditorActions();
  const channels = draft.map?.channels ?? [];
  if (channels.length === 0) return <p className="text-sm text-muted">This mode has no channels yet.</p>;
  return (
    <ul aria-label="Probe" className="grid grid-cols-[repeat(auto-fill,minmax(13rem,1fr))] gap-x-4 gap-y-1.5">
      {channels.map((channel) => {
        const value = probe[channel.id] ?? channel.start;
        return (
          <li key={channel.id}>
            <label className="flex flex-col text-sm">
              <span className="flex justify-between gap-2">
                <span className="truncate" title={`${channel.pretty}, ${channel.geometry}`}>
                  {channel.pretty}
                </span>
                <span className="font-mono text-xs text-muted">{probe[channel.id] === undefined ? `start ${value}` : value}</span>
              </span>
              <input
                type="range"
                aria-label={`${channel.pretty}, ${channel.geometry}`}
                min={0}
                max={channel.max}
                value={value}
                onFocus={() => choose(channel.id)}
                onChange={(event) => setProbe(channel.id, Number(event.currentTarget.value))}
                className="accent-[var(--kite)]"
              />
            </label>
          </li>
        );
      })}
    </ul>
  );
}
