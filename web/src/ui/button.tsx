import type { ComponentProps } from 'react';

type Look = { main?: boolean; quiet?: boolean; danger?: boolean };

/** How a button looks; for a link that acts as one. */
export function buttonLook({ main = false, quiet = false, danger = false }: Look) {
  const look = danger
    ? 'border-error bg-raised px-3.5 font-semibold text-error hover:bg-ground'
    : main
      ? 'border-transparent bg-kite px-4 font-semibold text-on-kite hover:brightness-110'
      : quiet
        ? 'border-transparent px-2 text-muted hover:bg-raised hover:text-text'
        : 'border-edge bg-raised px-3.5 text-text hover:border-text';
  return `inline-flex min-h-8 shrink-0 items-center justify-center gap-2 rounded-md border text-sm disabled:opacity-45 ${look}`;
}

/** The one kind of button. `main` is for the one main action of a place, `quiet` for actions inside a row, `danger` for what destroys. */
export function Button({ main, quiet, danger, className = '', ...rest }: ComponentProps<'button'> & Look) {
  return (
    <button
      type="button"
      className={`${buttonLook({ main: main ?? false, quiet: quiet ?? false, danger: danger ?? false })} ${className}`}
      {...rest}
    />
  );
}
