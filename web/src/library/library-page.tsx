import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Plus, Search, Upload } from 'lucide-react';
import { useDeferredValue, useMemo, useRef, useState, type ReactNode } from 'react';
import { Link, useSearchParams } from 'react-router';
import { useIntake } from '#/parts/files/intake';
import { TopLine } from '#/ui/top-line';
import { Button, buttonLook } from '#/ui/button';
import { Choice } from '#/ui/choice';
import { counted } from '#/ui/counted';
import { ChosenBar } from './chosen-bar';
import { LibraryList, type ListHandle } from './library-list';
import { isNarrowed, pieceQuery, wantedOf, withValue } from '#/parts/profile/library-search';
import { NarrowingPanel } from './narrowing-panel';
import { NewProfileDialog } from '#/parts/profile/new-profile-dialog';

const ORDERS = [
  { value: 'FIT', text: 'Best fit first' },
  { value: 'NAME', text: 'By name' },
  { value: 'NEWEST', text: 'Newest first' },
];

/** Every profile of both shelves; the search answers as one types, and the list is narrowed beside it. @param news what stands above the list when there is something to say */
export function LibraryPage({ news }: { news: ReactNode }) {
  const [params, setParams] = useSearchParams();
  const [search, setSearch] = useState(params.get('search') ?? '');
  // the address follows in its own time, and must not hold up the letters
  const asked = useDeferredValue(withValue(params, 'search', search).toString());
  const wanted = useMemo(() => wantedOf(new URLSearchParams(asked)), [asked]);
  const { data, error, refetch } = useQuery({ ...pieceQuery(wanted, 0), placeholderData: keepPreviousData });
  const { choose } = useIntake();
  const [beginning, setBeginning] = useState(false);
  const [narrowing, setNarrowing] = useState(false);
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const list = useRef<ListHandle>(null);
  const box = useRef<HTMLInputElement>(null);
  /** Of whatever is chosen by then: a row that is not drawn anew calls the one of an earlier time. */
  function toggle(id: string) {
    setChosen((now) => {
      const next = new Set(now);
      if (!next.delete(id)) next.add(id);
      return next;
    });
  }
  function change(to: URLSearchParams) {
    setSearch(to.get('search') ?? '');
    setParams(to, { replace: true });
  }
  const empty = data?.total === 0;
  return (
    <>
      <title>Library · Yellow Kite</title>
      <TopLine
        trail={
          <h1 className="font-semibold">
            Library {data && <span className="ml-1 font-normal text-muted">{counted(data.total, 'profile', 'profiles')}</span>}
          </h1>
        }
      >
        <Link to="/intake" className={buttonLook({ quiet: true })}>
          Imports
        </Link>
        <Link to="/bin" className={buttonLook({ quiet: true })}>
          Bin
        </Link>
        <Button aria-pressed={narrowing} className="min-[861px]:hidden" onClick={() => setNarrowing(!narrowing)}>
          Narrow the list
        </Button>
        <Button onClick={() => setBeginning(true)}>
          <Plus size={16} aria-hidden />
          New profile
        </Button>
        <Button main onClick={choose}>
          <Upload size={16} aria-hidden />
          Import files
        </Button>
      </TopLine>
      <main className="flex min-h-0 flex-1">
        <div className={`flex min-w-0 flex-1 flex-col ${narrowing ? 'max-[860px]:hidden' : ''}`}>
          {news}
          <div className="flex items-end gap-3 px-5 pt-4 pb-2">
            <div className="relative min-w-0 flex-1">
              <Search size={18} className="pointer-events-none absolute top-1/2 left-4 -translate-y-1/2 text-muted" aria-hidden />
              <input
                ref={box}
                type="search"
                aria-label="Find profiles"
                autoFocus
                value={search}
                placeholder="Manufacturer, model, mode, or what it can do: 16 bit pan, uv, 17 channels"
                className="min-h-11 w-full rounded-lg border border-line bg-panel pr-4 pl-11 text-base"
                onKeyDown={(event) => {
                  if (event.key !== 'ArrowDown') return;
                  event.preventDefault();
                  list.current?.enter();
                }}
                onChange={(event) => {
                  const typed = event.currentTarget.value;
                  setSearch(typed);
                  setParams(withValue(params, 'search', typed), { replace: true });
                }}
              />
            </div>
            {!empty && (
              <Choice
                label="Order"
                value={params.get('order') ?? (search.trim() === '' ? 'NAME' : 'FIT')}
                options={ORDERS}
                onChoose={(order) => change(withValue(params, 'order', order))}
              />
            )}
          </div>
          {data && data.found > 0 && (
            <p id="library-keys" className="px-5 pb-1 text-xs text-muted max-[860px]:sr-only">
              In the list: arrows move, letters lead to a name, Enter opens, Shift+Enter views, Space selects.
            </p>
          )}
          {error && !data && (
            <div role="alert" className="flex items-center gap-3 px-5 py-4 text-error">
              <p>{error.message}</p>
              <Button onClick={() => void refetch()}>Try again</Button>
            </div>
          )}
          {empty && (
            <Empty title="No profiles yet" text="Drop a .gdtf file anywhere on this page, choose Import files, or write a new profile." />
          )}
          {data && !empty && data.found === 0 && (
            <Empty
              title={search.trim() === '' ? 'No profile is left' : `Nothing fits '${search}'`}
              text={
                isNarrowed(params)
                  ? "The list is narrowed on the left; 'Show all' there widens it again."
                  : 'Try fewer words: a manufacturer, a model, a mode, or an attribute such as Zoom or ColorAdd_UV.'
              }
            />
          )}
          {data && data.found > 0 && (
            <>
              <p role="status" className="sr-only">
                {counted(data.found, 'profile found', 'profiles found')}
              </p>
              <LibraryList
                key={asked}
                ref={list}
                first={data}
                wanted={wanted}
                chosen={chosen}
                onToggle={toggle}
                onLeave={() => box.current?.focus()}
              />
            </>
          )}
        </div>
        {/* left of the list, and behind it for those who go by keys */}
        {data && !empty && <NarrowingPanel library={data} params={params} onChange={change} shown={narrowing} />}
        {beginning && <NewProfileDialog onClose={() => setBeginning(false)} />}
      </main>
      {chosen.size > 0 && <ChosenBar chosen={chosen} onNone={() => setChosen(new Set())} />}
    </>
  );
}

function Empty({ title, text }: { title: string; text: string }) {
  return (
    <div className="mx-auto mt-24 max-w-md text-center">
      <h2 className="text-lg font-semibold break-words">{title}</h2>
      <p className="mt-2 text-muted">{text}</p>
    </div>
  );
}
