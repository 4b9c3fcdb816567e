import { useState, type FormEvent } from 'react';

/** Something that Radix asks about before it closes. */
type Closing = { preventDefault: () => void };

/**
 * Guards what was typed in a panel: once something was, Escape and a press outside leave it open, and only its own buttons close it. Escape
 * in a field belongs to the field.
 */
export function useFilled() {
  const [filled, setFilled] = useState(false);
  const [held, setHeld] = useState(false);
  function hold(event: Closing) {
    const inField = document.activeElement?.matches('[data-unsent]') ?? false; // Escape goes back there first
    if (!filled && !inField) return;
    event.preventDefault();
    if (filled) setHeld(true);
  }
  return {
    /** Whether closing was just refused. */
    held,
    forget: () => {
      setFilled(false);
      setHeld(false);
    },
    content: {
      onInput: (event: FormEvent<HTMLElement>) => {
        // fields that send what they hold by themselves, and searches, lose nothing
        if (!(event.target instanceof HTMLElement && event.target.matches('[data-sends], [type=search]'))) setFilled(true);
      },
      onEscapeKeyDown: hold,
      onPointerDownOutside: hold,
      onFocusOutside: (event: Closing) => filled && event.preventDefault(),
    },
  };
}

export const HELD = 'This holds what you typed; close it with its own buttons.';
