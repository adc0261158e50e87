import { skeletonOf } from '../body/figure/skeleton';
import { distance } from '../body/geometry/vector';
import { mirrorPose, type Pose } from '../body/standing/pose';
import { fc } from '../testing/properties';
import { beats, movement, phase } from '../testing/sample';
import { timedAtPace, trackAtPace } from '../timing/trackAtPace';
import { footworkFindings } from './footwork/footwork';
import { envelopeOf } from './sample/envelope';
import { poseAt } from './sample/track';
import type { Movement } from './schema/movement';
import { rampAt, rampedPhase } from './schema/ramp';
import { ease, easedAt } from './walk/liftWindow';
import { displacement, type Stride } from './walk/stride';
import { type WalkChoice, walkMovement, waysOf } from './walk/walkMovement';

const inOut = (breath: 'in' | 'out', more: Record<string, unknown> = {}, share = 1) =>
  phase({ breath, length: { kind: 'span', share }, call: 'Move', ...more } as Parameters<typeof phase>[0]);
const free = (more: Record<string, unknown> = {}, breaths = 1) =>
  phase({ breath: 'natural', length: { kind: 'breaths', breaths }, call: 'Move', ...more } as Parameters<
    typeof phase
  >[0]);
const EVEN = { left: 50, right: 50 };
const start = (more: Record<string, unknown> = {}) => ({
  stance: 'parallel',
  load: EVEN,
  sink: 20,
  arms: 'hanging',
  ...more,
});
const eachSide = { sides: { kind: 'each-side', first: 'left' } };
const loop = (more: Record<string, unknown>) => ({
  kind: 'loop',
  radius: { from: 6, to: 6 },
  turns: 0.5,
  direction: 'clockwise',
  ...more,
});

const stridesOf = (of: Movement, choice: WalkChoice) => walkMovement(of, choice).map(({ stride }) => stride);
/** What a movement does wrong on any side and in any direction. */
const faults = (of: Movement): string[] =>
  waysOf(of).flatMap((way) =>
    footworkFindings(timedAtPace(stridesOf(of, way)))
      .filter(({ severity }) => severity !== 'notice')
      .map(({ code, side, amount }) => `${code} ${side} ${amount.toFixed(2)}`),
  );
const track = (of: Movement, choice: WalkChoice = { side: null }) => trackAtPace(stridesOf(of, choice));
/** The figure at a share of a track. */
const figureAt = (of: Movement, share: number, choice?: WalkChoice) => {
  const moving = track(of, choice);
  const pose = poseAt(moving, moving.seconds * share);
  if (!pose) throw new Error('an empty track');
  return { pose, body: skeletonOf(pose) };
};

const hipCircle = movement({
  start: start({ arms: 'hands-on-hips' }),
  laterality: {
    sides: { kind: 'even' },
    directions: { kind: 'both', names: ['left', 'right'], reversal: 'mirrored', breath: 'keeps-place' },
  },
  parts: {
    cycle: [
      inOut('in', { overlays: [loop({ channel: 'hips', start: 90, radius: { from: 3, to: 7 } })] }),
      inOut('out', { overlays: [loop({ channel: 'hips', start: -90, radius: { from: 7, to: 3 } })] }),
    ],
  },
});

const brush = movement({
  laterality: { sides: { kind: 'alternating', first: 'left', repetition: 'one-side' } },
  start: start({ stance: 'step-ready', side: 'left', load: { left: 10, right: 90 }, sink: 40 }),
  parts: {
    cycle: [
      inOut(
        'out',
        {
          to: {
            stance: 'bow',
            side: 'left',
            load: { left: 10, right: 90 },
            feet: { left: { contact: 'heel' } },
            sink: 45,
          },
        },
        0.4,
      ),
      inOut(
        'out',
        {
          to: {
            load: { left: 70, right: 30 },
            feet: { left: { contact: 'sole' } },
            sink: 46,
            arms: 'brush-and-push',
            armSide: 'right',
          },
        },
        0.6,
      ),
      inOut('in', { to: { load: { left: 30, right: 70 }, sink: 46 } }, 0.4),
      inOut('in', { to: { feet: { left: { angle: -45 } }, load: { left: 40, right: 60 } } }, 0.2),
      inOut(
        'in',
        {
          to: {
            stance: 'step-ready',
            side: 'right',
            load: { left: 90, right: 10 },
            sink: 40,
            arms: 'hold-ball',
            armSide: 'left',
          },
          windows: { feet: [0.6, 1], load: [0, 0.7] },
        },
        0.4,
      ),
    ],
  },
});

describe('what can be said without a false finding', () => {
  const fixtures: [string, Movement][] = [
    ['a circle of the hips, growing and shrinking, both ways', hipCircle],
    [
      'a heel drop and eight bounces in one out-breath',
      movement({
        start: start({ stance: 'closed' }),
        parts: {
          cycle: [
            inOut('in', { to: { sink: 2, feet: { left: { contact: 'ball' }, right: { contact: 'ball' } } } }),
            inOut('out', { to: { sink: 8, feet: { left: { contact: 'sole' }, right: { contact: 'sole' } } } }, 0.3),
            inOut(
              'out',
              {
                overlays: [{ kind: 'vibration', form: 'bounce', region: 'heels', times: 8, size: { from: 8, to: 4 } }],
              },
              0.7,
            ),
          ],
        },
      }),
    ],
    [
      'shaking that grows faster and smaller',
      movement({
        parts: {
          cycle: [
            free(
              {
                overlays: [
                  {
                    kind: 'vibration',
                    form: 'shake',
                    region: 'whole',
                    rate: { from: 2, to: 5 },
                    size: { from: 10, to: 3 },
                  },
                ],
              },
              4,
            ),
          ],
        },
      }),
    ],
    [
      'a neck roll',
      movement({
        parts: { cycle: [free({ overlays: [loop({ channel: 'head', radius: { from: 18, to: 18 }, turns: 1 })] })] },
      }),
    ],
    [
      'shoulder, wrist and ankle circles',
      movement({
        laterality: eachSide,
        start: start({
          stance: 'one-leg',
          side: 'right',
          load: { left: 0, right: 100 },
          arms: 'hand-on-chair',
          armSide: 'right',
          sink: 8,
        }),
        parts: {
          cycle: [
            free({ overlays: [loop({ channel: 'feet', side: 'left', radius: { from: 15, to: 15 }, turns: 1 })] }),
            free({ overlays: [loop({ channel: 'shoulders', radius: { from: 2, to: 2 }, turns: 1 })] }),
            free({ overlays: [loop({ channel: 'wrists', radius: { from: 25, to: 25 }, turns: 2 })] }),
          ],
        },
      }),
    ],
    [
      'a lifted knee, a kick forward, sideways and across, a leg raised behind',
      movement({
        laterality: eachSide,
        start: start({ stance: 'closed', sink: 12 }),
        parts: {
          cycle: [
            inOut('in', { to: { stance: 'one-leg', side: 'left', load: { left: 100, right: 0 } } }),
            inOut('out', { to: { feet: { right: { forward: 0.55, height: 0.35, right: 0.12, pitch: 20 } } } }),
            inOut('in', { to: { feet: { right: { forward: 0.1, height: 0.3, right: 0.5 } } } }),
            inOut('out', { to: { feet: { right: { forward: 0.4, height: 0.3, right: -0.15 } } } }),
            inOut('in', {
              to: { feet: { right: { forward: -0.45, height: 0.22, right: 0.1, pitch: -40 } }, spine: { hinge: 12 } },
            }),
            inOut('out', { to: { stance: 'closed', load: EVEN, spine: { hinge: 0 } }, windows: { load: [0.5, 1] } }),
          ],
        },
      }),
    ],
    [
      'sit back, turn the emptied foot on its heel, shift, raise the back heel, in one breath',
      movement({
        start: start({ stance: 'bow', side: 'left', load: { left: 70, right: 30 }, sink: 40, spread: 0.6 }),
        laterality: eachSide,
        parts: {
          cycle: [
            inOut('in', { to: { load: { left: 10, right: 90 }, sink: 40 } }),
            inOut('out', { to: { feet: { left: { angle: -45 } } } }, 0.25),
            inOut('out', { to: { load: { left: 95, right: 5 }, sink: 42 } }, 0.45),
            inOut('out', { to: { feet: { right: { contact: 'ball' } } } }, 0.3),
            inOut(
              'in',
              {
                to: { stance: 'bow', side: 'left', load: { left: 70, right: 30 }, feet: { left: { angle: -45 } } },
                windows: { load: [0, 0.6] },
              },
              0.5,
            ),
            inOut('in', { to: { load: { left: 10, right: 90 } } }, 0.25),
            inOut('in', { to: { feet: { left: { angle: 0 } } } }, 0.25),
          ],
        },
      }),
    ],
    ['a stepping push that turns 45 degrees on emptied feet', brush],
    [
      'hands at four heights in one unbroken stance, three natural breaths each',
      movement({
        start: start({ arms: 'embrace-low', sink: 25 }),
        parts: {
          cycle: ['embrace-low', 'embrace-middle', 'embrace-chest', 'embrace-high'].map((arms) =>
            free({ to: { arms }, windows: { arms: [0, 0.15] } }, 3),
          ),
        },
      }),
    ],
    [
      'a massage down one arm and up the other side',
      movement({
        laterality: eachSide,
        start: start({ arms: 'one-hand-patting', armSide: 'right', sink: 12 }),
        parts: {
          cycle: [
            free(
              {
                overlays: [
                  {
                    kind: 'route',
                    hand: 'right',
                    sites: ['other-shoulder', 'other-upper-arm', 'other-elbow', 'other-forearm', 'other-wrist'],
                    tool: 'palm',
                    stroke: 'pat',
                    times: 10,
                  },
                ],
              },
              2,
            ),
            free(
              {
                overlays: [
                  {
                    kind: 'route',
                    hand: 'right',
                    sites: ['other-wrist', 'other-forearm', 'other-elbow', 'other-shoulder', 'ribs'],
                    tool: 'palm',
                    stroke: 'stroke',
                    times: 10,
                  },
                ],
              },
              2,
            ),
          ],
        },
      }),
    ],
    [
      'a hold deepening midway',
      movement({
        start: start({ stance: 'horse', arms: 'embrace-chest', sink: 30 }),
        parts: {
          cycle: [free({}, 3), free({ to: { sink: 40 }, windows: { load: [0, 0.2] } }, 3), free({ to: { sink: 30 } })],
        },
      }),
    ],
  ];
  test.each(fixtures)('%s', (_name, of) => {
    expect(faults(of)).toEqual([]);
    expect(track(of, waysOf(of)[0]).seconds).toBeGreaterThan(4);
  });
});

describe('overlays move the figure', () => {
  test('a circle has no stop at keyframes: the hips move as fast there as elsewhere', () => {
    const moving = trackAtPace(stridesOf(hipCircle, { side: null, direction: 'first', cycles: 2 }));
    const speed = (t: number) => {
      const [a, b] = [poseAt(moving, t - 0.01)?.hips, poseAt(moving, t + 0.01)?.hips];
      return Math.hypot((b?.right ?? 0) - (a?.right ?? 0), (b?.forward ?? 0) - (a?.forward ?? 0)) / 0.02;
    };
    expect(speed(10)).toBeGreaterThan(0.6 * speed(8.5));
    expect(speed(5)).toBeGreaterThan(0.6 * speed(6));
  });

  test('reversed by mirror image, the hips go round the other way', () => {
    const side = (direction: 'first' | 'reversed') =>
      figureAt(hipCircle, 0.25, { side: null, direction }).pose.hips.right;
    expect(side('reversed')).toBeCloseTo(-side('first'), 9);
  });

  test('an ankle circle moves the toes, a wrist circle the fingers, a neck roll the crown', () => {
    const seen = (
      channel: string,
      part: (at: ReturnType<typeof figureAt>['body']) => readonly [number, number, number],
    ) => {
      const of = movement({
        parts: { cycle: [free({ overlays: [loop({ channel, radius: { from: 20, to: 20 }, turns: 2 })] })] },
      });
      return distance(part(figureAt(of, 0.4).body), part(figureAt(of, 0.55).body));
    };
    expect(seen('wrists', ({ arms }) => arms.left.tip)).toBeGreaterThan(0.02);
    expect(seen('head', ({ crown }) => crown)).toBeGreaterThan(0.02);
    expect(seen('feet', ({ legs }) => legs.left.toe)).toBeGreaterThan(0.02);
  });

  test('a rounded fold is another thing than a straight hinge', () => {
    const bowed = (spine: Record<string, number>) =>
      figureAt(
        movement({
          parts: { cycle: [inOut('out', { to: { spine } }), inOut('in', { to: { spine: { hinge: 0, round: 0 } } })] },
        }),
        0.5,
      ).body;
    const [hinged, rounded] = [bowed({ hinge: 60 }), bowed({ round: 60 })];
    const straightness = ({ spine }: typeof hinged) => distance(spine[0], spine[3]);
    expect(straightness(hinged)).toBeCloseTo(0.288 * 1.68, 6);
    expect(straightness(rounded)).toBeLessThan(straightness(hinged) - 0.01);
  });

  test('in a swing the arms arrive after pelvis, chest and nose', () => {
    const swing = movement({
      parts: {
        cycle: [
          inOut('in', {
            to: { hips: { turn: 30 }, turn: 40, arms: 'swinging', armSide: 'left' },
            windows: { hips: [0, 0.6], trunk: [0, 0.7], arms: [0.3, 1] },
          }),
          inOut('out', { to: { hips: { turn: 0 }, turn: 0 } }),
        ],
      },
    });
    const { pose } = figureAt(swing, 0.35);
    const [shown] = stridesOf(swing, { side: null });
    expect(pose.hips.turn).toBeCloseTo(30, 6);
    expect(pose.turn).toBeCloseTo(40, 6);
    expect(pose.hands.left.at).not.toEqual(shown?.to.hands.left.at);
  });

  test('a retraced circle with the breath kept by place ends where it began', () => {
    const circle = movement({
      laterality: {
        sides: { kind: 'even' },
        directions: { kind: 'both', names: ['up', 'down'], reversal: 'retraced', breath: 'keeps-place' },
      },
      start: start({ arms: 'hanging' }),
      parts: {
        cycle: [
          inOut('in', { to: { arms: 'overhead-round' } }),
          inOut('out', { to: { arms: 'hanging' }, handPath: 'side' }),
        ],
      },
    });
    const back = stridesOf(circle, { side: null, direction: 'reversed' });
    expect(back.map(({ phase: { breath } }) => breath)).toEqual(['out', 'in']);
    expect(back[0]?.to.hands.left.at).toEqual(
      stridesOf(circle, { side: null, direction: 'first' })[0]?.to.hands.left.at,
    );
  });
});

describe('ramps', () => {
  const stretch = inOut('out', { to: { spine: { bend: 20 }, sink: 20 } });
  test('a stretch deepens with each repetition, from half to all of it', () => {
    const ramps = [{ what: 'range' as const, from: 0.5, to: 1 }];
    expect([1, 2, 3].map((repetition) => rampedPhase(stretch, ramps, repetition, 3).to.spine?.bend)).toEqual([
      10, 15, 20,
    ]);
  });
  test('a little lower each time, and never under straight knees', () => {
    expect(rampedPhase(stretch, [{ what: 'sink', from: 0, to: 10 }], 3, 3).to.sink).toBe(30);
    expect(rampedPhase(stretch, [{ what: 'sink', from: -30, to: -30 }], 1, 1).to.sink).toBe(0);
  });
  test('faster and smaller: the tempo of beats rises while the size falls', () => {
    const ramps = [
      { what: 'tempo' as const, from: 1, to: 2 },
      { what: 'range' as const, from: 1, to: 0.5 },
    ];
    expect(rampedPhase(beats(8, 60), ramps, 5, 5).length).toEqual({ kind: 'beats', beats: 8, tempo: 120 });
  });
  test('hands carried higher each time, never out of any reach; a hand that is not said stays where it is', () => {
    const raised = inOut('in', { to: { hands: { left: { at: [0, 0.4, 0.5] } } } });
    const heights = [1, 2, 3].map((repetition) => {
      const { hands } = rampedPhase(raised, [{ what: 'hands', from: 0, to: 1 }], repetition, 3).to;
      return [hands?.left?.at, hands?.right];
    });
    expect(heights).toEqual([
      [[0, 0.4, 0.5], undefined],
      [[0, 0.4, 1], undefined],
      [[0, 0.4, 1.2], undefined],
    ]);
  });
  test('circles and shakes grow with the range, and turning with them; what they are else stays', () => {
    const shaken = phase({
      breath: 'natural',
      length: { kind: 'beats', beats: 8, tempo: 60 },
      to: { turn: 40, hips: { turn: 10, tilt: 0, right: 0.02, forward: 0 }, head: { turn: 30, nod: 0, tilt: 0 } },
      call: 'Shake',
      overlays: [
        { kind: 'vibration', form: 'shake', region: 'hands', size: { from: 4, to: 8 }, rate: { from: 3, to: 5 } },
      ],
    });
    const half = rampedPhase(shaken, [{ what: 'range', from: 0.5, to: 0.5 }], 1, 4);
    expect(half.to).toMatchObject({ turn: 20, hips: { turn: 5, right: 0.01 }, head: { turn: 15 } });
    expect(half.overlays).toMatchObject([{ kind: 'vibration', size: { from: 2, to: 4 }, rate: { from: 3, to: 5 } }]);
    expect(half.length).toEqual(shaken.length);
  });
  test('what breathes is not hurried by a tempo, and where the knees are not said nothing is lower', () => {
    const still = inOut('out');
    expect(rampedPhase(still, [{ what: 'tempo', from: 1, to: 2 }], 3, 3)).toBe(still);
    expect(rampedPhase(still, [{ what: 'sink', from: 0, to: 10 }], 3, 3).to.sink).toBeUndefined();
  });
  test('a ramp is at its ends in the first and the last repetition, and never beyond them', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -30, max: 30 }),
        fc.integer({ min: -30, max: 30 }),
        fc.nat(40),
        (from, to, more) => {
          const of = more + 2;
          const at = Array.from({ length: of }, (_, index) => rampAt({ what: 'sink', from, to }, index + 1, of));
          expect([at[0], at.at(-1)]).toEqual([from, to]);
          expect(Math.min(...at)).toBeGreaterThanOrEqual(Math.min(from, to) - 1e-9);
          expect(Math.max(...at)).toBeLessThanOrEqual(Math.max(from, to) + 1e-9);
          expect(rampAt({ what: 'sink', from, to }, 1, 1)).toBe(from);
        },
      ),
    );
  });
  test('without ramps a phase is itself', () => expect(rampedPhase(stretch, [], 2, 3)).toBe(stretch));
});

describe('travel', () => {
  const sideStep = movement({
    laterality: eachSide,
    start: start({ stance: 'closed', sink: 32 }),
    parts: {
      cycle: [
        inOut('in', { to: { load: { left: 0, right: 100 } } }),
        inOut('out', { to: { stance: 'parallel', load: { left: 10, right: 90 } } }, 0.5),
        inOut('out', { to: { load: { left: 100, right: 0 } } }, 0.5),
        inOut('in', { to: { stance: 'closed', load: { left: 90, right: 10 } } }, 0.6),
        inOut('in', { to: { load: EVEN } }, 0.4),
      ],
    },
  });

  test('three steps left and three right come back within a millimetre', () => {
    const left = stridesOf(sideStep, { side: 'left', cycles: 3 });
    const right = walkMovement(sideStep, { side: 'right', cycles: 3 }, left.at(-1)?.to).map(({ stride }) => stride);
    expect(displacement(left).x).toBeCloseTo(-3 * 0.19, 9);
    const whole = displacement([...left, ...right]);
    expect(Math.hypot(whole.x, whole.y)).toBeLessThan(0.001);
    expect(faults(sideStep)).toEqual([]);
  });

  test('the mirror image goes exactly the other way', () => {
    const [left, right] = (['left', 'right'] as const).map((side) =>
      displacement(stridesOf(brush, { side, cycles: 1 })),
    );
    expect(right?.x).toBeCloseTo(-(left?.x ?? 0), 12);
    expect(right?.y).toBeCloseTo(left?.y ?? 0, 12);
  });

  test('walking it in two halves leads to the same place', () => {
    const whole = stridesOf(brush, { side: 'left', cycles: 4 });
    const half = stridesOf(brush, { side: 'left', cycles: 2 });
    const rest = walkMovement(brush, { side: 'left', cycles: 2 }, half.at(-1)?.to).map(({ stride }) => stride);
    expect(rest.at(-1)?.to.feet.left.x).toBeCloseTo(whole.at(-1)?.to.feet.left.x ?? 0, 9);
    expect(rest.at(-1)?.to.feet.left.y).toBeCloseTo(whole.at(-1)?.to.feet.left.y ?? 0, 9);
  });
});

describe('what feet should not do is said', () => {
  const judged = (cycle: ReturnType<typeof inOut>[], from = start()) =>
    footworkFindings(timedAtPace(stridesOf(movement({ start: from, parts: { cycle } }), { side: null })));

  test('lifting a foot that bears 30 percent, with its phase and load', () => {
    const found = judged([
      inOut('in', { to: { load: { left: 70, right: 30 } } }),
      inOut('out', { to: { stance: 'horse', load: { left: 70, right: 30 } } }),
    ]);
    expect(found.find(({ code }) => code === 'loaded-lift')).toMatchObject({
      severity: 'stop',
      stride: 1,
      side: 'right',
      load: 30,
    });
  });

  const turnAbout = (load: { left: number; right: number }) => [
    inOut('in', { to: { load } }),
    inOut('out', { to: { heading: 90, feet: { left: { angle: 0 } } } }),
  ];
  test('turning on an emptied foot is clean, on a weighted one a twist with its angle', () => {
    const codes = (load: { left: number; right: number }) =>
      judged(turnAbout(load)).filter(({ code }) => code === 'knee-twist' || code === 'weighted-turn');
    expect(codes({ left: 10, right: 90 })).toEqual([]);
    const [twist] = codes({ left: 90, right: 10 });
    expect(twist).toMatchObject({ code: 'knee-twist', severity: 'stop', side: 'left', load: 90 });
    expect(twist?.amount).toBeCloseTo(90, 6);
  });

  test('half a turn on emptied feet, one after the other, is clean', () => {
    const foot = (side: 'left' | 'right', angle: number, load: { left: number; right: number }) => [
      inOut('in', { to: { load } }),
      inOut('out', { to: { heading: angle, feet: { [side]: { angle: 0 } } } }),
    ];
    const right = (left: number) => ({ left, right: 100 - left });
    const cycle = [60, 120, 180].flatMap((angle) => [
      ...foot('right', angle, right(90)),
      ...foot('left', angle, right(10)),
    ]);
    const found = judged(cycle).filter(({ code }) => ['knee-twist', 'loaded-lift', 'weighted-turn'].includes(code));
    expect(found).toEqual([]);
  });

  test('weight thrown over while stepping', () => {
    const quick = phase({
      breath: 'natural',
      length: { kind: 'seconds', seconds: 1 },
      to: { load: { left: 90, right: 10 } },
      call: 'Over',
    });
    const found = judged([quick, inOut('in', {})]);
    expect(found.filter(({ code }) => code === 'hurried-shift')).toEqual([]);
    const thrown = phase({
      breath: 'natural',
      length: { kind: 'seconds', seconds: 0.4 },
      to: { load: { left: 100, right: 0 } },
      call: 'Over',
    });
    expect(judged([thrown, inOut('in', {})])[0]).toMatchObject({ code: 'hurried-shift', limit: 150 });
  });

  test('a step beyond reach names the bend it needs', () => {
    const long = judged([
      inOut('in', { to: { load: { left: 0, right: 100 }, sink: 20 } }),
      inOut('out', { to: { stance: 'bow', side: 'left', spread: 1.5, load: { left: 10, right: 90 }, sink: 20 } }),
    ]).find(({ code }) => code === 'step-too-long');
    expect(long?.severity).toBe('warn');
    expect(long?.sinkThatWorks).toBeGreaterThan(40);
  });
});

test('easing and its inverse agree', () => {
  for (const share of [0.05, 0.2, 0.5, 0.77, 0.99]) expect(ease(easedAt(share))).toBeCloseTo(share, 12);
});

describe('movements done in a row', () => {
  const lean = (id: string, to: Record<string, unknown>, back: Record<string, unknown>) =>
    movement({ id, laterality: eachSide, parts: { cycle: [inOut('in', { to }), inOut('out', { to: back })] } });
  const row = [
    lean('shift', { load: { left: 70, right: 30 } }, { load: EVEN }),
    lean('turn', { turn: -25, hips: { turn: -8 } }, { turn: 0, hips: { turn: 0 } }),
    lean('reach', { arms: 'one-up-one-down', armSide: 'left' }, { arms: 'hanging' }),
    lean('bend', { spine: { bend: -15 } }, { spine: { bend: 0 } }),
  ];
  const chain = (side: 'left' | 'right', from?: Pose) =>
    row.reduce<{ strides: Stride[]; at: Pose | undefined }>(
      ({ strides, at }, of) => {
        const walked = walkMovement(of, { side }, at).map(({ stride }) => stride);
        return { strides: [...strides, ...walked], at: walked.at(-1)?.to };
      },
      { strides: [], at: from },
    ).strides;

  test('four chained on the left and then mirrored: no finding, and each pose is the mirror image of its fellow', () => {
    const left = chain('left');
    const right = chain('right');
    expect(footworkFindings(timedAtPace([...left, ...chain('right', left.at(-1)?.to)]))).toEqual([]);
    expect(right.map(({ to }) => mirrorPose(to))).toEqual(left.map(({ to }) => to));
  });

  test('a repetition of two breaths is two breaths long', () => {
    const two = movement({
      parts: {
        cycle: [
          inOut('in', { to: { arms: 'palms-at-chest' } }),
          inOut('out', { to: { arms: 'pushing-front' } }),
          inOut('in', { to: { arms: 'palms-at-chest' } }),
          inOut('out', { to: { arms: 'pushing-sides' } }),
        ],
      },
    });
    expect(track(two).seconds).toBe(20);
    expect(faults(two)).toEqual([]);
  });
});

describe('the floor a movement sweeps over', () => {
  test('arms held out to the sides need their width, and a mirrored walk the mirrored floor', () => {
    const wide = movement({
      parts: { cycle: [inOut('in', { to: { arms: 'raised-sides' } }), inOut('out', { to: { arms: 'hanging' } })] },
    });
    const { left, right } = envelopeOf(stridesOf(wide, { side: null }));
    expect(left).toBeCloseTo(right, 9);
    expect(left).toBeGreaterThan(0.8);
    const [a, b] = (['left', 'right'] as const).map((side) => envelopeOf(stridesOf(brush, { side })));
    expect(b?.left).toBeCloseTo(a?.right ?? 0, 6);
  });
  test('a walk of no strides needs no room', () =>
    expect(envelopeOf([])).toEqual({ left: 0, right: 0, front: 0, back: 0 }));
});
