import { sumBy, unique } from 'remeda';
import { Region } from '../../body/written/region';
import { CHANNELS } from '../../demand/channels';
import type { Movement } from '../../movement/schema/movement';
import { isBallistic, isShaken } from '../../traits/ballistic';
import { mainJoint } from '../../traits/mainJoint';
import { warmingOf } from '../../traits/warmingOf';
import { minutes } from '../../words/clockWords';
import { spaced } from '../../words/spaced';
import type { PlanEdit } from '../edit/edit';
import type { JudgingContext } from '../findings/finding/finding';
import { nameOf } from '../findings/finding/nameOf';
import { SECTION_SHARES, THRESHOLDS } from '../limits/thresholds';
import { type DemandPiece, sessionDemand } from '../load/sessionDemand';
import { type Readiness, type ReadinessGap, readinessAfter, readinessGaps } from '../load/sessionReadiness';
import type { Plan } from '../plan/session';
import { classSeconds } from '../plan/slotTime';
import { timelineOf } from '../schedule/timeline';
import { type Candidate, candidatesFor, secondsOf, stepped } from './candidates';
import { leastCover } from './leastCover';
import { dearness, type Preferences, type Proposal, TASTES, type Taste } from './preferences';

/** A gap is closed with a little to spare, so that nothing hangs on the last breath. */
const SPARE = 0.9;

/**
 * Where a movement stands in a warm-up: breath first, then joints from the neck down to the ankles, what asks more of the legs after
 * them, and what swings or shakes last.
 */
export function warmUpPlace(movement: Movement): number {
  const warming = warmingOf(movement);
  const effort = Math.max(warming.thighs.peak, warming.hips.peak, warming.shoulders.peak);
  if (movement.tradition === 'standing') return -1;
  const later = isBallistic(movement) ? 2 : effort > 0.45 ? 1 : 0;
  return Region.options.indexOf(mainJoint(movement)) + later * Region.options.length;
}

export const inOrder = <Thing extends { readonly movement: Movement }>(some: readonly Thing[]): Thing[] =>
  some.toSorted(
    (a, b) => warmUpPlace(a.movement) - warmUpPlace(b.movement) || a.movement.id.localeCompare(b.movement.id),
  );

export interface Need {
  readonly before: Readiness;
  readonly later: readonly DemandPiece[];
  /** Gaps that would stay after the best of warm-ups: they come too long after it, or ask more than anyone can be made ready for. */
  readonly beyond: readonly ReadinessGap[];
}

const isSame = (a: ReadinessGap, b: ReadinessGap): boolean => a.itemId === b.itemId && a.region === b.region;

/** What the class asks once its warm-up is done, and how ready its opening leaves everyone. */
export function needOf(plan: Plan, context: JudgingContext): Need | null {
  const bare: Plan = {
    ...plan,
    sections: plan.sections.map((section) => (section.kind === 'warm-up' ? { ...section, items: [] } : section)),
  };
  const answer = timelineOf(bare, context.find);
  if (!answer.ok) return null;
  const pieces = sessionDemand(bare, answer.timeline, context.find);
  const early = new Set(
    plan.sections.filter(({ kind }) => kind === 'opening').flatMap(({ items }) => items.map(({ id }) => id)),
  );
  const later = pieces.filter(({ itemId }) => !early.has(itemId));
  const best = CHANNELS.map(() => 1);
  return {
    before: readinessAfter(pieces.filter(({ itemId }) => early.has(itemId))),
    later,
    beyond: readinessGaps(later, best).filter(({ size }) => size >= THRESHOLDS.readinessGap * SPARE * SPARE),
  };
}

/** How much stays unready after a warm-up that one could close, index-seconds; 0 where no gap is worth saying. */
export const openGaps = (need: Need, chosen: readonly Candidate[]): number =>
  gapsLeft(need, chosen, THRESHOLDS.readinessGap * SPARE).reduce((sum, { size }) => sum + size, 0);

/** The gaps that stay after a warm-up that one could close, from a size on. */
function gapsLeft({ before, later, beyond }: Need, chosen: readonly Candidate[], limit: number): ReadinessGap[] {
  const ready = inOrder(chosen).reduce((from, { pieces }) => readinessAfter(pieces, from), before);
  return readinessGaps(later, ready).filter((gap) => gap.size >= limit && !beyond.some((one) => isSame(one, gap)));
}

/** What each line costs besides its seconds: it is named, shown and remembered. Seconds, a convention. */
const LINE = 15;

/** Each line of a warm-up taken down to the fewest that still leave no more open than now. */
function shortened(need: Need, chosen: readonly Candidate[], plan: Plan, section: number, least: number): Candidate[] {
  let now = [...chosen];
  const open = openGaps(need, now);
  for (const { movement } of chosen)
    for (;;) {
      const place = now.findIndex((one) => one.movement === movement);
      const fewer = now[place] && stepped(now[place], -1, plan, section);
      if (!fewer) break;
      const then = now.with(place, fewer);
      if (openGaps(need, then) > open || secondsOf(then) < least) break;
      now = then;
    }
  return now;
}

/** Where all that is offered leaves something open, lines are done more often: the one that closes most for its time first. */
function lengthened(need: Need, chosen: readonly Candidate[], plan: Plan, section: number, most: number): Candidate[] {
  let now = [...chosen];
  for (let open = openGaps(need, now); open > 0 && secondsOf(now) < most; ) {
    let best: { then: Candidate[]; open: number; worth: number } | null = null;
    for (const [place, one] of now.entries()) {
      const more = stepped(one, 1, plan, section);
      if (!more) continue;
      const then = now.with(place, more);
      const left = openGaps(need, then);
      const worth = (open - left) / (more.seconds - one.seconds);
      if (worth > 1e-6 && (best === null || worth > best.worth)) best = { then, open: left, worth };
    }
    if (!best) return now;
    now = best.then;
    open = best.open;
  }
  return now;
}

/** What every warm-up moves, from above down: for each the regions that a line for it may be done for. */
export const EVERYWHERE: readonly (readonly Region[])[] = [
  ['neck'],
  ['shoulders'],
  ['upper-back', 'low-back'],
  ['hips'],
  ['knees'],
  ['ankles', 'calves'],
];

/** What moves a joint by less than this is not done for it. Convention. */
export const REALLY = 0.25;
/** Whether a movement really moves one of some regions, and is done for it. */
const isFor = (movement: Movement, regions: readonly Region[]): boolean => {
  const joint = mainJoint(movement);
  return regions.includes(joint) && warmingOf(movement)[joint].mobilised >= REALLY;
};

/** A joint loosened by itself, or patted: no stepping, no swinging. */
const isPlain = (movement: Movement): boolean =>
  ['preparation', 'self-massage', 'qigong'].includes(movement.tradition) && !isBallistic(movement);

/** A line for every joint that has none yet, the cheapest that really moves it. */
function everyJoint(chosen: readonly Candidate[], offered: readonly Priced[]): Candidate[] {
  const now = [...chosen];
  for (const regions of EVERYWHERE) {
    if (now.some(({ movement }) => isFor(movement, regions))) continue;
    const [best] = offered
      .filter(({ movement }) => isFor(movement, regions) && isPlain(movement))
      .toSorted((a, b) => a.price - b.price);
    if (best) now.push(best);
  }
  return now;
}

/** One way of shaking is enough: the cheapest is offered. */
function shakenOnce(offered: readonly Priced[]): Priced[] {
  const [best] = offered.filter(({ movement }) => isShaken(movement)).toSorted((a, b) => a.price - b.price);
  return offered.filter((one) => one === best || !isShaken(one.movement));
}

/** Joints that nothing asks for are moved too, those that are coldest first, until the warm-up has its usual least. */
function filled(need: Need, chosen: readonly Candidate[], offered: readonly Priced[], least: number): Candidate[] {
  const now = everyJoint(chosen, offered);
  while (secondsOf(now) < least) {
    const ready = inOrder(now).reduce((from, { pieces }) => readinessAfter(pieces, from), need.before);
    const cold = (region: Region) =>
      CHANNELS.reduce((sum, channel, index) => sum + (channel.region === region ? 1 - (ready[index] ?? 0) : 0), 0);
    const worth = ({ movement, price }: Priced) =>
      sumBy(Region.options, (region) => cold(region) * warmingOf(movement)[region].mobilised) / price;
    const [best] = offered
      .filter((one) => !now.some(({ movement }) => movement === one.movement))
      .toSorted((a, b) => worth(b) - worth(a));
    if (!best) break;
    now.push(best);
  }
  return now;
}

type Priced = Candidate & { readonly price: number };

function reasonsFor(need: Need, chosen: readonly Candidate[], context: JudgingContext): string[] {
  const cold = gapsLeft(need, [], THRESHOLDS.readinessGap);
  const left = gapsLeft(need, chosen, THRESHOLDS.readinessGap);
  const closed = cold.filter((gap) => !left.some((one) => isSame(one, gap))).length;
  const regions = unique(cold.map(({ region }) => spaced(region)));
  const known = chosen.filter(({ movement }) => context.known?.has(movement.id)).length;
  const seconds = secondsOf(chosen);
  return [
    regions.length > 0
      ? `It makes ready what the class asks for: ${regions.join(', ')}; ${closed === cold.length ? '' : `${closed} of `}${cold.length} gaps closed in ${minutes(1000 * seconds)}.`
      : `Nothing in the class asks for more than a cold body gives; ${minutes(1000 * seconds)} to arrive.`,
    ...(context.known === null ? [] : [`${known} of ${chosen.length} are known to the group.`]),
  ];
}

/**
 * Warm-ups for a class, worked out backwards from what it asks: the least time that closes every readiness gap, in good order.
 * One for each taste. What stands in the warm-up now is taken out with them.
 */
export function proposeWarmUp(
  plan: Plan,
  context: JudgingContext,
  preferences: Preferences,
  tastes: readonly Taste[] = TASTES,
): Proposal[] {
  const section = plan.sections.findIndex(({ kind }) => kind === 'warm-up');
  const need = needOf(plan, context);
  if (section < 0 || !need) return [];
  const candidates = candidatesFor(plan, context, preferences, 'warm-up');
  const least = (classSeconds(plan) * SECTION_SHARES['warm-up'].least) / 100;
  const used = new Map<Movement, number>();
  const most = (classSeconds(plan) * SECTION_SHARES['warm-up'].most) / 100;
  const made = (taste: Taste): Proposal => {
    const all = candidates.map((candidate): Priced => {
      const { movement, seconds } = candidate;
      // What an earlier choice has used is dearer, so that the three differ.
      const again = 1 + (used.get(movement) ?? 0);
      return { ...candidate, price: (seconds + LINE) * dearness(taste, movement, context, preferences) * again };
    });
    const priced = shakenOnce(all);
    const covered = leastCover(priced, (some) => openGaps(need, some));
    const reached = covered.closed ? covered.chosen : lengthened(need, covered.chosen, plan, section, most);
    const lines = inOrder(shortened(need, filled(need, reached, priced, least), plan, section, least));
    for (const { movement } of lines) used.set(movement, (used.get(movement) ?? 0) + 0.6);
    const edits: PlanEdit[] = [
      ...(plan.sections[section]?.items ?? []).map(({ id }): PlanEdit => ({ kind: 'remove', itemIds: [id] })),
      ...lines.map(({ item }, index): PlanEdit => ({ kind: 'add', at: { section, index }, item })),
    ];
    return {
      taste,
      movements: lines.map(({ movement }) => movement),
      seconds: secondsOf(lines),
      complete: gapsLeft(need, lines, THRESHOLDS.readinessGap).length === 0,
      reasons: [...reasonsFor(need, lines, context), ...leftFor(plan, context, need, lines)],
      edits,
    };
  };
  return tastes.map(made);
}

const named = (plan: Plan, context: JudgingContext, gaps: readonly ReadinessGap[]): string =>
  gaps
    .toSorted((a, b) => b.size - a.size)
    .slice(0, 3)
    .map(({ region, itemId }) => `${spaced(region)} in ${nameOf({ plan, find: context.find }, itemId)}`)
    .join(', ');

/** What stays open, and whether any warm-up could help it. */
function leftFor(plan: Plan, context: JudgingContext, need: Need, lines: readonly Candidate[]): string[] {
  const { beyond } = need;
  const late =
    beyond.length === 0
      ? []
      : [
          `No warm-up reaches ${named(plan, context, beyond)}: it comes too late, or asks more than anyone is made ready for.`,
        ];
  const open = gapsLeft(need, lines, THRESHOLDS.readinessGap);
  if (open.length > 0) return [...late, `What is offered does not close everything: ${named(plan, context, open)}.`];
  const close = gapsLeft(need, lines, THRESHOLDS.readinessGap * SPARE);
  return close.length === 0 ? late : [...late, `With little to spare: ${named(plan, context, close)}.`];
}
