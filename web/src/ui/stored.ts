import { useSyncExternalStore } from 'react';

/** A choice that this browser keeps. Where it may keep nothing, the choice lasts as long as the page. */
export function stored<T>(key: string, parse: (kept: string | null) => T, print: (value: T) => string) {
  const listeners = new Set<() => void>();
  let value = parse(read(key));
  return {
    now: () => value,
    set(to: T) {
      value = to;
      try {
        localStorage.setItem(key, print(to));
      } catch {
        // a browser that forbids it
      }
      listeners.forEach((listener) => listener());
    },
    use: () =>
      useSyncExternalStore(
        (listener) => {
          listeners.add(listener);
          return () => listeners.delete(listener);
        },
        () => value,
      ),
  };
}

function read(key: string) {
  try {
    return localStorage.getItem(key);
  } catch {
    return null;
  }
}
