import type { Movement } from '../movement/schema/movement';
import { Plan } from '../session/plan/session';
import { timelineOf } from '../session/schedule/timeline';
import { find, line, MOVEMENTS } from '../testing/cleanClass';
import { needOf } from '../testing/needs';
import { fc } from '../testing/properties';
import { constant, movement, phase } from '../testing/sample';
import { times } from '../testing/sweep';
import { isOld, NEED_KINDS, Need, Needs, needLabel, needWords } from './need';
import { needReason } from './needRules';
import { NEED_SETS } from './needSets';
import { otherWays, wayThrough } from './wayThrough';
import { countWays, linesInClass, supportsWanted, whoNeedsWhat } from './whoNeedsWhat';

const span = { kind: 'span' as const, share: 1 };
const seat = { id: 'sat', kind: 'seated', name: 'on a chair', patch: { seated: true } } as const;
const MORE: readonly Movement[] = [
  movement({
    id: 'arms-up',
    names: { english: ['arms up'] },
    variants: [seat],
    parts: {
      cycle: [
        phase({ breath: 'in', length: span, to: { arms: 'overhead-press', sink: 10 }, call: 'Up' }),
        phase({ breath: 'out', length: span, to: { arms: 'hanging', sink: 16 }, call: 'Down' }),
      ],
    },
  }),
  movement({
    id: 'comb',
    names: { english: ['comb'] },
    start: { stance: 'parallel', load: { left: 50, right: 50 }, sink: 10, arms: 'hands-on-head' },
    parts: {
      cycle: [
        phase({ breath: 'in', length: span, to: { sink: 10 }, call: 'In' }),
        phase({ breath: 'out', length: span, to: { sink: 12 }, call: 'Out' }),
      ],
    },
  }),
];
const findAny = (id: string) => find(id) ?? MORE.find((one) => one.id === id);

const classOf = (...items: ReturnType<typeof line>[]) => {
  const plan = Plan.parse({
    slotMinutes: 60,
    breath: { in: 1, out: 1 },
    sections: [{ kind: 'main', pace: constant(6), items }],
  });
  const answer = timelineOf(plan, findAny);
  if (!answer.ok) throw new Error('a class of known movements');
  return { plan, timeline: answer.timeline, find: findAny };
};
const lineOf = (id: string, count: number, more = {}) => {
  const [found] = linesInClass(classOf(line(id, count, more)));
  if (!found) throw new Error('the class has one line');
  return found;
};

describe('a need', () => {
  test('is kept only with the day it was agreed to, and each kind once', () => {
    const { agreedOn, ...unasked } = needOf('higher-stance');
    expect(agreedOn).toBe('2026-09-01');
    expect(Need.safeParse(unasked).success).toBe(false);
    expect(Needs.safeParse([needOf('pauses'), needOf('pauses')]).error?.issues[0]?.message).toBe(
      'is written down twice',
    );
  });

  test('is said in plain words, with its side', () => {
    expect(needWords(needOf('no-twist'))).toBe('no twist under load, left');
    expect(needWords(needOf('arm-low', { side: 'both' }))).toBe('both arms below the shoulders');
    expect(needWords(needOf('arm-low', { side: 'right' }))).toBe('right arm below the shoulder');
    expect(needWords(needOf('touch', { answer: 'no' }))).toBe('touch: no');
    for (const kind of NEED_KINDS) expect(needLabel(kind)).toMatch(/^[a-z ]+$/);
  });

  test('is old from the day on which it is to be asked again', () => {
    expect(isOld(needOf('pauses'), '2026-11-23')).toBe(false);
    expect(isOld(needOf('pauses'), '2026-11-24')).toBe(true);
  });

  test('of the ready-made sets keeps no word of what was said', () => {
    for (const { kinds } of NEED_SETS) {
      const needs = kinds.map((kind) => needOf(kind));
      expect(Needs.safeParse(needs).success).toBe(true);
      expect(needs.every(({ reason }) => reason === '')).toBe(true);
    }
  });

  test('tells the reason of its limit and the usual caution, where it is of a line', () => {
    expect(needReason('front-row')).toBeNull();
    expect(needReason('higher-stance')?.reason).toMatch(/25 degrees/);
    const words = NEED_KINDS.map((kind) => JSON.stringify(needReason(kind))).join(' ');
    expect(words).not.toMatch(/\bsafe/i);
  });
});

describe('a way through a line', () => {
  test('is clear where nothing that is written down is in the way', () => {
    expect(wayThrough(lineOf('squat', 4), [needOf('higher-stance')])).toMatchObject({ kind: 'clear', why: [] });
  });

  test('a low stance is taken higher, and says by how much it is too low', () => {
    const way = wayThrough(lineOf('horse', 20), [needOf('higher-stance')]);
    expect(way).toMatchObject({ kind: 'way', name: 'the higher way', variant: null });
    expect(way.why).toEqual(['a higher stance: the knees bend to 60°; 25° is a high stance']);
    expect(way.cautions[0]).toMatch(/Knees track/);
  });

  test('who goes higher goes no lower from round to round either', () => {
    for (const [id, bend] of [
      ['horse', 80],
      ['squat', 44],
    ] as const) {
      const way = wayThrough(lineOf(id, 20, { rounds: 3, lower: 10 }), [needOf('higher-stance')]);
      expect(way).toMatchObject({ kind: 'way', name: 'the higher way' });
      expect(way.why[0]).toMatch(new RegExp(`bend to ${bend}°`));
    }
  });

  test('arms overhead are kept below the shoulders, but a head is not combed down there', () => {
    expect(wayThrough(lineOf('arms-up', 4), [needOf('arm-low')])).toMatchObject({
      kind: 'way',
      name: 'hands below the shoulders',
    });
    const comb = wayThrough(lineOf('comb', 4), [needOf('arm-low')]);
    expect(comb.kind).toBe('none');
    expect(comb.why[0]).toMatch(/^left arm below the shoulder: the arm comes \d+ cm above/);
  });

  test('a seat is offered where there is one, and the other needs hold on it too', () => {
    expect(wayThrough(lineOf('arms-up', 4), [needOf('sits-throughout')])).toMatchObject({
      kind: 'seat',
      variant: 'sat',
    });
    expect(wayThrough(lineOf('arms-up', 4), [needOf('sits-throughout'), needOf('arm-low')])).toMatchObject({
      kind: 'seat',
      name: 'on a chair, hands below the shoulders',
    });
    expect(wayThrough(lineOf('horse', 20), [needOf('sits-throughout')]).kind).toBe('none');
  });

  test('on one leg there is a chair within reach, walking sideways there is none', () => {
    expect(wayThrough(lineOf('alone', 20), [needOf('chair-near')])).toMatchObject({ kind: 'clear', support: 'chair' });
    expect(wayThrough(lineOf('alone', 20), [needOf('wall-near')])).toMatchObject({ kind: 'clear', support: 'wall' });
  });

  test('a stopped breath and a long stretch are met by a word', () => {
    const way = wayThrough(lineOf('stopped', 12), [needOf('no-breath-holding'), needOf('pauses')]);
    expect(way).toMatchObject({ kind: 'clear', say: ['breathe on through', 'pause when you like'] });
    expect(way.why).toHaveLength(2);
  });

  test('a twist is of the leg that it is over: hips turned to the right turn in over the right one', () => {
    const through = (side: string) => wayThrough(lineOf('planted', 20), [needOf('no-twist', { side })]).kind;
    expect([through('left'), through('right'), through('both')]).toEqual(['clear', 'none', 'none']);
  });

  test('the pace moves the figures: what comes up too fast at ten breaths a minute has time at three', () => {
    const at = (pace: number) => wayThrough(lineOf('bow-down', 1, { pace }), [needOf('rise-slowly')]).kind;
    expect(at(10)).not.toBe('clear');
    expect(at(3)).toBe('clear');
  });

  test('of every line and need, a way that is offered really meets it: led that way, nothing is in it', () => {
    const lines = [...MOVEMENTS, ...MORE].map(({ id }) => lineOf(id, findAny(id)?.count.usual ?? 6));
    for (const of of lines)
      for (const kind of NEED_KINDS) {
        const needs = [needOf(kind)];
        const way = wayThrough(of, needs);
        if (way.kind !== 'way' && way.kind !== 'seat') continue;
        const done = otherWays(of).find(({ name }) => name === way.name);
        if (!done) throw new Error(`${way.name} is one of the ways`);
        const led = wayThrough(
          {
            ...of,
            deepest: done.deepest ?? of.deepest,
            movement: { ...done.movement, variants: [] },
            item: { ...of.item, variant: null },
          },
          needs,
        );
        expect({ kind: led.kind, movement: of.movement.id, need: kind }).toEqual({
          kind: 'clear',
          movement: of.movement.id,
          need: kind,
        });
      }
  });

  test('with a need more, no line has less in the way', () => {
    const lines = MOVEMENTS.map(({ id }) => lineOf(id, find(id)?.count.usual ?? 6));
    const clear = (kinds: readonly Need['kind'][]) =>
      lines.filter((of) => {
        const way = wayThrough(
          of,
          kinds.map((kind) => needOf(kind)),
        );
        return way.kind === 'clear' && way.support === null && way.say.length === 0;
      }).length;
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.constantFrom(...NEED_KINDS), { minLength: 1, maxLength: 5 }),
        ([first, ...rest]) => {
          if (first) expect(clear([first, ...rest])).toBeLessThanOrEqual(clear(rest));
        },
      ),
      { numRuns: times(600, 60) },
    );
  });
});

describe('who needs what in a class', () => {
  const three = [
    { id: 'a', needs: [needOf('higher-stance')] },
    { id: 'b', needs: [needOf('higher-stance'), needOf('chair-near')] },
    { id: 'c', needs: [] },
  ];

  test('is told in counts, for those only of whom something is written down', () => {
    const [horse, alone] = whoNeedsWhat(classOf(line('horse', 20), line('alone', 20)), three);
    if (!horse || !alone) throw new Error('the class has two lines');
    expect(horse.through.map(({ id }) => id)).toEqual(['a', 'b']);
    expect(countWays(horse)).toEqual([{ words: 'the higher way', count: 2 }]);
    expect(countWays(alone)).toEqual([{ words: 'a chair within reach', count: 1 }]);
    expect(supportsWanted(alone)).toEqual({ chairs: 1, wall: 0 });
    expect(whoNeedsWhat(classOf(line('horse', 20)), [{ id: 'c', needs: [] }])).toEqual([]);
  });

  test('who sits for parts is offered a seat after ten minutes on the feet, and not again before ten more', () => {
    const lines = whoNeedsWhat(
      classOf(line('quiet', 590), line('arms-up', 2), line('arms-up', 2), line('quiet', 600), line('arms-up', 2)),
      [{ id: 'a', needs: [needOf('sits-for-parts')] }],
    );
    expect(lines.map(({ through }) => through[0]?.way.kind)).toEqual(['clear', 'seat', 'clear', 'clear', 'seat']);
    expect(lines[1]?.through[0]?.way.why[0]).toMatch(/10 minutes on the feet/);
  });
});
