import type { IntakeRunLine, ListedExchange, ReleaseLine, Taking, WaitingScene } from '#/api/types';

/** Something that came in or went out. */
export type Run = { key: string; at: string; direction: 'IN' | 'OUT' } & (
  | { kind: 'scene'; of: WaitingScene }
  | { kind: 'exchange'; of: ListedExchange }
  | { kind: 'files'; of: IntakeRunLine }
  | { kind: 'release'; of: ReleaseLine }
  | { kind: 'taking'; of: Taking }
);

const MOST = 80;

/** All that came in and went out in one list, the newest first. */
export function runsOf(lists: {
  scenes: WaitingScene[];
  exchanges: ListedExchange[];
  intake: IntakeRunLine[];
  releases: ReleaseLine[];
  takings: Taking[];
}): Run[] {
  return [
    ...lists.scenes.map((of): Run => ({ kind: 'scene', key: `scene ${of.id}`, at: of.arrivedAt, direction: 'IN', of })),
    ...lists.exchanges.map((of): Run => ({
      kind: 'exchange',
      key: `exchange ${of.rigId} ${of.at}`,
      at: of.at,
      direction: of.direction,
      of,
    })),
    ...lists.intake.map((of): Run => ({ kind: 'files', key: `files ${of.id}`, at: of.startedAt, direction: 'IN', of })),
    ...lists.releases.map((of): Run => ({
      kind: 'release',
      key: `release ${of.id}`,
      at: of.publishedAt,
      direction: of.origin === 'OURS' ? 'OUT' : 'IN',
      of,
    })),
    ...lists.takings.map((of): Run => ({ kind: 'taking', key: `taking ${of.id}`, at: of.startedAt, direction: 'IN', of })),
  ]
    .sort((one, other) => other.at.localeCompare(one.at))
    .slice(0, MOST);
}
