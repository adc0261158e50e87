import type { Movement } from '../../movement/schema/movement';
import { beats, constant, line, movement, natural, phase, plan, timelineFor } from '../../testing/sample';
import { ceilingsFor } from '../limits/limitsFor';
import { newPause } from '../plan/defaults';
import type { Item } from '../plan/session';
import { sessionDemand } from './sessionDemand';
import { readinessAfter, readinessGaps } from './sessionReadiness';
import { runsOf } from './sessionRuns';
import { sessionSides } from './sessionSides';
import { sessionStrain } from './sessionStrain';

const hold = (id: string, start: Record<string, unknown>): Movement =>
  movement({
    id,
    names: { english: [id] },
    count: { unit: 'seconds', least: 5, usual: 40, most: 1200, step: 5 },
    start: { stance: 'parallel', load: { left: 50, right: 50 }, sink: 10, arms: 'hanging', ...start },
    parts: { cycle: [phase({ breath: 'natural', length: { kind: 'seconds', seconds: 5 }, call: 'Stay' })] },
  });
const horse = hold('horse', { stance: 'horse', sink: 60 });
const post = hold('post', { sink: 30, arms: 'embrace-chest' });
const heels = movement({
  id: 'heels',
  start: { stance: 'closed', load: { left: 50, right: 50 }, sink: 5, arms: 'hanging' },
  parts: {
    cycle: [
      phase({
        breath: 'in',
        length: { kind: 'span', share: 1 },
        to: { feet: { left: { contact: 'ball' }, right: { contact: 'ball' } } },
        call: 'Rise',
      }),
      phase({
        breath: 'out',
        length: { kind: 'span', share: 1 },
        to: { feet: { left: { contact: 'sole' }, right: { contact: 'sole' } } },
        call: 'Down',
      }),
    ],
  },
});
const ankles = movement({
  id: 'ankles',
  count: { unit: 'beats', least: 8, usual: 16, most: 64, step: 8 },
  parts: {
    cycle: [
      {
        ...beats(8, 60),
        overlays: [{ kind: 'loop', channel: 'feet', radius: { from: 20, to: 20 }, turns: 4, direction: 'clockwise' }],
      },
    ],
  },
});
const mirrored = movement({
  id: 'sides',
  laterality: { sides: { kind: 'each-side', first: 'left' } },
  start: { stance: 'horse', load: { left: 50, right: 50 }, sink: 30, arms: 'hanging' },
  parts: {
    cycle: [
      phase({
        breath: 'in',
        length: { kind: 'span', share: 1 },
        to: { load: { left: 80, right: 20 }, spine: { bend: -20 } },
        call: 'Over',
      }),
      phase({
        breath: 'out',
        length: { kind: 'span', share: 1 },
        to: { load: { left: 50, right: 50 }, spine: { bend: 0 } },
        call: 'Back',
      }),
    ],
  },
});
const all = [horse, post, heels, ankles, mirrored];

const piecesOf = (items: Item[]) =>
  sessionDemand(plan(items), timelineFor(plan(items, constant(6)), ...all), (id) => all.find((one) => one.id === id));
const on = (id: string, movementId: string, more: Record<string, unknown> = {}) => line({ id, movementId, ...more });
const rest = (id: string, seconds: number): Item => newPause('rest', id, seconds);
/** The class stays standing where it is, so that only holding and resting are counted. */
const STANDING = { halves: 0, call: '' };
const thighs = (items: Item[], strength: 'gentle' | 'steady' | 'strong' = 'steady') => {
  const found = sessionStrain(piecesOf(items), ceilingsFor(strength)).find(({ region }) => region === 'thighs');
  if (!found) throw new Error('thighs are a region');
  return found;
};

test('pieces follow each other without gaps and sum to the class', () => {
  const pieces = piecesOf([on('a', 'horse', { count: 40 }), rest('r', 20), on('b', 'heels', { count: 6 })]);
  let at = 0;
  for (const { startMs, seconds } of pieces) {
    expect(startMs).toBeCloseTo(at, 6);
    at = startMs + seconds * 1000;
  }
  // The steps into the horse and out of it need 4.5 s each, and what follows takes in half a second of them.
  expect(at).toBeCloseTo(4000 + 40_000 + 20_000 + 4000 + 60_000, 6);
});

test('three 40 s horses at 60 degrees with 20 s between go over the steady ceiling, and the third is said to do it', () => {
  const items = [
    on('h1', 'horse', { count: 40, bridge: STANDING }),
    rest('r1', 20),
    on('h2', 'horse', { count: 40, bridge: STANDING }),
    rest('r2', 20),
    on('h3', 'horse', { count: 40, bridge: STANDING }),
  ];
  const strain = thighs(items);
  expect(strain.percent).toBeGreaterThan(100);
  expect(strain.percent).toBeLessThan(125);
  expect(strain).toMatchObject({ compartment: 'fast', atMs: 160_000 });
  expect(strain.parts[0]?.itemId).toBe('h3');
  expect(strain.parts.reduce((sum, { percent }) => sum + percent, 0)).toBeCloseTo(strain.percent, 0);
  expect(thighs(items.slice(0, 1)).percent).toBeLessThan(100);
});

test('a 20-minute post at 30 degrees passes the steady ceiling and fails the gentle one', () => {
  const items = [on('p', 'post', { count: 1200 })];
  expect(thighs(items, 'steady').percent).toBeLessThan(100);
  expect(thighs(items, 'gentle').percent).toBeGreaterThan(100);
});

test('a rest put in never raises strain', () => {
  const items = [on('a', 'horse', { count: 60 }), on('b', 'sides', { count: 8 }), on('c', 'horse', { count: 40 })];
  const before = sessionStrain(piecesOf(items), ceilingsFor('steady'));
  for (const place of [1, 2]) {
    const rested = sessionStrain(
      piecesOf([...items.slice(0, place), rest('r', 45), ...items.slice(place)]),
      ceilingsFor('steady'),
    );
    rested.forEach(({ percent, region }, index) => {
      // Standing at ease asks a little itself, so only what is worked is compared.
      if (region === 'thighs' || region === 'low-back')
        expect(percent).toBeLessThanOrEqual((before[index]?.percent ?? 0) + 1e-9);
    });
  }
});

test('done on the other side only, left and right change places exactly', () => {
  // The left foot steps out first, whatever follows, so that the steps into it are left aside.
  const one = piecesOf([on('a', 'sides', { sides: 'left-only', count: 5, bridge: STANDING })]);
  const other = piecesOf([on('a', 'sides', { sides: 'right-only', count: 5, bridge: STANDING })]);
  const names = (pieces: typeof one) =>
    sessionStrain(pieces, ceilingsFor('steady')).map(({ percent, side }) => [percent, side]);
  const swapped = names(other).map(([percent, side]) => [
    percent,
    side === 'left' ? 'right' : side === 'right' ? 'left' : null,
  ]);
  // Equal sides are named left first, whichever way round.
  for (const [index, [percent]] of names(one).entries()) expect(percent).toBe(swapped[index]?.[0]);
});

test('a warm-up without ankles before heel raises is found, and with them it is not', () => {
  const gaps = (items: Item[]) => readinessGaps(piecesOf(items)).filter(({ region }) => region === 'ankles');
  const [gap] = gaps([on('h', 'heels', { count: 6 })]);
  expect(gap?.itemId).toBe('h');
  expect(gap?.demand).toBeGreaterThan(gap?.allowed ?? 1);
  expect(gaps([on('w', 'ankles', { count: 64 }), on('h', 'heels', { count: 6 })])).toEqual([]);
});

test('readiness goes on from where it was: two halves of a class are the whole of it', () => {
  const pieces = piecesOf([
    on('w', 'ankles', { count: 64 }),
    on('h', 'heels', { count: 6 }),
    on('b', 'sides', { count: 4 }),
  ]);
  const whole = readinessAfter(pieces);
  for (const at of [1, 5, pieces.length - 1]) {
    const split = readinessAfter(pieces.slice(at), readinessAfter(pieces.slice(0, at)));
    split.forEach((ready, channel) => {
      expect(ready).toBeCloseTo(whole[channel] ?? -1, 12);
    });
  }
  expect(Math.max(...whole)).toBeGreaterThan(0.5);
  expect(readinessAfter([], [0.25]).slice(0, 2)).toEqual([0.25, 0]);
});

test('how long hands are overhead in one stretch', () => {
  const up = hold('up', { arms: 'overhead-round' });
  const down = hold('down', {});
  const find = (id: string) => [up, down].find((one) => one.id === id);
  const items = [
    on('a', 'up', { count: 40 }),
    on('b', 'up', { count: 30 }),
    on('c', 'down', { count: 20 }),
    on('d', 'up', { count: 10 }),
  ];
  const runs = runsOf(sessionDemand(plan(items), timelineFor(plan(items), up, down), find), 'overhead');
  expect(runs.map(({ seconds, startMs }) => [Math.round(seconds), startMs])).toEqual([
    [70, 0],
    [10, 90_000],
  ]);
});

test('natural breathing at ease asks next to nothing', () => {
  const ease = movement({
    parts: { cycle: [natural(1)] },
    count: { unit: 'breaths', least: 1, usual: 6, most: 60, step: 1 },
  });
  const easy = plan([line({ movementId: ease.id })]);
  const pieces = sessionDemand(easy, timelineFor(easy, ease), () => ease);
  expect(Math.max(...sessionStrain(pieces, ceilingsFor('gentle')).map(({ percent }) => percent))).toBeLessThan(60);
});

describe('left against right', () => {
  const accounts = (more: Record<string, unknown>) => {
    const items = [on('a', 'sides', { count: 5, ...more })];
    const timeline = timelineFor(plan(items, constant(6)), ...all);
    return sessionSides(
      timeline,
      sessionDemand(plan(items), timeline, (id) => all.find((one) => one.id === id)),
    );
  };
  test('each side in turn comes out even: counts, seconds and load', () => {
    const { left, right } = accounts({});
    expect([left.repetitions, right.repetitions]).toEqual([5, 5]);
    expect([left.seconds, right.seconds]).toEqual([50, 50]);
    expect(left.load.thighs).toBeCloseTo(right.load.thighs ?? 0, 9);
  });
  test('one side only is seen in all three', () => {
    const { left, right } = accounts({ sides: 'left-only' });
    expect([left.repetitions, right.repetitions]).toEqual([5, 0]);
    expect([left.seconds, right.seconds]).toEqual([50, 0]);
    expect(left.load.thighs).toBeGreaterThan((right.load.thighs ?? 0) * 1.3);
  });
});
