import type { Form } from '../../movement/schema/form';
import type { Movement } from '../../movement/schema/movement';
import type { JudgingContext } from '../../session/findings/finding/finding';
import { type Preferences, TASTES } from '../../session/propose/preferences';
import { proposeCoolDown } from '../../session/propose/proposeCoolDown';
import type { emptyPlan } from '../../session/propose/proposeDraft';
import { mainJoint } from '../../traits/mainJoint';
import type { PieceFamily } from '../schema/family';
import type { CourseThread } from '../schema/thread';
import { familyFrom } from './familyFrom';
import { besidesTaught, planOfTaught } from './warmUpFamily';

/** What a piece may stand in for: what looks after the same joint in the same way, rubbed or moved. */
const likeness = (movement: Movement): string =>
  movement.tradition === 'self-massage' ? 'rubbed' : `moved ${mainJoint(movement)}`;

/**
 * What the cool-downs of a course are made from, where nobody has said it: three good ones after all that is taught in it.
 * @returns null where nothing is offered
 */
export function coolDownFamily(
  threads: readonly CourseThread[],
  forms: readonly Form[],
  context: JudgingContext,
  around: Parameters<typeof emptyPlan>[0],
  preferences: Preferences,
): PieceFamily | null {
  const plan = planOfTaught(threads, forms, context, around);
  const proposed = proposeCoolDown(plan, besidesTaught(context, threads, forms), preferences, { tastes: TASTES });
  return familyFrom(
    proposed.map(({ movements }) => movements),
    likeness,
  );
}
