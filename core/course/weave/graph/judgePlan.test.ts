import { WeaveInstance } from './instance';
import { judgePlan } from './judgePlan';

const thread = {
  id: 'cloud-hands',
  kind: 'movement' as const,
  layers: 2,
  known: 0,
  priority: 4,
  intro: [8, 6],
  review: [0, 4, 5],
};
const instanceWith = (more: object, fields: object = {}): WeaveInstance =>
  WeaveInstance.parse({
    classes: 4,
    capacity: [20, 20, 20, 20],
    newPerClass: [1, 1, 1, 1],
    threads: [{ ...thread, ...more }],
    ...fields,
  });
const at = (...practices: [number, number][]) => ({
  'cloud-hands': practices.map(([k, layers]) => ({ class: k, layers })),
});

test('a thread by hand: minutes, newness and cost', () => {
  // Introduced in class 0, reviewed in 1, second layer in 2, reviewed in 3.
  const judged = judgePlan(instanceWith({}), at([0, 1], [1, 1], [2, 2], [3, 2]));
  expect(judged.faults).toEqual([]);
  expect(judged.minutes).toEqual([8, 4, 4 + 6, 5]);
  expect(judged.fresh).toEqual([1, 0, 1, 0]);
  // 0.02 x 4 x class: nothing for the first layer, 2 classes for the second.
  expect(judged.cost).toBeCloseTo(0.02 * 4 * 2, 12);
});

test('what is left out costs ten times its priority, and what is half done its share', () => {
  expect(judgePlan(instanceWith({}), {}).cost).toBe(40);
  expect(judgePlan(instanceWith({}), at([3, 1])).cost).toBeCloseTo(20 + 0.02 * 4 * 3, 12);
  // With finish 0.4: 40 x (0.4 + 0.6 x a half).
  expect(judgePlan(instanceWith({ finish: 0.4 }), at([3, 1])).cost).toBeCloseTo(40 * 0.7 + 0.02 * 4 * 3, 12);
  expect(judgePlan(instanceWith({ known: 2 }), {}).cost).toBe(3 * 4);
});

test.each([
  [
    'a first practice after a new layer comes within a class',
    at([0, 1], [2, 1], [3, 1]),
    {},
    /2 classes after class 0, at most 1/,
  ],
  ['nothing falls due before the end', at([0, 1], [1, 1]), {}, /not practised again after class 1/],
  [
    'no more than two layers at once',
    at([3, 3]),
    { layers: 3, intro: [1, 1, 1], review: [0, 1, 1, 1] },
    /3 new layers/,
  ],
  ['one layer at once where the thread says so', at([3, 2]), { most: 1 }, /2 new layers/],
  ['layers are not unlearnt', at([2, 2], [3, 1]), {}, /2 to 1 layers/],
  [
    'what is known is practised before it has gone cold',
    at([3, 2]),
    { known: 2, gaps: [1, 1, 1, 3] },
    /first practised in class 3/,
  ],
])('%s', (_, plan, more, fault) => {
  expect(judgePlan(instanceWith(more), plan).faults.join()).toMatch(fault);
});

test('a second showing takes its share of the introduction, unless a form covers it', () => {
  const form = {
    id: 'first-six',
    kind: 'form',
    layers: 1,
    known: 1,
    priority: 1,
    intro: [1],
    review: [0, 3],
    covers: { 'cloud-hands': 1 },
  };
  const instance = instanceWith({ second: 0.75 }, {});
  expect(judgePlan(instance, at([2, 1], [3, 1])).minutes).toEqual([0, 0, 8, 6]);
  const covered = WeaveInstance.parse({ ...instance, threads: [...instance.threads, form] });
  const plan = { ...at([2, 1], [3, 1]), 'first-six': [{ class: 3, layers: 1 }] };
  expect(judgePlan(covered, plan).minutes).toEqual([0, 0, 8, 3]);
});

test('the amount of a class multiplies what is practised in it, not what is introduced', () => {
  const instance = instanceWith({}, { amount: [1, 0.5, 0.5, 2] });
  expect(judgePlan(instance, at([0, 1], [1, 1], [2, 2], [3, 2])).minutes).toEqual([8, 2, 2 + 6, 10]);
});

test('a stage is gained only after half the wait, and adding layers goes so many stages back', () => {
  const long = { classes: 8, capacity: Array(8).fill(20), newPerClass: Array(8).fill(1) };
  const path = at([0, 1], [1, 1], [2, 1], [3, 1], [7, 1]);
  // Stages 0, 1, 2, 3: four classes may pass after class 3.
  expect(judgePlan(instanceWith({}, long), path).faults).toEqual([]);
  // With half the wait asked for: at stage 2 a gap of 3 wants two classes, so class 3 gains nothing, and class 7 comes too late.
  expect(judgePlan(instanceWith({}, { ...long, halfWait: true }), path).faults.join()).toMatch(
    /4 classes after class 3, at most 3/,
  );
  const grown = at([0, 1], [1, 1], [2, 1], [4, 2], [6, 2], [7, 2]);
  expect(judgePlan(instanceWith({}, long), grown).faults.join()).toMatch(/2 classes after class 4, at most 1/);
  expect(judgePlan(instanceWith({}, { ...long, stageBack: 1 }), grown).faults).toEqual([]);
});

test('a layer waits for another thread, in an earlier class', () => {
  const walking = { ...thread, id: 'slow-walking' };
  const waiting = { ...thread, after: [{ thread: 'slow-walking', layers: 1, mine: 2 }] };
  const both = instanceWith({}, { newPerClass: [2, 2, 2, 2], threads: [waiting, walking] });
  const walked = {
    'slow-walking': [
      { class: 2, layers: 1 },
      { class: 3, layers: 1 },
    ],
  };
  expect(judgePlan(both, { ...at([1, 1], [2, 2], [3, 2]), ...walked }).faults.join()).toMatch(
    /layer 2 in class 2, before/,
  );
  expect(judgePlan(both, { ...at([2, 1], [3, 2]), ...walked }).faults).toEqual([]);
});

test('an instance that does not hold together says where', () => {
  const bad = {
    ...instanceWith({}),
    capacity: [1],
    threads: [{ ...thread, known: 3, intro: [1], after: [{ thread: 'none', layers: 1 }] }],
  };
  const issues =
    WeaveInstance.safeParse(bad).error?.issues.map(({ path, message }) => `${path.join('.')}: ${message}`) ?? [];
  expect(issues).toEqual([
    'capacity: has 1 entries for 4 classes',
    'threads.0.known: more is known than there are layers',
    'threads.0.intro: has 1 entries for 2 layers',
    'threads.0.after.0.thread: there is no thread “none”',
  ]);
});
