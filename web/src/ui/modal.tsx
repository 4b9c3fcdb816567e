import { Dialog } from 'radix-ui';
import { X } from 'lucide-react';
import { useLayoutEffect, useRef, type ReactNode } from 'react';
import { FilledContext, HELD, useFilled } from './filled';

const WIDTHS = { small: 'max-w-md', wide: 'max-w-3xl', large: 'max-w-5xl' };

/**
 * A panel over the page. Without `onClose` it has to be answered. Once something was typed in it, Escape and a press beside it leave it open.
 * When it closes, the focus goes back to where it was, unless somebody else took it.
 */
export function Modal({
  open,
  onClose,
  title,
  description,
  size = 'small',
  children,
}: {
  open: boolean;
  onClose?: () => void;
  title: string;
  description?: string;
  size?: keyof typeof WIDTHS;
  children: ReactNode;
}) {
  const { held, forget, content } = useFilled();
  const opener = useRef<Element | null>(null);
  return (
    <Dialog.Root
      open={open}
      onOpenChange={(to) => {
        if (to) return;
        forget();
        onClose?.();
      }}
    >
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/60" />
        <Dialog.Content
          {...content}
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            const lost = document.activeElement === null || document.activeElement === document.body;
            if (lost && opener.current instanceof HTMLElement) opener.current.focus();
          }}
          aria-describedby={description ? undefined : ''}
          className={`fixed top-1/2 left-1/2 z-50 flex max-h-[86vh] w-[calc(100vw-2rem)] -translate-x-1/2 -translate-y-1/2 flex-col gap-4 rounded-lg border border-line bg-panel p-6 text-text shadow-2xl ${WIDTHS[size]}`}
        >
          <Before note={(focused) => (opener.current = focused)} />
          <div className="flex items-start gap-4">
            <div className="flex-1">
              <Dialog.Title className="text-lg font-semibold">{title}</Dialog.Title>
              {description && <Dialog.Description className="mt-1 text-sm text-muted">{description}</Dialog.Description>}
              {held && (
                <p role="status" className="mt-1 text-sm text-warning">
                  {HELD}
                </p>
              )}
            </div>
            {onClose && (
              <Dialog.Close
                aria-label="Close"
                className="grid size-8 place-items-center rounded-md text-muted hover:bg-raised hover:text-text"
              >
                <X size={18} aria-hidden />
              </Dialog.Close>
            )}
          </div>
          <FilledContext value={forget}>{children}</FilledContext>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

/** Notes what has the focus when the panel opens. It stands first in it, so that no field has taken the focus yet. */
function Before({ note }: { note: (focused: Element | null) => void }) {
  const noted = useRef(note);
  useLayoutEffect(() => {
    noted.current(document.activeElement);
  }, []);
  return null;
}
