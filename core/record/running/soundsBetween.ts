import type { LedBy } from '../../session/plan/line/ledBy';
import type { Timeline } from '../../session/timeline/segment';
import { segmentAt } from '../../session/timeline/segmentAt';
import type { Teaching } from '../standing/teaching';

/** What can be heard in a class: a breath in or out, a change of side or direction, a full minute, a new section. */
export const SOUNDS = ['breath', 'side', 'minute', 'section'] as const;
export type Sound = (typeof SOUNDS)[number];

/** One sound, and for a breath which way it goes; other stretches that begin are heard as a breath that is neither. */
export interface Heard {
  readonly sound: Sound;
  readonly breath: 'in' | 'out' | null;
}

const MINUTE = 60_000;
const TURNS: readonly string[] = ['side-change', 'direction-change'];

/**
 * What is to be heard between two moments of a class that goes on: of what begins in between only the last and the most, a section
 * rather than a side and a side rather than a breath; and a full minute of the room's clock besides. Nothing is heard of a class that
 * stands, and no breath of one that the clock leads.
 */
export function soundsBetween(timeline: Timeline, before: Teaching, now: Teaching, led: LedBy = 'breath'): Heard[] {
  if (now.paused || now.finished) return [];
  const heard: Heard[] = [];
  const [was, is] = [segmentAt(timeline, before.planMs), segmentAt(timeline, now.planMs)];
  const [earlier, segment] = [timeline.segments[was], timeline.segments[is]];
  if (segment && was !== is) {
    const breath = segment.breath === 'in' || segment.breath === 'out' ? segment.breath : null;
    const isSection = earlier?.section !== segment.section;
    const isTurn = TURNS.includes(segment.kind) || (segment.side !== null && earlier?.side !== segment.side);
    const sound = isSection ? 'section' : isTurn ? 'side' : 'breath';
    if (sound !== 'breath' || led === 'breath') heard.push({ sound, breath });
  }
  if (Math.floor(before.wallMs / MINUTE) !== Math.floor(now.wallMs / MINUTE))
    heard.push({ sound: 'minute', breath: null });
  return heard;
}
