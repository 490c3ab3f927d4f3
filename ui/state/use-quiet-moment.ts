import { useEffect } from 'react';

/** Longer than this nobody waits for a quiet moment. */
const AT_THE_LATEST_MS = 5_000;

/** Does something once the page stands and nothing else is to do; `act` has to stay the same. */
export function useQuietMoment(act: () => void): void {
  useEffect(() => {
    if (typeof requestIdleCallback !== 'function') return;
    const handle = requestIdleCallback(act, { timeout: AT_THE_LATEST_MS });
    return () => cancelIdleCallback(handle);
  }, [act]);
}
