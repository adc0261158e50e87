import { useEffect, useState } from 'react';

/** A browser that is never idle is not waited for longer than this, milliseconds. */
const AT_LATEST = 3000;

/** Whether the page stands and the browser has had nothing to do since. */
export function useIdle(): boolean {
  const [isIdle, setIdle] = useState(false);
  useEffect(() => {
    if (typeof requestIdleCallback !== 'function') {
      setIdle(true);
      return;
    }
    const asked = requestIdleCallback(() => setIdle(true), { timeout: AT_LATEST });
    return () => cancelIdleCallback(asked);
  }, []);
  return isIdle;
}
