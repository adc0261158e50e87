import type { LineStretch, Segment, Timeline } from '../../session/timeline/segment';
import { spareMs } from './coolDownBy';
import { speedIn } from './speedIn';
import type { Teaching } from './teaching';

/** The stretch of a line that a segment belongs to, by binary search. */
export function stretchAt({ items }: Timeline, index: number): LineStretch | undefined {
  let [low, high] = [0, items.length - 1];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((items[middle]?.end ?? 0) <= index) low = middle + 1;
    else high = middle;
  }
  return items[low];
}

type InPass = Pick<Segment, 'itemId' | 'round' | 'pass'>;

const passKey = ({ itemId, round }: InPass, pass: number): string => `${itemId} ${round} ${pass}`;

const isSamePass = (one: InPass | undefined, other: InPass): boolean =>
  one !== undefined && one.itemId === other.itemId && one.round === other.round && one.pass === other.pass;

/** The repetitions of a line that are open, counted as they are completed; the same where it is not open. */
export function withOneMore(timeline: Timeline, index: number, led: Teaching['led']): Teaching['led'] {
  const segment = timeline.segments[index];
  if (!segment?.completes || segment.pass === null || stretchAt(timeline, index)?.waits?.for !== 'count') return led;
  const key = passKey(segment, segment.pass);
  return { ...led, [key]: (led[key] ?? 0) + 1 };
}

/** Where what is repeated begins when a pass that is at its end goes on: its last repetition, by turns the last two. */
function lastBegins({ segments }: Timeline, index: number): { readonly from: number; readonly times: number } {
  const last = segments[index] as Segment;
  const begins = (repetition: number): number => {
    let from = index;
    const isOfIt = (one: Segment | undefined) =>
      isSamePass(one, last) && one?.kind === 'move' && (one.repetition ?? 0) >= repetition;
    while (isOfIt(segments[from - 1])) from -= 1;
    return from;
  };
  const of = last.repetition ?? 1;
  const [here, before] = [begins(of), begins(of - 1)];
  const isByTurns = of > 1 && segments[here]?.side !== segments[before]?.side;
  return isByTurns ? { from: before, times: 2 } : { from: here, times: 1 };
}

/** The last segment of the pass that a segment is in. */
function passEnds({ segments }: Timeline, index: number): number {
  const here = segments[index] as Segment;
  let end = index;
  while (isSamePass(segments[end + 1], here) && segments[end + 1]?.kind === 'move') end += 1;
  return end;
}

/**
 * Which segment comes after one that has just been done. An open line repeats itself at the end of its count until somebody ends it,
 * its range is at its end, or the cool-down would be in danger; every further side or direction is led as often as the first was.
 * @param teaching as it stands at the end of that segment, its repetition counted
 */
export function goesOnAt(timeline: Timeline, index: number, teaching: Teaching): number {
  const segment = timeline.segments[index];
  const waits = segment?.completes ? stretchAt(timeline, index)?.waits : null;
  if (!segment || segment.pass === null || segment.of === null || waits?.for !== 'count') return index + 1;
  const led = teaching.led[passKey(segment, segment.pass)] ?? 0;
  const isEnd = segment.repetition === segment.of;
  const asFirst = segment.pass > 0 ? teaching.led[passKey(segment, 0)] : undefined;
  if (asFirst !== undefined) {
    if (led >= asFirst) return passEnds(timeline, index) + 1;
    return isEnd ? lastBegins(timeline, index).from : index + 1;
  }
  if (!isEnd) return index + 1;
  const { from, times } = lastBegins(timeline, index);
  if (led + times > segment.of + waits.more) return index + 1;
  const takes = timeline.segments
    .slice(from, index + 1)
    .reduce((sum, one) => sum + one.lengthMs / speedIn(one, teaching.tempo), 0);
  return spareMs(timeline, teaching) >= takes ? from : index + 1;
}

/**
 * Where an open line goes on when its instructor says that it is enough: after what is done of this side, milliseconds of the plan. Null
 * in any other line, and while nothing of it is done.
 */
export function enoughAt(timeline: Timeline, { planMs, led }: Teaching, index: number): number | null {
  const segment = timeline.segments[index];
  if (segment?.kind !== 'move' || segment.pass === null || stretchAt(timeline, index)?.waits?.for !== 'count')
    return null;
  if ((led[passKey(segment, segment.pass)] ?? 0) === 0) return null;
  const last = timeline.segments[passEnds(timeline, index)];
  return last ? Math.max(planMs, last.startMs + last.lengthMs) : null;
}

/** How an open line stands: so many led on this side, and the most it goes to; null in any other. */
export interface OpenNow {
  readonly led: number;
  readonly least: number;
  readonly most: number;
}

/** How the open line stands that a segment is of. */
export function openNow(timeline: Timeline, { led }: Pick<Teaching, 'led'>, index: number): OpenNow | null {
  const segment = timeline.segments[index];
  const waits = stretchAt(timeline, index)?.waits;
  if (segment?.kind !== 'move' || segment.pass === null || segment.of === null || waits?.for !== 'count') return null;
  const done = led[passKey(segment, segment.pass)] ?? 0;
  return { led: done, least: Math.max(1, segment.of - waits.less), most: segment.of + waits.more };
}

/** The last of a talk's time, in which it waits, milliseconds. */
const LAST = 1;
/** Less than a thousandth is what sums of real numbers leave over, and would never be over. */
const NOTHING = 0.001;

/** As far as a segment goes on by itself from where the plan stands: a talk to its last moment, and everything else, and a talk from there, to its end. */
export function goesTo({ kind, startMs, lengthMs }: Segment, planMs: number): number {
  const end = startMs + lengthMs;
  return kind === 'talk' && planMs < end - LAST ? end - LAST : end;
}

/** How long a talk whose time is over may still stand before it goes on by itself, milliseconds; 0 before that, and in any other line. */
export function talkWaits(timeline: Timeline, teaching: Teaching, index: number): number {
  const segment = timeline.segments[index];
  if (segment?.kind !== 'talk' || teaching.planMs < segment.startMs + segment.lengthMs - LAST) return 0;
  const waits = stretchAt(timeline, index)?.waits;
  if (waits?.for !== 'talk') return 0;
  const ms = Math.min(waits.ms - teaching.stoodMs, spareMs(timeline, teaching));
  return ms < NOTHING ? 0 : ms;
}

/** The pass of a line is begun anew: what was led of it is counted from nothing. */
export const ledAnew = (led: Teaching['led'], itemId: string): Teaching['led'] =>
  Object.fromEntries(Object.entries(led).filter(([key]) => !key.startsWith(`${itemId} `)));
