import { classWith, contextWith, line } from '../testing/cleanClass';
import { fc } from '../testing/properties';
import { times } from '../testing/sweep';
import { applyEdits } from './edit/applyEdits';
import { analyseClass } from './findings/finding/analyseClass';
import { findingsOf } from './findings/judge';
import { ceilingsFor } from './limits/limitsFor';
import { sessionStrain } from './load/sessionStrain';
import { newPause } from './plan/defaults';
import type { Item, Plan } from './plan/session';

/** What must hold of any class, whatever is in it. */

const asked = contextWith({ strength: 'steady' });
const analysed = (plan: Plan) => {
  const answer = analyseClass(plan, asked);
  if (!answer) throw new Error('a class of known movements');
  return answer;
};
const strainOf = (plan: Plan) =>
  sessionStrain(analysed(plan).pieces, ceilingsFor('steady')).map(({ percent }) => percent);

const anyLine = fc
  .record({
    movement: fc.constantFrom('lift', 'sides', 'squat', 'horse', 'up', 'push-out', 'alone'),
    count: fc.integer({ min: 2, max: 30 }),
  })
  .map(
    ({ movement, count }): Item =>
      line(
        movement,
        movement === 'horse' || movement === 'up' || movement === 'alone' ? count * 2 : Math.min(12, count),
      ),
  );
const anyMain = fc.array(anyLine, { minLength: 1, maxLength: 6 });

test('a rest put in anywhere never raises the strain of any region', () => {
  fc.assert(
    fc.property(anyMain, fc.nat(9), fc.integer({ min: 5, max: 120 }), (main, at, seconds) => {
      const plan = classWith({ main });
      const index = Math.min(at, plan.sections[2]?.items.length ?? 0);
      const rested = applyEdits(plan, [
        { kind: 'add', at: { section: 2, index }, item: newPause('rest', 'rest', seconds) },
      ]);
      const [before, after] = [strainOf(plan), strainOf(rested)];
      // Standing at rest asks a little of the legs: less than anything in a class, and no more than that.
      for (const [region, percent] of after.entries()) expect(percent).toBeLessThanOrEqual((before[region] ?? 0) + 1.5);
    }),
    { numRuns: times(400, 20), seed: 3 },
  );
});

test('two lines that are the same can be exchanged, and nothing changes', () => {
  fc.assert(
    fc.property(anyMain, anyLine, (main, twice) => {
      const [a, b] = [
        { ...twice, id: 'a' },
        { ...twice, id: 'b' },
      ];
      const told = (first: Item, second: Item) => {
        const plan = classWith({ main: [first, ...main, second] });
        return findingsOf(analysed(plan)).map(({ code, amount, severity }) => [code, amount.toFixed(6), severity]);
      };
      expect(told(a, b)).toEqual(told(b, a));
    }),
    { numRuns: times(300, 15), seed: 4 },
  );
});

test('what stands found stays found when it is analysed again, and judging changes nothing', () => {
  fc.assert(
    fc.property(anyMain, (main) => {
      const plan = classWith({ main });
      const before = JSON.stringify(plan);
      const first = findingsOf(analysed(plan));
      const standing = new Set(first.map(({ key }) => key));
      const again = analyseClass(plan, asked, standing);
      expect(again && findingsOf(again).map(({ key }) => key)).toEqual(expect.arrayContaining([...standing]));
      expect(JSON.stringify(plan)).toBe(before);
    }),
    { numRuns: times(300, 15), seed: 5 },
  );
});
