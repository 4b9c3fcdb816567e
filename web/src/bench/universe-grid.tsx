import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import type { UniverseLook } from '#/api/types';

const COLUMNS = 32;
const ADDRESSES = 512;
const LIT_MS = 1500;
const STEPS: Record<string, number> = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -COLUMNS, ArrowDown: COLUMNS };

/** Values as numbers and bars. What changed lately is lit; what is held has a frame; what differs from the other universe is marked. */
export function UniverseGrid({
  look,
  against,
  owners,
  chosen,
  onChoose,
}: {
  look: UniverseLook;
  against: number[] | undefined;
  owners: string[] | undefined;
  chosen: number | null;
  onChoose: (address: number) => void;
}) {
  const changed = useChanged(look);
  const grid = useRef<HTMLDivElement>(null);
  function step(event: KeyboardEvent) {
    const by = STEPS[event.key];
    if (by === undefined) return;
    event.preventDefault();
    const next = Math.min(Math.max((chosen ?? 1) + by, 1), ADDRESSES);
    onChoose(next);
    grid.current?.querySelector<HTMLElement>(`[data-address="${next}"]`)?.focus();
  }
  return (
    <div
      ref={grid}
      role="group"
      aria-label={`Universe ${look.universe}`}
      className="grid gap-px overflow-x-auto rounded-md border border-line bg-line"
      style={{ gridTemplateColumns: `2.2rem repeat(${COLUMNS}, minmax(1.5rem, 1fr))` }}
    >
      {look.levels.map((level, index) => {
        const address = index + 1;
        const held = look.held[address] !== undefined;
        const differs = against !== undefined && against[index] !== level;
        const owner = owners?.[index] ?? '';
        const words = [owner, held ? 'held' : '', differs ? `the other has ${against[index]}` : ''].filter((each) => each !== '');
        return [
          index % COLUMNS === 0 && (
            <span key={`row ${address}`} aria-hidden className="bg-panel pr-1 text-right font-mono text-[11px] leading-8 text-muted">
              {address}
            </span>
          ),
          <button
            key={address}
            type="button"
            data-address={address}
            tabIndex={address === (chosen ?? 1) ? 0 : -1}
            aria-pressed={address === chosen}
            aria-label={`Address ${address}: ${level}${words.length > 0 ? `, ${words.join(', ')}` : ''}`}
            title={`${address}${owner === '' ? '' : `  ${owner}`}`}
            onKeyDown={step}
            onClick={() => onChoose(address)}
            className={`relative h-8 overflow-hidden bg-trough font-mono text-[11px] leading-8 outline-offset-[-2px] aria-pressed:z-10 aria-pressed:outline-2 aria-pressed:outline-kite-text ${changed.has(index) ? 'text-kite-text' : level > 0 ? 'text-text' : 'text-muted'} ${held ? 'ring-2 ring-warning ring-inset' : ''} ${differs ? 'underline decoration-error decoration-2 underline-offset-2' : ''}`}
          >
            <span aria-hidden className="absolute inset-x-0 bottom-0 bg-edge/45" style={{ height: `${(level / 255) * 100}%` }} />
            <span className="relative">{level}</span>
          </button>,
        ];
      })}
    </div>
  );
}

/** Which values have changed a moment ago. */
function useChanged(look: UniverseLook) {
  const before = useRef(look);
  const [changed, setChanged] = useState<ReadonlySet<number>>(new Set());
  useEffect(() => {
    const was = before.current;
    before.current = look;
    if (was.universe !== look.universe || was === look) return;
    const now = look.levels.flatMap((level, index) => (level === was.levels[index] ? [] : [index]));
    if (now.length === 0) return;
    setChanged((known) => new Set([...known, ...now]));
    setTimeout(() => setChanged((known) => new Set([...known].filter((each) => !now.includes(each)))), LIT_MS);
  }, [look]);
  return changed;
}
