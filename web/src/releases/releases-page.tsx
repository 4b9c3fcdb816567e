import { useQuery } from '@tanstack/react-query';
import { PackageOpen, PackagePlus } from 'lucide-react';
import { useRef, useState } from 'react';
import { Link } from 'react-router';
import type { ReleaseLine } from '#/api/types';
import { TopLine } from '#/ui/top-line';
import { Button, buttonLook } from '#/ui/button';
import { counted } from '#/ui/counted';
import { Refusal } from '#/ui/refusal';
import { releasesQuery } from './release-query';
import { TakeInRelease } from './take-in-release';
import { calendarDay } from '#/ui/dates';

/** Releases: those that came in and are the Reference shelf, and those that were made here. */
export function ReleasesPage() {
  const { data, error } = useQuery(releasesQuery);
  const [file, setFile] = useState<File | null>(null);
  const chooser = useRef<HTMLInputElement>(null);
  const theirs = data?.filter((release) => release.origin === 'THEIRS') ?? [];
  const ours = data?.filter((release) => release.origin === 'OURS') ?? [];
  return (
    <>
      <title>Releases · Yellow Kite</title>
      <TopLine
        trail={
          <h1 className="font-semibold">
            Releases {data && <span className="ml-1 font-normal text-muted">{counted(data.length, 'release', 'releases')}</span>}
          </h1>
        }
      >
        <Link to="/releases/new" className={buttonLook({})}>
          <PackagePlus size={16} aria-hidden />
          Make a release
        </Link>
        <Button main onClick={() => chooser.current?.click()}>
          <PackageOpen size={16} aria-hidden />
          Import a release
        </Button>
      </TopLine>
      <input
        ref={chooser}
        type="file"
        accept=".zip"
        hidden
        aria-label="A release to import"
        onChange={(event) => {
          setFile(event.currentTarget.files?.[0] ?? null);
          event.currentTarget.value = '';
        }}
      />
      <main className="flex min-h-0 flex-1 flex-col gap-8 overflow-y-auto p-6">
        <Refusal says={error?.message} />
        <List
          title="Imported: the Reference shelf"
          releases={theirs}
          empty="None yet. A release comes in as one archive; before it does, you see what it touches of what you use."
        />
        <List
          title="Made here"
          releases={ours}
          empty="None yet. A release gathers revisions of the House shelf, with notes, into one archive for other houses."
        />
      </main>
      {file && <TakeInRelease file={file} onClose={() => setFile(null)} />}
    </>
  );
}

function List({ title, releases, empty }: { title: string; releases: ReleaseLine[]; empty: string }) {
  return (
    <section aria-label={title}>
      <h2 className="mb-1 text-xs font-semibold text-muted">{title}</h2>
      {releases.length === 0 && <p className="border-t border-line py-4 text-sm text-muted">{empty}</p>}
      <ul>
        {releases.map((release) => (
          <li key={release.id} className="border-t border-line">
            <Link
              to={`/releases/${release.id}`}
              className="grid grid-cols-[7rem_minmax(0,1fr)_auto] items-baseline gap-4 rounded-md px-2 py-3 hover:bg-panel"
            >
              <span className="font-mono text-sm">{calendarDay(release.dated)}</span>
              <span className="min-w-0 truncate font-semibold" title={release.title}>
                {release.title}
                <span className="ml-3 font-normal text-muted">{release.house}</span>
              </span>
              <span className="text-sm text-muted">
                {release.origin === 'THEIRS'
                  ? `imported by ${release.author}${release.onShelf ? '; on the shelf now' : ''}`
                  : `published by ${release.author}`}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
