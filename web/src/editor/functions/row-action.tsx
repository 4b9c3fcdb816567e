import type { ReactNode } from 'react';

/** A sign at the end of a row that acts upon it. */
export function RowAction({
  label,
  danger = false,
  onClick,
  children,
}: {
  label: string;
  danger?: boolean;
  onClick: () => void;
  children: ReactNode;
}) {
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      onClick={onClick}
      className={`grid h-7 w-7 place-items-center rounded-sm text-muted hover:bg-raised ${danger ? 'hover:text-error' : 'hover:text-text'}`}
    >
      {children}
    </button>
  );
}
