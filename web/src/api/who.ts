import { useSyncExternalStore } from 'react';

const KEY = 'kite-author';
const listeners = new Set<() => void>();

/** The name that this browser keeps; empty until it was asked. */
let name = kept();

function kept() {
  try {
    return localStorage.getItem(KEY) ?? '';
  } catch {
    return ''; // a browser that keeps nothing asks at each visit
  }
}

export function whoIsWorking() {
  return name;
}

export function setWhoIsWorking(to: string) {
  name = to;
  try {
    localStorage.setItem(KEY, to);
  } catch {
    // it lasts as long as the page
  }
  listeners.forEach((listener) => listener());
}

export function useWho() {
  return useSyncExternalStore((listener) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  }, whoIsWorking);
}
