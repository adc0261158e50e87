import type { Region } from '../core/body/written/region';
import { type Movement, variantOf } from '../core/movement/schema/movement';
import { ceilingsFor } from '../core/session/limits/limitsFor';
import { sessionDemand } from '../core/session/load/sessionDemand';
import { sessionStrain } from '../core/session/load/sessionStrain';
import { newPause } from '../core/session/plan/defaults';
import { type Item, Plan } from '../core/session/plan/session';
import { timelineOf } from '../core/session/schedule/timeline';
import { shippedRepertoire } from '../server/shippedRepertoire';

/**
 * Classes in the order an instructor ranks them, easiest first, before any figure. Each is built of movements of the
 * repertoire; where depth matters, the knee bend is set as the ranking says.
 */
const { find: shipped } = shippedRepertoire();
const made = new Map<string, Movement>();
const base = (id: string): Movement => {
  const movement = shipped(id) ?? made.get(id);
  if (!movement) throw new Error(`there is no movement "${id}"`);
  return movement;
};
/** A movement at another depth: its knee bends are scaled so that the deepest is `sink`, and the stance with them. */
function at(id: string, sink: number): string {
  const name = `${id}-at-${sink}`;
  if (made.has(name)) return name;
  const movement = base(id);
  const deepest = Math.max(
    movement.start.sink,
    ...Object.values(movement.parts).flatMap((part) => (part ?? []).map(({ to }) => to.sink ?? 0)),
  );
  const share = sink / deepest;
  const variant = {
    id: 'deep',
    kind: 'harder' as const,
    name: 'At a depth',
    patch: { sink: Math.min(2, share), spread: Math.min(1.6, Math.max(0.4, share)), seated: false, toesDown: false },
    eases: [],
  };
  made.set(name, { ...variantOf({ ...movement, variants: [variant] }, 'deep'), id: name });
  return name;
}

let lines = 0;
const nextId = (): string => {
  lines += 1;
  return `l${lines}`;
};
const line = (movementId: string, count: number, more: Record<string, unknown> = {}): Item =>
  Plan.shape.sections.element.shape.items.element.parse({
    kind: 'movement',
    id: nextId(),
    movementId,
    count,
    manner: 'follow-along',
    ...more,
  });
const rest = (seconds: number): Item => newPause('rest', nextId(), seconds);
const times = <Thing>(n: number, of: () => Thing[]): Thing[] => Array.from({ length: n }, of).flat();

function strainOf(items: Item[], regions: readonly Region[], pace = 7): number {
  const plan = Plan.parse({
    slotMinutes: 60,
    breath: { in: 1, out: 1 },
    sections: [{ kind: 'main', pace: { from: pace, to: pace, easing: 0 }, items }],
  });
  const find = (id: string) => shipped(id) ?? made.get(id);
  const answer = timelineOf(plan, find);
  if (!answer.ok) throw new Error(answer.problems.map(({ message }) => message).join());
  const strain = sessionStrain(sessionDemand(plan, answer.timeline, find), ceilingsFor('steady'));
  return Math.max(...strain.filter(({ region }) => regions.includes(region)).map(({ percent }) => percent));
}

/** How well two orders agree, 1 exactly: Spearman's rank correlation. */
function rankCorrelation(figures: readonly number[]): number {
  const n = figures.length;
  const rank = figures.map(
    (figure) =>
      figures.filter((other) => other < figure).length + figures.filter((other) => other === figure).length / 2 - 0.5,
  );
  const squares = rank.reduce((sum, value, index) => sum + (value - index) ** 2, 0);
  return 1 - (6 * squares) / (n * (n * n - 1));
}
/** No class may be further than one place from where it is ranked. */
const displaced = (figures: readonly number[]): number[] =>
  figures.flatMap((figure, index) =>
    Math.abs(figures.filter((other) => other < figure).length - index) > 1 ? [index + 1] : [],
  );

const loosening = () => [line('shoulder-rolls', 6), line('hip-circles', 6), line('shake-out', 40)];

describe('legs', () => {
  const horse = (seconds: number, sink: number) => line(at('horse-hold', sink), seconds);
  beforeAll(() => {
    const post = base('post-belly');
    made.set('horse-hold', {
      ...post,
      id: 'horse-hold',
      start: { ...post.start, stance: 'horse', arms: 'hands-on-hips', sink: 45 },
      count: { unit: 'seconds', least: 5, usual: 60, most: 1200, step: 5, ends: 'counted' },
      parts: {
        cycle: [
          { ...(post.parts.cycle[0] as (typeof post.parts.cycle)[number]), length: { kind: 'seconds', seconds: 5 } },
        ],
      },
    });
    made.set('post-at-30', {
      ...post,
      id: 'post-at-30',
      start: { ...post.start, sink: 30 },
      parts: { cycle: post.parts.cycle },
      count: { ...post.count, most: 400 },
    });
  });
  const form = (sink: number) =>
    ['part-the-mane', 'brush-knee', 'repulse-monkey', 'cloud-hands', 'brush-knee'].map((id) =>
      line(at(id, sink), 4, { sides: 'usual' }),
    );
  const classes: (() => Item[])[] = [
    () =>
      times(4, () => [
        line('seated-raise-and-sink', 12),
        line('seated-turns', 6),
        line('seated-sky-lift', 10),
        line('seated-stillness', 6),
      ]),
    () => [
      line(at('neck-turns', 10), 6),
      line(at('shoulder-rolls', 10), 10),
      line(at('wrist-circles', 10), 24),
      line(at('hip-circles', 10), 10),
      line(at('knead-the-hands', 10), 72),
      line(at('comb-the-hair', 10), 36),
      line(at('settle-and-stand', 10), 12),
      line(at('rub-the-lower-back', 10), 54),
    ],
    () =>
      times(4, () =>
        ['lift-the-sky', 'open-the-chest', 'one-hand-up', 'gather-and-pour'].map((id) => line(at(id, 20), 8)),
      ),
    () =>
      ['lift-the-sky', 'one-hand-up', 'look-behind', 'turning-palms', 'clouds-in-place', 'gaze-at-the-moon']
        .flatMap((id) => [line(at(id, 22), 8), rest(30)])
        .concat([line(at('draw-the-bow', 30), 8), rest(30), line(at('punch-with-wide-eyes', 30), 8), rest(30)]),
    () => times(3, () => [...form(24), rest(180)]),
    () => [...loosening(), line('post-at-30', 140), ...loosening()],
    () => times(4, () => [...form(38), rest(40)]),
    () => [
      ...times(5, () => [horse(60, 43), line('shake-out', 40)]),
      ...times(4, () => [line(at('pushing-waves', 40), 10)]),
    ],
    () => [
      line(at('side-bow-shifts', 50), 20),
      line(at('side-bow-shifts', 50), 14),
      line('crane-stands', 4),
      line('golden-rooster', 4),
      line(at('slow-walking', 40), 16),
      line(at('slow-walking', 40), 16),
    ],
    () => [
      ...times(6, () => form(55)),
      rest(60),
      ...times(3, () => form(55)),
      ...times(3, () => [horse(90, 60), rest(20)]),
    ],
  ];
  test('rank as an instructor ranks them', () => {
    const figures = classes.map((of, index) => strainOf(of(), ['thighs'], index === 5 ? 8 : 7));
    expect(rankCorrelation(figures)).toBeGreaterThanOrEqual(0.9);
    expect(displaced(figures)).toEqual([]);
  });
});

describe('shoulders', () => {
  const post = (id: string, from: string, arms: 'embrace-chest' | 'overhead-round') => {
    const movement = base(from);
    made.set(id, {
      ...movement,
      id,
      start: { ...movement.start, arms },
      count: { unit: 'seconds', least: 5, usual: 60, most: 1200, step: 5, ends: 'counted' },
      parts: {
        cycle: [
          {
            ...(movement.parts.cycle[0] as (typeof movement.parts.cycle)[number]),
            to: {},
            length: { kind: 'seconds', seconds: 5 },
          },
        ],
      },
    });
  };
  beforeAll(() => {
    post('chest', 'post-chest', 'embrace-chest');
    post('overhead', 'post-overhead', 'overhead-round');
  });
  const classes: (() => Item[])[] = [
    () => [line('belly-breathing', 36), line('quiet-standing', 30)],
    () => times(3, () => [line('raise-and-sink', 8), rest(60)]),
    () => times(5, () => [line('pushing-waves', 6), line('turning-palms', 6)]),
    () => [line('chest', 300)],
    () => times(6, () => ['lift-the-sky', 'parting-clouds', 'rainbow-dance'].map((id) => line(id, 6))),
    () => [line('chest', 300), ...times(5, () => [line('overhead', 60), rest(20)])],
  ];
  test('rank as an instructor ranks them', () => {
    const figures = classes.map((of) => strainOf(of(), ['shoulders']));
    expect(rankCorrelation(figures)).toBeGreaterThanOrEqual(0.8);
    expect(displaced(figures)).toEqual([]);
  });
});

describe('balance', () => {
  const blind = { ...base('one-leg-stand') };
  made.set('blind', { ...blind, id: 'blind', start: { ...blind.start, arms: 'hanging', eyes: 'closed' } });
  const raised = base('heel-raises');
  made.set('free-heels', { ...raised, id: 'free-heels', start: { ...raised.start, arms: 'hanging', armSide: null } });
  const ids = [
    'seated-clouds',
    'clouds-in-place',
    'bow-rocking',
    'heel-raises',
    'slow-walking',
    'knee-lifts',
    'free-heels',
    'blind',
  ];
  const hardest = (id: string): number => {
    const find = (name: string) => shipped(name) ?? made.get(name);
    const plan = Plan.parse({
      slotMinutes: 60,
      breath: { in: 1, out: 1 },
      sections: [{ kind: 'main', pace: { from: 7, to: 7, easing: 0 }, items: [line(id, 6)] }],
    });
    const answer = timelineOf(plan, find);
    if (!answer.ok) throw new Error('a known movement');
    const pieces = sessionDemand(plan, answer.timeline, find);
    return Math.max(...pieces.map(({ demand }) => demand.balance));
  };
  test('ranks as an instructor ranks it', () => {
    const figures = ids.map(hardest);
    expect(rankCorrelation(figures)).toBeGreaterThanOrEqual(0.8);
  });
});
