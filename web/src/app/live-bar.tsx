import { useQuery } from '@tanstack/react-query';
import { Moon, RadioTower, Square } from 'lucide-react';
import { useEffect, useEffectEvent, useRef } from 'react';
import { liveQuery, useDark, useEndLive } from '#/parts/live/live-query';
import { Button } from '#/ui/button';
import { counted } from '#/ui/counted';
import { tell } from '#/ui/toast';

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
        {live.universes.map((each) => (
          <li key={each.universe} className="min-w-0 truncate">
            {each.what}
            <span className="text-muted">{`, universe ${each.universe} to ${each.to.join(', ')}`}</span>
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
