import { BookOpen } from 'lucide-react';
import { memo, type CSSProperties } from 'react';
import { Link } from 'react-router';
import type { ProfileLine } from '#/api/types';
import { SeveritySign } from '#/ui/severity-sign';
import { ModeLine } from '#/parts/channel/mode-line';

/** As many modes as a row has lines for. */
const LINES = 3;

type Row = {
  index: number;
  count: number;
  profile: ProfileLine | undefined;
  isActive: boolean;
  isChosen: boolean;
  onActive: () => void;
  onToggle: (id: string) => void;
  style: CSSProperties;
};

/** A profile in the list: picture, names, modes with their tails, and how it stands. One of ours opens in the editor, one of the Reference shelf to be read. */
export const LibraryRow = memo(
  function LibraryRow({ index, count, profile, isActive, isChosen, onActive, onToggle, style }: Row) {
    if (!profile) return <div style={style} data-index={index} className="border-b border-line" />;
    const shown = profile.modeCount > LINES ? profile.modes.slice(0, LINES - 1) : profile.modes;
    const readable = profile.revision > 0;
    return (
      <article
        style={style}
        data-index={index}
        aria-label={`${profile.manufacturer} ${profile.name}`}
        aria-posinset={index + 1}
        aria-setsize={count}
        className="flex items-center border-b border-line contain-strict"
      >
        <label className="grid size-10 shrink-0 cursor-pointer place-items-center">
          <input
            type="checkbox"
            tabIndex={-1}
            aria-label={`Choose ${profile.name}`}
            checked={isChosen}
            disabled={!readable}
            onChange={() => onToggle(profile.id)}
            className="accent-kite-text"
          />
        </label>
        <Link
          to={profile.shelf === 'HOUSE' ? `/editor/${profile.id}` : `/profile/${profile.id}`}
          tabIndex={isActive ? 0 : -1}
          onFocus={onActive}
          className="grid h-full min-w-0 flex-1 grid-cols-[3.25rem_minmax(9rem,15rem)_minmax(0,1fr)_9.5rem] items-center gap-4 max-[860px]:grid-cols-[3.25rem_minmax(0,1fr)_8rem] max-[860px]:gap-2 max-[860px]:[&>:nth-child(3)]:hidden rounded-md px-2 outline-offset-[-2px] hover:bg-panel"
        >
          <Picture profile={profile} />
          <span className="min-w-0">
            <span className="block truncate text-sm text-muted" title={profile.manufacturer}>
              {profile.manufacturer}
            </span>
            <span className="block truncate font-semibold" title={profile.name}>
              {profile.name}
            </span>
            {profile.productionVersion && (
              <span
                className="block truncate text-sm text-muted"
                title={`${profile.productionVersion.production}, from ${profile.productionVersion.origin}, revision ${profile.productionVersion.revision}`}
              >{`for ${profile.productionVersion.production}`}</span>
            )}
            {profile.missing.length > 0 && (
              <span
                className="block truncate text-sm text-warning"
                title={`missing: ${profile.missing.join(', ')}`}
              >{`missing: ${profile.missing.join(', ')}`}</span>
            )}
          </span>
          <span className="flex min-w-0 flex-col gap-0.5 text-sm">
            {shown.map((mode, at) => (
              <ModeLine key={at} mode={mode} />
            ))}
            {profile.modeCount > shown.length && <span className="text-muted">{`and ${profile.modeCount - shown.length} more modes`}</span>}
          </span>
          <State profile={profile} />
        </Link>
        {readable && profile.shelf === 'HOUSE' ? (
          <Link
            to={`/profile/${profile.id}`}
            tabIndex={-1}
            aria-label={`View ${profile.name}`}
            title={`View ${profile.name}`}
            className="ml-1 grid size-10 shrink-0 place-items-center rounded-md text-muted hover:bg-raised hover:text-text"
          >
            <BookOpen size={17} aria-hidden />
          </Link>
        ) : (
          <span className="ml-1 size-10 shrink-0" />
        )}
      </article>
    );
  },
  (before, after) =>
    before.profile === after.profile &&
    before.isActive === after.isActive &&
    before.isChosen === after.isChosen &&
    before.index === after.index &&
    before.count === after.count &&
    before.style.transform === after.style.transform,
);

function Picture({ profile }: { profile: ProfileLine }) {
  return profile.picture ? (
    <img src={profile.picture} alt="" loading="lazy" className="size-13 rounded-md bg-trough object-contain p-1" />
  ) : (
    <span className="size-13 rounded-md bg-trough" />
  );
}

function State({ profile }: { profile: ProfileLine }) {
  const problems = profile.errors + profile.warnings;
  return (
    <span className="text-right text-sm">
      {profile.draftBy && <span className="block truncate text-kite-text">Draft by {profile.draftBy}</span>}
      {problems > 0 && (
        <span className={`flex justify-end gap-1 ${profile.errors > 0 ? 'text-error' : 'text-warning'}`}>
          <SeveritySign severity={profile.errors > 0 ? 'error' : 'warning'} />
          {problems} {problems === 1 ? 'problem' : 'problems'}
        </span>
      )}
      {profile.shelf === 'REFERENCE' && <span className="block text-muted">Reference</span>}
      <span className="block text-muted">{profile.revision === 0 ? 'not published yet' : `revision ${profile.revision}`}</span>
    </span>
  );
}
