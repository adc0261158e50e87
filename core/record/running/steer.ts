import { clamp } from 'remeda';
import type { Segment, Timeline } from '../../session/timeline/segment';
import { segmentAt } from '../../session/timeline/segmentAt';
import { enoughAt, ledAnew } from '../standing/openLine';
import { endedByPerson } from '../standing/parts';
import type { Teaching } from '../standing/teaching';

/** Pressing back this soon after a line began goes to the line before it, in milliseconds. Convention. */
const BACK_WITHIN = 3000;
/** How much one press changes the breath, as a factor. Convention: about half a breath a minute at usual paces. */
const TEMPO_STEP = 0.08;
const TEMPO_RANGE = { least: 0.5, most: 2 } as const;

const itemIndexAt = (timeline: Timeline, ms: number): number => {
  const here = segmentAt(timeline, ms);
  return timeline.items.findIndex(({ first, end }) => first <= here && here < end);
};

/** Stops the plan; the room's clock runs on. Pressed again, goes on. */
export const togglePause = (teaching: Teaching): Teaching => ({ ...teaching, paused: !teaching.paused });

/**
 * Goes to the beginning of the next line with any length, or to the end. What was left out is not counted as done. In an open line of
 * which something is done it says that this is enough: what follows of the line, its other side or its settling, is led still.
 */
export function skip(timeline: Timeline, before: Teaching): Teaching {
  const teaching = endedByPerson(timeline, before);
  const enough = enoughAt(timeline, teaching, segmentAt(timeline, teaching.planMs));
  if (enough !== null) return { ...teaching, welcomeMs: 0, planMs: enough, finished: enough >= timeline.totalMs };
  const next = timeline.items.slice(itemIndexAt(timeline, teaching.planMs) + 1).find(({ lengthMs }) => lengthMs > 0);
  const on = { ...teaching, welcomeMs: 0, stoodMs: 0 };
  return next ? { ...on, planMs: next.startMs } : { ...on, planMs: timeline.totalMs, finished: true };
}

/** Goes to the beginning of this line, or of the one before when this one has only just begun. */
export function back(timeline: Timeline, teaching: Teaching): Teaching {
  const index = itemIndexAt(timeline, teaching.planMs);
  const current = timeline.items[index];
  if (!current) return teaching;
  const before = timeline.items.slice(0, index).findLast(({ lengthMs }) => lengthMs > 0);
  const target = teaching.planMs - current.startMs < BACK_WITHIN && before ? before : current;
  return { ...teaching, planMs: target.startMs, stoodMs: 0, led: ledAnew(teaching.led, target.itemId) };
}

/**
 * One repetition more. Goes back to the same breath of the last repetition on this side, so that the breath runs on
 * unbroken; in the first repetition, begins it again; after the moving is over, does the last repetition again.
 */
export function onceMore(timeline: Timeline, teaching: Teaching): Teaching {
  const here = segmentAt(timeline, teaching.planMs);
  const current = timeline.segments[here];
  if (!current) return teaching;
  const occurrence = timeline.items[itemIndexAt(timeline, teaching.planMs)];
  const earlier = timeline.segments.slice(occurrence?.first ?? here, here).filter(({ kind }) => kind === 'move');
  if (current.kind !== 'move') return goTo(teaching, repetitionStart(earlier, earlier.at(-1)));
  const same = earlier.findLast(
    (segment) =>
      segment.round === current.round &&
      segment.pass === current.pass &&
      segment.side === current.side &&
      segment.phase === current.phase,
  );
  if (!same) return goTo(teaching, repetitionStart([...earlier, current], current));
  const progress = (teaching.planMs - current.startMs) / current.lengthMs;
  return goTo(teaching, same.startMs + progress * same.lengthMs);
}

const goTo = (teaching: Teaching, planMs: number | undefined): Teaching =>
  planMs === undefined ? teaching : { ...teaching, planMs };

/** Where the repetition of `last` begins, among moving segments that end with it. */
const repetitionStart = (moving: readonly Segment[], last: Segment | undefined): number | undefined =>
  moving.find(
    ({ round, pass, repetition }) =>
      last !== undefined && round === last.round && pass === last.pass && repetition === last.repetition,
  )?.startMs;

/** Breathes a step faster (1) or slower (-1) than now. */
export function changeTempo(teaching: Teaching, direction: 1 | -1): Teaching {
  const tempo = teaching.tempo * (direction === 1 ? 1 + TEMPO_STEP : 1 / (1 + TEMPO_STEP));
  const kept = clamp(tempo, { min: TEMPO_RANGE.least, max: TEMPO_RANGE.most });
  return { ...teaching, tempo: Math.abs(kept - 1) < 1e-9 ? 1 : kept };
}
