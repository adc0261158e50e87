import { USUAL_SCHOOLS } from '../../movement/adapt/schools';
import { breathConvention } from '../../movement/walk/breathConvention';
import { find, line, MOVEMENTS } from '../../testing/cleanClass';
import { movement, timelineOfLine } from '../../testing/sample';
import { warmingOf } from '../../traits/warmingOf';
import { applyEdits } from '../edit/applyEdits';
import { driftOf } from '../load/driftOf';
import { adaptMovement } from './adaptMovement';
import { newPause } from './defaults';
import { Plan } from './session';

const known = (id: string) => {
  const found = find(id);
  if (!found) throw new Error(`there is no ${id}`);
  return found;
};
const WRITTEN = { variant: null, layer: null, breathing: null, ramp: null, schools: {} };

describe('the way a line is done', () => {
  test('as it is written is the movement itself; a way always answers the same object', () => {
    const squat = known('squat');
    expect(adaptMovement(squat, WRITTEN, USUAL_SCHOOLS)).toBe(squat);
    const deep = adaptMovement(squat, { ...WRITTEN, variant: 'deep' }, USUAL_SCHOOLS);
    expect(deep).not.toBe(squat);
    expect(adaptMovement(squat, { ...WRITTEN, variant: 'deep' }, USUAL_SCHOOLS)).toBe(deep);
    expect(deep.parts.cycle[1]?.to.sink).toBe(2 * (squat.parts.cycle[1]?.to.sink ?? 0));
  });
  test('another school breathes it the other way round', () => {
    const push = known('push-out');
    expect(breathConvention(push)).toBe('out');
    expect(breathConvention(adaptMovement(push, { ...WRITTEN, breathing: 'the other way' }, USUAL_SCHOOLS))).toBe('in');
  });
  test('raising and sinking is no pushing', () => expect(breathConvention(known('lift'))).toBeNull());
});

describe('how far a line carries the class', () => {
  const steps = known('sidesteps');
  const total = (one: typeof steps, more: Record<string, unknown> = {}) =>
    timelineOfLine(one, { count: 4, ...more }).segments.reduce(
      (sum, segment) => {
        const { x, y } = driftOf(one, segment);
        return { x: sum.x + x, y: sum.y + y };
      },
      { x: 0, y: 0 },
    );
  test('steps to one side add up, and standing stays where it is', () => {
    const four = total(steps);
    const eight = total(steps, { count: 8 });
    expect(Math.abs(four.x)).toBeGreaterThan(0.4);
    expect(eight.x).toBeCloseTo(2 * four.x, 9);
    expect(total(known('lift'))).toEqual({ x: 0, y: 0 });
  });
  test('on both sides they take each other back', () => {
    const sided = movement({ ...steps, id: 'both', laterality: { sides: { kind: 'each-side', first: 'left' } } });
    const { x } = total(sided);
    expect(Math.abs(x)).toBeLessThan(1e-9);
    expect(Math.abs(total(sided, { sides: 'left-only' }).x)).toBeGreaterThan(0.4);
  });
});

test('what a movement warms: what moves, and what it says of itself', () => {
  expect(warmingOf(known('lift')).shoulders.mobilised).toBeGreaterThan(0.2);
  expect(warmingOf(known('lift')).neck.mobilised).toBe(0);
  expect(warmingOf(known('loosen')).neck.mobilised).toBe(1);
  for (const one of MOVEMENTS)
    for (const { mobilised, peak } of Object.values(warmingOf(one))) {
      expect(mobilised).toBeGreaterThanOrEqual(0);
      expect(mobilised).toBeLessThanOrEqual(1);
      expect(peak).toBeGreaterThanOrEqual(0);
    }
});

test('changes as data: each does what it says, in order, and leaves the class it was given alone', () => {
  const pace = { from: 6, to: 6, easing: 0 };
  const plan = Plan.parse({
    slotMinutes: 20,
    breath: { in: 1, out: 1 },
    sections: [{ kind: 'main', pace, items: [line('lift', 3, { id: 'a' }), line('sides', 3, { id: 'b' })] }],
  });
  const before = JSON.stringify(plan);
  const after = applyEdits(plan, [
    { kind: 'add', at: { section: 0, index: 0 }, item: newPause('rest', 'r', 20) },
    { kind: 'change', itemId: 'a', to: { count: 9 } },
    { kind: 'move', itemId: 'b', to: { section: 0, index: 0 } },
    { kind: 'remove', itemIds: ['r'] },
    { kind: 'section', section: 0, to: { pace: { ...pace, to: 5 } } },
  ]);
  expect(after.sections[0]?.items.map(({ id }) => id)).toEqual(['b', 'a']);
  expect(after.sections[0]?.items[1]).toMatchObject({ count: 9 });
  expect(after.sections[0]?.pace.to).toBe(5);
  expect(JSON.stringify(plan)).toBe(before);
  expect(applyEdits(plan, [{ kind: 'change', itemId: 'nobody', to: { count: 1 } }])).toEqual(plan);
});
