import { sumBy } from 'remeda';
import { type Schools, USUAL_SCHOOLS } from '../movement/adapt/schools';
import type { Movement } from '../movement/schema/movement';
import type { Need } from '../needs/need';
import { otherWays, wayThrough } from '../needs/wayThrough';
import { linesInClass } from '../needs/whoNeedsWhat';
import { newMovementItem } from '../session/plan/defaults';
import type { MovementItem, Plan } from '../session/plan/session';
import { NO_DOORS } from '../session/plan/slotTime';
import { timelineOf } from '../session/schedule/timeline';

/** One line of a slip: a movement they have, how often, and how long that takes. */
export interface SlipLine {
  readonly item: MovementItem;
  /** As it is done: in the way that meets what is to be minded. */
  readonly done: Movement;
  /** How it is said: empty as it is written. */
  readonly way: string;
  readonly seconds: number;
  /** Whether a hand may rest on a chair all the while. */
  readonly byChair: boolean;
}

/** Practice for at home. */
export interface Slip {
  readonly lines: readonly SlipLine[];
  readonly seconds: number;
  /** What it was to last; where it comes further from it than a quarter of a minute, so little is known that it cannot. */
  readonly asked: number;
}

/** What a slip is asked for. */
export interface SlipRequest {
  /** What they have, what should come first at the front. */
  readonly known: readonly Movement[];
  readonly needs: readonly Need[];
  readonly minutes: number;
  readonly schools?: Schools;
}

/** At most so many movements, so near to what was asked, breathed at this pace. Conventions. */
const LINES = 3;
const NEAR = 15;
export const PACE = 6;
/** So many of what they have are tried together: those at the front. */
const TRIED = 9;
/** Nobody does one thing at home for longer than this, seconds, or than half of a longer slip. */
const LONGEST = 300;

/** A line by itself, as somebody at home does it. */
const aloneIn = (item: MovementItem, schools: Schools): Plan => ({
  slotMinutes: 60,
  doors: NO_DOORS,
  breath: { in: 1, out: 1 },
  schools,
  sections: [{ kind: 'main', pace: { from: PACE, to: PACE, easing: 0 }, items: [item], blocks: [], settle: null }],
});

function lineFor(
  movement: Movement,
  count: number,
  place: number,
  needs: readonly Need[],
  schools: Schools,
): SlipLine | null {
  const item = { ...newMovementItem(`slip-${place}`, movement, 'main', count), manner: 'quiet' as const };
  const plan = aloneIn(item, schools);
  const find = () => movement;
  const answer = timelineOf(plan, find);
  const line = answer.ok ? linesInClass({ plan, timeline: answer.timeline, find })[0] : undefined;
  if (!answer.ok || !line) return null;
  const through = wayThrough(line, needs);
  // At home nobody is there to ask.
  if (through.kind === 'none') return null;
  const other = through.name === '' ? null : (otherWays(line).find(({ name }) => name === through.name) ?? null);
  const moves = answer.timeline.segments.filter(({ kind }) => kind !== 'bridge');
  return {
    item: other?.variant ? { ...item, variant: other.variant } : item,
    done: other?.movement ?? movement,
    way: [through.name, ...through.say].filter(Boolean).join(', '),
    seconds: sumBy(moves, ({ lengthMs }) => lengthMs) / 1000,
    byChair: isByChair(movement),
  };
}

/** Whether a movement is offered held, on a chair, or needs none: the one on every slip that can be done holding a chair. */
const isByChair = ({ variants, seated }: Movement): boolean =>
  seated || variants.some(({ kind }) => kind === 'supported' || kind === 'seated');

/** Every count a movement is done at for as long as one thing is done at home, as lines. */
function linesOf(
  movement: Movement,
  place: number,
  { needs, minutes, schools = USUAL_SCHOOLS }: SlipRequest,
): SlipLine[] {
  const longest = Math.max(LONGEST, minutes * 30);
  const { least, most, step } = movement.count;
  const lines: SlipLine[] = [];
  for (let count = least; count <= most + 1e-9; count += step) {
    const line = lineFor(movement, count, place, needs, schools);
    if (!line || (line.seconds > longest && lines.length > 0)) break;
    lines.push(line);
  }
  return lines;
}

interface Choice {
  readonly lines: readonly SlipLine[];
  readonly off: number;
  /** How far at the front of what they have its movements stand; less is better. */
  readonly rank: number;
}

/** The counts of some movements that come nearest to so many seconds. */
function nearest(options: readonly (readonly SlipLine[])[], seconds: number): readonly SlipLine[] {
  let best: { lines: readonly SlipLine[]; off: number } = { lines: [], off: Number.POSITIVE_INFINITY };
  const go = (place: number, lines: readonly SlipLine[], left: number): void => {
    if (place === options.length) {
      if (Math.abs(left) < best.off) best = { lines, off: Math.abs(left) };
      return;
    }
    for (const line of options[place] ?? []) go(place + 1, [...lines, line], left - line.seconds);
  };
  go(0, [], seconds);
  return best.lines;
}

function* groupsOf(count: number, of: number, from = 0): Generator<number[]> {
  if (count === 0) {
    yield [];
    return;
  }
  for (let at = from; at <= of - count; at += 1)
    for (const rest of groupsOf(count - 1, of, at + 1)) yield [at, ...rest];
}

/**
 * At most three movements somebody has, at least one of them to be done holding a chair, that last as long as was asked: within a
 * quarter of a minute, or as near as what they have allows. What has no way for them is not on it.
 */
export function proposeSlip(request: SlipRequest): Slip {
  const asked = request.minutes * 60;
  const options = request.known
    .slice(0, TRIED)
    .map((movement, place) => linesOf(movement, place, request))
    .filter((lines) => lines.length > 0);
  const byChair = options.some(([line]) => line?.byChair);
  let best: Choice | null = null;
  for (let count = Math.min(LINES, options.length); count >= 1; count -= 1) {
    for (const places of groupsOf(count, options.length)) {
      if (byChair && !places.some((place) => options[place]?.[0]?.byChair)) continue;
      const lines = nearest(
        places.map((place) => options[place] ?? []),
        asked,
      );
      const off = Math.abs(asked - sumBy([...lines], ({ seconds }) => seconds));
      const choice = { lines, off, rank: sumBy(places, (place) => place) };
      if (!best || isBetter(choice, best)) best = choice;
    }
    if (best && best.off <= NEAR) break;
  }
  const lines = best?.lines ?? [];
  return { lines, seconds: sumBy([...lines], ({ seconds }) => seconds), asked };
}

/** Near enough is near enough: then what stands at the front goes before. */
const isBetter = (one: Choice, other: Choice): boolean => {
  const [near, wasNear] = [one.off <= NEAR, other.off <= NEAR];
  if (near && wasNear) return one.rank < other.rank;
  return one.off < other.off;
};
