import { useQuery } from '@tanstack/react-query';
import { Moon, RadioTower, Square } from 'lucide-react';
import { useEffect, useEffectEvent, useRef } from 'react';
import type { Live } from '#/api/types';
import { liveQuery, useDark, useEndLive } from '#/parts/live/live-query';
import { Button } from '#/ui/button';
import { counted } from '#/ui/counted';
import { tell } from '#/ui/toast';

type LiveUniverse = Live['universes'][number];

/** On every page, while anything goes out: what, from whom, and how to stop it. F8 is dark, wherever the focus is. */
export function LiveBar() {
  const { data: live } = useQuery(liveQuery);
  const dark = useDark();
  const end = useEndLive();
  const note = live?.note ?? '';
  const isLive = live?.live === true;
  const wasLive = useRef(false); // what happened before this page was there is of no use to it
  useEffect(() => {
    if (isLive) wasLive.current = true;
    if (note && wasLive.current) tell(note, { stays: true });
  }, [note, isLive]);
  const pressed = useEffectEvent((event: KeyboardEvent) => {
    if (event.key !== 'F8' || !live?.live) return;
    event.preventDefault();
    dark.mutate(!live.dark);
  });
  useEffect(() => {
    const listen = (event: KeyboardEvent) => pressed(event);
    window.addEventListener('keydown', listen, true);
    return () => window.removeEventListener('keydown', listen, true);
  }, []);
  if (!live?.live) return null;
  const held = live.universes.reduce((sum, each) => sum + each.held, 0);
  return (
    <section aria-label="Live output" className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b-2 border-error bg-panel px-4 py-1.5">
      <p className="inline-flex items-center gap-2 font-semibold text-error">
        <RadioTower size={17} aria-hidden />
        {live.dark ? 'Live, dark' : 'Live'}
      </p>
      <ul className="flex min-w-0 flex-1 flex-wrap gap-x-4 text-sm">
        {together(live.universes).map(({ first, all }) => (
          <li key={first.holder} className="min-w-0 truncate" title={all.map(way).join('; ')}>
            {first.what}
            <span className="text-muted">{`, ${all.length === 1 ? way(first) : `${all.length} universes`}`}</span>
          </li>
        ))}
      </ul>
      {held > 0 && <p className="text-sm text-warning">{`${counted(held, 'address', 'addresses')} held by hand`}</p>}
      <p className="text-sm text-muted">{live.by}</p>
      <Button onClick={() => dark.mutate(!live.dark)} aria-pressed={live.dark}>
        <Moon size={15} aria-hidden />
        {live.dark ? 'Light again' : 'Dark'}
        <kbd className="font-mono text-xs text-muted">F8</kbd>
      </Button>
      <Button danger onClick={() => end.mutate()}>
        <Square size={14} aria-hidden />
        End
      </Button>
    </section>
  );
}

function way(of: LiveUniverse) {
  return `universe ${of.universe} to ${of.to.join(', ')}`;
}

/** A rig has many universes: they are one line. */
function together(universes: LiveUniverse[]) {
  const held = new Map<string, { first: LiveUniverse; all: LiveUniverse[] }>();
  for (const each of universes) {
    const known = held.get(each.holder);
    if (known) known.all.push(each);
    else held.set(each.holder, { first: each, all: [each] });
  }
  return [...held.values()];
}
