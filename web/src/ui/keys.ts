import { useEffect, useEffectEvent } from 'react';
import { stored } from './stored';

/** Whether single letters act as keys: whoever dictates, or rests a hand on the keyboard, can switch them off. */
export const letterKeys = stored(
  'kite-letter-keys',
  (kept) => kept !== 'off',
  (on) => (on ? 'on' : 'off'),
);

/**
 * Keys of a page. Elements that a key leads to carry `data-key`: pressing it focuses fields and clicks buttons; `also` acts by itself.
 * None acts while letters are typed, in selects, sliders, lists and dialogs, or where they are switched off.
 */
export function useKeys(also: Record<string, () => void>) {
  const pressed = useEffectEvent((event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented || ownsLetters(event.target)) return;
    if (!letterKeys.now() && event.key !== '?') return;
    const act = also[event.key];
    if (act) {
      event.preventDefault();
      act();
      return;
    }
    if (pressKey(event.key)) event.preventDefault();
  });
  useEffect(() => {
    const listen = (event: KeyboardEvent) => pressed(event);
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, []);
}

/** Does what a key of the page does: focuses the field or clicks the button that carries it. Ends with whether there is one. */
export function pressKey(key: string) {
  const target = document.querySelector<HTMLElement>(`[data-key="${CSS.escape(key)}"]`);
  if (!target) return false;
  if (isEditable(target)) {
    target.focus();
    if (target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement) target.select();
  } else target.click();
  return true;
}

const TYPED =
  'input:not([type=checkbox], [type=radio], [type=range], [type=color], [type=button], [type=file]), textarea, select, [contenteditable]';

/** Whether letters are typed into it, or it stands in a dialog: undo there is the browser's. */
export function isEditable(target: EventTarget | null) {
  return target instanceof HTMLElement && (target.matches(TYPED) || target.closest('[role=dialog], [role=alertdialog]') !== null);
}

/** Whether letters mean something to it by themselves. */
function ownsLetters(target: EventTarget | null) {
  return (
    isEditable(target) ||
    (target instanceof HTMLElement &&
      target.closest('[role=slider], [role=combobox], [role=listbox], [role=menu], [role=tablist], [role=radiogroup], [data-letters]') !==
        null)
  );
}
