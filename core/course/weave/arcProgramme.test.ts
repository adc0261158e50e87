import highsLoader from 'highs';
import { bruteForce, madeUpWeave } from '../../testing/madeUpWeave';
import { times } from '../../testing/sweep';
import { writeArcs } from './arcProgramme';
import { judgePlan } from './graph/judgePlan';
import { costOfCloth, planOf, setUpLoom } from './graph/loom';
import type { SolveProgramme } from './programme';
import { weave } from './weave';

/** A weave put whole before a general solver: what comes back is a plan, and no plan costs less. */

let solve: SolveProgramme;

beforeAll(async () => {
  const highs = await highsLoader();
  solve = (programme, seconds) => {
    const answer = highs.solve(programme, { time_limit: seconds, mip_rel_gap: 0, mip_abs_gap: 1e-7 });
    const chosen = Object.entries(answer.Columns).flatMap(([name, column]) =>
      'Primal' in column && column.Primal > 0.5 ? [name] : [],
    );
    return chosen.length > 0 ? { chosen, isProven: answer.Status === 'Optimal' } : null;
  };
});

test('small weaves with every optional field: the answer is legal, and costs what the best of all plans costs', () => {
  for (let seed = 101; seed <= 100 + times(160, 12); seed += 1) {
    const instance = madeUpWeave(seed, { classes: 4, threads: 3, layers: 2 });
    const loom = setUpLoom(instance);
    const { programme, clothOf } = writeArcs(loom);
    const answer = solve(programme, 20);
    if (!answer) throw new Error(`seed ${seed} has no answer`);
    const cloth = clothOf(answer.chosen);
    const judged = judgePlan(instance, planOf(loom, cloth));
    expect({ seed, faults: judged.faults }).toEqual({ seed, faults: [] });
    expect(judged.cost).toBeCloseTo(costOfCloth(loom, cloth), 6);
    expect({ seed, cost: judged.cost.toFixed(6) }).toEqual({ seed, cost: bruteForce(instance).toFixed(6) });
  }
});

test('a weave of a few threads is woven to the best there is, and says so', () => {
  const instance = madeUpWeave(9, { classes: 8, threads: 6, layers: 3 });
  let last = { cost: Number.POSITIVE_INFINITY, bound: 0, isBest: false };
  let rounds = 0;
  for (const reached of weave(instance, { solve })) {
    last = reached;
    rounds += 1;
    if (rounds >= 120) break;
  }
  expect(last.isBest).toBe(true);
  expect(last.cost).toBeCloseTo(last.bound, 5);
});

test('what is only begun where most of it can be reached is left out, not begun, where it cannot', () => {
  const thread = { id: 'clouds', kind: 'movement' as const, layers: 3, known: 0, priority: 4, after: [] };
  const instance = {
    classes: 3,
    capacity: [10, 10, 10],
    // Two layers at most can be new.
    newPerClass: [1, 1, 0],
    threads: [{ ...thread, intro: [4, 4, 4], review: [0, 1, 1, 1], most: 1 }],
  };
  const after = (least?: number) => {
    const asked = { ...instance, threads: instance.threads.map((one) => ({ ...one, ...(least && { least }) })) };
    const found = [...weave(asked, { solve })].at(-1);
    return found?.plan.clouds?.at(-1)?.layers ?? 0;
  };
  expect(after()).toBe(2);
  expect(after(2)).toBe(2);
  expect(after(3)).toBe(0);
});
