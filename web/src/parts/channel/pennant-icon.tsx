import { groupColor, pennantPath } from './pennant';

/** One pennant, as it stands in front of a channel, whose name says the rest. */
export function PennantIcon({ group }: { group: string }) {
  return (
    <svg width={18} height={15} viewBox="-1 -1 18 15" aria-hidden>
      <title>{group === '' ? 'No feature group' : `Feature group ${group}`}</title>
      <line x1={-1} x2={17} y1={-0.5} y2={-0.5} stroke="var(--line)" />
      <path d={pennantPath(group, 0, 16, 13)} fill={groupColor(group)} />
    </svg>
  );
}
