import { timelineOf } from '../session/schedule/timeline';
import { classWith, find } from '../testing/cleanClass';
import { session } from '../testing/sample';
import { chance, scattered } from '../testing/scattered';
import { learn, movedBy, type Observation, observationsOf } from './calibrate';
import { loggedItems } from './classLog';
import { advance } from './running/advance';
import { skip } from './running/steer';
import { beginTeaching } from './standing/teaching';

const talks = (seed: number, classes: number, each: number, times: number): Observation[] => {
  const draw = scattered(chance(seed));
  return Array.from({ length: classes * each }, () => ({
    kind: 'talk' as const,
    groupId: 'evening',
    movementId: null,
    ratio: Math.log(times) + 0.35 * draw(),
  }));
};

test('at the level of a movement two parts move what is believed by 27 percent, twenty by 79', () => {
  expect(Math.round(100 * movedBy(2))).toBe(27);
  expect(Math.round(100 * movedBy(20))).toBe(79);
});

test('what is learnt of 200 instructors who talk 1.4 times as long as reckoned, six talks in each of nine classes', () => {
  const found = Array.from({ length: 200 }, (_, seed) => learn(talks(seed + 1, 9, 6, 1.4))[0]?.times ?? 0);
  const errors = found.map((times) => times / 1.4 - 1);
  const mean = errors.reduce((sum, error) => sum + error, 0) / errors.length;
  expect(Math.abs(mean)).toBeLessThanOrEqual(0.02);
  expect(errors.filter((error) => Math.abs(error) <= 0.1).length).toBeGreaterThanOrEqual(180);
});

test('with one talk a class nine in ten are within 18 percent', () => {
  const errors = Array.from({ length: 200 }, (_, seed) => (learn(talks(seed + 1, 9, 1, 1.4))[0]?.times ?? 0) / 1.4 - 1);
  expect(errors.filter((error) => Math.abs(error) <= 0.18).length).toBeGreaterThanOrEqual(180);
});

test('groups lend each other what they have in common, and keep what is their own', () => {
  const one = talks(3, 9, 6, 1.4);
  const other: Observation[] = [{ kind: 'talk', groupId: 'morning', movementId: null, ratio: 0 }];
  const alone = learn(other)[0]?.times ?? 0;
  const beside = learn([...one, ...other]);
  const morning = beside.find(({ groupId }) => groupId === 'morning')?.times ?? 0;
  const evening = beside.find(({ groupId }) => groupId === 'evening')?.times ?? 0;
  expect(alone).toBe(1);
  expect(morning).toBeGreaterThan(1.05);
  expect(morning).toBeLessThan(evening);
  expect(learn([])).toEqual([]);
});

describe('what a class teaches', () => {
  const plan = classWith();
  const answer = timelineOf(plan, find);
  if (!answer.ok) throw new Error('a class of known movements');
  const { timeline } = answer;
  const of = { ...session(), ...plan, groupId: 'evening' };
  const logOf = (teaching: ReturnType<typeof beginTeaching>) => ({
    plan: of,
    items: loggedItems(of, timeline, teaching, find),
  });

  test('that nobody touched is nothing', () => {
    const end = advance(timeline, beginTeaching(), timeline.totalMs);
    expect(end.finished).toBe(true);
    expect(observationsOf(logOf(end))).toEqual([]);
  });

  test('is the part that somebody ended, with its counts as they were done', () => {
    const half = advance(timeline, beginTeaching(), (timeline.items[0]?.lengthMs ?? 0) / 2);
    const end = advance(timeline, skip(timeline, half), timeline.totalMs);
    const log = logOf(end);
    const [first] = log.items;
    expect(first?.parts.filter(({ by }) => by === 'person').map(({ kind }) => kind)).toEqual(['moving']);
    const learnt = observationsOf(log);
    expect(learnt.length).toBeLessThanOrEqual(1);
    // Cut short by half it went on at its usual pace: it teaches that nothing is different.
    for (const { ratio } of learnt) expect(Math.abs(ratio)).toBeLessThan(0.15);
  });

  test('is held against what is usual, also where the class was reckoned by a measure of its own', () => {
    const talk = { kind: 'talk' as const, plannedMs: 84_000, actualMs: 84_000, by: 'person' as const };
    const log = logOf(advance(timeline, beginTeaching(), timeline.totalMs));
    const measured = {
      plan: { ...log.plan, takes: { talk: 1.4 } },
      items: log.items.slice(0, 1).map((item) => ({ ...item, parts: [talk] })),
    };
    expect(observationsOf(measured)[0]?.ratio).toBeCloseTo(Math.log(1.4));
    expect(observationsOf({ ...measured, plan: log.plan })[0]?.ratio).toBeCloseTo(0);
  });

  test('is cut where it is beyond three times, and nothing where it is short', () => {
    const moving = { kind: 'moving' as const, plannedMs: 20_000, by: 'person' as const };
    const log = logOf(advance(timeline, beginTeaching(), timeline.totalMs));
    const withParts = (actualMs: number) => ({
      ...log,
      items: log.items.slice(0, 1).map((item) => ({ ...item, parts: [{ ...moving, actualMs }] })),
    });
    expect(observationsOf(withParts(200_000))[0]?.ratio).toBeCloseTo(Math.log(3));
    expect(observationsOf(withParts(4000))).toEqual([]);
  });
});
