import type { Movement } from '../../movement/movement';
import { movement, phase, line as sampleLine } from '../../testing/sample';
import { type Item, Plan } from '../session';
import { judgeClass } from './judge';

const span = { kind: 'span' as const, share: 1 };
const hold = (id: string, start: Record<string, unknown>): Movement =>
  movement({
    id,
    names: { english: [id] },
    count: { unit: 'seconds', least: 5, usual: 30, most: 1200, step: 5 },
    start: { stance: 'parallel', load: { left: 50, right: 50 }, sink: 8, arms: 'hanging', ...start },
    parts: { cycle: [phase({ breath: 'natural', length: { kind: 'seconds', seconds: 5 }, call: 'Stay' })] },
  });
const lift = movement({
  id: 'lift',
  names: { english: ['Lift'] },
  parts: {
    cycle: [
      phase({ breath: 'in', length: span, to: { arms: 'embrace-low', sink: 10 }, call: 'Up' }),
      phase({ breath: 'out', length: span, to: { arms: 'hanging', sink: 16 }, call: 'Down' }),
    ],
  },
});
const sides = movement({
  id: 'sides',
  names: { english: ['Sides'] },
  laterality: { sides: { kind: 'each-side', first: 'left' } },
  parts: {
    cycle: [
      phase({ breath: 'in', length: span, to: { load: { left: 62, right: 38 } }, call: 'Over' }),
      phase({ breath: 'out', length: span, to: { load: { left: 50, right: 50 } }, call: 'Back' }),
    ],
  },
});
const all = [
  lift,
  sides,
  hold('quiet', {}),
  hold('up', { arms: 'overhead-round', hands: { left: { rests: null }, right: { rests: null } } }),
  hold('alone', { stance: 'one-leg', side: 'left', load: { left: 100, right: 0 }, sink: 4 }),
  hold('low', { spine: { hinge: 62, round: 62 }, sink: 8 }),
  hold('look', { head: { turn: 70, nod: 30 } }),
  hold('horse', { stance: 'horse', sink: 60 }),
];
const find = (id: string) => all.find((one) => one.id === id);

let lines = 0;
const line = (movementId: string, count: number, more: Record<string, unknown> = {}): Item => {
  lines += 1;
  return sampleLine({ id: `${movementId}-${lines}`, movementId, count, ...more });
};
/** A class with nothing to object to, and what is put into its main part or taken for its cool-down. */
const classWith = (extra: Item[] = [], coolDown: Item[] = [line('quiet', 200)]): Plan => {
  const pace = { from: 6, to: 6, easing: 0 };
  return Plan.parse({
    slotMinutes: 30,
    breath: { in: 1, out: 1 },
    sections: [
      { kind: 'warm-up', pace, items: [line('lift', 6), line('sides', 4)] },
      { kind: 'main', pace, items: [line('lift', 8), line('sides', 6), ...extra] },
      { kind: 'cool-down', pace, items: coolDown },
    ],
  });
};
const codes = (plan: Plan, strength: 'gentle' | 'steady' | 'strong' = 'steady') =>
  judgeClass(plan, find, strength).map(({ code }) => code);

test('the clean class has nothing to object to', () => expect(codes(classWith())).toEqual([]));

test.each([
  ['one side only', classWith([line('sides', 6, { sides: 'left-only' })]), ['sides-unequal']],
  ['a cool-down of half a minute', classWith([], [line('quiet', 30)]), ['cool-down-short']],
  ['the head low for half a minute', classWith([line('low', 20)]), ['head-low-long']],
])('%s: exactly that is found', (_name, plan, expected) => {
  expect([...new Set(codes(plan).filter((code) => code !== 'not-ready' && code !== 'strained'))]).toEqual(expected);
});

test('hands overhead too long, broken by a rest not at all', () => {
  const overheads = (items: Item[]) =>
    judgeClass(classWith(items), find, 'strong').filter(({ code }) => code === 'overhead-long');
  expect(overheads([line('up', 70)])[0]).toMatchObject({
    severity: 'warn',
    what: 'Hands stay overhead for 70 s, from up on.',
  });
  expect(overheads([line('up', 130)])[0]?.severity).toBe('stop');
  expect(overheads([line('up', 50), line('quiet', 10), line('up', 50)])).toEqual([]);
});

test('one leg is said sooner to a gentle group', () => {
  const found = (seconds: number, strength: 'gentle' | 'steady') =>
    codes(classWith([line('alone', seconds)]), strength).includes('one-leg-long');
  expect([found(30, 'gentle'), found(30, 'steady'), found(60, 'steady')]).toEqual([true, false, true]);
});

test('three horses with little between strain the thighs, and the finding tells its parts and its moment', () => {
  const items = [line('horse', 40), line('quiet', 20), line('horse', 40), line('quiet', 20), line('horse', 40)];
  const finding = judgeClass(classWith(items), find, 'steady').find(
    ({ code, what }) => code === 'strained' && what.includes('thighs'),
  );
  expect(finding?.what).toMatch(/thighs \d+ % of the steady ceiling at \d+:\d\d: horse \d+, horse \d+/);
  expect(finding?.itemId).toBe(items[4]?.id);
  const rested = [line('horse', 40), line('quiet', 120), line('horse', 40), line('quiet', 120), line('horse', 40)];
  expect(
    judgeClass(classWith(rested), find, 'steady').some(
      ({ code, what }) => code === 'strained' && what.includes('thighs'),
    ),
  ).toBe(false);
});

test('a turned and nodding head without a warmed neck is found in the main part; in the warm-up it is the warming', () => {
  const cold = judgeClass(classWith([line('look', 20)]), find, 'strong').filter(({ code }) => code === 'not-ready');
  expect(cold[0]?.what).toBe('look asks more of the neck than has been warmed up.');
  expect(cold[0]?.why[0]).toMatch(/Asked 0\.\d\d, allowed 0\.\d\d with \d+ % readiness, for 20 s/);
  const plan = classWith();
  const sections = plan.sections.map((section) =>
    section.kind === 'warm-up' ? { ...section, items: [...section.items, line('look', 20)] } : section,
  );
  expect(judgeClass({ ...plan, sections }, find, 'strong').filter(({ code }) => code === 'not-ready')).toEqual([]);
});

test('the gravest come first, and an unknown movement is not judged', () => {
  const found = judgeClass(
    classWith([line('up', 130), line('sides', 6, { sides: 'left-only' })], [line('quiet', 30)]),
    find,
    'strong',
  );
  const gravity = found.map(({ severity }) => ['stop', 'warn', 'notice'].indexOf(severity));
  expect(gravity).toEqual(gravity.toSorted());
  expect(judgeClass(classWith([line('nothing', 1)]), find, 'steady')).toEqual([]);
});
