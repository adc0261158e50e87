import highsLoader from 'highs';
import { range } from 'remeda';
import { generatedModel, programme } from '../../testing/exactFit';
import { sampled } from '../../testing/sweep';
import { type FitSection, weighChoice } from './fitModel';
import { solveFit } from './solveFit';

test('forty classes: never more than a hundredth or 0.05 over the proven optimum, and out of reach only where it is', async () => {
  const highs = await highsLoader();
  const outcomes = { met: 0, outOfReach: 0 };
  const seeds = sampled(range(1, 121), 14);
  for (const seed of seeds) {
    const model = generatedModel(seed);
    const ours = solveFit(model);
    const proven = highs.solve(programme(model), { mip_rel_gap: 0, mip_abs_gap: 0 });
    if (proven.Status === 'Infeasible') {
      expect(ours).toBeNull();
      outcomes.outOfReach += 1;
      continue;
    }
    expect(proven.Status).toBe('Optimal');
    if (!ours) throw new Error(`class ${seed} can be met, and was given up`);
    expect(ours.cost - proven.ObjectiveValue).toBeLessThanOrEqual(Math.max(0.01 * proven.ObjectiveValue, 0.05));
    expect(Math.abs(ours.seconds - model.slot)).toBeLessThanOrEqual(model.tolerance);
    expect(weighChoice(model, ours.sections).cost).toBeCloseTo(ours.cost, 9);
    outcomes.met += 1;
  }
  expect(outcomes.met).toBeGreaterThan(seeds.length / 2);
  expect(outcomes.outOfReach).toBeGreaterThan(0);
});

test('a class that fits as it is written costs nothing and stays as it is', () => {
  const options = [3, 4, 5].map((count) => ({ count, cost: Math.abs(count - 4) / 4, seconds: [count * 30] }));
  const section = { lines: [{ itemId: 'a', options }], paces: [{ shift: 0, cost: 0 }], share: 120, least: 0 };
  const model = { sections: [section, section], slot: 240, tolerance: 15 };
  expect(solveFit(model)).toEqual({
    sections: [
      { pace: 0, options: [1] },
      { pace: 0, options: [1] },
    ],
    seconds: 240,
    cost: 0,
  });
});

test('a section that must last keeps its least, even where its share would be cheaper', () => {
  const options = [1, 2, 3, 4].map((count) => ({ count, cost: 0, seconds: [count * 60] }));
  const section = (share: number, least: number): FitSection => ({
    lines: [{ itemId: 'a', options }],
    paces: [{ shift: 0, cost: 0 }],
    share,
    least,
  });
  const answer = solveFit({ sections: [section(240, 0), section(60, 180)], slot: 300, tolerance: 0 });
  expect(answer?.sections.map(({ options: taken }) => taken)).toEqual([[1], [2]]);
});
