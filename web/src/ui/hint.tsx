import { Tooltip } from 'radix-ui';
import type { ReactElement } from 'react';

/** Words that show on hover and focus. */
export function Hint({ text, children }: { text: string; children: ReactElement }) {
  return (
    <Tooltip.Root>
      <Tooltip.Trigger asChild>{children}</Tooltip.Trigger>
      <Tooltip.Portal>
        <Tooltip.Content
          sideOffset={4}
          className="z-50 max-w-xs rounded-md border border-line bg-raised px-2.5 py-1.5 text-sm text-text shadow-lg"
        >
          {text}
        </Tooltip.Content>
      </Tooltip.Portal>
    </Tooltip.Root>
  );
}
