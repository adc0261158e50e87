import type { Movement } from '../../movement/schema/movement';
import { baseId } from '../../movement/schema/version';
import { isFollowedAtOnce } from '../../traits/followable';
import type { JudgingContext } from '../findings/finding/finding';

/** New movements in one class, where what a group knows is known: one, whoever they are. */
export const NEW_AT_MOST = 1;

/** Whether a group has not been taught a movement. */
export const isUntaught = (movement: Movement, { known }: Pick<JudgingContext, 'known'>): boolean =>
  known !== null && !known.has(baseId(movement.id));

/** Whether a movement is something new for a group: not taught, and nothing they would follow at once. */
export const isNew = (movement: Movement, context: Pick<JudgingContext, 'known'>): boolean =>
  isUntaught(movement, context) && !isFollowedAtOnce(movement);

/** The same for judging a draft, with nothing offered that would be new: what stands around a main part is known, or followed at once. */
export const withoutNew = (context: JudgingContext): JudgingContext => ({
  ...context,
  offered: context.offered.filter((movement) => !isNew(movement, context)),
});
