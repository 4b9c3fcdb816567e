import { createContext, use, useRef, useState, type FormEvent } from 'react';

/** Something that Radix asks about before it closes. */
type Closing = { preventDefault: () => void };
type Field = HTMLInputElement | HTMLTextAreaElement;

/** Says that what was typed in the panel around has done its work, so that it may be closed in any way. */
export const FilledContext = createContext<() => void>(() => undefined);

export function useForgetFilled() {
  return use(FilledContext);
}

/**
 * Guards what was typed in a panel: while a field that was typed in holds something, Escape and a press outside leave the panel open, and only
 * its own buttons close it. Escape in a field with something unsent belongs to the field.
 */
export function useFilled() {
  const typedIn = useRef(new Set<Field>());
  const [held, setHeld] = useState(false);
  const isFilled = () => [...typedIn.current].some((field) => field.isConnected && field.value.trim() !== '');
  function hold(event: Closing) {
    const filled = isFilled();
    if (!filled && !document.activeElement?.matches('[data-unsent]')) return;
    event.preventDefault();
    if (filled) setHeld(true);
  }
  return {
    /** Whether closing was just refused. */
    held,
    forget: () => {
      typedIn.current.clear();
      setHeld(false);
    },
    content: {
      onInput: ({ target }: FormEvent<HTMLElement>) => {
        // fields that send what they hold by themselves, and searches, lose nothing
        const isField = target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement;
        if (isField && !target.matches('[data-sends], [type=search]')) typedIn.current.add(target);
      },
      onEscapeKeyDown: hold,
      onPointerDownOutside: hold,
      onFocusOutside: (event: Closing) => isFilled() && event.preventDefault(),
    },
  };
}

export const HELD = 'This holds what you typed; close it with its own buttons.';
