import type { Movement } from '../../movement/schema/movement';
import { baseId } from '../../movement/schema/version';
import type { PlanEdit } from '../edit/edit';
import type { JudgingContext } from '../findings/finding/finding';

/** What a proposal leans to: the least time, what the group knows, or what it has not had lately. */
export type Taste = 'shortest' | 'familiar' | 'varied';
export const TASTES: readonly Taste[] = ['shortest', 'familiar', 'varied'];

export const TASTE_WORDS: Readonly<Record<Taste, string>> = {
  shortest: 'The shortest',
  familiar: 'What they know',
  varied: 'Something else than lately',
};

export interface Preferences {
  /** Base ids of what the group did in its last classes. */
  readonly recent: ReadonlySet<string>;
  /** The most that is asked of practice: 1 from the first class on, to 3. */
  readonly level: number;
}

/** A passage that is proposed: nothing of it is done until it is taken. */
export interface Proposal {
  readonly taste: Taste;
  readonly movements: readonly Movement[];
  readonly seconds: number;
  readonly reasons: readonly string[];
  readonly edits: readonly PlanEdit[];
  /** Whether it does all that was asked of it. */
  readonly complete: boolean;
}

/** Against the taste: this much dearer. */
const AGAINST = 2.5;

/** How dear a movement is for a taste, as a factor on its seconds. */
export function dearness(
  taste: Taste,
  movement: Movement,
  { known }: Pick<JudgingContext, 'known'>,
  { recent }: Preferences,
): number {
  const id = baseId(movement.id);
  const unknown = known !== null && !known.has(id);
  if (taste === 'familiar') return unknown ? AGAINST : 1;
  if (taste === 'varied') return recent.has(id) ? AGAINST : 1;
  return 1;
}
