import { sumBy } from 'remeda';
import type { Movement } from '../../movement/schema/movement';
import type { MovementItem, Plan } from '../plan/session';
import { timelineOf } from '../schedule/timeline';
import type { Segment } from '../timeline/segment';

/** How long a line lasts for any count, while its pace is held: fixed seconds, and breaths that go by the pace. */
export interface LineSeconds {
  readonly seconds: (count: number, pace: number) => number;
  /** What of it does not depend on the pace, seconds, and what goes by it, breaths; the showing belongs to neither. */
  readonly parts: (count: number) => LineParts;
}
export interface LineParts {
  readonly fixed: number;
  readonly breaths: number;
}

/** Seconds of a line by what they depend on: nothing, the breath, and the showing, which is the longer of moving and speaking. */
export const sumOf = (segments: readonly Segment[]) => {
  let [breaths, fixed, showing] = [0, 0, 0];
  for (const { kind, breaths: own, lengthMs } of segments) {
    if (kind === 'showing') showing += lengthMs / 1000;
    else if (own === null) fixed += lengthMs / 1000;
    else breaths += own;
  }
  return { breaths, fixed, showing };
};

/** The pace the line really had where it stood, breaths a minute; null where nothing of it goes by the breath. */
export function pacedAt(segments: readonly Segment[]): number | null {
  const breathed = segments.filter(({ breaths }) => breaths !== null);
  const minutes = sumBy(breathed, ({ lengthMs }) => lengthMs) / 60_000;
  return minutes === 0 ? null : sumBy(breathed, ({ breaths }) => breaths ?? 0) / minutes;
}

/** Paces between which showing goes by the breath alone, and one so quick that it goes by the words alone; breaths a minute. */
const SLOW = [2, 3] as const;
const QUICK = 30;

/**
 * A line's seconds as they depend on its count and pace. Both its fixed seconds and its breaths grow evenly with the count, so
 * laying it out twice tells all others; three paces tell how long it takes to show.
 */
export function lineSeconds(item: MovementItem, movement: Movement, of: Pick<Plan, 'breath' | 'schools'>): LineSeconds {
  const { least, step } = movement.count;
  const timesAt = (count: number, pace: number) => {
    const sections: Plan['sections'] = [
      {
        kind: 'main',
        pace: { from: pace, to: pace, easing: 0 },
        items: [{ ...item, block: null, count, pace: null }],
        blocks: [],
        settle: null,
      },
    ];
    const answer = timelineOf({ slotMinutes: 60, breath: of.breath, schools: of.schools, sections }, () => movement);
    return sumOf(answer.ok ? answer.timeline.segments : []);
  };
  const one = timesAt(least, SLOW[0]);
  const two = timesAt(least + step, SLOW[0]);
  const slower = one.showing;
  const slow = item.manner === 'explained' ? timesAt(least, SLOW[1]).showing : 0;
  const spoken = item.manner === 'explained' ? timesAt(least, QUICK).showing : 0;
  // Moved through once it lasts a + b / pace.
  const b = (slower - slow) / (1 / SLOW[0] - 1 / SLOW[1]);
  const a = slower - b / SLOW[0];
  const parts = (count: number): LineParts => {
    const more = (count - least) / step;
    return {
      breaths: one.breaths + (two.breaths - one.breaths) * more,
      fixed: one.fixed + (two.fixed - one.fixed) * more,
    };
  };
  return {
    parts,
    seconds: (count, pace) => {
      const { breaths, fixed } = parts(count);
      return fixed + (breaths * 60) / pace + Math.max(a + b / pace, spoken);
    },
  };
}
