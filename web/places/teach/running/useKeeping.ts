import { useEffect, useRef, useState } from 'react';
import { nowMs } from '../../../app/machine/clock';
import { type KeptClass, keepClass } from '../../../class/kept/keptClass';
import { keepOn } from '../../../teaching/running/keepOn';

/** How often the class in hand is written down besides at every press, milliseconds. */
const KEEP_EVERY = 400;

/**
 * Writes the class in hand down: now and then, whenever it is steered, and when the page goes away. Once it is being
 * ended, nothing more is written, so that what is forgotten stays forgotten. Answers whether this machine keeps it.
 */
export function useKeeping(kept: Omit<KeptClass, 'seenAt'>, goesOn: boolean): boolean {
  const [isKept, setIsKept] = useState(true);
  const latest = useRef(kept);
  latest.current = kept;
  const { paused, tempo } = kept.teaching;
  useEffect(() => {
    if (!goesOn) return;
    const keep = () => {
      const { teaching } = latest.current;
      const now = { ...latest.current, teaching: { ...teaching, paused, tempo }, seenAt: nowMs() };
      setIsKept(keepClass(now));
    };
    return keepOn(keep, KEEP_EVERY);
  }, [goesOn, paused, tempo]);
  return isKept;
}
