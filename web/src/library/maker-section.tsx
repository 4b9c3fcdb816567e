import { BookOpen } from 'lucide-react';
import { Link } from 'react-router';
import type { Library, ProfileLine } from '../api/types';
import { PanelButton } from '../ui/panel-button';
import { MakerFacts } from './maker-facts';
import { ModeLine } from './mode-line';

/** A manufacturer with its profiles; each opens on the desk. */
export function MakerSection({ maker, chosen, onToggle }: { maker: Library['makers'][number]; chosen: ReadonlySet<string>; onToggle: (id: string) => void }) {
  return (
    <section aria-label={maker.name}>
      <h2 className="mt-5 mb-1.5 flex items-baseline gap-2.5 text-base font-semibold">
        <span className="truncate">{maker.name}</span>
        <span className="shrink-0 text-sm font-normal text-muted">
          {maker.profiles.length} {maker.profiles.length === 1 ? 'profile' : 'profiles'}
        </span>
        <span className="ml-auto font-normal">
          <PanelButton text="About the maker" title={`About ${maker.name}`}>
            {(close) => <MakerFacts name={maker.name} onDone={close} />}
          </PanelButton>
        </span>
      </h2>
      <ul>
        {maker.profiles.map((profile) => (
          <li key={profile.id} className="flex items-center border-b border-line">
            <label className="grid size-10 shrink-0 cursor-pointer place-items-center">
              <input type="checkbox" aria-label={`Choose ${profile.name}`} checked={chosen.has(profile.id)} disabled={profile.revision === 0} onChange={() => onToggle(profile.id)} className="accent-kite" />
            </label>
            <Link to={`/desk/${profile.id}`} className="grid min-w-0 flex-1 grid-cols-[minmax(9rem,15rem)_minmax(0,1fr)_10rem] items-center gap-4 rounded-md px-3 py-3 hover:bg-panel">
              <span className="truncate font-semibold" title={profile.name}>
                {profile.name}
                {profile.load && <span className="block truncate text-sm font-normal text-muted" title={`${profile.load.production}, from ${profile.load.origin}, revision ${profile.load.revision}`}>{`for ${profile.load.production}`}</span>}
              </span>
              <span className="flex min-w-0 flex-col gap-1">
                {profile.modes.map((mode, index) => (
                  <ModeLine key={index} mode={mode} />
                ))}
              </span>
              <State profile={profile} />
            </Link>
            {profile.revision > 0 ? (
              <Link to={`/profile/${profile.id}`} aria-label={`Read ${profile.name}`} title={`Read ${profile.name}`} className="ml-1 grid size-10 shrink-0 place-items-center rounded-md text-muted hover:bg-raised hover:text-text">
                <BookOpen size={17} aria-hidden />
              </Link>
            ) : (
              <span className="ml-1 size-10 shrink-0" />
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function State({ profile }: { profile: ProfileLine }) {
  const problems = profile.errors + profile.warnings;
  return (
    <span className="text-right text-sm">
      {profile.draftBy && <span className="block truncate text-kite-text">Draft by {profile.draftBy}</span>}
      {problems > 0 && (
        <span className={`block ${profile.errors > 0 ? 'text-error' : 'text-warning'}`}>
          {problems} {problems === 1 ? 'check' : 'checks'} to see
        </span>
      )}
      <span className="block text-muted">{profile.revision === 0 ? 'not published yet' : `revision ${profile.revision}`}</span>
    </span>
  );
}
