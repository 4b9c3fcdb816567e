import { DropdownMenu } from 'radix-ui';
import type { ReactNode } from 'react';
import { Button } from './button';

/** A button that opens a menu of things to do or to take away; what is in it are {@link MenuLine}s. */
export function MenuButton({
  text,
  icon,
  onOpen,
  children,
}: {
  text: string;
  icon: ReactNode;
  onOpen?: (open: boolean) => void;
  children: ReactNode;
}) {
  return (
    <DropdownMenu.Root {...(onOpen ? { onOpenChange: onOpen } : {})}>
      <DropdownMenu.Trigger asChild>
        <Button>
          {icon}
          {text}
        </Button>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          sideOffset={6}
          className="z-50 max-h-96 w-80 overflow-y-auto rounded-lg border border-line bg-panel p-1.5 text-text shadow-2xl"
        >
          {children}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

/** A line of a menu with what it is for below: a file to take away, or something that is opened. */
export function MenuLine({
  text,
  note,
  href,
  onSelect,
}: {
  text: string;
  note: ReactNode;
  /** Of a file. */
  href?: string;
  onSelect?: () => void;
}) {
  const says = (
    <>
      <span className="font-semibold">{text}</span>
      <span className="block text-sm text-muted">{note}</span>
    </>
  );
  return (
    <DropdownMenu.Item
      asChild={href !== undefined}
      className="block w-full cursor-pointer rounded-md px-2.5 py-2 text-left outline-none data-[highlighted]:bg-raised"
      {...(onSelect ? { onSelect } : {})}
    >
      {href === undefined ? (
        says
      ) : (
        <a href={href} download>
          {says}
        </a>
      )}
    </DropdownMenu.Item>
  );
}
