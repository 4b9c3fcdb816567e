import { useQuery } from '@tanstack/react-query';
import { Download } from 'lucide-react';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import type { ReleaseView } from '#/api/types';
import { CannotShow } from '#/ui/cannot-show';
import { TopLine } from '#/ui/top-line';
import { buttonLook } from '#/ui/button';
import { Choice } from '#/ui/choice';
import { Trail } from '#/ui/trail';
import { ChangeMark, UsedBy } from './change-mark';
import { EarlierNotes } from './earlier-notes';
import { releaseQuery } from './release-query';
import { calendarDay } from '#/ui/dates';

/** A release: its notes, what it says of each profile, and the notes of those before it. */
export function ReleasePage() {
  const { id = '' } = useParams();
  const { data, error } = useQuery(releaseQuery(id));
  if (error) return <CannotShow title="This release cannot be shown" error={error} />;
  if (!data) return null;
  return <Page view={data} />;
}

function Page({ view }: { view: ReleaseView }) {
  const { release, says, lines, earlier } = view;
  const [since, setSince] = useState('');
  const shown = earlier.slice(0, earlier.findIndex((each) => each.id === since) + 1);
  const told = lines.filter((line) => line.kind !== 'SAME');
  const same = lines.filter((line) => line.kind === 'SAME');
  return (
    <>
      <title>{`${release.title} · Yellow Kite`}</title>
      <TopLine trail={<Trail places={[{ text: 'Releases', to: '/releases' }, { text: release.house }]} here={release.title} />}>
        <a href={`/api/releases/${release.id}/archive`} download className={buttonLook({ main: true })}>
          <Download size={16} aria-hidden />
          Export as one archive
        </a>
      </TopLine>
      <main className="min-h-0 flex-1 overflow-y-auto p-6">
        <div className="mx-auto flex max-w-4xl flex-col gap-6">
          <div className="flex items-end gap-4">
            <div className="min-w-0 flex-1">
              <p className="font-mono text-sm">{calendarDay(release.dated)}</p>
              <p className="text-muted">
                {says !== '' && `${says}. `}
                {release.origin === 'OURS' ? 'Published' : 'Imported'} by {release.author}
                {release.onShelf && '; it stands on the Reference shelf'}.
              </p>
            </div>
            {earlier.length > 0 && (
              <Choice
                label="Also show"
                value={since}
                placeholder="the releases before"
                options={earlier.map((each, index) => ({ value: each.id, text: index === 0 ? each.title : `those back to ${each.title}` }))}
                onChoose={setSince}
              />
            )}
          </div>
          {view.notes !== '' && <p className="whitespace-pre-wrap">{view.notes}</p>}
          <section aria-label="What it says">
            <h2 className="mb-1 text-xs font-semibold text-muted">{shown.length > 0 ? release.title : 'What it says of each profile'}</h2>
            <Lines lines={told} />
            {told.length === 0 && <p className="text-sm text-muted">Nothing is new, changed or withdrawn.</p>}
          </section>
          <EarlierNotes title="The releases before it" earlier={shown} />
          {same.length > 0 && (
            <details>
              <summary className="cursor-pointer text-sm text-muted">{`${same.length} unchanged`}</summary>
              <Lines lines={same} />
            </details>
          )}
        </div>
      </main>
    </>
  );
}

function Lines({ lines }: { lines: ReleaseView['lines'] }) {
  return (
    <ul>
      {lines.map((line) => (
        <li key={line.profileId} className="flex gap-3 border-t border-line py-2.5">
          <ChangeMark kind={line.kind} worst={line.worst} />
          <div className="min-w-0 flex-1">
            <Link to={`/profile/${line.profileId}?revision=${line.revision}`} className="font-semibold break-words hover:underline">
              {`${line.manufacturer} ${line.name}`}
            </Link>
            {line.note !== '' && <p className="text-sm break-words">{line.note}</p>}
            {line.proven !== '' && <p className="text-sm text-good">{line.proven}</p>}
            <UsedBy uses={line.uses} />
          </div>
          <span className="text-right text-sm text-muted">
            {`revision ${line.revision}`}
            {line.kind === 'CHANGED' && line.before !== null && (
              <Link
                to={`/compare?left=${line.profileId}&leftRevision=${line.before}&right=${line.profileId}&rightRevision=${line.revision}`}
                className="block underline underline-offset-2"
              >
                what changed
              </Link>
            )}
          </span>
        </li>
      ))}
    </ul>
  );
}
