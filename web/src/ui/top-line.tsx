import type { ReactNode } from 'react';

/** The line over every place: the trail of where one is, and the place's actions. */
export function TopLine({ trail, children }: { trail: ReactNode; children?: ReactNode }) {
  return (
    <header className="flex h-12 shrink-0 items-center gap-3 border-b border-line bg-panel px-4">
      <div className="flex min-w-0 flex-1 items-center gap-2">{trail}</div>
      {children}
    </header>
  );
}
