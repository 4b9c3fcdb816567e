import { useMemo, useState } from 'react';
import type { Rig, RigUnit } from '#/api/types';
import { COLUMNS, type Key } from './unit-columns';

export type Show = 'all' | 'addressed' | 'unaddressed' | 'problems' | 'differing';

export type Filter = {
  words: string;
  show: Show;
  kind: number | null;
  layer: string | null;
  group: string | null;
  universe: number | null;
  colour: string | null;
};

export type Sort = { key: Key; down: boolean } | null;

const EVERYTHING: Filter = { words: '', show: 'all', kind: null, layer: null, group: null, universe: null, colour: null };
const ORDER = new Intl.Collator(undefined, { numeric: true, sensitivity: 'base' });

/** The rows of a rig's table: in which order its units stand, and which of them are shown. */
export function useRows(rig: Rig) {
  const [filter, setFilter] = useState(EVERYTHING);
  const [sort, setSort] = useState<Sort>(null);
  const problems = useMemo(() => troubled(rig), [rig]);
  const ordered = useMemo(() => sorted(rig, sort), [rig, sort]);
  const shown = useMemo(() => ordered.filter((unit) => fits(unit, rig, filter, problems)), [ordered, rig, filter, problems]);
  return {
    ordered,
    shown,
    problems,
    filter,
    isFiltered: filter !== EVERYTHING,
    change: (to: Partial<Filter>) => setFilter((now) => ({ ...now, ...to })),
    everything: () => setFilter(EVERYTHING),
    sort,
    /** Up, down, and as the list was. */
    sortBy: (key: Key) => setSort((now) => (now?.key !== key ? { key, down: false } : now.down ? null : { key, down: true })),
  };
}

export type Rows = ReturnType<typeof useRows>;

function troubled(rig: Rig) {
  const all = new Set(rig.findings.map((finding) => finding.unit));
  rig.collisions.filter((each) => !each.meant).forEach((each) => each.units.forEach((uuid) => all.add(uuid)));
  return all;
}

function sorted(rig: Rig, sort: Sort) {
  const by = COLUMNS.find((column) => column.key === sort?.key);
  if (!by || !sort) return rig.units;
  const keys = new Map(rig.units.map((unit) => [unit.uuid, by.sorts(unit, rig)]));
  const way = sort.down ? -1 : 1;
  return rig.units.toSorted((a, b) => way * ORDER.compare(keys.get(a.uuid) ?? '', keys.get(b.uuid) ?? ''));
}

function fits(unit: RigUnit, rig: Rig, filter: Filter, problems: ReadonlySet<string>) {
  const { show, kind, layer, group, universe, colour } = filter;
  return (
    (show === 'all' ||
      (show === 'addressed' && unit.addresses.length > 0) ||
      (show === 'unaddressed' && unit.addresses.length === 0) ||
      (show === 'problems' && problems.has(unit.uuid)) ||
      (show === 'differing' && unit.differs.length > 0)) &&
    (kind === null || unit.kind === kind) &&
    (layer === null || unit.layer === layer) &&
    (group === null || unit.groups.includes(group)) &&
    (universe === null || unit.addresses.some((patch) => patch.universe === universe)) &&
    (colour === null || unit.colour === colour) &&
    says(unit, rig, filter.words)
  );
}

function says(unit: RigUnit, rig: Rig, filter: string) {
  const words = filter
    .toLowerCase()
    .split(/\s+/)
    .filter((word) => word !== '');
  if (words.length === 0) return true;
  const kind = rig.kinds[unit.kind];
  const groups = unit.groups.join(' ');
  const text = [unit.id, unit.name, unit.address, unit.position ?? '', unit.layer, groups, kind?.model, kind?.mode, unit.note]
    .join(' ')
    .toLowerCase();
  return words.every((word) => text.includes(word));
}
