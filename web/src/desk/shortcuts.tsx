import { useEffect } from 'react';

/** Keys of the desk. None of them is the browser's, and none acts while letters are typed. */
export const SHORTCUTS: [string, string][] = [
  ['n', 'Add channels: type what the chart says, Enter adds them'],
  ['c', 'Paste a chart: address, name, from, to, meaning'],
  ['m', 'Add a mode'],
  ['r', 'Rename the mode'],
  ['j, k', 'Next, previous channel'],
  ['x', 'Take the open channel into the selection, or out of it'],
  ['d', 'Divide the open channel\u2019s function'],
  ['t', 'Paste a table of ranges into the open channel\u2019s function'],
  ['Ctrl+Z, Ctrl+Shift+Z', 'Undo, redo'],
  ['arrows on a bar', 'Move the probe; Page Up and Down by a sixteenth'],
  ['Enter, Escape', 'Send what was typed, take it back'],
  ['p', 'Publish'],
  ['?', 'This list'],
];

/** Elements that a key leads to carry `data-key`: pressing it focuses fields and clicks buttons. */
export function useDeskKeys(step: (by: number) => void) {
  useEffect(() => {
    function pressed(event: KeyboardEvent) {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      if (event.key === 'j' || event.key === 'k') {
        event.preventDefault();
        step(event.key === 'j' ? 1 : -1);
        return;
      }
      const target = document.querySelector<HTMLElement>(`[data-key="${CSS.escape(event.key)}"]`);
      if (!target) return;
      event.preventDefault();
      if (target.matches(FIELD) && (target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement)) {
        target.focus();
        target.select();
      }
      else target.click();
    }
    window.addEventListener('keydown', pressed);
    return () => window.removeEventListener('keydown', pressed);
  }, [step]);
}

/** What letters are typed into. */
const FIELD = 'input:not([type=checkbox]), textarea';

function isTyping(target: EventTarget | null) {
  return target instanceof HTMLElement && (target.matches(`${FIELD}, [role=combobox], [role=listbox] *`) || target.closest('[role=dialog], [role=menu]') !== null);
}
