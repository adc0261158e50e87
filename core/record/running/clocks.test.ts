import { inBreath, line, movement, outBreath, plan, timelineFor } from '../../testing/sample';
import { beginTeaching } from '../standing/teaching';
import { advance } from './advance';
import { afterParting, partedBy } from './clocks';

const timeline = timelineFor(
  plan([line({ movementId: 'even', count: 60 })]),
  movement({ id: 'even', parts: { cycle: [inBreath, outBreath] } }),
);
const begun = advance(timeline, beginTeaching(), 20_000);
const at = (monotonic: number, wall: number) => ({ monotonic, wall });

test('five minutes of sleep, and a clock that is set, part the clocks; a hidden tab and a slow correction do not', () => {
  expect(partedBy(at(1000, 5000), at(2000, 306_000))).toBe(300_000);
  expect(partedBy(at(1000, 5000), at(2000, -594_000))).toBe(-600_000);
  // Out of sight for ten minutes, both clocks went on.
  expect(partedBy(at(1000, 5000), at(601_000, 605_100))).toBe(0);
  let [before, parted] = [at(0, 0), 0];
  for (let second = 1; second <= 600; second += 1) {
    const now = at(second * 1000, second * 1010);
    parted += Math.abs(partedBy(before, now));
    before = now;
  }
  expect(parted).toBe(0);
});

test('a class that went on meanwhile stands where it then is, to the millisecond', () => {
  const after = afterParting(timeline, begun, 'went-on', { by: 60_000, waited: 3000 });
  expect(after.planMs).toBeCloseTo(begun.planMs + 63_000, 6);
  expect(after.wallMs).toBeCloseTo(begun.wallMs + 63_000, 6);
});

test('one that stood has lost the time and not its place', () => {
  const after = afterParting(timeline, begun, 'stood', { by: 60_000, waited: 3000 });
  expect(after.planMs).toBeLessThanOrEqual(begun.planMs);
  expect(after.wallMs).toBeCloseTo(begun.wallMs + 63_000, 6);
});

test('where only the clock was set no more has passed than it was asked for', () => {
  for (const by of [600_000, -600_000]) {
    const after = afterParting(timeline, begun, 'clock-set', { by, waited: 3000 });
    expect(after.wallMs).toBeCloseTo(begun.wallMs + 3000, 6);
    expect(after.planMs).toBeCloseTo(begun.planMs + 3000, 6);
  }
  // A clock set back makes no class shorter.
  expect(afterParting(timeline, begun, 'went-on', { by: -600_000, waited: 0 }).wallMs).toBe(begun.wallMs);
});

test('whatever is said, the times of the lines still sum to the wall time', () => {
  for (const meanwhile of ['went-on', 'stood', 'clock-set'] as const) {
    const after = afterParting(timeline, begun, meanwhile, { by: 90_000, waited: 1234 });
    expect(Object.values(after.spent).reduce((sum, ms) => sum + ms, 0)).toBeCloseTo(after.wallMs, 4);
  }
});
