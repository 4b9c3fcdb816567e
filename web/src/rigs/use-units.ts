import { useMemo, useState } from 'react';
import type { RigUnit } from '#/api/types';

/** Which units are meant: one, several, a stretch of the list; in the order of the list. */
export function useUnitSelection(units: RigUnit[]) {
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const [anchor, setAnchor] = useState<string | null>(null);
  const selected = useMemo(() => units.filter((unit) => chosen.has(unit.uuid)), [units, chosen]);

  function choose(uuid: string, { more = false, through = false } = {}) {
    if (through && anchor !== null) {
      const from = units.findIndex((unit) => unit.uuid === anchor);
      const to = units.findIndex((unit) => unit.uuid === uuid);
      if (from >= 0 && to >= 0) {
        const stretch = units.slice(Math.min(from, to), Math.max(from, to) + 1).map((unit) => unit.uuid);
        setChosen(new Set(more ? [...chosen, ...stretch] : stretch));
        return;
      }
    }
    setAnchor(uuid);
    if (!more) return setChosen(new Set([uuid]));
    const next = new Set(chosen);
    if (!next.delete(uuid)) next.add(uuid);
    setChosen(next);
  }

  /** Of what is selected, every second one from the first. */
  function everySecond() {
    setChosen(new Set(selected.filter((_, index) => index % 2 === 0).map((unit) => unit.uuid)));
  }

  return {
    selected,
    has: (uuid: string) => chosen.has(uuid),
    choose,
    everySecond,
    only: (uuids: string[]) => setChosen(new Set(uuids)),
    none: () => setChosen(new Set()),
  };
}

export type UnitSelection = ReturnType<typeof useUnitSelection>;
