import { Region } from '../body/written/region';
import type { Movement } from '../movement/schema/movement';
import { type Asked, contextFor, type JudgingContext } from '../session/findings/finding/finding';
import { type Item, Plan } from '../session/plan/session';
import { movement, phase, line as sampleLine } from './sample';

/** A small class with nothing to object to, of made-up movements, for faults to be put into. */

const span = { kind: 'span' as const, share: 1 };

/** A kept posture, counted in seconds. */
const hold = (id: string, start: Record<string, unknown> = {}, more: Record<string, unknown> = {}): Movement =>
  movement({
    id,
    names: { english: [id] },
    count: { unit: 'seconds', least: 5, usual: 30, most: 1200, step: 5 },
    start: { stance: 'parallel', load: { left: 50, right: 50 }, sink: 8, arms: 'hanging', ...start },
    parts: { cycle: [phase({ breath: 'natural', length: { kind: 'seconds', seconds: 5 }, call: 'Stay' })] },
    ...more,
  });

const pushing = (id: string, first: 'in' | 'out'): Movement =>
  movement({
    id,
    names: { english: [id] },
    start: { stance: 'parallel', load: { left: 50, right: 50 }, sink: 12, arms: 'palms-at-chest' },
    parts: {
      cycle: [
        phase({ breath: first, length: span, to: { arms: 'pushing-front' }, call: 'Push' }),
        phase({ breath: first === 'in' ? 'out' : 'in', length: span, to: { arms: 'palms-at-chest' }, call: 'Draw' }),
      ],
    },
    breathSchools: [{ name: 'the other way', breaths: first === 'in' ? ['out', 'in'] : ['in', 'out'] }],
  });

const stepping = movement({
  id: 'sidesteps',
  names: { english: ['sidesteps'] },
  start: { stance: 'closed', load: { left: 50, right: 50 }, sink: 26, arms: 'hanging' },
  parts: {
    cycle: [
      phase({ breath: 'in', length: span, to: { load: { left: 0, right: 100 } }, call: 'Right' }),
      phase({ breath: 'out', length: span, to: { stance: 'parallel', load: { left: 50, right: 50 } }, call: 'Step' }),
      phase({ breath: 'in', length: span, to: { load: { left: 100, right: 0 } }, call: 'Left' }),
      phase({ breath: 'out', length: span, to: { stance: 'closed', load: { left: 50, right: 50 } }, call: 'Close' }),
    ],
  },
});

const squat = movement({
  id: 'squat',
  names: { english: ['squat'] },
  variants: [{ id: 'deep', kind: 'harder', name: 'deeper', patch: { sink: 2 } }],
  parts: {
    cycle: [
      phase({ breath: 'in', length: span, to: { sink: 10 }, call: 'Up' }),
      phase({ breath: 'out', length: span, to: { sink: 24 }, call: 'Down' }),
    ],
  },
});

export const MOVEMENTS: readonly Movement[] = [
  movement({
    id: 'lift',
    names: { english: ['lift'] },
    parts: {
      cycle: [
        phase({ breath: 'in', length: span, to: { arms: 'embrace-low', sink: 10 }, call: 'Up' }),
        phase({ breath: 'out', length: span, to: { arms: 'hanging', sink: 16 }, call: 'Down' }),
      ],
    },
  }),
  movement({
    id: 'drawn-in',
    names: { english: ['drawn-in'] },
    parts: {
      cycle: [
        phase({ breath: 'in', length: span, to: { sink: 10 }, manner: { into: 'reverse' }, call: 'Draw in' }),
        phase({ breath: 'out', length: span, to: { sink: 16 }, call: 'Let go' }),
      ],
    },
  }),
  movement({
    id: 'sides',
    names: { english: ['sides'] },
    laterality: { sides: { kind: 'each-side', first: 'left' } },
    parts: {
      cycle: [
        phase({ breath: 'in', length: span, to: { load: { left: 62, right: 38 } }, call: 'Over' }),
        phase({ breath: 'out', length: span, to: { load: { left: 50, right: 50 } }, call: 'Back' }),
      ],
    },
  }),
  squat,
  stepping,
  pushing('push-out', 'out'),
  pushing('push-in', 'in'),
  hold(
    'loosen',
    {},
    { mobilises: Object.fromEntries(Region.options.map((region) => [region, 1])), roles: ['warm-up'] },
  ),
  hold('quiet', {}, { roles: ['cool-down', 'closing'] }),
  movement({
    id: 'swing',
    names: { english: ['swing'] },
    count: { unit: 'beats', least: 2, usual: 20, most: 300, step: 2 },
    parts: {
      cycle: (['raised-front', 'hanging'] as const).map((arms) =>
        phase({ breath: 'natural', length: { kind: 'beats', beats: 1, tempo: 60 }, to: { arms }, call: 'Swing' }),
      ),
    },
  }),
  hold('stretch', {}, { roles: ['cool-down'], tradition: 'preparation' }),
  hold('round', { arms: 'embrace-chest' }),
  hold('up', { arms: 'overhead-round' }),
  hold('alone', { stance: 'one-leg', side: 'left', load: { left: 100, right: 0 }, sink: 4 }),
  hold('low', { spine: { hinge: 98 }, sink: 8 }),
  hold('look', { head: { turn: 70, nod: 30 } }),
  hold('horse', { stance: 'horse', sink: 60 }),
  hold('half-horse', { stance: 'horse', sink: 42 }, { roles: ['cool-down'] }),
  hold('turned', { heading: 90 }),
  hold('thrown-back', { head: { nod: -40 } }),
  hold('wrung', { spine: { hinge: 50 }, turn: 25, sink: 20 }),
  hold('blind', { stance: 'closed', eyes: 'closed' }),
  hold('tiptoe', { feet: { left: { contact: 'ball' }, right: { contact: 'ball' } } }),
  hold('planted', { hips: { turn: 28 } }),
  // Feet are not put down on each other; and the next takes five actions.
  hold('tangled', { stance: 'closed', feet: { left: { right: 0 }, right: { right: 0.02 } } }),
  movement({
    id: 'splayed',
    names: { english: ['splayed'] },
    start: {
      stance: 'closed',
      feet: { left: { angle: -50 }, right: { angle: 50 } },
      load: { left: 50, right: 50 },
      sink: 10,
      arms: 'hanging',
    },
    parts: {
      cycle: [
        phase({ breath: 'in', length: span, to: { arms: 'embrace-low' }, call: 'Up' }),
        phase({ breath: 'out', length: span, to: { arms: 'hanging' }, call: 'Down' }),
      ],
    },
  }),
  movement({
    id: 'bow-down',
    names: { english: ['bow-down'] },
    count: { unit: 'repetitions', least: 1, usual: 1, most: 9, step: 1 },
    parts: {
      cycle: [
        phase({ breath: 'out', length: span, to: { spine: { hinge: 98 } }, call: 'Down' }),
        phase({ breath: 'natural', length: { kind: 'seconds', seconds: 4 }, call: 'Hang' }),
        phase({
          breath: 'in',
          length: { kind: 'span', share: 0.5 },
          to: { spine: { hinge: 0, round: 0 } },
          call: 'Up',
        }),
      ],
    },
  }),
  movement({
    id: 'plunge',
    names: { english: ['plunge'] },
    count: { unit: 'repetitions', least: 1, usual: 1, most: 9, step: 1 },
    parts: {
      cycle: [
        phase({ breath: 'out', length: { kind: 'span', share: 0.3 }, to: { spine: { hinge: 98 } }, call: 'Drop' }),
        phase({ breath: 'out', length: { kind: 'span', share: 0.7 }, call: 'Hang' }),
        phase({ breath: 'in', length: span, to: { spine: { hinge: 0 } }, call: 'Up' }),
      ],
    },
  }),
  movement({
    id: 'stopped',
    names: { english: ['stopped'] },
    parts: {
      cycle: [
        phase({ breath: 'in', length: span, to: { sink: 10 }, call: 'In' }),
        phase({ breath: 'retained-full', length: { kind: 'seconds', seconds: 4 }, call: 'Stop' }),
        phase({ breath: 'out', length: span, to: { sink: 16 }, call: 'Out' }),
      ],
    },
  }),
  movement({
    id: 'wordy',
    names: { english: ['wordy'] },
    parts: {
      cycle: [
        phase({
          breath: 'in',
          length: span,
          to: { sink: 10 },
          call: 'And now all of us rise together as slowly as we possibly can',
        }),
        phase({ breath: 'out', length: span, to: { sink: 16 }, call: 'Sink' }),
      ],
    },
  }),
  movement({
    id: 'twisted',
    names: { english: ['twisted'] },
    start: { stance: 'parallel', load: { left: 80, right: 20 }, sink: 12, arms: 'hanging' },
    parts: {
      cycle: [
        phase({ breath: 'in', length: span, to: { feet: { left: { angle: -60 } } }, call: 'Turn' }),
        phase({ breath: 'out', length: span, to: { feet: { left: { angle: 0 } } }, call: 'Back' }),
      ],
    },
  }),
];

export const find = (id: string): Movement | undefined => MOVEMENTS.find((one) => one.id === id);

/** A strong group at ease with most paces, that has been taught everything. */
export const contextWith = ({ offered = MOVEMENTS, ...asked }: Partial<Asked & Pick<JudgingContext, 'offered'>> = {}) =>
  contextFor({ strength: 'strong', pace: { least: 3, most: 10 }, known: null, ...asked }, find, offered);

let lines = 0;
export const line = (movementId: string, count: number, more: Record<string, unknown> = {}): Item => {
  lines += 1;
  return sampleLine({ id: `${movementId}-${lines}`, movementId, count, ...more });
};

export interface Change {
  readonly slotMinutes?: number;
  readonly opening?: readonly Item[];
  readonly warmUp?: readonly Item[];
  readonly main?: readonly Item[];
  readonly coolDown?: readonly Item[];
  readonly closing?: readonly Item[];
  readonly coolDownPace?: Plan['sections'][number]['pace'];
}

/** A moment of standing still, after which nobody minds which half of the breath comes next. */
const settled = { settle: { kind: 'still', seconds: 5 } };
const steady = { from: 6, to: 6, easing: 0 };

/** The class: a quarter to loosen, half of main, a quarter to come down, twenty-two minutes with what is uncertain. */
export const classWith = (change: Change = {}): Plan =>
  Plan.parse({
    slotMinutes: change.slotMinutes ?? 22,
    breath: { in: 1, out: 1 },
    sections: [
      { kind: 'opening', pace: steady, items: change.opening ?? [line('quiet', 60)] },
      { kind: 'warm-up', pace: steady, items: change.warmUp ?? [line('loosen', 200), line('lift', 6)] },
      {
        kind: 'main',
        pace: steady,
        items: [
          line('lift', 18),
          line('sides', 8, settled),
          line('squat', 4, settled),
          line('push-out', 6, settled),
          ...(change.main ?? []),
        ],
      },
      { kind: 'cool-down', pace: change.coolDownPace ?? steady, items: change.coolDown ?? [line('quiet', 240)] },
      { kind: 'closing', pace: steady, items: change.closing ?? [line('quiet', 60)] },
    ],
  });
