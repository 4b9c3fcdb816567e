import { X } from 'lucide-react';
import { Popover } from 'radix-ui';
import type { ReactNode } from 'react';
import { FilledContext, HELD, useFilled } from './filled';

/** A small panel beside what opened it. Once something was typed in it, Escape and a press beside it leave it open. */
export function Panel({
  title,
  width = 'w-80',
  align = 'start',
  children,
}: {
  title: string;
  width?: string;
  align?: 'start' | 'end';
  children: ReactNode;
}) {
  const { held, forget, content } = useFilled();
  return (
    <Popover.Portal>
      <Popover.Content
        {...content}
        align={align}
        sideOffset={4}
        collisionPadding={8}
        aria-label={title}
        className={`z-50 max-h-[min(80vh,var(--radix-popover-content-available-height))] max-w-[calc(100vw-1rem)] overflow-y-auto rounded-lg border border-line bg-panel p-4 text-text shadow-2xl ${width}`}
      >
        <div className="mb-3 flex items-start gap-2">
          <div className="flex-1">
            <h3 className="font-semibold">{title}</h3>
            {held && (
              <p role="status" className="text-sm text-warning">
                {HELD}
              </p>
            )}
          </div>
          <Popover.Close
            aria-label={`Close ${title}`}
            className="-mt-1 -mr-1 grid size-7 place-items-center rounded-md text-muted hover:bg-raised hover:text-text"
          >
            <X size={16} aria-hidden />
          </Popover.Close>
        </div>
        <FilledContext value={forget}>{children}</FilledContext>
      </Popover.Content>
    </Popover.Portal>
  );
}
