import { useCallback, useEffect, useRef, useState } from 'react';
import { advance } from '../../../core/record/advance';
import type { Teaching } from '../../../core/record/teaching';
import type { Timeline } from '../../../core/session/timeline/segment';

/** Something done to the class in hand. */
export type Act = (teaching: Teaching) => Teaching;

/** The class at an instant of the one monotonic clock, milliseconds. */
export interface Running {
  readonly teaching: Teaching;
  readonly clock: number;
}

/** Drives a class by the monotonic clock: every frame lets the time since the last one pass, however long it was. */
export function useTeaching(timeline: Timeline, begin: Teaching): { running: Running; act: (act: Act) => void } {
  const [running, setRunning] = useState<Running>(() => ({ teaching: begin, clock: performance.now() }));
  const frame = useRef(0);

  useEffect(() => {
    const tick = () => {
      const clock = performance.now();
      setRunning((before) => ({ teaching: advance(timeline, before.teaching, clock - before.clock), clock }));
      frame.current = requestAnimationFrame(tick);
    };
    frame.current = requestAnimationFrame(tick);
    return () => cancelAnimationFrame(frame.current);
  }, [timeline]);

  const act = useCallback((change: Act) => {
    setRunning((before) => ({ ...before, teaching: change(before.teaching) }));
  }, []);
  return { running, act };
}
