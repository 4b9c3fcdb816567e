import { Fragment, type ReactNode } from 'react';
import { Link } from 'react-router';

/** The way to where one is: places that lead back, and the last as the heading. */
export function Trail({ places, here, children }: { places: { text: string; to?: string }[]; here: string; children?: ReactNode }) {
  return (
    <>
      {places.map((place, index) => (
        <Fragment key={index}>
          {place.to ? (
            <Link to={place.to} className="shrink-0 text-muted hover:text-text">
              {place.text}
            </Link>
          ) : (
            <span className="truncate text-muted">{place.text}</span>
          )}
          <span className="text-muted" aria-hidden>
            /
          </span>
        </Fragment>
      ))}
      <h1 className="min-w-12 truncate font-semibold" title={here}>
        {here}
      </h1>
      {children}
    </>
  );
}
