import type { Timeline } from '../../session/timeline/segment';
import { segmentAt } from '../../session/timeline/segmentAt';
import { speedIn } from './speedIn';
import type { Teaching } from './teaching';

/** How much wall time the rest of the plan takes, with a welcome that is still going on, at the tempo of the moment, milliseconds. */
export function remainingMs(timeline: Timeline, { planMs, tempo, welcomeMs }: Teaching): number {
  const here = segmentAt(timeline, planMs);
  return timeline.segments.slice(Math.max(0, here)).reduce((sum, segment) => {
    const from = Math.max(planMs, segment.startMs);
    return sum + Math.max(0, segment.startMs + segment.lengthMs - from) / speedIn(segment, tempo);
  }, welcomeMs);
}
