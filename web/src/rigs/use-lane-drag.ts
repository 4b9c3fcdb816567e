import { useEffect, useEffectEvent, useState, type PointerEvent as Pressed } from 'react';
import type { RigEdit, RigPatch, RigUnit } from '#/api/types';
import type { UnitSelection } from './use-units';

/** Less than that, in pixels, is a press and no drag. */
const STILL = 4;

type Drag = {
  unit: RigUnit;
  uuids: string[];
  x: number;
  y: number;
  universe: number;
  universes: number;
  addresses: number;
  moved: boolean;
};

/** Blocks are taken along while the pointer is down, with their distances kept, and sent once it is up. */
export function useLaneDrag({
  universes,
  scale,
  lane,
  units,
  selection,
  onEdit,
}: {
  universes: number[];
  scale: number;
  lane: number;
  units: RigUnit[];
  selection: UnitSelection;
  onEdit: (edit: RigEdit) => void;
}) {
  const [drag, setDrag] = useState<Drag | null>(null);

  function begin(unit: RigUnit, event: Pressed) {
    const more = event.ctrlKey || event.metaKey;
    if (more || event.shiftKey) return selection.choose(unit.uuid, { more, through: event.shiftKey });
    const uuids = selection.has(unit.uuid) ? selection.selected.map((each) => each.uuid) : [unit.uuid];
    if (!selection.has(unit.uuid)) selection.choose(unit.uuid);
    const universe = unit.addresses[0]?.universe ?? 1;
    setDrag({ unit, uuids, x: event.clientX, y: event.clientY, universe, universes: 0, addresses: 0, moved: false });
  }

  const move = useEffectEvent((event: PointerEvent) => {
    if (!drag) return;
    const across = event.clientX - drag.x;
    const down = event.clientY - drag.y;
    if (!drag.moved && Math.hypot(across, down) < STILL) return;
    const from = universes.indexOf(drag.universe);
    const to = universes[Math.min(universes.length - 1, Math.max(0, from + Math.round(down / lane)))] ?? drag.universe;
    setDrag({ ...drag, moved: true, addresses: Math.round(across / scale), universes: to - drag.universe });
  });

  const end = useEffectEvent(() => {
    if (!drag) return;
    setDrag(null);
    if (!drag.moved) return selection.choose(drag.unit.uuid);
    if (drag.addresses !== 0 || drag.universes !== 0) {
      onEdit({ type: 'shiftUnits', units: drag.uuids, universes: drag.universes, addresses: drag.addresses });
    }
  });

  const going = drag !== null;
  useEffect(() => {
    if (!going) return;
    const moved = (event: PointerEvent) => move(event);
    const up = () => end();
    const cancel = () => setDrag(null);
    window.addEventListener('pointermove', moved);
    window.addEventListener('pointerup', up);
    window.addEventListener('pointercancel', cancel);
    return () => {
      window.removeEventListener('pointermove', moved);
      window.removeEventListener('pointerup', up);
      window.removeEventListener('pointercancel', cancel);
    };
  }, [going]);

  const ghosts: RigPatch[] =
    drag?.moved === true
      ? units
          .filter((unit) => drag.uuids.includes(unit.uuid))
          .flatMap((unit) => unit.addresses)
          .map((patch) => ({
            dmxBreak: patch.dmxBreak,
            universe: patch.universe + drag.universes,
            from: patch.from + drag.addresses,
            to: patch.to + drag.addresses,
          }))
      : [];
  return { begin, ghosts };
}
