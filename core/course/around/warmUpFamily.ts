import { unique } from 'remeda';
import type { Form } from '../../movement/schema/form';
import type { Movement } from '../../movement/schema/movement';
import { baseId } from '../../movement/schema/version';
import type { JudgingContext } from '../../session/findings/finding/finding';
import { newMovementItem } from '../../session/plan/defaults';
import type { Item, Plan } from '../../session/plan/session';
import { type Preferences, TASTES } from '../../session/propose/preferences';
import { emptyPlan } from '../../session/propose/proposeDraft';
import { EVERYWHERE, proposeWarmUp } from '../../session/propose/proposeWarmUp';
import { isBallistic } from '../../traits/ballistic';
import { mainJoint } from '../../traits/mainJoint';
import { warmingOf } from '../../traits/warmingOf';
import type { PieceFamily } from '../schema/family';
import type { CourseThread } from '../schema/thread';
import { contentOf } from '../schema/topicContent';
import { drillsOf } from './drills';
import { familyFrom, MOST_IN_SLOT, MOST_SLOTS } from './familyFrom';

/** A course is looked at by so many of its movements at most: the rest ask for nothing else. */
const MOST_LINES = 14;

/** The movements that are taught through a course, each once. */
export function taughtIn(threads: readonly CourseThread[], forms: readonly Form[]): string[] {
  return unique(threads.flatMap((thread) => contentOf(thread).movementIds(forms)));
}

/** What a piece may stand in for: what is done for the same joint in the same way, swung or not. */
function likeness(movement: Movement): string {
  const joint = mainJoint(movement);
  const group = EVERYWHERE.findIndex((regions) => regions.includes(joint));
  return `${group < 0 ? joint : group} ${isBallistic(movement) ? 'swung' : ''}`;
}

/** The context without what the course teaches: its warm-up is something else. */
export function besidesTaught(
  context: JudgingContext,
  threads: readonly CourseThread[],
  forms: readonly Form[],
): JudgingContext {
  const taught = new Set(taughtIn(threads, forms).map(baseId));
  return { ...context, offered: context.offered.filter(({ id }) => !taught.has(baseId(id))) };
}

/** A class with everything in its main part that a course teaches. */
export function planOfTaught(
  threads: readonly CourseThread[],
  forms: readonly Form[],
  context: JudgingContext,
  around: Parameters<typeof emptyPlan>[0],
): Plan {
  const items = taughtIn(threads, forms)
    .slice(0, MOST_LINES)
    .flatMap((id, place): Item[] => {
      const movement = context.find(id);
      return movement ? [newMovementItem(`taught-${place}`, movement, 'main')] : [];
    });
  const empty = emptyPlan(around);
  return {
    ...empty,
    sections: empty.sections.map((section) => (section.kind === 'main' ? { ...section, items } : section)),
  };
}

/**
 * What the warm-ups of a course are made from, where nobody has said it: three good warm-ups for all that is taught in it. What only one
 * thing can do is the core; where the three differ for the same joint, they stand in for each other.
 * @returns null where nothing is offered
 */
export function warmUpFamily(
  threads: readonly CourseThread[],
  forms: readonly Form[],
  context: JudgingContext,
  around: Parameters<typeof emptyPlan>[0],
  preferences: Preferences,
): PieceFamily | null {
  const plan = planOfTaught(threads, forms, context, around);
  const proposed = proposeWarmUp(plan, besidesTaught(context, threads, forms), preferences, TASTES);
  const family = familyFrom(
    proposed.map(({ movements }) => movements),
    likeness,
  );
  return family && withDrills(family, threads, forms, context, preferences);
}

/** The family with a turn of pieces for each thing that the course asks for and nothing in the family drills, the gentlest first. */
function withDrills(
  family: PieceFamily,
  threads: readonly CourseThread[],
  forms: readonly Form[],
  context: JudgingContext,
  { level }: Preferences,
): PieceFamily {
  const movementsOf = (ids: readonly string[]) => ids.flatMap((id) => context.find(id) ?? []);
  let now = family;
  for (const drill of drillsOf(movementsOf(taughtIn(threads, forms)))) {
    if (now.slots.length >= MOST_SLOTS) return now;
    if (drillsOf(movementsOf([...now.core, ...now.slots.flat()])).has(drill)) continue;
    const pieces = besidesTaught(context, threads, forms)
      .offered.filter(
        (movement) => movement.roles.includes('warm-up') && movement.level <= level && drillsOf([movement]).has(drill),
      )
      .toSorted((a, b) => warmingOf(a).thighs.peak - warmingOf(b).thighs.peak)
      .slice(0, MOST_IN_SLOT);
    if (pieces.length > 0) now = { ...now, slots: [...now.slots, pieces.map(({ id }) => id)] };
  }
  return now;
}
