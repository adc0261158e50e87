import { USUAL_SCHOOLS } from '../core/movement/adapt/schools';
import { findingsOf } from '../core/session/findings/judge';
import { NO_DOORS } from '../core/session/plan/slotTime';
import { AIM_WORDS } from '../core/session/propose/aims';
import { proposeDraft } from '../core/session/propose/proposeDraft';
import { analysedFor, contextWith, preferences } from './proposalBench';

/** The whole classes that Vesperum drafts from the movements that come along. */

const STRENGTHS = ['gentle', 'steady', 'strong'] as const;
// All ninety are in `npm run bench`; these are one of each level and aim, and those that have least to choose from.
const cells = [
  [1, 30, 'whole'],
  [2, 45, 'whole'],
  [3, 20, 'whole'],
  [1, 90, 'balance'],
  [1, 75, 'shoulders'],
  [2, 90, 'balance'],
  [3, 45, 'balance'],
  [3, 90, 'shoulders'],
  [3, 90, 'calm'],
  [2, 60, 'legs'],
] as const;
test.each(cells)(
  'a draft for level %i in %i minutes, for %s, fits its slot and has nothing grave in it',
  (level, slotMinutes, aim) => {
    const strength = STRENGTHS[level - 1] ?? 'steady';
    const of = contextWith({ strength });
    const { plan, left, reasons } = proposeDraft(of, {
      aim,
      slotMinutes,
      doors: NO_DOORS,
      schools: USUAL_SCHOOLS,
      preferences: { ...preferences, level },
    });
    const grave = findingsOf(analysedFor(plan, of)).filter(({ severity }) => severity !== 'notice');
    expect(grave.map(({ what }) => what)).toEqual(left);
    expect(left).toEqual([]);
    expect(reasons[0]?.startsWith(`${AIM_WORDS[aim]}: `)).toBe(true);
    expect(plan.sections.every(({ items }) => items.length > 0)).toBe(true);
  },
  60_000,
);
