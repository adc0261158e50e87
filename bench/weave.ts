import { judgePlan } from '../core/course/weave/graph/judgePlan';
import type { Weaving } from '../core/course/weave/weave';
import { fixtureWeave } from '../core/testing/madeUpWeave';
import { weaveInThread } from '../server/weaving/weaveInThread';

/** How near to the best there is a plan comes in so many seconds, on the weaves kept for it. */

const RUNS: readonly (readonly [string, number])[] = [
  ['a-12x10', 3],
  ['b-18x12', 3],
  ['c-24x12', 3],
  ['d-24x24', 3],
  ['d-24x24', 15],
  ['e-40x24', 10],
  ['f-60x40', 30],
  ['f-60x40', 60],
];

const percent = (part: number, whole: number): string => `${((100 * part) / Math.max(1, whole)).toFixed(2)} %`;

async function main(): Promise<void> {
  console.log('weave      seconds      cost     bound  above the bound  bound of the reference');
  for (const [name, seconds] of RUNS) {
    const { instance, reference } = fixtureWeave(name);
    const { plan, cost, bound }: Weaving = await weaveInThread({ instance, seconds });
    const { faults } = judgePlan(instance, plan);
    const figures = [cost.toFixed(2), bound.toFixed(2)].map((figure) => figure.padStart(9)).join(' ');
    const above = percent(cost - bound, bound).padStart(16);
    const ofReference = percent(bound, reference?.bound ?? 0).padStart(23);
    console.log(
      `${name.padEnd(10)} ${String(seconds).padStart(7)} ${figures} ${above} ${ofReference} ${faults.join('; ')}`,
    );
  }
}

void main();
