import { useEffect, useState } from 'react';

/** What is quicker than this needs no word. */
const SLOW_MS = 400;

/** Whether something has been going on for so long that it has to be said. */
export function useSlow(going: boolean) {
  const [since, setSince] = useState(false);
  useEffect(() => {
    if (!going) return;
    const timer = setTimeout(() => setSince(true), SLOW_MS);
    return () => {
      clearTimeout(timer);
      setSince(false);
    };
  }, [going]);
  return going && since;
}
