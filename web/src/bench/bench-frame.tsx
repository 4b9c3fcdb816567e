import type { ReactNode } from 'react';
import { NavLink } from 'react-router';
import { TopLine } from '#/ui/top-line';
import { AllowedAddresses } from './allowed-addresses';

const PLACES = [
  { to: '/bench', text: 'Walks' },
  { to: '/bench/hands', text: 'Hands' },
  { to: '/bench/universes', text: 'Universes' },
  { to: '/bench/picture', text: 'Picture' },
  { to: '/bench/fixtures', text: 'RDM' },
];

/** What stands around every page of the bench. */
export function BenchFrame({ title, actions, children }: { title: string; actions?: ReactNode; children: ReactNode }) {
  return (
    <>
      <title>{`${title} · Yellow Kite`}</title>
      <TopLine
        trail={
          <>
            <h1 className="font-semibold">Bench</h1>
            <nav aria-label="Bench" className="ml-3 flex gap-1">
              {PLACES.map((place) => (
                <NavLink
                  key={place.to}
                  to={place.to}
                  end={place.to === '/bench'}
                  className="rounded-md px-2.5 py-1 text-sm text-muted hover:bg-raised hover:text-text aria-[current=page]:bg-raised aria-[current=page]:text-text"
                >
                  {place.text}
                </NavLink>
              ))}
            </nav>
          </>
        }
      >
        <AllowedAddresses />
        {actions}
      </TopLine>
      <main className="flex min-h-0 flex-1 flex-col overflow-y-auto p-6">{children}</main>
    </>
  );
}
