import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { FileDown, Printer } from 'lucide-react';
import { useState } from 'react';
import type { ProfilePageView } from '#/api/types';
import { ModeLine } from '#/parts/channel/mode-line';
import { buttonLook } from '#/ui/button';
import { sheetQuery } from '#/parts/profile/profile-query';
import { SheetTable } from './sheet-table';
import { Waiting } from '#/ui/waiting';

/** The modes with their tails; the chosen one is read below, and goes out on paper or as a table. */
export function ProfileModes({ profile }: { profile: ProfilePageView }) {
  const [chosen, setChosen] = useState(0);
  const asked = useQuery({
    ...sheetQuery(profile.id, profile.revision, chosen),
    placeholderData: keepPreviousData,
    enabled: profile.modes.length > 0,
  });
  const sheet = asked.data;
  const base = `/api/profiles/${profile.id}/revisions/${profile.revision}/modes/${chosen}/chart`;
  return (
    <section aria-label="Modes">
      <h2 className="mb-2 text-xs font-semibold text-muted">Modes</h2>
      <Waiting of={asked} what="The channels" />
      {profile.modes.length === 0 && <p className="text-sm text-muted">This profile has no mode.</p>}
      <ul>
        {profile.modes.map((mode) => (
          <li key={mode.number}>
            <button
              type="button"
              aria-pressed={mode.number === chosen}
              onClick={() => setChosen(mode.number)}
              className="w-full rounded-md border-l-3 border-transparent px-3 py-2 text-left hover:bg-panel aria-pressed:border-kite-text aria-pressed:bg-panel"
            >
              <ModeLine mode={mode.summary} />
            </button>
          </li>
        ))}
      </ul>
      {sheet && profile.modes.length > 0 && (
        <div className="mt-3">
          <div className="mb-2 flex flex-wrap items-center gap-2">
            <p className="mr-auto text-sm text-muted">{sheet.description}</p>
            <a href={`${base}.pdf`} target="_blank" rel="noreferrer" className={buttonLook({})}>
              <Printer size={15} aria-hidden /> DMX chart
            </a>
            <a href={`${base}.csv`} download className={buttonLook({ quiet: true })}>
              <FileDown size={15} aria-hidden /> CSV
            </a>
            <a href={`${base}.xlsx`} download className={buttonLook({ quiet: true })}>
              <FileDown size={15} aria-hidden /> XLSX
            </a>
          </div>
          <SheetTable lines={sheet.lines} />
        </div>
      )}
    </section>
  );
}
