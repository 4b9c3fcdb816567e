import type { WheelLine } from '../api/types';
import { Tail } from '../ui/tail';
import { useDesk, useDeskActions } from './desk-context';
import { EditField } from './edit-field';
import { HistoryList } from './history-list';

/** What the profile consists of: its name, its modes, its wheels, and what was done to it. */
export function Outline() {
  const { draft } = useDesk();
  const { showMode } = useDeskActions();
  return (
    <aside aria-label="Outline" className="flex min-h-0 flex-col gap-5 overflow-y-auto border-r border-line bg-panel py-3">
      <section className="px-2">
        <EditField label="Profile name" showLabel value={draft.name} toEdit={(to) => ({ type: 'renameProfile', to })} />
      </section>
      <section aria-label="Modes">
        <h2 className="px-3.5 pb-1 text-xs font-semibold text-muted">Modes</h2>
        {draft.modes.length === 0 && <p className="px-3.5 text-sm text-muted">This profile has no mode.</p>}
        <ul>
          {draft.modes.map((mode) => (
            <li key={mode.id}>
              <button
                type="button"
                aria-current={mode.id === draft.map?.id || undefined}
                onClick={() => showMode(mode.id)}
                className="flex w-full flex-col gap-1 border-l-3 border-transparent px-3 py-2 text-left hover:bg-raised aria-[current=true]:border-kite aria-[current=true]:bg-raised"
              >
                <span className="flex w-full justify-between gap-2">
                  <span className="truncate" title={mode.name}>
                    {mode.name}
                  </span>
                  <span className="font-mono text-sm text-muted">{mode.footprint}</span>
                </span>
                <Tail bundles={mode.tail} height={8} label={`${mode.channels} channels`} />
              </button>
            </li>
          ))}
        </ul>
      </section>
      {draft.wheels.length > 0 && (
        <section aria-label="Wheels" className="px-3.5">
          <h2 className="pb-1 text-xs font-semibold text-muted">Wheels</h2>
          <ul className="flex flex-col gap-2.5">
            {draft.wheels.map((wheel) => (
              <Wheel key={wheel.id} wheel={wheel} />
            ))}
          </ul>
        </section>
      )}
      <HistoryList lines={draft.history} />
    </aside>
  );
}

function Wheel({ wheel }: { wheel: WheelLine }) {
  return (
    <li>
      <p className="flex justify-between gap-2">
        <span className="truncate">{wheel.name}</span>
        <span className="shrink-0 text-sm text-muted">{wheel.slots.length} slots</span>
      </p>
      <ol className="mt-1 flex flex-wrap gap-1" aria-label={`Slots of ${wheel.name}`}>
        {wheel.slots.map((slot) => (
          <li key={slot.number} title={`${slot.number} ${slot.name}`}>
            <span className="block size-6 overflow-hidden rounded-full border border-line" style={{ background: slot.media ? '#000' : (slot.color ?? 'transparent') }}>
              {slot.media && <img src={slot.media} alt="" className="size-full" />}
            </span>
            <span className="sr-only">
              {slot.number} {slot.name}
            </span>
          </li>
        ))}
      </ol>
    </li>
  );
}
