import { applyEdits } from '../session/edit/applyEdits';
import type { PlanEdit } from '../session/edit/edit';
import type { JudgingContext } from '../session/findings/finding/finding';
import { fitPlan } from '../session/fit/fitPlan';
import type { Plan } from '../session/plan/session';
import { classSeconds, NO_DOORS } from '../session/plan/slotTime';
import { timelineOf } from '../session/schedule/timeline';
import type { Timeline } from '../session/timeline/segment';
import { segmentAt } from '../session/timeline/segmentAt';
import { keptForCoolDownMs } from './standing/coolDownBy';
import { remainingMs } from './standing/remaining';
import type { Teaching } from './standing/teaching';

/** A class that is being taught, made to end in time. */
export interface Shortened<Of extends Plan = Plan> {
  readonly kind: 'shortened';
  readonly plan: Of;
  /** When it ends then, milliseconds of wall time from its beginning, and how long its cool-down and closing are. */
  readonly endsMs: number;
  readonly coolDownMs: number;
  /** How many lines are shorter, and how many are left out. */
  readonly shorter: number;
  readonly leftOut: number;
}

/**
 * What came of asking to shorten: a proposal; that it fits as it is; that it ends in time with its cool-down in danger, and there is
 * nothing to be done; or that nothing that is left can be shortened enough.
 */
export type ShortenAnswer<Of extends Plan = Plan> =
  | Shortened<Of>
  | { readonly kind: 'fits' }
  | { readonly kind: 'tight' }
  | { readonly kind: 'cannot' };

/** Less than so much is no class to be fitted any more, milliseconds. */
const LEAST_LEFT = 60_000;

/** The lines that have begun, with everything of the blocks they stand in: those are taught as they stand. */
function begunLines(plan: Plan, timeline: Timeline, planMs: number): ReadonlySet<string> {
  const here = segmentAt(timeline, planMs);
  const begun = new Set(timeline.items.filter(({ first }) => first <= here).map(({ itemId }) => itemId));
  for (const { items, blocks } of plan.sections) {
    const outermost = (id: string | null): string | null => {
      const block = blocks.find((one) => one.id === id);
      return block?.within ? outermost(block.within) : (block?.id ?? null);
    };
    const broken = new Set(items.filter(({ id }) => begun.has(id)).map(({ block }) => outermost(block)));
    for (const item of items) if (item.block !== null && broken.has(outermost(item.block))) begun.add(item.id);
  }
  return begun;
}

/** What of a plan has not begun, as a class by itself that has so many milliseconds. */
function restOf(plan: Plan, begun: ReadonlySet<string>, availableMs: number): Plan {
  return {
    ...plan,
    slotMinutes: availableMs / 60_000,
    doors: NO_DOORS,
    sections: plan.sections.map((section) => ({ ...section, items: section.items.filter(({ id }) => !begun.has(id)) })),
  };
}

const coolDownOf = (timeline: Timeline): number =>
  timeline.sections.reduce(
    (sum, { kind, lengthMs }) => (kind === 'cool-down' || kind === 'closing' ? sum + lengthMs : sum),
    0,
  );

/**
 * What is left of a class made to end in time, by the fitting engine on the lines that have not begun: a little less of each, or, where
 * that is not enough, some left out. The cool-down keeps its least; what has been taught stays as it is, to the millisecond.
 */
export function shortenRest<Of extends Plan>(
  plan: Of,
  timeline: Timeline,
  teaching: Teaching,
  context: JudgingContext,
): ShortenAnswer<Of> {
  const left = remainingMs(timeline, teaching);
  const untilEnd = classSeconds(plan) * 1000 - teaching.wallMs;
  // What may run longer than planned must not be taken from the cool-down.
  const available = untilEnd - keptForCoolDownMs(timeline, teaching, classSeconds(plan) * 1000);
  if (left <= available) return { kind: 'fits' };
  const otherwise = { kind: left <= untilEnd ? ('tight' as const) : ('cannot' as const) };
  const begun = begunLines(plan, timeline, teaching.planMs);
  const whole = restOf(plan, begun, available);
  const rest = timelineOf(whole, context.find);
  if (!rest.ok || rest.timeline.totalMs === 0) return otherwise;
  // What is being taught goes on as it is; the rest has what is then left, breathed as slowly as now.
  const restWall = remainingMs(rest.timeline, { ...teaching, planMs: 0, welcomeMs: 0 });
  const forRest = (available - (left - restWall)) * (rest.timeline.totalMs / restWall);
  if (forRest < LEAST_LEFT) return otherwise;
  for (const kind of ['trim', 'leave-out'] as const) {
    const answer = fitPlan(restOf(plan, begun, forRest), context, kind, undefined, true);
    if (!answer.ok) continue;
    const shortened = taken(plan, timeline, teaching, answer.edits, context);
    if (shortened) return shortened;
  }
  return otherwise;
}

/** A class with its rest changed, if what has been taught of it is as it was. */
function taken<Of extends Plan>(
  plan: Of,
  timeline: Timeline,
  teaching: Teaching,
  edits: readonly PlanEdit[],
  { find }: JudgingContext,
): Shortened<Of> | null {
  const lines = edits.filter(({ kind }) => kind !== 'section');
  const then = applyEdits(plan, lines);
  const laid = timelineOf(then, find);
  if (!laid.ok) return null;
  const here = segmentAt(timeline, teaching.planMs);
  const isAsItWas = timeline.segments.slice(0, here + 1).every(({ startMs, lengthMs, itemId }, at) => {
    const now = laid.timeline.segments[at];
    return now?.startMs === startMs && now.lengthMs === lengthMs && now.itemId === itemId;
  });
  const endsMs = teaching.wallMs + remainingMs(laid.timeline, teaching);
  if (!isAsItWas || endsMs >= teaching.wallMs + remainingMs(timeline, teaching)) return null;
  const leftOut = lines.filter(({ kind }) => kind === 'remove').length;
  return {
    kind: 'shortened',
    plan: then,
    endsMs,
    coolDownMs: coolDownOf(laid.timeline),
    shorter: lines.length - leftOut,
    leftOut,
  };
}
