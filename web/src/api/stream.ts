/** The answer to a change of one's own comes before what is told of it. */
const OWN_ANSWER_MS = 120;

/** Listens to a stream of the server; a browser has few connections, so each page has one at most. @returns what ends it */
export function listen(address: string, onTold: () => void) {
  if (typeof EventSource === 'undefined') return () => undefined;
  const source = new EventSource(address);
  let waiting: ReturnType<typeof setTimeout> | undefined;
  source.onmessage = () => {
    clearTimeout(waiting);
    waiting = setTimeout(onTold, OWN_ANSWER_MS);
  };
  return () => {
    clearTimeout(waiting);
    source.close();
  };
}

/** Does something for as long as the page is seen; a page behind others takes no connection from them. */
export function whileVisible(begin: () => () => void) {
  let end: (() => void) | undefined;
  const look = () => {
    if (document.visibilityState === 'hidden') {
      end?.();
      end = undefined;
    } else end ??= begin();
  };
  look();
  document.addEventListener('visibilitychange', look);
  return () => {
    document.removeEventListener('visibilitychange', look);
    end?.();
  };
}
