import { useEffect, useSyncExternalStore } from 'react';

/** Something that can be done where one is now, by its name. */
export type Command = { text: string; run: () => void; /** Key that does it, too. */ key?: string };

let offered: readonly Command[][] = [];
let open = false;
const listeners = new Set<() => void>();

function subscribe(listener: () => void) {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

function changed() {
  listeners.forEach((listener) => listener());
}

/** Opens or closes the box that finds anything. */
export function showCommands(to: boolean) {
  open = to;
  changed();
}

export function useCommandsShown() {
  return useSyncExternalStore(subscribe, () => open);
}

/** Offers commands as long as whoever offers them is on the page. They are to be the same object as long as they are the same commands. */
export function useCommands(commands: Command[]) {
  useEffect(() => {
    offered = [...offered, commands];
    changed();
    return () => {
      offered = offered.filter((each) => each !== commands);
      changed();
    };
  }, [commands]);
}

export function useOfferedCommands() {
  return useSyncExternalStore(subscribe, () => offered);
}
