import type { RegionStrain } from '../session/load/sessionStrain';
import { strainWords } from '../session/report/strainWords';
import { movement, phase } from '../testing/sample';
import { checkMovement, impliedCautions } from './checkMovement';
import { movementTraits } from './movementTraits';

const span = { kind: 'span' as const, share: 1 };
const sound = movement({ cautions: ['general'], seated: false });
const said = (change: Record<string, unknown>) =>
  checkMovement(movement({ cautions: ['general'], ...change })).map(({ message, part, phase: at }) => [
    part,
    at,
    message,
  ]);

test('a sound movement has nothing said of it', () => expect(checkMovement(sound)).toEqual([]));

describe('one fault each', () => {
  test('a foot lifted under load, with its phase', () => {
    const cycle = [phase({ breath: 'out', length: span, to: { stance: 'horse', sink: 30 }, call: 'Wide' })];
    expect(said({ parts: { cycle } })[0]).toEqual([
      'cycle',
      0,
      'The left foot is lifted while it bears 50 %; 10 % is the most.',
    ]);
  });

  test('a call too long for its phase', () => {
    const cycle = [
      phase({ breath: 'natural', length: { kind: 'beats', beats: 1, tempo: 60 }, call: 'Let both of the arms fall' }),
    ];
    expect(said({ parts: { cycle } })).toEqual([
      ['cycle', 0, '“Let both of the arms fall” takes 2.4 s to say at 2.5 words a second; the phase lasts 1.0 s.'],
    ]);
  });

  test('a hand out of reach, in a variant only', () => {
    const variants = [
      { id: 'far', kind: 'harder', name: 'Far', patch: { every: { hands: { left: { at: [1, 1, 0] } } } } },
    ];
    const notes = checkMovement(movement({ cautions: ['general'], variants }));
    expect(notes.every(({ variant }) => variant === 'far')).toBe(true);
    expect(notes[0]?.message).toMatch(/left hand stays \d+ cm short/);
  });
});

test.each([
  ['balance', { to: { stance: 'one-leg', side: 'left', load: { left: 100, right: 0 } } }],
  ['head-low', { to: { spine: { hinge: 70, round: 70 } } }],
  ['shoulders', { to: { arms: 'overhead-press' } }],
  ['low-back', { to: { spine: { hinge: 60 } } }],
  ['knees', { to: { sink: 60 } }],
] as const)('the caution “%s” is implied by what is asked, and wanted until it is there', (caution, change) => {
  const parts = {
    cycle: [
      phase({ breath: 'in', length: span, call: 'Go', ...change } as never),
      phase({ breath: 'natural', length: { kind: 'breaths', breaths: 1 }, call: 'Stay' }),
    ],
  };
  const without = movement({ cautions: ['general'], parts });
  expect(impliedCautions(without)).toContain(caution);
  expect(checkMovement(without).some((note) => note.caution === caution)).toBe(true);
  const cautions = impliedCautions(without);
  expect(checkMovement(movement({ cautions, parts })).some((note) => note.caution === caution)).toBe(false);
});

test('a stopped breath wants its caution', () => {
  const cycle = [phase({ breath: 'retained-full', length: { kind: 'seconds', seconds: 2 }, call: 'Wait' })];
  expect(impliedCautions(movement({ parts: { cycle } }))).toContain('breath-holding');
});

test('traits: what is moved while little is asked is prepared; what is held is worked', () => {
  const circles = movement({
    parts: {
      cycle: [
        phase({
          breath: 'natural',
          length: { kind: 'breaths', breaths: 1 },
          overlays: [
            { kind: 'loop', channel: 'wrists', radius: { from: 30, to: 30 }, turns: 4, direction: 'clockwise' },
          ],
          call: 'Round',
        }),
      ],
    },
  });
  expect(movementTraits(circles)).toMatchObject({ height: 'high', breath: 'free', space: 'in place', travels: 0 });
  expect(movementTraits(circles).prepares).toContain('wrists');
  const held = movement({
    start: { stance: 'horse', load: { left: 50, right: 50 }, sink: 60, arms: 'raised-front' },
    parts: { cycle: [phase({ breath: 'natural', length: { kind: 'breaths', breaths: 1 }, call: 'Stay' })] },
  });
  expect(movementTraits(held).loads).toEqual(expect.arrayContaining(['shoulders', 'thighs', 'knees']));
  expect(movementTraits(held).height).toBe('low');
});

test('a peak is told with its parts', () => {
  const strain: RegionStrain = {
    region: 'thighs',
    side: 'left',
    compartment: 'fast',
    percent: 106,
    atMs: 1_420_000,
    indexMinutes: 3,
    parts: [
      { itemId: 'h3', percent: 71 },
      { itemId: 'h2', percent: 22 },
      { itemId: 'h1', percent: 7 },
      { itemId: 'b', percent: 4 },
      { itemId: 'x', percent: 2 },
    ],
  };
  expect(strainWords(strain, 'steady', (id) => (id.startsWith('h') ? 'Horse' : 'Bow'))).toBe(
    'left thighs 106 % of the steady ceiling at 23:40: Horse 71, Horse 22, Horse 7, Bow 4, others 2',
  );
});
