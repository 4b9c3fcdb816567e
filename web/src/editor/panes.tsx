import { useState, type ReactNode } from 'react';

type Pane = 'outline' | 'map' | 'readout';
const PANES: { pane: Pane; text: string }[] = [
  { pane: 'outline', text: 'Outline' },
  { pane: 'map', text: 'Map' },
  { pane: 'readout', text: 'Readout' },
];

/**
 * Outline, map and readout beside each other where there is room. In a narrower window the outline and the readout share a side, in a narrow
 * one, or at a large zoom, each has the whole of it; tabs above lead from one to the other.
 */
export function Panes({ outline, map, readout }: { outline: ReactNode; map: ReactNode; readout: ReactNode }) {
  const [shown, setShown] = useState<Pane>('map');
  const side = 'flex min-h-0 min-w-0 flex-col [&>*]:min-h-0 [&>*]:flex-1';
  return (
    <>
      <div role="group" aria-label="Panes" className="hidden shrink-0 gap-1 border-b border-line bg-panel px-2 py-1 max-[1180px]:flex">
        {PANES.map(({ pane, text }) => (
          <button
            key={pane}
            type="button"
            aria-pressed={shown === pane}
            onClick={() => setShown(pane)}
            className={`min-h-8 rounded-md border border-transparent px-3 text-sm text-muted hover:bg-raised aria-pressed:border-kite-text aria-pressed:text-text ${pane === 'map' ? 'min-[861px]:max-[1180px]:hidden' : ''}`}
          >
            {text}
          </button>
        ))}
      </div>
      <div className="grid min-h-0 flex-1 grid-cols-[13rem_minmax(0,1fr)_17.5rem] max-[1180px]:grid-cols-[minmax(0,1fr)_17.5rem] max-[860px]:grid-cols-1">
        <div className={`${side} max-[1180px]:order-last ${shown === 'outline' ? '' : 'max-[1180px]:hidden'}`}>{outline}</div>
        <div className={`${side} ${shown === 'map' ? '' : 'max-[860px]:hidden'}`}>{map}</div>
        <div className={`${side} ${shown === 'outline' ? 'max-[1180px]:hidden' : shown === 'readout' ? '' : 'max-[860px]:hidden'}`}>
          {readout}
        </div>
      </div>
    </>
  );
}
