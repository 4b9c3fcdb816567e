import type { Rig } from '#/api/types';
import { moment } from '#/ui/dates';

/** What was done to the rig, the last first. */
export function RigHistory({ rig }: { rig: Rig }) {
  return (
    <ol aria-label="History" className="flex flex-col gap-2 p-4 text-sm">
      {rig.history.map((line, index) => (
        <li key={rig.history.length - index} className={line.undone ? 'text-muted line-through' : ''}>
          {line.sentence}
          <span className="block text-xs text-muted">
            {line.author}, {moment(line.at)}
          </span>
        </li>
      ))}
    </ol>
  );
}
