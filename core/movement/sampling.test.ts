import { SIDES } from '../body/written/side';
import { fc } from '../testing/properties';
import { movement, phase } from '../testing/sample';
import { trackAtPace } from '../timing/trackAtPace';
import { FULL_SIZE } from './sample/overlayRun';
import { samplePose } from './sample/samplePose';
import { poseAt, strideAt } from './sample/track';
import { mirrorOverlay, Overlay, retraceOverlay } from './schema/overlay';
import { lowStretch, overlap } from './walk/liftWindow';
import { walkMovement } from './walk/walkMovement';

const whole = (min: number, max: number) => fc.integer({ min, max });
const side = fc.constantFrom('left' as const, 'right' as const, null);
const growing = fc.record({ from: whole(0, 20), to: whole(0, 20) });
const overlays: fc.Arbitrary<Overlay> = fc
  .oneof(
    fc.record({
      kind: fc.constant('loop' as const),
      channel: fc.constantFrom(
        'hips' as const,
        'knees' as const,
        'head' as const,
        'hands' as const,
        'feet' as const,
        'shoulders' as const,
      ),
      side,
      form: fc.constantFrom('circle' as const, 'eight' as const, 'sway' as const),
      radius: growing,
      turns: whole(1, 6),
      start: whole(-180, 180),
      direction: fc.constantFrom('clockwise' as const, 'anticlockwise' as const),
    }),
    fc.record({
      kind: fc.constant('vibration' as const),
      form: fc.constantFrom('shake' as const, 'bounce' as const),
      region: fc.constantFrom('whole' as const, 'hands' as const, 'heels' as const),
      side,
      size: growing,
      times: whole(1, 20),
    }),
    fc.record({
      kind: fc.constant('route' as const),
      hand: fc.constantFrom('left' as const, 'right' as const, 'both' as const),
      sites: fc.constant(['hip' as const, 'thigh' as const, 'knee' as const]),
      tool: fc.constant('palm' as const),
      stroke: fc.constantFrom('rub' as const, 'pat' as const),
      times: whole(1, 9),
    }),
  )
  .map((written) => Overlay.parse(written));

const circling = (overlay: Overlay) =>
  movement({
    parts: {
      cycle: [
        phase({ breath: 'natural', length: { kind: 'breaths', breaths: 1 }, overlays: [overlay], call: 'Round' }),
      ],
    },
  });
const stride = (of: ReturnType<typeof movement>) => {
  const [first] = walkMovement(of, { side: null });
  if (!first) throw new Error('it has a phase');
  return first.stride;
};

describe('overlays', () => {
  test('mirrored twice they are exactly themselves', () => {
    fc.assert(fc.property(overlays, (overlay) => expect(mirrorOverlay(mirrorOverlay(overlay))).toStrictEqual(overlay)));
  });

  test('a circle retraced is at each moment where the circle was as long before its end', () => {
    fc.assert(
      fc.property(overlays, whole(0, 20), (overlay, twentieths) => {
        if (overlay.kind !== 'loop') return;
        const u = twentieths / 20;
        const at = (of: Overlay, when: number) => samplePose(stride(circling(of)), when, 10, FULL_SIZE);
        const [there, back] = [at(overlay, u), at(retraceOverlay(overlay), 1 - u)];
        expect(back.hips.right).toBeCloseTo(there.hips.right, 9);
        expect(back.head.tilt).toBeCloseTo(there.head.tilt, 9);
        expect(back.hands.left.at[0]).toBeCloseTo(there.hands.left.at[0], 9);
      }),
    );
  });

  test('a vibration has a rate or so many times, never both or neither', () => {
    const base = { kind: 'vibration', form: 'shake', region: 'whole', size: { from: 1, to: 1 } };
    const ok = (more: object) => Overlay.safeParse({ ...base, ...more }).success;
    expect([
      ok({ times: 3 }),
      ok({ rate: { from: 2, to: 2 } }),
      ok({}),
      ok({ times: 3, rate: { from: 2, to: 2 } }),
    ]).toEqual([true, true, false, false]);
  });

  test('a hand on its route rests on each site in turn', () => {
    const of = circling(
      Overlay.parse({
        kind: 'route',
        hand: 'right',
        sites: ['hip', 'thigh', 'knee'],
        tool: 'palm',
        stroke: 'rub',
        times: 1,
      }),
    );
    const rests = [0.1, 0.5, 0.9].map((u) => samplePose(stride(of), u, 10).hands.right.rests);
    expect(rests).toEqual(['hip', 'thigh', 'knee']);
  });
});

const span = { kind: 'span' as const, share: 1 };
const stepping = movement({
  laterality: { sides: { kind: 'each-side', first: 'left' } },
  start: { stance: 'closed', load: { left: 50, right: 50 }, sink: 30, arms: 'hanging' },
  parts: {
    cycle: [
      phase({ breath: 'in', length: span, to: { load: { left: 0, right: 100 }, arms: 'raised-front' }, call: 'Empty' }),
      phase({
        breath: 'out',
        length: span,
        to: { stance: 'parallel', load: { left: 60, right: 40 }, sink: 32, arms: 'overhead-round' },
        handPath: 'side',
        call: 'Step',
      }),
    ],
  },
});

describe('sampling', () => {
  const walked = walkMovement(stepping, { side: 'left', cycles: 2 }).map((part) => part.stride);
  const track = trackAtPace(walked);

  test('a phase begins in the pose before it and ends in its own', () => {
    for (const one of walked) {
      expect(samplePose(one, 0, 5).hands).toEqual(one.from.hands);
      expect(samplePose(one, 1, 5).feet).toEqual(one.to.feet);
      expect(samplePose(one, 1, 5).load).toEqual(one.to.load);
    }
  });

  test('nothing jumps: from one hundredth of a second to the next every foot and hand moves by little', () => {
    for (let t = 0; t < track.seconds - 0.01; t += 0.01) {
      const [a, b] = [poseAt(track, t), poseAt(track, t + 0.01)];
      if (!a || !b) throw new Error('the track has poses');
      for (const one of SIDES) {
        expect(Math.hypot(b.feet[one].x - a.feet[one].x, b.feet[one].y - a.feet[one].y)).toBeLessThan(0.02);
        const hand = a.hands[one].at.map((value, axis) => (b.hands[one].at[axis] ?? 0) - value);
        expect(Math.hypot(...hand)).toBeLessThan(0.04);
      }
    }
  });

  test('a stepping foot is in the air only while it bears at most a tenth', () => {
    for (let t = 0; t < track.seconds; t += 0.02) {
      const pose = poseAt(track, t);
      if (pose?.feet.left.contact === 'off') expect(pose.load.left).toBeLessThanOrEqual(10 + 1e-6);
    }
  });

  test('the stride under way is found at its boundaries, before the start and after the end', () => {
    expect(strideAt(track, -1)?.start).toBe(0);
    expect(strideAt(track, 5)?.start).toBe(5);
    expect(strideAt(track, 4.999)?.start).toBe(0);
    expect(strideAt(track, 1e6)).toBe(track.strides.at(-1));
    expect(poseAt({ seconds: 0, strides: [] }, 0)).toBeNull();
  });
});

describe('when a foot may be lifted', () => {
  test.each([
    ['empty throughout', 5, 0, [0, 1]],
    ['never empty', 60, 40, null],
  ] as const)('%s', (_name, from, to, expected) => expect(lowStretch(from, to, [0, 1], 10)).toEqual(expected));

  test('taking weight, it may be lifted until it bears a tenth', () => {
    const [begin, end] = lowStretch(0, 100, [0, 1], 10) ?? [1, 0];
    expect(begin).toBe(0);
    expect(3 * end ** 2 - 2 * end ** 3).toBeCloseTo(0.1, 9);
  });

  test('stretches overlap or they do not', () => {
    expect(overlap([0, 0.5], [0.3, 1])).toEqual([0.3, 0.5]);
    expect(overlap([0, 0.3], [0.3, 1])).toBeNull();
  });
});

describe('one leg rubs the other', () => {
  const rubbing = (change: Partial<Overlay> = {}) =>
    movement({
      laterality: { sides: { kind: 'each-side', first: 'left' } },
      start: { stance: 'seated', load: { left: 0, right: 20, seat: 80 }, sink: 0, arms: 'resting-on-thighs' },
      count: { unit: 'beats', least: 8, usual: 8, most: 8, step: 8 },
      parts: {
        cycle: [
          phase({
            breath: 'natural',
            length: { kind: 'beats', beats: 8, tempo: 60 },
            overlays: [
              {
                kind: 'route',
                hand: 'left',
                sites: ['ankle', 'shin', 'knee'],
                tool: 'foot',
                stroke: 'rub',
                times: 2,
                ...change,
              } as never,
            ],
            call: 'Rub',
          }),
        ],
      },
    });
  const at = (u: number, of = rubbing(), on: 'left' | 'right' = 'left') => {
    const [walked] = walkMovement(of, { side: on });
    if (!walked) throw new Error('it has a phase');
    return samplePose(walked.stride, u, 8).feet;
  };

  test('the sole goes from the ankle to the knee and back, so often, over the other leg', () => {
    expect([0, 0.25, 0.5, 0.75, 1].map((u) => at(u).left.height)).toEqual([0.1, 0.4, 0.1, 0.4, 0.1]);
    expect(at(0.1).left.contact).toBe('off');
    expect(Math.abs(at(0.25).left.x - at(0.25).right.x)).toBeLessThan(0.1);
    expect(at(0.25).right).toEqual(at(0).right);
  });

  test('on the other side it is the mirror image', () => {
    const [left, right] = [at(0.3).left, at(0.3, rubbing(), 'right').right];
    expect([right.x, right.y, right.height]).toEqual([-left.x, left.y, left.height]);
  });

  test('with a knee the other shin slides over it', () => {
    const knee = at(0.25, rubbing({ tool: 'knee' } as never));
    expect(knee.right.contact).toBe('off');
    expect(knee.right.height).toBeCloseTo(0.5, 9);
    expect(knee.left.contact).toBe('sole');
  });

  test('both legs at once, and where a leg does not reach, are refused', () => {
    const route = { kind: 'route', hand: 'left', sites: ['ankle', 'knee'], tool: 'foot', stroke: 'rub', times: 1 };
    expect(Overlay.safeParse(route).success).toBe(true);
    expect(Overlay.safeParse({ ...route, hand: 'both' }).success).toBe(false);
    expect(Overlay.safeParse({ ...route, sites: ['ankle', 'ear'] }).success).toBe(false);
    expect(Overlay.safeParse({ ...route, sites: ['ankle', 'ear'], tool: 'palm' }).success).toBe(true);
  });
});
