import type { Rig, RigEdit, RigUnit } from '#/api/types';
import { stored } from '#/ui/stored';

type Cell = Extract<RigEdit, { type: 'putCells' }>['columns'][number];
export type Key =
  | 'id'
  | 'name'
  | 'fixture'
  | 'address'
  | 'position'
  | 'number'
  | 'layer'
  | 'groups'
  | 'class'
  | 'colour'
  | 'path'
  | 'dip'
  | 'place'
  | 'note';

export type Column = {
  key: Key;
  heading: string;
  /** Its least width in rem, and its share of what is left; 0 = it does not grow. */
  least: number;
  grows: number;
  /** What a spreadsheet can say of it; null where it is only shown. */
  cell: Cell | null;
  /** What it is sorted by. */
  sorts: (unit: RigUnit, rig: Rig) => string;
};

const FRAME = 3;
const GAP = 0.375;
const EDGE = 1;
const UNIVERSE_DIGITS = 5;
const ADDRESS_DIGITS = 3;

export const COLUMNS: Column[] = [
  { key: 'id', heading: 'Id', least: 4, grows: 0, cell: 'ID', sorts: (unit) => unit.id },
  { key: 'name', heading: 'Name', least: 5.5, grows: 1.1, cell: 'NAME', sorts: (unit) => unit.name },
  {
    key: 'fixture',
    heading: 'Fixture',
    least: 9,
    grows: 3,
    cell: null,
    sorts: (unit, rig) => `${rig.kinds[unit.kind]?.model ?? ''} ${rig.kinds[unit.kind]?.mode ?? ''}`,
  },
  { key: 'address', heading: 'Address', least: 5.5, grows: 0, cell: 'ADDRESS', sorts: place },
  { key: 'position', heading: 'Position', least: 5, grows: 1, cell: 'POSITION', sorts: (unit) => unit.position ?? '' },
  { key: 'number', heading: 'No.', least: 2.75, grows: 0, cell: 'NUMBER', sorts: (unit) => unit.number?.toString() ?? '' },
  { key: 'layer', heading: 'Layer', least: 4.75, grows: 0.7, cell: 'LAYER', sorts: (unit) => unit.layer },
  { key: 'groups', heading: 'Groups', least: 5, grows: 0.8, cell: 'GROUPS', sorts: (unit) => unit.groups.join(', ') },
  { key: 'class', heading: 'Class', least: 4, grows: 0.7, cell: 'UNIT_CLASS', sorts: (unit) => unit.unitClass ?? '' },
  { key: 'colour', heading: 'Colour tag', least: 5, grows: 0, cell: 'COLOUR', sorts: (unit) => unit.colour },
  { key: 'path', heading: 'Path', least: 3.5, grows: 0, cell: null, sorts: (unit) => unit.differs.map((mark) => mark.says).join(' ') },
  { key: 'dip', heading: 'DIP offset', least: 4.5, grows: 0, cell: 'DIP_OFFSET', sorts: (unit) => String(unit.dipOffset) },
  { key: 'place', heading: 'Place in the room', least: 8, grows: 0.8, cell: 'PLACE', sorts: (unit) => unit.place },
  { key: 'note', heading: 'Note', least: 3, grows: 0.8, cell: 'NOTE', sorts: (unit) => unit.note },
];

/** A unit without an address comes last. */
function place(unit: RigUnit) {
  const first = unit.addresses[0];
  return first
    ? `${String(first.universe).padStart(UNIVERSE_DIGITS, '0')}.${String(first.from).padStart(ADDRESS_DIGITS, '0')}`
    : '9'.repeat(UNIVERSE_DIGITS + 1);
}

const HIDDEN_AT_FIRST: Key[] = ['groups', 'class', 'colour', 'dip', 'place', 'note'];

/** The columns that are not shown; kept by this browser. */
export const hiddenColumns = stored<readonly string[]>(
  'yellow-kite-rig-columns-hidden',
  (kept) => (kept === null ? HIDDEN_AT_FIRST : kept.split(' ')),
  (hidden) => hidden.join(' '),
);

/** The tracks of a row, and how wide it is at least: what stands before the cells first. */
export function tracksOf(columns: Column[]) {
  const cells = columns.map(({ least, grows }) => (grows === 0 ? `${least}rem` : `minmax(${least}rem, ${grows}fr)`));
  const least = FRAME + 2 * EDGE + columns.reduce((sum, column) => sum + column.least + GAP, 0);
  return { gridTemplateColumns: `${FRAME}rem ${cells.join(' ')}`, minWidth: `${least}rem` };
}
