import type { Section } from '../../../core/session/plan/session';
import { settleName } from '../../../core/session/report/settleWords';
import { breathsPerMinute } from '../../../core/words/breathsPerMinute';
import type { Repertoire } from '../../app/repertoire';
import { inWords } from '../../app/words';

/** How a section breathes: "7 to 6 breaths a minute over 15 min". */
export const paceSaid = ({ from, to, easing }: Section['pace']): string =>
  easing === 0 || from === to
    ? `${breathsPerMinute(to)} breaths a minute`
    : `${breathsPerMinute(from)} to ${breathsPerMinute(to)} breaths a minute over ${inWords(easing * 1000)}`;

/** What a section is settled with: "after each, Hands home". */
export function settleSaid(settle: Section['settle'], find: Repertoire['find']): string {
  if (!settle) return 'no settling';
  const name = settleName(settle, find);
  return settle.when === 'at-end' ? `at the end, ${name}` : `after each, ${name}`;
}
