import { useCallback, useEffect, useState } from 'react';
import { advance } from '../../../core/record/running/advance';
import { afterParting, type Clocks, type Meanwhile, partedBy } from '../../../core/record/running/clocks';
import type { Teaching } from '../../../core/record/standing/teaching';
import type { Timeline } from '../../../core/session/timeline/segment';
import { nowMs } from '../../app/machine/clock';
import { isMotionReduced } from '../../app/machine/reducedMotion';

/** Something done to the class in hand. */
export type Act = (teaching: Teaching) => Teaching;

/** The class at an instant of the one monotonic clock, milliseconds. */
export interface Running {
  readonly teaching: Teaching;
  readonly clock: number;
}

/** How often the class is looked at out of sight where no worker ticks, milliseconds. */
const OUT_OF_SIGHT = 250;

/** A worker that ticks while nobody looks; null where a page may have none, as in a file by itself: the timer goes on there. */
function openTicker(): Worker | null {
  try {
    return new Worker(new URL('../../workers/ticker.ts', import.meta.url), { type: 'module' });
  } catch {
    return null;
  }
}

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
  const worker = openTicker();
  if (worker) worker.onmessage = passUnseen;
  return () => {
    cancelAnimationFrame(frame);
    clearInterval(timer);
    worker?.terminate();
  };
}

const readClocks = (): Clocks => ({ monotonic: performance.now(), wall: nowMs() });

/** The clocks have parted: the class stands still until it is said what happened meanwhile. */
export interface Parted {
  /** By how much, milliseconds; below 0 where the clock was set back. */
  readonly by: number;
  readonly since: Clocks;
}

interface Driven extends Running {
  readonly clocks: Clocks;
  readonly parted: Parted | null;
}

/** How often the class is drawn where nothing moves, milliseconds: seconds and counts are still right to the eye. */
const STILL = 100;

/** Whether there is nothing to be drawn yet: the class is over, no time has passed, or nothing moves and only little has. */
function isSame({ teaching, parted, clocks: before }: Driven, now: Clocks): boolean {
  if (teaching.finished && !parted) return true;
  const passed = Math.max(Math.abs(now.monotonic - before.monotonic), Math.abs(now.wall - before.wall));
  return isMotionReduced() ? passed < STILL : passed === 0;
}

/** One look at the clocks: the time since the last one passes, unless they have parted. */
function look(timeline: Timeline, before: Driven): Driven {
  const clocks = readClocks();
  if (isSame(before, clocks)) return before;
  const now = { ...before, clock: clocks.monotonic, clocks };
  if (before.parted) return now;
  const by = before.teaching.finished ? 0 : partedBy(before.clocks, clocks);
  if (by !== 0) return { ...now, parted: { by, since: before.clocks } };
  return { ...now, teaching: advance(timeline, before.teaching, clocks.monotonic - before.clocks.monotonic) };
}

interface Driving {
  readonly running: Running;
  readonly act: (act: Act) => void;
  readonly parted: Parted | null;
  /** What happened while the clocks parted. */
  readonly say: (meanwhile: Meanwhile) => void;
}

/**
 * Drives a class by the monotonic clock: every tick lets the time since the last one pass, however long it was. Out of sight it goes
 * on, bell and place, rather than jump when the page is looked at again. Where the wall clock goes another way, it stands and asks.
 */
export function useTeaching(timeline: Timeline, begin: Teaching): Driving {
  const [driven, setDriven] = useState<Driven>(() => {
    const clocks = readClocks();
    return { teaching: begin, clock: clocks.monotonic, clocks, parted: null };
  });

  useEffect(() => everyTick(() => setDriven((before) => look(timeline, before))), [timeline]);

  const act = useCallback((change: Act) => {
    setDriven((before) => ({ ...before, teaching: change(before.teaching) }));
  }, []);
  const say = useCallback(
    (meanwhile: Meanwhile) =>
      setDriven((before) => {
        const { parted, teaching } = before;
        if (!parted) return before;
        const clocks = readClocks();
        const waited = clocks.monotonic - parted.since.monotonic;
        const after = afterParting(timeline, teaching, meanwhile, { by: parted.by, waited });
        return { teaching: after, clock: clocks.monotonic, clocks, parted: null };
      }),
    [timeline],
  );
  return { running: driven, act, parted: driven.parted, say };
}
