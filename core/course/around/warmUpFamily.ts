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
import type { PieceFamily } from '../schema/family';
import type { CourseThread } from '../schema/thread';

/** So many pieces stand in for each other at most, and so many slots there are. */
const MOST_IN_SLOT = 3;
const MOST_SLOTS = 4;
/** A course is looked at by so many of its movements at most: the rest ask for nothing else. */
const MOST_LINES = 14;

/** The movements that are taught through a course, each once. */
export function taughtIn(threads: readonly CourseThread[], forms: readonly Form[]): string[] {
  return unique(
    threads.flatMap(({ taught }) => {
      if (taught.kind === 'words') return [];
      if (taught.kind === 'movement') return [taught.id];
      const entries = forms.find(({ id }) => id === taught.id)?.entries ?? [];
      return entries.slice(0, taught.places).map(({ movementId }) => movementId);
    }),
  );
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
  const items = taughtIn(threads, forms)
    .slice(0, MOST_LINES)
    .flatMap((id, place): Item[] => {
      const movement = context.find(id);
      return movement ? [newMovementItem(`taught-${place}`, movement, 'main')] : [];
    });
  const empty = emptyPlan(around);
  const plan: Plan = {
    ...empty,
    sections: empty.sections.map((section) => (section.kind === 'main' ? { ...section, items } : section)),
  };
  const [first, ...others] = proposeWarmUp(plan, besidesTaught(context, threads, forms), preferences, TASTES).map(
    ({ movements }) => movements,
  );
  if (!first || first.length === 0) return null;
  const besides = unique(others.flat()).filter((movement) => !first.includes(movement));
  const core: string[] = [];
  const slots: string[][] = [];
  const used = new Set<Movement>();
  for (const movement of first) {
    const alike = besides.filter((one) => !used.has(one) && likeness(one) === likeness(movement));
    if (alike.length === 0 || slots.length === MOST_SLOTS) {
      core.push(movement.id);
      continue;
    }
    const slot = [movement, ...alike].slice(0, MOST_IN_SLOT);
    for (const one of slot) used.add(one);
    slots.push(slot.map(({ id }) => id));
  }
  if (core.length === 0) core.push(...(slots.shift()?.slice(0, 1) ?? []));
  return { core: core.slice(0, 12), slots };
}
