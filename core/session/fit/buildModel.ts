import { sumBy, unique } from 'remeda';
import type { Movement } from '../../movement/schema/movement';
import { rememberFor } from '../../remember/rememberFor';
import { paceAt } from '../../timing/pace';
import { NATURAL_PACE } from '../../timing/timingConstants';
import type { JudgingContext } from '../findings/finding/finding';
import { THRESHOLDS } from '../limits/thresholds';
import type { MovementItem, Plan } from '../plan/session';
import { classSeconds } from '../plan/slotTime';
import type { Takes } from '../plan/takes';
import { unrollBlocks } from '../schedule/unrollBlocks';
import { lineTimes, segmentsOf } from '../timeline/lineTimes';
import type { Timeline } from '../timeline/segment';
import {
  COST,
  countCost,
  type FitLine,
  type FitModel,
  type FitOption,
  type FitPace,
  type FitSection,
} from './fitModel';
import { type LineSeconds, lineSeconds, pacedAt, sumOf } from './lineSeconds';

/** What a fit may change: counts only; counts and leaving lines out; counts and the breath. */
export type FitKind = 'trim' | 'leave-out' | 'breath';

/** A shift of the pace goes in these steps, this far at most, breaths a minute. */
const PACE_STEP = 0.5;
const PACE_FAR = 2;
/** How dearly each kind keeps the counts, so that proposals differ: leaving out, or the breath, is then the cheaper way. */
const COUNT_WEIGHT: Readonly<Record<FitKind, number>> = { trim: 1, 'leave-out': 4, breath: 8 };
/** More counts than this are thinned out: they differ too little to be told apart. */
const MOST_OPTIONS = 48;
/** How close a fitted class must come, seconds; the model aims a little closer, for what it rounds. */
export const TOLERANCE = 15;
export const AIM = 13;

export interface FitQuestion {
  /** The class as it was written: what fitting keeps close to. */
  readonly plan: Plan;
  readonly context: JudgingContext;
  readonly kind: FitKind;
  /** The most a line may be done, where strain does not let it be done as often as it could. */
  readonly caps: ReadonlyMap<string, number>;
  /** How many times its usual a line may be stretched to; without a limit only where nothing else is left. */
  readonly stretch: number;
  /** Whether it is looked at second by second only: a draft is fitted dozens of times, and may end a few seconds off the best. */
  readonly isRough?: boolean;
}

const AS_USUAL: Takes = {};

/** The seconds of a line, laid out once for each line however often its class is fitted. */
const secondsOf = rememberFor((item: MovementItem) =>
  rememberFor((movement: Movement) =>
    rememberFor((breath: Plan['breath']) =>
      rememberFor((schools: Plan['schools']) =>
        rememberFor((takes: Takes): LineSeconds => lineSeconds(item, movement, { breath, schools, takes })),
      ),
    ),
  ),
);

/** Whether a line may be left out: those marked so, or where none is, any unpinned line of warm-up and main. */
export function mayLeaveOut(plan: Plan): (section: Plan['sections'][number], item: MovementItem) => boolean {
  const anyMarked = plan.sections.some(({ items }) => items.some((item) => item.kind === 'movement' && item.optional));
  return ({ kind }, item) => (anyMarked ? item.optional : !item.pinned && (kind === 'warm-up' || kind === 'main'));
}

function countsOf(item: MovementItem, movement: Movement, { stretch, caps }: FitQuestion): number[] {
  if (item.pinned) return [item.count];
  const { step, usual } = movement.count;
  const cap = Math.min(caps.get(item.id) ?? Number.POSITIVE_INFINITY, stretch * Math.max(usual, item.count));
  const { least, most } = item.range ?? movement.count;
  const counts: number[] = [];
  for (let count = least; count <= Math.min(most, cap) + 1e-9; count += step) counts.push(count);
  const every = Math.ceil(counts.length / MOST_OPTIONS);
  const kept = counts.filter((count, index) => index % every === 0 || count === item.count);
  return kept.length > 0 ? kept : [least];
}

/** A line that takes up to this share of the slot is left out at the plain price. Convention. */
const SMALL_SHARE = 0.04;

/**
 * What leaving a line out costs. What takes long is what the class is for, so it grows with the square of the line's share of the
 * slot; a line that the instructor has marked as optional is left out at the plain price.
 */
function leavingCost(item: MovementItem, { timeline }: Laid, plan: Plan): number {
  const share = (lineTimes(timeline).get(item.id)?.lengthMs ?? 0) / 1000 / classSeconds(plan);
  return item.optional ? COST.leftOut : COST.leftOut * Math.max(1, share / SMALL_SHARE) ** 2;
}

/** A talk grows and shrinks with its class in these steps, as shares of what it was. Conventions. */
const TALKS = [0.5, 0.6, 0.7, 0.8, 0.9, 1, 1.1, 1.25, 1.5];
/** A warm-up keeps at least this share of what it would have in proportion. Convention. */
const WARM_UP_KEEPS = 0.6;

/** The lengths a talk may have, whole seconds; what is written is among them. */
const talksOf = (seconds: number): number[] => unique(TALKS.map((share) => Math.max(5, Math.round(seconds * share))));

/** How long a section lasts at least, seconds: the cool-down its least, the warm-up most of its share. */
function leastOf({ kind }: Plan['sections'][number], share: number, target: number): number {
  if (kind === 'cool-down') return Math.max(THRESHOLDS.coolDownLeast, target * THRESHOLDS.coolDownShare);
  return kind === 'warm-up' ? share * WARM_UP_KEEPS : 0;
}

/** The shifts of a section's pace that stay within what the group is at ease with; none is always among them. */
function pacesOf({ pace }: Plan['sections'][number], { kind, context }: FitQuestion): FitPace[] {
  const still: FitPace = { shift: 0, cost: 0 };
  if (kind !== 'breath') return [still];
  const [slowest, quickest] = [Math.min(pace.from, pace.to), Math.max(pace.from, pace.to)];
  const paces: FitPace[] = [];
  for (let shift = -PACE_FAR; shift <= PACE_FAR; shift += PACE_STEP) {
    const within = slowest + shift >= context.limits.pace.least && quickest + shift <= context.limits.pace.most;
    if (shift === 0) paces.push(still);
    else if (within) paces.push({ shift, cost: COST.pace * Math.abs(shift) });
  }
  return paces;
}

/** A class laid out that paces are taken from, and by how much each of its sections is already quicker than written. */
export interface Laid {
  readonly plan: Plan;
  readonly timeline: Timeline;
  readonly shifts: readonly number[];
}

/** How a line stands in a class that is laid out: its pace, what it is made of, and its count there. */
function standsAs(item: MovementItem, { plan, timeline }: Laid) {
  const line = lineTimes(timeline).get(item.id);
  const segments = line ? segmentsOf(timeline, line) : [];
  const there = plan.sections.flatMap(({ items }) => items).find(({ id }) => id === item.id);
  return {
    paceNow: pacedAt(segments),
    sum: sumOf(segments),
    count: there?.kind === 'movement' ? there.count : item.count,
  };
}

/**
 * The model of a class, its eased paces held as they are in a timeline of it.
 * @param now the class as written, then as last fitted
 * @param usual the timeline of the class as written
 * @param target what the class is to last, seconds
 */
export function buildModel(question: FitQuestion, now: Laid, usual: Timeline, target: number): FitModel {
  const { plan, context, kind } = question;
  const leaves = mayLeaveOut(plan);
  const written: Laid = { plan, timeline: usual, shifts: [] };
  const sections = plan.sections.map((section, index): FitSection => {
    const paces = pacesOf(section, question);
    const occurrences = unrollBlocks(section);
    const lines = section.items.map((item): FitLine => {
      const movement = item.kind === 'movement' ? context.find(item.movementId) : undefined;
      // What ends by the clock lasts as long as it does, like a rest.
      if (item.kind === 'talk') {
        const options = talksOf(item.seconds).map((count): FitOption => {
          const cost = COUNT_WEIGHT[kind] * countCost(count, item.seconds);
          const seconds = count * occurrences.filter((occurrence) => occurrence.item.id === item.id).length;
          return { count, cost, seconds: paces.map(() => seconds) };
        });
        return { itemId: item.id, options };
      }
      if (item.kind !== 'movement' || !movement || item.ends.by === 'clock') {
        const seconds = (lineTimes(usual).get(item.id)?.lengthMs ?? 0) / 1000;
        return { itemId: item.id, options: [{ count: null, cost: 0, seconds: paces.map(() => seconds) }] };
      }
      const { paceNow, sum, count: countNow } = standsAs(item, lineTimes(now.timeline).has(item.id) ? now : written);
      const held = paceNow ? paceNow - (now.shifts[index] ?? 0) : paceAt(section.pace, Number.MAX_VALUE);
      const times = occurrences.flatMap((occurrence) =>
        occurrence.item.id === item.id && occurrence.item.kind === 'movement'
          ? [secondsOf(occurrence.item)(movement)(plan.breath)(plan.schools)(plan.takes ?? AS_USUAL)]
          : [],
      );
      const alone = times.map((time) => time.parts(countNow));
      // What the lines around it and its block add: steps into it, rests between rounds. They stay as they are.
      const around = {
        fixed: sum.fixed - sumBy(alone, ({ fixed }) => fixed),
        breaths: sum.breaths - sumBy(alone, ({ breaths }) => breaths),
      };
      const lasts = (count: number, pace: number) =>
        times.reduce((all, time) => all + time.seconds(count, pace), around.fixed + (around.breaths * 60) / pace);
      const paced = (shift: number) => (item.ownBreath ? NATURAL_PACE : (item.pace ?? Math.max(1, held + shift)));
      const options = countsOf(item, movement, question).map(
        (count): FitOption => ({
          count,
          cost: COUNT_WEIGHT[kind] * countCost(count, item.count),
          seconds: paces.map(({ shift }) => lasts(count, paced(shift))),
        }),
      );
      if (kind === 'leave-out' && leaves(section, item))
        options.push({ count: null, cost: leavingCost(item, written, plan), seconds: paces.map(() => 0) });
      return { itemId: item.id, options };
    });
    const writtenMs = usual.sections[index]?.lengthMs ?? 0;
    const share = (writtenMs / Math.max(1, usual.totalMs)) * target;
    return { lines, paces, share, least: lines.length > 0 ? leastOf(section, share, target) : 0 };
  });
  return { sections, slot: target, tolerance: AIM, isRough: question.isRough ?? false };
}
