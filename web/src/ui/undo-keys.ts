import { useEffect, useEffectEvent } from 'react';
import { isEditable } from './keys';

/** Undo and redo of the draft by keys. In whatever letters are typed into, and in dialogs, they are the browser's. */
export function useUndoKeys(undo: () => void, redo: () => void) {
  const pressed = useEffectEvent((event: KeyboardEvent) => {
    if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z' || isEditable(event.target)) return;
    event.preventDefault();
    if (event.shiftKey) redo();
    else undo();
  });
  useEffect(() => {
    const listen = (event: KeyboardEvent) => pressed(event);
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, []);
}
