import { findingsOf } from '../core/session/findings/judge';
import { proposeDraft } from '../core/session/propose/proposeDraft';
import { bench, judgedFor, wishes } from './proposalBench';

/** The whole classes that Vesperum drafts from the movements that come along. */

const STRENGTHS = ['gentle', 'steady', 'strong'] as const;
// Every level and length is in `npm run bench`; these are one of each.
const cells = [
  [1, 30],
  [2, 45],
  [3, 20],
] as const;
test.each(cells)('a whole class for level %i in %i minutes fits its slot and has nothing grave in it', (level, slotMinutes) => {
  const strength = STRENGTHS[level - 1] ?? 'steady';
  const of = bench({ strength });
  const { plan, left, reasons } = proposeDraft(of, { aim: 'whole', slotMinutes, wishes: { ...wishes, level } });
  const grave = findingsOf(judgedFor(plan, of)).filter(({ severity }) => severity !== 'notice');
  expect(grave.map(({ what }) => what)).toEqual(left);
  expect(left).toEqual([]);
  expect(reasons[0]).toMatch(/^The whole body: /);
  expect(plan.sections.every(({ items }) => items.length > 0)).toBe(true);
}, 60_000);
