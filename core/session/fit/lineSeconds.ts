import { sumBy } from 'remeda';
import type { Movement } from '../../movement/schema/movement';
import { NATURAL_PACE } from '../../timing/timingConstants';
import type { MovementItem, Plan } from '../plan/session';
import { NO_DOORS } from '../plan/slotTime';
import { timelineOf } from '../schedule/timeline';
import type { Segment } from '../timeline/segment';

/** How long a line lasts for any count, while its pace is held: fixed seconds, and breaths that go by the pace. */
export interface LineSeconds {
  readonly seconds: (count: number, pace: number) => number;
  /** What of it does not depend on the pace, seconds, and what goes by it, breaths. */
  readonly parts: (count: number) => LineParts;
}
export interface LineParts {
  readonly fixed: number;
  readonly breaths: number;
}

/** Seconds of a line by what they depend on: the breath, or nothing. */
export const sumOf = (segments: readonly Segment[]): LineParts => {
  let [breaths, fixed] = [0, 0];
  for (const { breaths: own, lengthMs } of segments) {
    if (own === null) fixed += lengthMs / 1000;
    else breaths += own;
  }
  return { breaths, fixed };
};

/** The pace the line really had where it stood, breaths a minute; null where nothing of it goes by the breath. */
export function pacedAt(segments: readonly Segment[]): number | null {
  const breathed = segments.filter(({ breaths }) => breaths !== null);
  const minutes = sumBy(breathed, ({ lengthMs }) => lengthMs) / 60_000;
  return minutes === 0 ? null : sumBy(breathed, ({ breaths }) => breaths ?? 0) / minutes;
}

/** A pace so slow that no phase waits for its words, breaths a minute. */
const SLOW = 2;

/**
 * A line's seconds as they depend on its count and pace, without the steps into it. Both its fixed seconds and its breaths grow
 * evenly with the count, so laying it out twice tells all others.
 */
export function lineSeconds(
  item: MovementItem,
  movement: Movement,
  of: Pick<Plan, 'breath' | 'schools' | 'takes'>,
): LineSeconds {
  const { least, step } = movement.count;
  const partsAt = (count: number): LineParts => {
    const sections: Plan['sections'] = [
      {
        kind: 'main',
        pace: { from: SLOW, to: SLOW, easing: 0 },
        items: [{ ...item, block: null, count, pace: null, bridge: NO_STEPS }],
        blocks: [],
        settle: null,
      },
    ];
    const answer = timelineOf(
      { slotMinutes: 60, doors: NO_DOORS, breath: of.breath, schools: of.schools, takes: of.takes, sections },
      () => movement,
    );
    return sumOf(answer.ok ? answer.timeline.segments : []);
  };
  const [one, two] = [partsAt(least), partsAt(least + step)];
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
      return fixed + (breaths * 60) / (item.ownBreath ? NATURAL_PACE : pace);
    },
  };
}

/** The steps into a line depend on the line before it. */
const NO_STEPS = { halves: 0, call: '' } as const;
