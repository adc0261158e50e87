import type { Manner } from '../../session/plan/session';
import type { CourseRules } from '../schema/rules';

type Manners = Pick<CourseRules, 'namedFor' | 'saidFor'>;

/**
 * How a thing is led that has been practised so often since it was new: explained, named, said while moving, and for those who are
 * strong at last only moved.
 */
export function mannerFor(practised: number, mayBeQuiet: boolean, { namedFor, saidFor }: Manners): Manner {
  if (practised === 0) return 'explained';
  if (practised <= namedFor) return 'named';
  return practised <= namedFor + saidFor || !mayBeQuiet ? 'follow-along' : 'quiet';
}
