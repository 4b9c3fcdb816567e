import { useVirtualizer } from '@tanstack/react-virtual';
import { Minus, Plus } from 'lucide-react';
import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import type { Rig, RigEdit, RigPatch, RigProposal, RigUnit } from '#/api/types';
import { Button } from '#/ui/button';
import { counted } from '#/ui/counted';
import { Lane, type LaneBlock } from './lane';
import { useLaneDrag } from './use-lane-drag';
import type { UnitSelection } from './use-units';

const UNIVERSE = 512;
const LANE = 46;
const LABEL = 148;
const CLOSEST = 16;
const STEP = 1.6;
/** By universes and addresses. */
const ARROWS: Record<string, [number, number] | undefined> = {
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
};

/** Universes as horizontal lanes of 512 addresses, to scale: units as blocks that can be moved, what is free, what collides, what is being added. */
export function Lanes({
  rig,
  selection,
  proposal,
  onEdit,
  onPointAt,
}: {
  rig: Rig;
  selection: UnitSelection;
  proposal: RigProposal | undefined;
  onEdit: (edit: RigEdit) => void;
  onPointAt: (at: { universe: number; address: number } | null) => void;
}) {
  const box = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(900);
  const [zoom, setZoom] = useState(1);
  useEffect(() => {
    const element = box.current;
    if (!element || typeof ResizeObserver === 'undefined') return;
    const watch = new ResizeObserver(() => setWidth(element.clientWidth));
    watch.observe(element);
    return () => watch.disconnect();
  }, []);
  const scale = Math.min(CLOSEST, Math.max(0.5, (width - LABEL - 16) / UNIVERSE) * zoom);
  const universes = shown(rig, proposal);
  const drag = useLaneDrag({ universes, scale, lane: LANE, units: rig.units, selection, onEdit });
  const virtual = useVirtualizer({ count: universes.length, getScrollElement: () => box.current, estimateSize: () => LANE, overscan: 4 });
  const lanes = virtual.getVirtualItems();

  function key(unit: RigUnit, event: KeyboardEvent) {
    if (event.key === ' ' || event.key === 'Enter') {
      event.preventDefault();
      return selection.choose(unit.uuid, { more: event.ctrlKey || event.metaKey, through: event.shiftKey });
    }
    const arrow = ARROWS[event.key];
    if (!arrow || !event.altKey) return;
    event.preventDefault();
    const moving = selection.has(unit.uuid) ? selection.selected : [unit];
    const [universes, addresses] = arrow;
    const wide = event.shiftKey ? widest(moving) : 1;
    onEdit({ type: 'shiftUnits', units: moving.map((each) => each.uuid), universes, addresses: addresses * wide });
  }

  return (
    <section aria-label="Lanes" className="flex min-h-0 flex-[3] flex-col border-b border-line max-[860px]:h-72 max-[860px]:flex-none">
      <div className="flex items-center gap-3 px-4 py-1.5 text-sm text-muted">
        <span className="flex-1">
          {counted(rig.used, 'address', 'addresses')} used, {rig.free} free in {counted(rig.universes.length, 'universe', 'universes')}
        </span>
        <Button quiet aria-label="Zoom out" disabled={zoom <= 1} onClick={() => setZoom((now) => Math.max(1, now / STEP))}>
          <Minus size={16} aria-hidden />
        </Button>
        <Button quiet aria-label="Zoom in" disabled={scale >= CLOSEST} onClick={() => setZoom((now) => now * STEP)}>
          <Plus size={16} aria-hidden />
        </Button>
      </div>
      <div ref={box} className="relative min-h-0 flex-1 overflow-auto pb-2">
        <div className="relative" style={{ height: virtual.getTotalSize(), width: LABEL + UNIVERSE * scale + 16 }}>
          {lanes.map((item) => {
            const universe = universes[item.index] ?? 0;
            const line = rig.universes.find((each) => each.universe === universe);
            return (
              <div key={universe} className="absolute inset-x-0" style={{ top: item.start, height: LANE }}>
                <Lane
                  universe={universe}
                  label={LABEL}
                  scale={scale}
                  line={line}
                  kinds={rig.kinds}
                  blocks={blocksOf(rig, universe)}
                  ghosts={[...ghostsOf(proposal, universe), ...drag.ghosts.filter((ghost) => ghost.universe === universe)]}
                  hits={(proposal?.hits ?? []).filter((hit) => hit.universe === universe)}
                  collisions={rig.collisions.filter((each) => each.universe === universe)}
                  selection={selection}
                  onGrab={drag.begin}
                  onKey={key}
                  onPointAt={onPointAt}
                />
              </div>
            );
          })}
        </div>
      </div>
    </section>
  );
}

/** Those in use, those that are about to be, and one more to move to. */
function shown(rig: Rig, proposal: RigProposal | undefined) {
  const all = new Set(rig.universes.map((line) => line.universe));
  proposal?.places.forEach((patch) => all.add(patch.universe));
  all.add(Math.max(0, ...all) + 1);
  return [...all].sort((a, b) => a - b);
}

function blocksOf(rig: Rig, universe: number): LaneBlock[] {
  return rig.units.flatMap((unit) =>
    unit.addresses.filter((patch) => patch.universe === universe).map((patch) => ({ unit, patch, parts: unit.addresses.length })),
  );
}

function ghostsOf(proposal: RigProposal | undefined, universe: number): RigPatch[] {
  return (proposal?.places ?? []).filter((patch) => patch.universe === universe);
}

function widest(units: RigUnit[]) {
  return Math.max(1, ...units.flatMap((unit) => unit.addresses.map((patch) => patch.to - patch.from + 1)));
}
