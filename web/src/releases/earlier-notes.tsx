import type { EarlierRelease } from '#/api/types';
import { ChangeMark } from './change-mark';
import { calendarDay } from '#/ui/dates';

/** What several releases said, the newest first, for those who are a few behind. */
export function EarlierNotes({ title, earlier }: { title: string; earlier: EarlierRelease[] }) {
  if (earlier.length === 0) return null;
  return (
    <section aria-label={title}>
      <h3 className="mb-2 text-xs font-semibold text-muted">{title}</h3>
      {earlier.map((release) => (
        <article key={release.id} aria-label={release.title} className="mb-4">
          <h4 className="font-semibold">
            {release.title} <span className="ml-2 font-mono text-sm font-normal text-muted">{calendarDay(release.dated)}</span>
          </h4>
          {release.notes !== '' && <p className="text-sm whitespace-pre-wrap">{release.notes}</p>}
          <ul>
            {release.lines.map((line, index) => (
              <li key={index} className="flex gap-3 border-t border-line py-1.5">
                <ChangeMark kind={line.kind} worst={line.worst} />
                <p className="min-w-0 flex-1 text-sm break-words">
                  {`${line.manufacturer} ${line.name}`}
                  {line.note !== '' && <span className="text-muted">{`: ${line.note}`}</span>}
                </p>
              </li>
            ))}
          </ul>
        </article>
      ))}
    </section>
  );
}
