import { WeaveInstance, type WeavePlan } from '../course/weave/graph/instance';
import { judgePlan } from '../course/weave/graph/judgePlan';
import { seeded } from '../course/weave/graph/seeded';
import { numberAt } from '../numbers/numberAt';
import a from './weaves/a-12x10.json';
import b from './weaves/b-18x12.json';
import c from './weaves/c-24x12.json';
import d from './weaves/d-24x24.json';
import e from './weaves/e-40x24.json';
import f from './weaves/f-60x40.json';
import term from './weaves/term-10.json';

/** For tests and the bench: made-up instances of a weave, and the best plan of a small one by looking at all of them. */

interface Sizes {
  readonly classes: number;
  readonly threads: number;
  readonly layers: number;
}

/** An instance made up from a seed, with every optional field here and there. */
export function madeUpWeave(seed: number, { classes, threads, layers }: Sizes): WeaveInstance {
  const random = seeded(seed);
  const whole = (from: number, to: number) => from + Math.floor(random() * (to - from + 1));
  const often = (share: number) => random() < share;
  const made = Array.from({ length: threads }, (_, place) => {
    const many = whole(1, layers);
    const known = often(0.25) ? whole(1, many) : 0;
    const other = whole(0, threads - 1);
    return {
      id: `t${place}`,
      kind: often(0.3) ? ('form' as const) : ('movement' as const),
      layers: many,
      known,
      priority: numberAt([1, 2, 4, 16], whole(0, 3)),
      intro: Array.from({ length: many }, () => whole(3, 8)),
      review: Array.from({ length: many + 1 }, (__, l) => (l === 0 ? 0 : whole(1, 5))),
      after: often(0.3) && other !== place ? [{ thread: `t${other}`, layers: 1, mine: whole(1, many) }] : [],
      ...(often(0.3) && { weight: Array.from({ length: many }, () => whole(0, 4) / 4) }),
      ...(often(0.3) && { finish: 0.4 }),
      ...(often(0.3) && { second: 0.6 }),
      ...(often(0.2) && {
        keep: {
          practices: [{ class: whole(0, classes - 1), layers: whole(1, many) }],
          price: Array.from({ length: classes }, () => whole(0, 4) / 4),
        },
      }),
      ...(often(0.1) && { announced: [{ layer: whole(1, many), class: whole(0, classes - 1) }] }),
      ...(often(0.3) && { gaps: [1, 1, 2, 2, 3].slice(0, whole(1, 5)) }),
      ...(often(0.2) && { keepWithin: whole(1, classes) }),
      ...(often(0.3) && { most: whole(1, 3) }),
      ...(often(0.2) && { least: whole(1, many) }),
      ...(often(0.3) && { ideal: Array.from({ length: many }, () => whole(0, classes - 1)) }),
      ...(often(0.3) && other !== place && { covers: { [`t${other}`]: whole(1, many) } }),
    };
  });
  return WeaveInstance.parse({
    classes,
    capacity: Array.from({ length: classes }, () => whole(8, 24)),
    newPerClass: Array.from({ length: classes }, () => whole(0, 2)),
    threads: made,
    ...(often(0.3) && { amount: Array.from({ length: classes }, () => whole(2, 6) / 4) }),
    ...(often(0.3) && { stageBack: whole(0, 2) }),
    ...(often(0.3) && { halfWait: true }),
    ...(often(0.3) && { late: 0.1 }),
  });
}

/** Every path of a thread that breaks no rule by itself: with room for everything, and nothing to wait for. */
function pathsAlone(instance: WeaveInstance, place: number): WeavePlan[string][] {
  const thread = instance.threads[place] as WeaveInstance['threads'][number];
  const { covers: _, ...plain } = { ...thread, after: [] };
  const roomy = {
    ...instance,
    threads: [plain],
    capacity: instance.capacity.map(() => 1e6),
    newPerClass: instance.capacity.map(() => 1e6),
  };
  const paths: WeavePlan[string][] = [];
  const visit = (at: number, path: WeavePlan[string]): void => {
    if (at === instance.classes) {
      if (judgePlan(roomy, { [thread.id]: path }).faults.length === 0) paths.push(path);
      return;
    }
    visit(at + 1, path);
    for (let layers = path.at(-1)?.layers ?? 0; layers <= thread.layers; layers += 1)
      visit(at + 1, [...path, { class: at, layers }]);
  };
  visit(0, []);
  return paths;
}

/** What the best plan of a small instance costs, by judging all there are. */
export function bruteForce(instance: WeaveInstance): number {
  const choices = instance.threads.map((_, place) => pathsAlone(instance, place));
  let best = Number.POSITIVE_INFINITY;
  const visit = (place: number, plan: WeavePlan): void => {
    const thread = instance.threads[place];
    if (!thread) {
      const { cost, faults } = judgePlan(instance, plan);
      if (faults.length === 0) best = Math.min(best, cost);
      return;
    }
    for (const path of choices[place] ?? []) visit(place + 1, { ...plan, [thread.id]: path });
  };
  visit(0, {});
  return best;
}

/** What is known of an instance from long runs of other programs. */
interface Reference {
  readonly bound: number;
  readonly found: number;
  readonly constructedOnly: number;
}

const FIXTURES: Readonly<Record<string, object & { readonly reference?: Reference }>> = {
  'a-12x10': a,
  'b-18x12': b,
  'c-24x12': c,
  'd-24x24': d,
  'e-40x24': e,
  'f-60x40': f,
  'term-10': term,
};

/** An instance kept for tests and the bench, threads x classes, with what is known of it. */
export function fixtureWeave(name: string): { instance: WeaveInstance; reference: Reference | undefined } {
  const raw = FIXTURES[name];
  return { instance: WeaveInstance.parse(raw), reference: raw?.reference };
}
