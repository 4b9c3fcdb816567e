import { useSyncExternalStore } from 'react';

const KEY = 'kite-author';
const listeners = new Set<() => void>();

/** The name that this browser keeps; empty until it was asked. */
export function whoIsWorking() {
  return localStorage.getItem(KEY) ?? '';
}

export function setWhoIsWorking(name: string) {
  localStorage.setItem(KEY, name);
  listeners.forEach((listener) => listener());
}

export function useWho() {
  return useSyncExternalStore((listener) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  }, whoIsWorking);
}
