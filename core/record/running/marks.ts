import type { Timeline } from '../../session/timeline/segment';
import { segmentAt } from '../../session/timeline/segmentAt';
import { clockAt } from '../../words/clockWords';
import type { Teaching } from '../standing/teaching';

const here = (timeline: Timeline, { planMs }: Teaching): string =>
  timeline.segments[segmentAt(timeline, planMs)]?.itemId ?? '';

/** Something here: the second and the line, to be sorted when the class is over. */
export const markNow = (timeline: Timeline, teaching: Teaching): Teaching => ({
  ...teaching,
  marks: [...teaching.marks, { itemId: here(timeline, teaching), atMs: Math.round(teaching.wallMs) }],
});

/** Something is wrong: the class stands, and its record will say that it was stopped, and no more. */
export const stopNow = (timeline: Timeline, teaching: Teaching): Teaching => ({
  ...teaching,
  paused: true,
  stops: [...teaching.stops, { itemId: here(timeline, teaching), atMs: Math.round(teaching.wallMs) }],
});

/** It was nothing: the class goes on, and nothing of it is written down. */
export const goOnFromStop = (teaching: Teaching): Teaching => ({
  ...teaching,
  paused: false,
  stops: teaching.stops.slice(0, -1),
});

/**
 * What a record says of the marks and stops of a class, a line each: "19:12, Cloud Hands: something here", to be sorted by hand.
 * @param startsAt when it began by the room's clock, HH:MM
 * @param words what each mark was, in their order, as far as it was said
 */
export function markNotes(
  { marks, stops }: Pick<Teaching, 'marks' | 'stops'>,
  startsAt: string,
  titleOf: (itemId: string) => string,
  words: readonly string[] = [],
): string[] {
  const said = (one: Teaching['marks'][number], what: string) => ({
    atMs: one.atMs,
    line: `${clockAt(startsAt, one.atMs).slice(0, 5)}, ${titleOf(one.itemId)}: ${what}`,
  });
  return [
    ...marks.map((one, place) => said(one, words[place]?.trim() || 'something here')),
    ...stops.map((one) => said(one, 'stopped')),
  ]
    .toSorted((a, b) => a.atMs - b.atMs)
    .map(({ line }) => line);
}
