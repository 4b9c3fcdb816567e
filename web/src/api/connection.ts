import { useSyncExternalStore } from 'react';

let trouble: string | null = null;
const listeners = new Set<() => void>();

function set(to: string | null) {
  if (to === trouble) return;
  trouble = to;
  listeners.forEach((listener) => listener());
}

export function reportTrouble(sentence: string) {
  set(sentence);
}

export function reportAnswer() {
  set(null);
}

/** The sentence to show while nobody answers; null while all is well. */
export function useTrouble() {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => trouble,
  );
}
