import type { Manner } from '../../session/plan/session';

/** So often a thing is named once it is new, and so often said while moving before that too may fall silent. */
const NAMED = 2;
const SAID = 6;

/**
 * How a thing is led that has been practised so often since it was new: explained, named, said while moving, and for those who are
 * strong at last only moved.
 */
export function mannerFor(practised: number, mayBeQuiet: boolean): Manner {
  if (practised === 0) return 'explained';
  if (practised <= NAMED) return 'named';
  return practised <= SAID || !mayBeQuiet ? 'follow-along' : 'quiet';
}
