import { Tail } from '../ui/tail';
import { ChannelLine } from './channel-line';
import { useDesk } from './desk-context';
import { EditField } from './edit-field';

/** The map: every channel of the mode as a row with its range bar; the chosen one opens in place. */
export function ModeMapView() {
  const { draft, chosen, probe } = useDesk();
  const map = draft.map;
  if (!map) {
    return (
      <main className="grid place-items-center text-center">
        <p className="max-w-sm text-muted">This profile has no mode, so there is nothing to map. Take in a file that has one.</p>
      </main>
    );
  }
  const line = draft.modes.find((mode) => mode.id === map.id);
  return (
    <main className="flex min-h-0 flex-col">
      <div className="shrink-0 border-b border-line px-4 pt-2 pb-2.5">
        <div className="flex items-baseline gap-3 [&>p]:shrink-0">
          <h2 className="sr-only">Mode {map.name}</h2>
          <span className="min-w-40 flex-1 text-lg font-semibold">
            <EditField label="Mode name" value={map.name} toEdit={(to) => ({ type: 'renameMode', mode: map.id, to })} />
          </span>
          <p className="text-sm text-muted">
            {map.channels.length} channels, {map.footprint} addresses, {map.free} left in a universe
          </p>
        </div>
        <div className="pl-1.5">{line && <Tail bundles={line.tail} height={15} label={`Tail of ${map.name}`} />}</div>
      </div>
      <ul className="min-h-0 flex-1 overflow-y-auto" aria-label="Channels">
        {map.channels.map((channel) => (
          <ChannelLine
            key={channel.id}
            channel={channel}
            open={channel.id === chosen}
            probe={probe[channel.id] ?? null}
            loud={draft.checks.find((check) => check.channel === channel.id && check.severity !== 'remark')}
          />
        ))}
        {map.channels.length === 0 && <li className="p-6 text-muted">This mode has no channels.</li>}
      </ul>
    </main>
  );
}
