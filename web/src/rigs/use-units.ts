import { useMemo, useState } from 'react';
import type { RigUnit } from '#/api/types';

/** Which units are meant: one, several, a stretch of the list. @param units all of them, in the order in which they stand */
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

  /** Of what is selected, every nth one from the first. */
  function everyNth(n: number) {
    setChosen(new Set(selected.filter((_, index) => index % n === 0).map((unit) => unit.uuid)));
  }

  return {
    selected,
    has: (uuid: string) => chosen.has(uuid),
    choose,
    everyNth,
    only: (uuids: string[]) => setChosen(new Set(uuids)),
    none: () => setChosen(new Set()),
  };
}

export type UnitSelection = ReturnType<typeof useUnitSelection>;
