import { useQuery } from '@tanstack/react-query';
import { Search, Upload } from 'lucide-react';
import { useDeferredValue, useState } from 'react';
import type { Gobo } from '#/api/types';
import { TopLine } from '#/ui/top-line';
import { Button } from '#/ui/button';
import { Refusal } from '#/ui/refusal';
import { GoboDetails } from './gobo-details';
import { GoboGrid } from '#/parts/gobo/gobo-grid';
import { later } from '#/ui/later';
import { gobosQuery } from '#/parts/gobo/gobo-query';

const GoboIntake = later(() => import('#/parts/gobo/gobo-intake').then((file) => file.GoboIntake));

/** The house's gobos: found by a word, taken in from any picture. */
export function GoboPage() {
  const [search, setSearch] = useState('');
  const [taking, setTaking] = useState(false);
  const [chosen, setChosen] = useState<Gobo | null>(null);
  const { data, error } = useQuery(gobosQuery(useDeferredValue(search)));
  return (
    <>
      <title>Gobos · Yellow Kite</title>
      <TopLine
        trail={
          <h1 className="font-semibold">
            Gobos {data && search === '' && <span className="ml-1 font-normal text-muted">{`${data.length} gobos`}</span>}
          </h1>
        }
      >
        <Button main onClick={() => setTaking(true)}>
          <Upload size={16} aria-hidden />
          Import a picture
        </Button>
      </TopLine>
      <main className="min-h-0 flex-1 overflow-y-auto px-5 py-4">
        <div className="relative mb-4">
          <Search size={18} className="pointer-events-none absolute top-1/2 left-4 -translate-y-1/2 text-muted" aria-hidden />
          <input
            type="search"
            aria-label="Find gobos"
            autoFocus
            value={search}
            placeholder="Name, tag, manufacturer, number or origin"
            className="min-h-11 w-full rounded-lg border border-line bg-panel pr-4 pl-11 text-base"
            onChange={(event) => setSearch(event.currentTarget.value)}
          />
        </div>
        <Refusal says={error?.message} />
        {data && data.length > 0 && <GoboGrid gobos={data} onChoose={setChosen} />}
        {data?.length === 0 && (
          <div className="mx-auto mt-20 max-w-md text-center">
            <h2 className="text-lg font-semibold break-words">{search === '' ? 'No gobos yet' : `Nothing fits '${search}'`}</h2>
            <p className="mt-2 text-muted">
              {search === ''
                ? 'Import a picture: a photograph of a gobo, a drawing, a scan. It is cut, checked and kept here for every profile.'
                : 'Try fewer words: a name, a tag, or the number that the manufacturer gives it.'}
            </p>
          </div>
        )}
        {taking && <GoboIntake onClose={() => setTaking(false)} onKept={setChosen} />}
        {chosen && <GoboDetails gobo={chosen} onClose={() => setChosen(null)} />}
      </main>
    </>
  );
}
