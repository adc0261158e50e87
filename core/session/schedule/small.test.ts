import { cycleAmount } from '../../movement/schema/cycleAmount';
import type { Breath } from '../../movement/schema/phase';
import { beats, constant, inBreath, natural, outBreath, phase } from '../../testing/sample';
import { phaseBreaths, phaseSeconds } from '../../timing/phaseSeconds';
import { namingSeconds, showingSeconds, speechSeconds } from '../../timing/speech';
import { Plan, Session } from '../plan/session';
import { callFor } from './calls';

const ratio = { in: 2, out: 3 };
const seconds = phase({ breath: 'retained-empty', length: { kind: 'seconds', seconds: 2.5 }, call: 'Wait' });
const span = (breath: Breath, share: number) => phase({ breath, length: { kind: 'span', share }, call: 'x' });

describe('how long a phase lasts', () => {
  test.each([
    ['a whole in-breath at 2:3', inBreath, 4],
    ['a whole out-breath at 2:3', outBreath, 6],
    ['a third of an out-breath', span('out', 1 / 3), 2],
    ['two natural breaths', natural(2), 20],
    ['nine beats at 90', beats(9, 90), 6],
    ['seconds by the clock', seconds, 2.5],
  ])('%s at 6 breaths a minute', (_name, phase, expected) => {
    expect(phaseSeconds(phase, ratio, constant(6), 0)).toBeCloseTo(expected, 9);
  });

  test('beats and seconds have no breaths to stretch', () => {
    expect([phaseBreaths(beats(3, 60), ratio), phaseBreaths(seconds, ratio)]).toEqual([null, null]);
  });
});

describe('how much of a count one cycle is', () => {
  const cycle = [inBreath, outBreath, natural(2), beats(4, 60), seconds];
  test.each([
    ['repetitions', 1],
    ['breaths', 3],
    ['beats', 4],
    ['seconds', 2.5],
  ] as const)('%s: %d', (unit, amount) => expect(cycleAmount(cycle, unit)).toBe(amount));
});

describe('speech', () => {
  test('five words take two seconds, nothing takes none', () => {
    expect(speechSeconds('one two  three four five')).toBe(2);
    expect(speechSeconds('  ')).toBe(0);
  });

  test('showing takes as long as the cycle or as its calls, whichever is longer, and a look round', () => {
    expect(namingSeconds('Cloud Hands')).toBeCloseTo(2.8, 9);
    expect(showingSeconds(10, ['Up', 'Down'])).toBe(13);
    expect(showingSeconds(1, ['a b c d e', 'f g h i j'])).toBe(7);
  });
});

describe('calls', () => {
  test('quiet items are silent but for the last one', () => {
    expect([1, 2, 5, 6].map((repetition) => callFor(inBreath, 0, repetition, 6, 'quiet'))).toEqual([
      '',
      '',
      '',
      'Last one',
    ]);
  });

  test('a single repetition is said in full and is not announced as the last', () => {
    expect(callFor(outBreath, 1, 1, 1, 'explained')).toBe('Sink');
    expect(callFor(inBreath, 0, 1, 1, 'explained')).toBe('Rise');
  });

  test('free breathing is not called in and out', () => {
    expect(callFor(natural(1), 0, 2, 6, 'follow-along')).toBe('');
  });
});

describe('a session is refused, with the path, for', () => {
  const sound = {
    id: 'tuesday',
    title: 'Tuesday',
    groupId: null,
    date: '2026-12-01',
    startsAt: '19:00',
    slotMinutes: 60,
    breath: { in: 1, out: 1 },
    sections: [{ kind: 'main', pace: constant(6), items: [{ kind: 'rest', id: 'r', seconds: 30 }] }],
  };
  const pathsOf = (change: object) =>
    Session.safeParse({ ...sound, ...change }).error?.issues.map(({ path }) => path.join('.'));
  const withItem = (item: object) => ({ sections: [{ kind: 'main', pace: constant(6), items: [item] }] });

  test('nothing, when it is sound', () => expect(Session.safeParse(sound).success).toBe(true));
  test.each([
    ['a blank name', { title: '   ' }, 'title'],
    ['a day that is none', { date: '2026-02-30' }, 'date'],
    ['a time that is none', { startsAt: '24:10' }, 'startsAt'],
    ['a slot of no length', { slotMinutes: 0 }, 'slotMinutes'],
    ['a breath with no out', { breath: { in: 1, out: 0 } }, 'breath.out'],
    ['no sections', { sections: [] }, 'sections'],
    ['a pace nobody breathes', { sections: [{ kind: 'main', pace: constant(90), items: [] }] }, 'sections.0.pace.from'],
    ['a rest of minus one', withItem({ kind: 'rest', id: 'r', seconds: -1 }), 'sections.0.items.0.seconds'],
    ['an unknown kind of line', withItem({ kind: 'dance', id: 'r' }), 'sections.0.items.0.kind'],
    [
      'half a round',
      withItem({ kind: 'movement', id: 'm', movementId: 'x', count: 3, manner: 'quiet', rounds: 1.5 }),
      'sections.0.items.0.rounds',
    ],
    [
      'a count without end',
      withItem({ kind: 'movement', id: 'm', movementId: 'x', count: 1e9, manner: 'quiet' }),
      'sections.0.items.0.count',
    ],
    ['an id that would leave its folder', { id: '../secret' }, 'id'],
  ])('%s', (_name, change, path) => expect(pathsOf(change)).toContain(path));

  test('a plan needs neither name nor day', () => {
    const { slotMinutes, breath, sections } = sound;
    expect(Plan.safeParse({ slotMinutes, breath, sections }).success).toBe(true);
  });
});
