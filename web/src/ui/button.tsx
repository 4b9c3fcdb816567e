import type { ComponentProps } from 'react';

type Look = { main?: boolean; quiet?: boolean };

/** How a button looks; for a link that acts as one. */
export function buttonLook({ main = false, quiet = false }: Look) {
  const look = main
    ? 'border-transparent bg-kite px-4 font-semibold text-on-kite hover:brightness-110'
    : quiet
      ? 'border-transparent px-2 text-muted hover:bg-raised hover:text-text'
      : 'border-line bg-raised px-3.5 text-text hover:border-muted';
  return `inline-flex min-h-8 shrink-0 items-center justify-center gap-2 rounded-md border text-sm disabled:opacity-45 ${look}`;
}

/** The one kind of button. `main` is for the one main action of a place, `quiet` for actions inside a row. */
export function Button({ main, quiet, className = '', ...rest }: ComponentProps<'button'> & Look) {
  return <button type="button" className={`${buttonLook({ main: main ?? false, quiet: quiet ?? false })} ${className}`} {...rest} />;
}
