import { Popover } from 'radix-ui';
import { useState, type ReactNode } from 'react';
import { Button } from './button';
import { Panel } from './panel';

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
      {open && (
        <Panel title={title} width={width}>
          {children(() => setOpen(false))}
        </Panel>
      )}
    </Popover.Root>
  );
}
