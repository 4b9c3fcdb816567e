import type { Rig, RigEdit, RigUnit } from '#/api/types';
import { stored } from '#/ui/stored';

export type Cell = Extract<RigEdit, { type: 'putCells' }>['columns'][number];
export type Key =
  'id' | 'name' | 'fixture' | 'address' | 'position' | 'number' | 'layer' | 'groups' | 'class' | 'colour' | 'path' | 'dip' | 'note';

export type Column = {
  key: Key;
  heading: string;
  /** As a track of the grid. */
  width: string;
  /** What a spreadsheet can say of it; null where it is only shown. */
  cell: Cell | null;
  /** What it is sorted by. */
  sorts: (unit: RigUnit, rig: Rig) => string;
};

const UNIVERSE_DIGITS = 5;
const ADDRESS_DIGITS = 3;

export const COLUMNS: Column[] = [
  { key: 'id', heading: 'Id', width: '4.5rem', cell: 'ID', sorts: (unit) => unit.id },
  { key: 'name', heading: 'Name', width: 'minmax(7rem,1.1fr)', cell: 'NAME', sorts: (unit) => unit.name },
  {
    key: 'fixture',
    heading: 'Fixture',
    width: 'minmax(12rem,2fr)',
    cell: null,
    sorts: (unit, rig) => `${rig.kinds[unit.kind]?.model ?? ''} ${rig.kinds[unit.kind]?.mode ?? ''}`,
  },
  { key: 'address', heading: 'Address', width: '6rem', cell: 'ADDRESS', sorts: place },
  { key: 'position', heading: 'Position', width: 'minmax(6rem,1fr)', cell: 'POSITION', sorts: (unit) => unit.position ?? '' },
  { key: 'number', heading: 'No.', width: '3rem', cell: 'NUMBER', sorts: (unit) => unit.number?.toString() ?? '' },
  { key: 'layer', heading: 'Layer', width: 'minmax(5rem,0.7fr)', cell: 'LAYER', sorts: (unit) => unit.layer },
  { key: 'groups', heading: 'Groups', width: 'minmax(6rem,0.8fr)', cell: 'GROUPS', sorts: (unit) => unit.groups.join(', ') },
  { key: 'class', heading: 'Class', width: 'minmax(5rem,0.7fr)', cell: 'UNIT_CLASS', sorts: (unit) => unit.unitClass ?? '' },
  { key: 'colour', heading: 'Colour tag', width: '6rem', cell: 'COLOUR', sorts: (unit) => unit.colour },
  { key: 'path', heading: 'Path', width: '5.5rem', cell: null, sorts: (unit) => unit.differs.map((mark) => mark.says).join(' ') },
  { key: 'dip', heading: 'DIP offset', width: '5rem', cell: 'DIP_OFFSET', sorts: (unit) => String(unit.dipOffset) },
  { key: 'note', heading: 'Note', width: 'minmax(4rem,0.8fr)', cell: 'NOTE', sorts: (unit) => unit.note },
];

/** A unit without an address comes last. */
function place(unit: RigUnit) {
  const first = unit.addresses[0];
  return first
    ? `${String(first.universe).padStart(UNIVERSE_DIGITS, '0')}.${String(first.from).padStart(ADDRESS_DIGITS, '0')}`
    : '9'.repeat(UNIVERSE_DIGITS + 1);
}

const HIDDEN_AT_FIRST: Key[] = ['groups', 'class', 'colour', 'dip'];

/** The columns that are not shown; kept by this browser. */
export const hiddenColumns = stored<readonly string[]>(
  'yellow-kite-rig-columns-hidden',
  (kept) => (kept === null ? HIDDEN_AT_FIRST : kept.split(' ')),
  (hidden) => hidden.join(' '),
);
