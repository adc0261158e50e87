import { applyEdits } from '../session/edit/applyEdits';
import { analyseAfter, analyseClass } from '../session/findings/finding/analyseClass';
import { newPause } from '../session/plan/defaults';
import { classWith, contextWith, find, line } from '../testing/cleanClass';
import { movement } from '../testing/sample';
import { Hall, NOTHING_LESS } from './hall';
import { layClass } from './layClass';
import { wallMends } from './wallMends';

const hallOf = (length: number, breadth: number, front: 'long' | 'short' = 'long'): Hall =>
  Hall.parse({ id: 'plain', name: 'Plain', length, breadth, front, chairs: 4, wall: 3 });
const on = (hall: Hall, people = 4) => ({ hall, less: NOTHING_LESS, people });
const whole = (hall: Hall, people = 4) => ({ ...on(hall, people), seenBy: {}, beginners: 0 });

const steps = find('sidesteps');
if (!steps) throw new Error('side steps are in the clean class');
/** The same steps to one side, and then as many to the other. */
const sided = movement({ ...steps, id: 'sided', laterality: { sides: { kind: 'each-side', first: 'left' } } });
const withSided = (id: string) => (id === 'sided' ? sided : find(id));

const analysed = (main: ReturnType<typeof line>[]) => {
  const answer = analyseClass(classWith({ main }), { ...contextWith(), find: withSided });
  if (!answer) throw new Error('a class of known movements');
  return answer;
};

test('rows that meet nothing need nothing', () => {
  expect(wallMends(analysed([line('lift', 3)]), on(hallOf(12, 10)))).toEqual([]);
});

test('each that is offered has been tried: with it the rows meet nothing', () => {
  // Wide enough for two rows of three, not for their sixteen steps to the left.
  const hall = hallOf(7, 6);
  const of = analysed([line('sidesteps', 16)]);
  expect(layClass(of, whole(hall, 6)).wall?.itemId).toMatch(/^sidesteps/);
  const mends = wallMends(of, on(hall, 6));
  expect(mends.length).toBeGreaterThan(1);
  for (const { edits } of mends) {
    const after = analyseAfter(of, edits);
    expect(after && layClass(after, whole(hall, 6)).wall).toBeNull();
  }
});

test('in a hall that is long from front to back the row is turned, so that steps to the side go along it', () => {
  const of = analysed([line('sidesteps', 16)]);
  const labels = wallMends(of, on(hallOf(14, 6, 'short'), 12)).map(({ label }) => label);
  expect(labels).toContainEqual(expect.stringMatching(/turned to the (right|left)/));
  // As narrow both ways there is nothing to turn to.
  const square = wallMends(of, on(hallOf(7, 6), 6)).map(({ label }) => label);
  expect(square.filter((label) => label.includes('turned'))).toEqual([]);
});

test('all to one side and then all to the other is taken by turns, with as many on each', () => {
  const of = analysed([line('sided', 16)]);
  const hall = hallOf(6, 6);
  expect(layClass(of, whole(hall)).wall?.itemId).toMatch(/^sided/);
  const mend = wallMends(of, on(hall)).find(({ label }) => label.includes('by turns'));
  const changed = mend && applyEdits(of.plan, mend.edits);
  const item = changed?.sections.flatMap(({ items }) => items).find(({ id }) => id.startsWith('sided'));
  expect(item).toMatchObject({ roundRest: 0, sides: 'usual' });
  expect(item?.kind === 'movement' && item.count * item.rounds).toBe(16);
});

test('a line on one side only is offered on both where they then stay clear of the wall', () => {
  const one = analysed([line('sided', 16, { sides: 'left-only' })]);
  // Sixteen on each side go as far as sixteen on one.
  for (const { label } of wallMends(one, on(hallOf(6, 6)))) expect(label).not.toMatch(/both sides/);
  const again = analysed([line('sided', 4, { sides: 'left-only', rounds: 4 })]);
  const labels = wallMends(again, on(hallOf(6, 6))).map(({ label }) => label);
  expect(labels).toContainEqual(expect.stringMatching(/on both sides/));
});

test('where two lines meet the wall one is mended at a time, and the next is named', () => {
  const of = analysed([
    line('sidesteps', 16),
    line('lift', 6),
    newPause('rest', 'walk-back', 60),
    line('sidesteps', 16),
  ]);
  const mends = wallMends(of, on(hallOf(7.8, 6), 6));
  expect(mends.length).toBeGreaterThan(0);
  for (const { label, edits } of mends) {
    expect(label).toMatch(/; then .* meets the left wall$/);
    const after = analyseAfter(of, edits);
    const next = after && layClass(after, whole(hallOf(7.8, 6), 6)).wall;
    expect(next?.itemId).not.toBe(of.plan.sections[2]?.items[0]?.id);
  }
});
