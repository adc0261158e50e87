import { useCallback, useEffect, useState } from 'react';
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

/** How often the class is looked at out of sight where no worker ticks, milliseconds. */
const OUT_OF_SIGHT = 250;

/** Calls back at every frame, and out of sight several times a second. Answers how to stop it. */
function everyTick(pass: () => void): () => void {
  let frame = 0;
  const draw = () => {
    pass();
    frame = requestAnimationFrame(draw);
  };
  frame = requestAnimationFrame(draw);
  const passUnseen = () => {
    if (document.hidden) pass();
  };
  const timer = setInterval(passUnseen, OUT_OF_SIGHT);
  const worker = new Worker(new URL('../../workers/ticker.ts', import.meta.url), { type: 'module' });
  worker.onmessage = passUnseen;
  return () => {
    cancelAnimationFrame(frame);
    clearInterval(timer);
    worker.terminate();
  };
}

/**
 * Drives a class by the monotonic clock: every tick lets the time since the last one pass, however long it was. Out of sight it goes
 * on, bell and place, rather than jump when the page is looked at again.
 */
export function useTeaching(timeline: Timeline, begin: Teaching): { running: Running; act: (act: Act) => void } {
  const [running, setRunning] = useState<Running>(() => ({ teaching: begin, clock: performance.now() }));

  useEffect(
    () =>
      everyTick(() => {
        const clock = performance.now();
        setRunning((before) => ({ teaching: advance(timeline, before.teaching, clock - before.clock), clock }));
      }),
    [timeline],
  );

  const act = useCallback((change: Act) => {
    setRunning((before) => ({ ...before, teaching: change(before.teaching) }));
  }, []);
  return { running, act };
}
