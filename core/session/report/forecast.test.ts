import { classWith, find, line } from '../../testing/cleanClass';
import { movement } from '../../testing/sample';
import { newPause } from '../plan/defaults';
import type { Plan } from '../plan/session';
import { timelineOf } from '../schedule/timeline';
import { CLASS_SPREAD, type ForecastPart, forecastOf, forecastParts } from './forecast';

const partsOf = (plan: Plan, known = find) => {
  const answer = timelineOf(plan, known);
  if (!answer.ok) throw new Error('a class of known movements');
  return { parts: forecastParts(plan, answer.timeline, known), totalMs: answer.timeline.totalMs };
};

/** A random walk that is the same every time. */
function seeded(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 1664525 + 1013904223) % 4294967296;
    return (state + 0.5) / 4294967296;
  };
}

/** Plays a class many times: each part its own lognormal, times one factor for the whole. */
function played(parts: readonly ForecastPart[], times: number): number[] {
  const random = seeded(7);
  const normal = () => Math.sqrt(-2 * Math.log(random())) * Math.cos(2 * Math.PI * random());
  const lognormal = (mean: number, deviation: number) => {
    if (mean === 0) return 0;
    const sigma = Math.sqrt(Math.log(1 + (deviation / mean) ** 2));
    return mean * Math.exp(sigma * normal() - sigma ** 2 / 2);
  };
  return Array.from({ length: times }, () => {
    const sum = parts.reduce((total, { seconds, deviation }) => total + lognormal(seconds, deviation), 0);
    return sum * Math.exp(CLASS_SPREAD * normal() - CLASS_SPREAD ** 2 / 2);
  }).toSorted((a, b) => a - b);
}

test('one part without a spread of its own varies by the class alone', () => {
  const { likelyMs, lateMs } = forecastOf([{ seconds: 1000, deviation: 0 }]);
  expect(lateMs / likelyMs).toBeCloseTo(Math.exp(1.28155 * CLASS_SPREAD), 4);
  expect(likelyMs).toBe(Math.round(1_000_000 * Math.exp(-(CLASS_SPREAD ** 2) / 2)));
});

test('playing a class twenty thousand times agrees within one percent', () => {
  const talks = [120, 300, 60].map((seconds) => ({ seconds, deviation: 0.35 * seconds }));
  const parts = [...partsOf(classWith()).parts, ...talks];
  const { likelyMs, lateMs } = forecastOf(parts);
  const ends = played(parts, 20_000);
  expect(Math.abs(likelyMs / 1000 / (ends[10_000] ?? 0) - 1)).toBeLessThan(0.01);
  expect(Math.abs(lateMs / 1000 / (ends[18_000] ?? 0) - 1)).toBeLessThan(0.01);
});

test('the parts sum to the class, and more talk makes it later than as much moving', () => {
  const { parts, totalMs } = partsOf(classWith());
  expect(parts.reduce((sum, { seconds }) => sum + seconds, 0) * 1000).toBeCloseTo(totalMs, 3);
  const talk = newPause('talk', 'talk', 300);
  const talked = forecastOf(partsOf(classWith({ main: [talk] })).parts);
  const moved = forecastOf(partsOf(classWith({ main: [line('lift', 30)] })).parts);
  expect(talked.lateMs).toBeGreaterThan(moved.lateMs);
});

test('an open count makes the end less certain', () => {
  const open = movement({
    id: 'open',
    count: { unit: 'repetitions', least: 10, usual: 20, most: 60, step: 1, ends: 'until-it-flows' },
  });
  const counted = movement({ id: 'counted', count: { unit: 'repetitions', least: 10, usual: 20, most: 60, step: 1 } });
  const late = (one: typeof open) =>
    forecastOf(partsOf(classWith({ main: [line(one.id, 20)] }), (id) => (id === one.id ? one : find(id))).parts).lateMs;
  expect(late(open)).toBeGreaterThan(late(counted));
});

test('an empty class ends when it begins', () => expect(forecastOf([])).toEqual({ likelyMs: 0, safeMs: 0, lateMs: 0 }));
