import { useEffect } from 'react';

/**
 * Keys of a page. Elements that a key leads to carry `data-key`: pressing it focuses fields and clicks buttons; `also` acts by itself.
 * None acts while letters are typed.
 */
export function useKeys(also: Record<string, () => void>) {
  useEffect(() => {
    function pressed(event: KeyboardEvent) {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      const act = also[event.key];
      if (act) {
        event.preventDefault();
        act();
        return;
      }
      const target = document.querySelector<HTMLElement>(`[data-key="${CSS.escape(event.key)}"]`);
      if (!target) return;
      event.preventDefault();
      if (target.matches(FIELD) && (target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement)) {
        target.focus();
        target.select();
      } else target.click();
    }
    window.addEventListener('keydown', pressed);
    return () => window.removeEventListener('keydown', pressed);
  }, [also]);
}

/** What letters are typed into. */
const FIELD = 'input:not([type=checkbox]), textarea';

function isTyping(target: EventTarget | null) {
  return (
    target instanceof HTMLElement &&
    (target.matches(`${FIELD}, [role=combobox], [role=listbox] *`) || target.closest('[role=dialog], [role=menu]') !== null)
  );
}
