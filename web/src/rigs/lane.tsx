import { memo, type KeyboardEvent, type PointerEvent } from 'react';
import type { RigCollision, RigKind, RigPatch, RigUnit, RigUniverse } from '#/api/types';
import { Tail } from '#/parts/channel/tail';
import { KindDrawing } from './kind-drawing';
import { kindGround, kindTint } from './kind-tint';
import type { UnitSelection } from './use-units';

const UNIVERSE = 512;
/** From this size of an address on, a block shows its channels to scale. */
const TAIL_FROM = 5;
const TICKS = [1, 129, 257, 385];

export type LaneBlock = { unit: RigUnit; patch: RigPatch; parts: number };

type Props = {
  universe: number;
  label: number;
  scale: number;
  line: RigUniverse | undefined;
  kinds: RigKind[];
  blocks: LaneBlock[];
  ghosts: RigPatch[];
  hits: RigPatch[];
  collisions: RigCollision[];
  selection: UnitSelection;
  onGrab: (unit: RigUnit, event: PointerEvent) => void;
  onKey: (unit: RigUnit, event: KeyboardEvent) => void;
  onPointAt: (at: { universe: number; address: number } | null) => void;
};

/** One universe. */
export function Lane({
  universe,
  label,
  scale,
  line,
  kinds,
  blocks,
  ghosts,
  hits,
  collisions,
  selection,
  onGrab,
  onKey,
  onPointAt,
}: Props) {
  function pointed(event: PointerEvent<HTMLElement>) {
    const x = event.clientX - event.currentTarget.getBoundingClientRect().left;
    onPointAt({ universe, address: Math.min(UNIVERSE, Math.max(1, Math.floor(x / scale) + 1)) });
  }
  return (
    <div className="flex h-full items-stretch">
      <div className="sticky left-0 z-20 flex shrink-0 flex-col justify-center bg-ground pr-2 pl-4 text-sm" style={{ width: label }}>
        <span className="truncate font-semibold" title={line?.facts?.name}>
          Universe {universe}
        </span>
        <span className="truncate text-xs text-muted">
          {line?.facts?.name ? `${line.facts.name} · ` : ''}
          {line ? `${line.used} used, ${UNIVERSE - line.used} free` : 'not used'}
        </span>
      </div>
      <div
        role="group"
        aria-label={`Universe ${universe}`}
        className="relative my-1 shrink-0 overflow-clip rounded-sm bg-trough"
        style={{ width: UNIVERSE * scale }}
        onPointerMove={pointed}
        onPointerLeave={() => onPointAt(null)}
      >
        {TICKS.map((tick) => (
          <span
            key={tick}
            aria-hidden
            className="absolute top-0 bottom-0 border-l border-line pl-0.5 font-mono text-[10px] text-muted"
            style={{ left: (tick - 1) * scale }}
          >
            {tick}
          </span>
        ))}
        {line?.free.map((free) => {
          const length = free.to - free.from + 1;
          const wide = length * scale;
          return wide < 64 || length === UNIVERSE ? null : (
            <span
              key={free.from}
              className="absolute bottom-0.5 truncate text-center text-[11px] text-muted"
              style={{ left: (free.from - 1) * scale, width: wide }}
            >
              {length} free
            </span>
          );
        })}
        {blocks.map(({ unit, patch, parts }) => (
          <Block
            key={`${unit.uuid} ${patch.dmxBreak}`}
            unit={unit}
            from={patch.from}
            to={patch.to}
            part={parts > 1 ? patch.dmxBreak : null}
            kind={kinds[unit.kind]}
            scale={scale}
            chosen={selection.has(unit.uuid)}
            onGrab={onGrab}
            onKey={onKey}
          />
        ))}
        {collisions.map((collision) => (
          <span
            key={collision.from}
            title={collision.says}
            className={`pointer-events-none absolute inset-y-0 z-10 border-x ${collision.meant ? 'border-muted' : 'border-error'}`}
            style={{
              left: (collision.from - 1) * scale,
              width: Math.max(2, (collision.to - collision.from + 1) * scale),
              background: `repeating-linear-gradient(135deg, ${collision.meant ? 'var(--muted)' : 'var(--error)'} 0 2px, transparent 2px 6px)`,
            }}
          />
        ))}
        {ghosts.map((ghost, index) => (
          <span
            key={`${ghost.from} ${index}`}
            data-ghost
            className="pointer-events-none absolute inset-y-0.5 z-10 rounded-xs border border-dashed border-kite-text bg-kite/25"
            style={{ left: (ghost.from - 1) * scale, width: Math.max(2, (Math.min(UNIVERSE, ghost.to) - ghost.from + 1) * scale) }}
          />
        ))}
        {hits.map((hit) => (
          <span
            key={hit.from}
            data-hit
            className="pointer-events-none absolute inset-y-0 z-10 border-2 border-error"
            style={{ left: (hit.from - 1) * scale, width: Math.max(3, (hit.to - hit.from + 1) * scale) }}
          />
        ))}
      </div>
    </div>
  );
}

const Block = memo(function Block({
  unit,
  from,
  to,
  part,
  kind,
  scale,
  chosen,
  onGrab,
  onKey,
}: {
  unit: RigUnit;
  from: number;
  to: number;
  part: number | null;
  kind: RigKind | undefined;
  scale: number;
  chosen: boolean;
  onGrab: (unit: RigUnit, event: PointerEvent) => void;
  onKey: (unit: RigUnit, event: KeyboardEvent) => void;
}) {
  const wide = Math.max(3, (Math.min(UNIVERSE, to) - from + 1) * scale - 1);
  const name = `${unit.id} ${unit.name}, ${kind?.model ?? ''} ${kind?.mode ?? ''}, ${from} to ${to}${part === null ? '' : `, break ${part}`}`;
  return (
    <button
      type="button"
      aria-label={name}
      aria-pressed={chosen}
      title={name}
      className="absolute inset-y-0.5 flex touch-none flex-col justify-center overflow-hidden rounded-xs border text-left text-xs leading-tight aria-pressed:z-10 aria-pressed:outline-2 aria-pressed:outline-kite"
      style={{ left: (from - 1) * scale, width: wide, background: kindGround(unit.kind), borderColor: kindTint(unit.kind) }}
      onPointerDown={(event) => onGrab(unit, event)}
      onKeyDown={(event) => onKey(unit, event)}
    >
      {wide > 20 && (
        <span className={`overflow-clip text-[11px] font-semibold whitespace-nowrap ${wide > 90 ? 'px-1' : 'text-center'}`}>
          {unit.id}
          {part !== null && <span className="font-normal text-muted"> b{part}</span>}
          {wide > 90 && <span className="ml-1 font-normal">{unit.name}</span>}
        </span>
      )}
      {wide > 20 && scale < TAIL_FROM && kind && (
        <span aria-hidden className="grid place-items-center">
          <KindDrawing kind={kind} height={15} />
        </span>
      )}
      {scale >= TAIL_FROM && part === null && kind && kind.tail.length > 0 && (
        <span aria-hidden>
          <Tail bundles={kind.tail} height={scale} label="" />
        </span>
      )}
    </button>
  );
});
