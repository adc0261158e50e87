import { type PointerEvent, useCallback, useEffect, useRef, useState } from 'react';
import type { Course, CoursePlan } from '../../../../core/course/schema/course';
import type { Doors } from '../../../../core/session/plan/slotTime';
import { today } from '../../../app/machine/clock';
import { type Started, startWorker } from '../../../app/machine/startWorker';
import type { Weaver } from '../../../workers/weaver';

/** A knot that is held and pulled to another class. */
export interface Dragged {
  readonly thread: string;
  readonly from: string;
  /** The place of the class it is over. */
  readonly over: number;
  /** What becomes of the plan there; null while it is being worked out, and where it was not pulled anywhere yet. */
  readonly plan: CoursePlan | null;
}

interface Asked {
  readonly course: Course;
  readonly doors: Doors;
  /** The place of the first class that lies ahead: nothing is pulled before it. */
  readonly next: number;
  readonly classIds: readonly string[];
  /** The place under a point of the page. */
  readonly placeAt: (clientX: number) => number | null;
  readonly onDrop: (thread: string, from: string, to: string) => void;
}

/** So far a press has to go before it pulls, pixels. */
const PULL = 6;

/** Pulling a knot through the weave: each class it comes over is tried in a worker, and shown before it is let go. */
export function useDraggedKnot({ course, doors, next, classIds, placeAt, onDrop }: Asked) {
  const [dragged, setDragged] = useState<Dragged | null>(null);
  const worker = useRef<Started<Weaver> | null>(null);
  const held = useRef<{ thread: string; from: string; at: number; x: number; over: number; isPulled: boolean } | null>(
    null,
  );
  const asking = useRef(0);
  useEffect(() => () => worker.current?.end(), []);

  const weaver = useCallback((): Started<Weaver> => {
    worker.current ??= startWorker<Weaver>(
      (name) => new Worker(new URL('../../../workers/weaver.ts', import.meta.url), { type: 'module', name }),
    );
    return worker.current;
  }, []);
  const ask = useCallback(
    async (thread: string, from: string, over: number) => {
      asking.current += 1;
      const number = asking.current;
      const move = { thread, from, to: classIds[over] ?? '' };
      try {
        const plan = await weaver().ask((remote) => remote.preview(course, doors, today(), next, move));
        // What comes late is for a class the knot has left.
        if (asking.current === number) setDragged((now) => now && { ...now, plan });
      } catch {
        // Without a preview it can still be let go there: what would be different is shown then.
        worker.current = null;
      }
    },
    [course, doors, next, classIds, weaver],
  );

  const take = (event: PointerEvent<HTMLElement>, thread: string, from: string, at: number): void => {
    if (event.button !== 0 || at < next) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    // What it needs is made ready while the hand begins to move; where that fails, pulling says nothing and letting go asks anew.
    weaver()
      .ask((remote) => remote.warm(course, doors, today(), next))
      .catch(() => undefined);
    held.current = { thread, from, at, x: event.clientX, over: at, isPulled: false };
  };
  const pull = (event: PointerEvent<HTMLElement>): void => {
    const now = held.current;
    if (!now || (!now.isPulled && Math.abs(event.clientX - now.x) < PULL)) return;
    now.isPulled = true;
    const over = placeAt(event.clientX);
    if (over === null || over < next || over === now.over) return;
    now.over = over;
    setDragged({ thread: now.thread, from: now.from, over, plan: null });
    if (over !== now.at) void ask(now.thread, now.from, over);
  };
  /** Lets it go; answers whether it was pulled, so that it is no press. */
  const drop = (isGivenUp: boolean): boolean => {
    const now = held.current;
    held.current = null;
    asking.current += 1;
    setDragged(null);
    if (!now?.isPulled) return false;
    if (!isGivenUp && now.over !== now.at) onDrop(now.thread, now.from, classIds[now.over] ?? '');
    return true;
  };
  return { dragged, take, pull, drop };
}
