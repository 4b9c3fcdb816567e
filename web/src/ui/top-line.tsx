import { Search } from 'lucide-react';
import type { ReactNode } from 'react';
import { showCommands } from './commands';

/** The line over every place: the trail of where one is, the box that finds anything, and the place's actions. */
export function TopLine({ trail, children }: { trail: ReactNode; children?: ReactNode }) {
  return (
    <header className="flex min-h-12 shrink-0 flex-wrap items-center gap-x-3 gap-y-1 border-b border-line bg-panel px-4 py-1">
      <div className="flex min-w-0 flex-1 items-center gap-2 max-[860px]:basis-full">{trail}</div>
      <button
        type="button"
        onClick={() => showCommands(true)}
        className="inline-flex min-h-8 shrink-0 items-center gap-2 rounded-md border border-edge bg-trough px-2.5 text-sm text-muted hover:text-text"
      >
        <Search size={15} aria-hidden />
        Find
        <kbd className="font-mono text-xs max-[860px]:hidden">Ctrl+K</kbd>
      </button>
      {children}
    </header>
  );
}
