import type { ChangedField, ChangeSide, RigUpdate } from '#/api/types';

/** One thing that an update can take. */
export type UpdateLine = {
  key: string;
  kind: 'ADDED' | 'REMOVED' | ChangedField['field'];
  uuid: string;
  id: string;
  name: string;
  side: ChangeSide;
  was: string | null;
  ours: string;
  theirs: string;
};

export type Section = { title: string; lines: UpdateLine[] };

const FIELDS: Record<ChangedField['field'], string> = {
  FIXTURE: 'Fixture',
  ADDRESS: 'Address',
  ID: 'Id',
  NAME: 'Name',
  NUMBER: 'Unit number',
  LAYER: 'Layer',
  GROUPS: 'Groups',
  POSITION: 'Position',
  CLASS: 'Class',
  INVERTED: 'Inverted',
  NOTE: 'Note',
  BESIDE: 'Other things that the file says',
  PLACE: 'Place in the room',
  HANGS_ON: 'Hangs on',
};

/** What an update says, by kind of change. */
export function sectionsOf(update: RigUpdate): Section[] {
  const added = update.added.map((each): UpdateLine => ({
    ...each,
    key: `ADDED ${each.uuid}`,
    kind: 'ADDED',
    was: null,
    ours: '',
    theirs: `${each.fixture}, ${each.address}`,
  }));
  const removed = update.removed.map((each): UpdateLine => ({
    ...each,
    key: `REMOVED ${each.uuid}`,
    kind: 'REMOVED',
    was: null,
    ours: `${each.fixture}, ${each.address}`,
    theirs: '',
  }));
  const changed = Object.entries(FIELDS).map(([field, title]) => ({
    title,
    lines: update.changed
      .filter((each) => each.field === field)
      .map((each): UpdateLine => ({ ...each, key: `${field} ${each.uuid}`, kind: each.field })),
  }));
  return [{ title: 'Added', lines: added }, { title: 'Gone from the file', lines: removed }, ...changed].filter(
    (section) => section.lines.length > 0,
  );
}

/** The lines that are taken, as the server is told of them. */
export function chosenOf(lines: UpdateLine[]) {
  const changed = new Map<string, ChangedField['field'][]>();
  for (const line of lines) {
    if (line.kind !== 'ADDED' && line.kind !== 'REMOVED') changed.set(line.uuid, [...(changed.get(line.uuid) ?? []), line.kind]);
  }
  return {
    added: lines.filter((line) => line.kind === 'ADDED').map((line) => line.uuid),
    removed: lines.filter((line) => line.kind === 'REMOVED').map((line) => line.uuid),
    changed: [...changed].map(([unit, fields]) => ({ unit, fields })),
  };
}
