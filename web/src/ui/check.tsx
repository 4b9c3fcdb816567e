import type { ReactNode } from 'react';

/** Something that is so or not, with its words beside it. */
export function Check({ checked, onChange, children }: { checked: boolean; onChange: (to: boolean) => void; children: ReactNode }) {
  return (
    <label className="flex items-center gap-2 text-sm">
      <input type="checkbox" className="accent-kite-text" checked={checked} onChange={(event) => onChange(event.currentTarget.checked)} />
      {children}
    </label>
  );
}
