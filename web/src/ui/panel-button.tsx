import { Popover } from 'radix-ui';
import { useState, type ReactNode } from 'react';
import { Button } from './button';

/** A button that opens a small panel beside it; what is inside can close it. */
export function PanelButton({
  text,
  icon,
  title,
  children,
  width = 'w-80',
  shortcut,
}: {
  text: string;
  icon?: ReactNode;
  shortcut?: string | undefined;
  title: string;
  children: (close: () => void) => ReactNode;
  width?: string;
}) {
  const [open, setOpen] = useState(false);
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger asChild>
        <Button quiet data-key={shortcut}>
          {icon}
          {text}
        </Button>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={4}
          collisionPadding={8}
          aria-label={title}
          className={`z-50 max-h-[min(70vh,var(--radix-popover-content-available-height))] overflow-y-auto rounded-lg border border-line bg-panel p-4 text-text shadow-2xl ${width}`}
        >
          <h3 className="mb-3 font-semibold">{title}</h3>
          {open && children(() => setOpen(false))}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
