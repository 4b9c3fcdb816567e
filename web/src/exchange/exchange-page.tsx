import { useQuery } from '@tanstack/react-query';
import { Plus, Search } from 'lucide-react';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { neighboursQuery } from '#/parts/exchange/exchange-query';
import { Button } from '#/ui/button';
import { counted } from '#/ui/counted';
import { TopLine } from '#/ui/top-line';
import { FoundProfiles } from './found-profiles';
import { NeighbourDialog } from './neighbour-dialog';
import { NeighbourList } from './neighbour-list';
import { News } from './news';
import { Runs } from './runs';

/** What comes in and goes out: files, scenes, releases, and the libraries of other houses. */
export function ExchangePage() {
  const { data: neighbours } = useQuery(neighboursQuery);
  const [search, setSearch] = useSearchParams();
  const words = search.get('words') ?? '';
  const [typed, setTyped] = useState(words);
  const [adding, setAdding] = useState(false);
  return (
    <>
      <title>Exchange · Yellow Kite</title>
      <TopLine
        trail={
          <h1 className="font-semibold">
            Exchange{' '}
            {neighbours && <span className="ml-1 font-normal text-muted">{counted(neighbours.length, 'neighbour', 'neighbours')}</span>}
          </h1>
        }
      >
        <Button onClick={() => setAdding(true)}>
          <Plus size={16} aria-hidden />
          Add neighbour
        </Button>
      </TopLine>
      <main className="flex min-h-0 flex-1 max-[860px]:flex-col max-[860px]:overflow-y-auto">
        <div className="flex min-h-0 min-w-0 flex-1 flex-col gap-5 overflow-y-auto p-6 max-[860px]:flex-none">
          <form
            role="search"
            className="flex gap-2"
            onSubmit={(event) => {
              event.preventDefault();
              setSearch(typed.trim() === '' ? {} : { words: typed.trim() });
            }}
          >
            <input
              aria-label="Search neighbours and our own shelf"
              placeholder="Manufacturer and model: all neighbours and our own shelf are searched"
              value={typed}
              onChange={(event) => setTyped(event.currentTarget.value)}
              className="min-h-10 min-w-0 flex-1 rounded-md border border-edge bg-trough px-3"
            />
            {words !== '' && (
              <Button
                quiet
                onClick={() => {
                  setTyped('');
                  setSearch({});
                }}
              >
                Clear
              </Button>
            )}
            <Button main type="submit">
              <Search size={16} aria-hidden />
              Search
            </Button>
          </form>
          {words === '' ? <Runs /> : neighbours && <FoundProfiles key={words} words={words} neighbours={neighbours} />}
        </div>
        <aside
          aria-label="News and neighbours"
          className="flex w-80 shrink-0 flex-col overflow-y-auto border-l border-line bg-panel max-[860px]:w-full max-[860px]:overflow-visible max-[860px]:border-t max-[860px]:border-l-0"
        >
          <h2 className="border-b border-line px-4 py-2 text-sm font-semibold">Newer there</h2>
          <News />
          <h2 className="border-y border-line px-4 py-2 text-sm font-semibold">Neighbours</h2>
          <NeighbourList />
        </aside>
      </main>
      {adding && <NeighbourDialog neighbour={null} onClose={() => setAdding(false)} />}
    </>
  );
}
