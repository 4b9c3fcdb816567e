import { Aperture, ArrowLeftRight, FlaskConical, Library, ListChecks, Moon, Package, Rows3, Sun, Upload, UserRound } from 'lucide-react';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { NavLink, Outlet, useLocation } from 'react-router';
import { IntakeZone } from '#/intake/intake-zone';
import { useIntake } from '#/parts/files/intake';
import { isNews, watchesQuery } from '#/parts/exchange/exchange-query';
import { Hint } from '#/ui/hint';
import { Toasts } from '#/ui/toast';
import { WhoDialog } from '#/account/who-dialog';
import { useWho } from '#/api/who';
import { useTrouble } from '#/api/connection';
import { CommandBox } from './command-box';
import { LiveBar } from './live-bar';
import { applyTheme, theme as chosenTheme } from './theme';

/** What stands around every place: the rail, the alarm when nobody answers, and the whole page as a place to drop files on. */
export function Shell() {
  const who = useWho();
  const [asking, setAsking] = useState(who === '');
  const theme = chosenTheme.use();
  const trouble = useTrouble();
  const page = useFocusOnNavigation();
  const { data: watches } = useQuery(watchesQuery);
  const news = watches?.filter(isNews).length ?? 0;
  function turnTheme() {
    applyTheme(theme === 'dark' ? 'light' : 'dark');
  }
  return (
    <IntakeZone>
      <div className="relative flex h-full flex-col overflow-clip">
        <a
          href="#page"
          className="sr-only focus:not-sr-only focus:absolute focus:top-1 focus:left-1 focus:z-50 focus:rounded-md focus:bg-kite focus:px-3 focus:py-1.5 focus:text-on-kite"
        >
          Skip to the page
        </a>
        {trouble && (
          <p role="alert" className="bg-warning px-4 py-2 text-center text-sm font-semibold text-ground">
            {trouble}
          </p>
        )}
        <LiveBar />
        <div className="flex min-h-0 flex-1">
          <nav aria-label="Places" className="flex w-15 shrink-0 flex-col items-center gap-1 border-r border-line bg-panel py-2.5">
            <KiteMark />
            <Place to="/" text="Library" icon={<Library size={20} aria-hidden />} />
            <Place to="/rigs" text="Rigs" icon={<Rows3 size={20} aria-hidden />} />
            <Place to="/bench" text="Bench" icon={<FlaskConical size={20} aria-hidden />} />
            <Place to="/exchange" text="Exchange" icon={<ArrowLeftRight size={20} aria-hidden />} news={news} />
            <Place to="/wanted" text="Wanted" icon={<ListChecks size={20} aria-hidden />} />
            <Place to="/releases" text="Releases" icon={<Package size={20} aria-hidden />} />
            <Place to="/gobos" text="Gobos" icon={<Aperture size={20} aria-hidden />} />
            <div className="flex-1" />
            <ImportProgress />
            <Hint text={who === '' ? 'Say who is working' : `${who} is working`}>
              <button
                type="button"
                aria-label="Who is working"
                onClick={() => setAsking(true)}
                className="grid size-11 place-items-center rounded-md text-muted hover:bg-raised hover:text-text"
              >
                <UserRound size={19} aria-hidden />
              </button>
            </Hint>
            <Hint text={theme === 'dark' ? 'Light theme' : 'Dark theme'}>
              <button
                type="button"
                aria-label={theme === 'dark' ? 'Light theme' : 'Dark theme'}
                onClick={turnTheme}
                className="grid size-11 place-items-center rounded-md text-muted hover:bg-raised hover:text-text"
              >
                {theme === 'dark' ? <Sun size={19} aria-hidden /> : <Moon size={19} aria-hidden />}
              </button>
            </Hint>
          </nav>
          <div id="page" ref={page} tabIndex={-1} className="flex min-w-0 flex-1 flex-col outline-none">
            <Outlet />
          </div>
        </div>
        <Toasts />
      </div>
      <CommandBox />
      <WhoDialog open={asking || who === ''} onClose={() => setAsking(false)} />
    </IntakeZone>
  );
}

/** @param news how many things there are that nobody has read */
function Place({ to, text, icon, news = 0 }: { to: string; text: string; icon: ReactNode; news?: number }) {
  return (
    <NavLink
      to={to}
      className="relative mt-1 flex w-13 flex-col items-center gap-1 rounded-md py-2 text-xs text-muted hover:bg-raised hover:text-text aria-[current=page]:bg-raised aria-[current=page]:text-text"
    >
      {icon}
      {text}
      {news > 0 && (
        <span className="absolute top-0.5 right-1 min-w-4.5 rounded-full bg-kite px-1 text-center font-mono text-xs text-on-kite">
          {news}
          <span className="sr-only"> new</span>
        </span>
      )}
    </NavLink>
  );
}

/** Whoever goes to another page begins at its beginning: by keys, and for those who listen. */
function useFocusOnNavigation() {
  const { pathname } = useLocation();
  const page = useRef<HTMLDivElement>(null);
  const before = useRef(pathname);
  useEffect(() => {
    if (before.current === pathname) return;
    before.current = pathname;
    // a page that puts the focus somewhere by itself knows better
    if (!page.current?.contains(document.activeElement)) page.current?.focus();
  }, [pathname]);
  return page;
}

/** An import that is under way, or was and has not been looked at; leads to its report. */
function ImportProgress() {
  const { progress, show } = useIntake();
  if (!progress) return null;
  return (
    <button
      type="button"
      onClick={show}
      className="flex w-13 flex-col items-center gap-1 rounded-md py-2 text-xs text-muted hover:bg-raised hover:text-text"
    >
      <Upload size={19} className={progress.going ? 'text-kite-text' : ''} aria-hidden />
      <span className="sr-only">Import: </span>
      <span className="font-mono">{`${progress.done}/${progress.total}`}</span>
    </button>
  );
}

function KiteMark() {
  return (
    <svg width={22} height={28} viewBox="0 0 24 30" aria-hidden>
      <path d="M12 1 21 10 12 21 3 10Z" fill="var(--kite)" />
      <path d="M12 1V21M3 10H21" stroke="var(--on-kite)" strokeWidth={1.2} />
      <path d="M12 21c3 2-3 3 0 5s-1 3 0 3" fill="none" stroke="var(--kite)" strokeWidth={1.4} strokeLinecap="round" />
    </svg>
  );
}
