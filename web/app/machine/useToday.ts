import { useEffect, useState } from 'react';
import { nowMs, today } from './clock';

/** A timer that is set for longer than this is asked again: a machine that sleeps stops its timers, milliseconds. */
const LOOKED_AGAIN_AFTER = 60_000;

const msToMidnight = (): number => new Date(nowMs()).setHours(24, 0, 0, 0) - nowMs();

/** The local day, YYYY-MM-DD; a page that is left open over midnight has the new one. */
export function useToday(): string {
  const [day, setDay] = useState(today);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout>;
    const look = () => {
      clearTimeout(timer);
      setDay(today());
      timer = setTimeout(look, Math.min(LOOKED_AGAIN_AFTER, Math.max(0, msToMidnight())));
    };
    look();
    // One that was out of sight slept.
    document.addEventListener('visibilitychange', look);
    return () => {
      clearTimeout(timer);
      document.removeEventListener('visibilitychange', look);
    };
  }, []);
  return day;
}
