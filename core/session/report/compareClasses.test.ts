import { classWith, find, line } from '../../testing/cleanClass';
import type { Plan } from '../plan/session';
import { timelineOf } from '../schedule/timeline';
import { compareClasses, compareSections } from './compareClasses';

const timelineFor = (plan: Plan) => {
  const answer = timelineOf(plan, find);
  if (!answer.ok) throw new Error('known movements');
  return { plan, timeline: answer.timeline };
};
const main = (...items: Parameters<typeof line>[]) => timelineFor(classWith({ main: items.map((of) => line(...of)) }));
const extra = (rows: ReturnType<typeof compareClasses>) =>
  rows
    .filter(({ section }) => section === 'main')
    .slice(4)
    .map(({ left, right, differs }) =>
      [left, right]
        .map((one) => (one?.item.kind === 'movement' ? `${one.item.movementId} ${one.item.count}` : '-'))
        .concat(differs),
    );

test('the same class differs from itself in nothing', () => {
  const rows = compareClasses(main(['horse', 20]), main(['horse', 20]));
  expect(rows.every(({ left, right, differs }) => left && right && differs.length === 0)).toBe(true);
});

test('what was added, left out and changed stands where it belongs', () => {
  const before = main(['horse', 20], ['up', 10], ['look', 5]);
  const after = main(['horse', 30], ['look', 5, { manner: 'explained' }], ['alone', 10]);
  expect(extra(compareClasses(before, after))).toEqual([
    ['horse 20', 'horse 30', 'count'],
    ['up 10', '-'],
    ['look 5', 'look 5', 'manner'],
    ['-', 'alone 10'],
  ]);
});

test('seen from the other side, left and right are exchanged', () => {
  const [a, b] = [main(['horse', 20], ['up', 10]), main(['up', 15], ['horse', 20])];
  const turned = compareClasses(b, a).map(({ left, right }) => [right?.item.id ?? null, left?.item.id ?? null]);
  const rows = compareClasses(a, b).map(({ left, right }) => [left?.item.id ?? null, right?.item.id ?? null]);
  const told = (some: (string | null)[][]) => some.flat().filter(Boolean).toSorted();
  expect(told(turned)).toEqual(told(rows));
});

test('the minutes of both sides sum to both classes', () => {
  const [a, b] = [main(['horse', 20], ['up', 10]), main(['alone', 15])];
  const rows = compareClasses(a, b);
  const sum = (side: 'left' | 'right') => rows.reduce((ms, row) => ms + (row[side]?.lengthMs ?? 0), 0);
  expect([sum('left'), sum('right')]).toEqual([a.timeline.totalMs, b.timeline.totalMs]);
});

test('sections that breathe or are settled otherwise are told apart, whatever their lines are', () => {
  const plan = classWith({});
  const settle = { name: 'Hands home', when: 'at-end' as const, lines: [{ movementId: 'lift', count: 3 }] };
  const pace = { from: 5, to: 5, easing: 0 };
  const changed = {
    ...plan,
    sections: plan.sections.map((section) =>
      section.kind === 'main' ? { ...section, settle } : section.kind === 'cool-down' ? { ...section, pace } : section,
    ),
  };
  expect(compareSections(plan, plan)).toEqual([]);
  expect(compareSections(plan, changed).map(({ section, differs }) => [section, differs])).toEqual([
    ['main', ['settle']],
    ['cool-down', ['pace']],
  ]);
  expect(compareSections(changed, plan)[0]).toMatchObject({ left: { settle }, right: { settle: null } });
  expect(compareSections({ sections: [] }, plan)).toEqual([]);
});
