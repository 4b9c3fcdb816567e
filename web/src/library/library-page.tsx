import { keepPreviousData, queryOptions, useQuery } from '@tanstack/react-query';
import { Download, Plus, Search, Upload } from 'lucide-react';
import { useDeferredValue, useState } from 'react';
import { useSearchParams } from 'react-router';
import { answer, api } from '../api/client';
import type { Library } from '../api/types';
import { useChooseFiles } from '../intake/intake';
import { TopLine } from '../shell/top-line';
import { Button, buttonLook } from '../ui/button';
import { counted } from '../ui/counted';
import { MakerSection } from './maker-section';
import { NewProfileDialog } from './new-profile-dialog';

function libraryQuery(search: string) {
  return queryOptions({
    queryKey: ['library', search],
    queryFn: ({ signal }) => answer(api.GET('/api/library', { params: { query: { search } }, signal })),
    placeholderData: keepPreviousData,
  });
}

/** Every profile by manufacturer; the search answers as one types. */
export function LibraryPage() {
  const [params, setParams] = useSearchParams();
  const [search, setSearch] = useState(params.get('search') ?? '');
  const { data, error } = useQuery(libraryQuery(useDeferredValue(search)));
  const choose = useChooseFiles();
  const [beginning, setBeginning] = useState(false);
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  function toggle(id: string) {
    const next = new Set(chosen);
    if (!next.delete(id)) next.add(id);
    setChosen(next);
  }
  return (
    <>
      <title>Library · Yellow Kite</title>
      <TopLine
        trail={
          <h1 className="font-semibold">
            Library {data && <span className="ml-1 font-normal text-muted">{data.total === 1 ? '1 profile' : `${data.total} profiles`}</span>}
          </h1>
        }
      >
        <Button onClick={() => setBeginning(true)}>
          <Plus size={16} aria-hidden />
          New profile
        </Button>
        <Button main onClick={choose}>
          <Upload size={16} aria-hidden />
          Take in files
        </Button>
      </TopLine>
      <main className="min-h-0 flex-1 overflow-y-auto px-5 py-4">
        <div className="relative">
          <Search size={18} className="pointer-events-none absolute top-1/2 left-4 -translate-y-1/2 text-muted" aria-hidden />
          <input
            type="search"
            aria-label="Find profiles"
            autoFocus
            value={search}
            placeholder="Maker, model, mode, or what it can do: “16 bit pan”, “uv”, “17 channels”"
            className="min-h-11 w-full rounded-lg border border-line bg-panel pr-4 pl-11 text-base"
            onChange={(event) => {
              const typed = event.currentTarget.value;
              setSearch(typed); // the address follows in its own time, and must not hold up the letters
              setParams(typed === '' ? {} : { search: typed }, { replace: true });
            }}
          />
        </div>
        {error && (
          <p role="alert" className="mt-6 text-error">
            {error.message}
          </p>
        )}
        {data && <Found library={data} search={search} chosen={chosen} onToggle={toggle} />}
        {beginning && <NewProfileDialog onClose={() => setBeginning(false)} />}
      </main>
      {chosen.size > 0 && (
        <section aria-label="Chosen profiles" className="flex items-center gap-3 border-t border-line bg-panel px-5 py-2.5">
          <p className="mr-auto text-sm">{counted(chosen.size, 'profile chosen', 'profiles chosen')}</p>
          <Button quiet onClick={() => setChosen(new Set())}>
            Choose none
          </Button>
          <a href={`/api/export.zip?${[...chosen].map((id) => `profile=${id}`).join('&')}`} download className={buttonLook({})}>
            <Download size={16} aria-hidden />
            Take away as one ZIP
          </a>
        </section>
      )}
    </>
  );
}

function Found({ library, search, chosen, onToggle }: { library: Library; search: string; chosen: ReadonlySet<string>; onToggle: (id: string) => void }) {
  if (library.total === 0) {
    return <Empty title="No profiles yet" text="Drop a .gdtf file anywhere on this page, choose Take in files, or write a new profile." />;
  }
  if (library.found === 0) {
    return <Empty title={`Nothing fits “${search}”`} text="Try fewer words: a maker, a model, a mode, or an attribute such as Zoom or ColorAdd_UV." />;
  }
  return (
    <>
      <p role="status" className="sr-only">
        {library.found} profiles found
      </p>
      {library.makers.map((maker) => (
        <MakerSection key={maker.name} maker={maker} chosen={chosen} onToggle={onToggle} />
      ))}
      {library.placeholders.length > 0 && (
        <section aria-label="Placeholders" className="mt-10 border-t border-line pt-2">
          <p className="mt-2 text-sm text-muted">Placeholders: a footprint, and nothing of what the channels do. Write the profile before anyone relies on one.</p>
          {library.placeholders.map((maker) => (
            <MakerSection key={maker.name} maker={maker} chosen={chosen} onToggle={onToggle} />
          ))}
        </section>
      )}
      {library.more && <p className="mt-4 text-sm text-muted">The list is long; only its first {library.found} profiles are shown. A word in the search narrows it.</p>}
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
