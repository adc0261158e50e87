import { USUAL_SCHOOLS } from '../core/movement/adapt/schools';
import { analyseClass } from '../core/session/findings/finding/analyseClass';
import { type Asked, contextFor, type JudgingContext } from '../core/session/findings/finding/finding';
import { emptySections, newMovementItem } from '../core/session/plan/defaults';
import type { Plan } from '../core/session/plan/session';
import { NO_DOORS } from '../core/session/plan/slotTime';
import type { Preferences } from '../core/session/propose/preferences';
import { shippedRepertoire } from '../server/shippedRepertoire';

/** What tests of proposals are asked with: the movements that come along, and classes made of them. */

export const { movements, forms, find } = shippedRepertoire();
export const contextWith = ({ offered = movements, ...asked }: Partial<Asked & Pick<JudgingContext, 'offered'>> = {}) =>
  contextFor({ strength: 'steady', pace: { least: 4, most: 9 }, known: null, ...asked }, find, offered);
export const preferences: Preferences = { recent: new Set(), level: 2 };

/** A class whose main part is these movements, the fewest of each. */
export function classOf(ids: readonly string[], slotMinutes = 60): Plan {
  const items = ids.map((id, place) => {
    const movement = find(id);
    if (!movement) throw new Error(`there is no ${id}`);
    return { ...newMovementItem(`main-${place}`, movement, 'main', movement.count.least), manner: 'quiet' as const };
  });
  const sections = emptySections().map((section) => (section.kind === 'main' ? { ...section, items } : section));
  return { slotMinutes, doors: NO_DOORS, breath: { in: 1, out: 1 }, schools: USUAL_SCHOOLS, sections };
}
export const analysedFor = (plan: Plan, of: JudgingContext = contextWith()) => {
  const analysed = analyseClass(plan, of);
  if (!analysed) throw new Error('a class of known movements');
  return analysed;
};
