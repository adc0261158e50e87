import { Movement } from '../movement/schema/movement';
import { postures } from '../testing/postures';
import { fc } from '../testing/properties';
import { skeletonOf } from './figure/skeleton';
import { supportOf } from './figure/support';
import { distance, type Vec } from './geometry/vector';
import { bodyFindings } from './limits/bodyFinding';
import { bendFor, bodySize, legLength, USUAL_BODY } from './standing/bodySize';
import { carryPose, mirrorPose, type Pose } from './standing/pose';
import { standIn } from './standing/stand';
import { mirrorPosture } from './written/mirror';
import { Posture } from './written/posture';
import { SIDES } from './written/side';

const pose = (written: Record<string, unknown>): Pose =>
  standIn(Posture.parse({ stance: 'parallel', load: { left: 50, right: 50 }, sink: 15, arms: 'hanging', ...written }));
const margin = (of: Pose): number => supportOf(of, skeletonOf(of)).margin * 1000;

describe('the figure keeps its bones', () => {
  test('every limb has its length to 1e-9, in any posture', () => {
    fc.assert(
      fc.property(postures, (posture) => {
        const { legs, arms, spine, size } = skeletonOf(standIn(posture));
        for (const side of SIDES) {
          const { hip, knee, shankEnd } = legs[side];
          const { shoulder, elbow, wrist, tip } = arms[side];
          const bones: [Vec, Vec, number][] = [
            [hip, knee, size.thigh],
            [knee, shankEnd, size.shank],
            [shoulder, elbow, size.upperArm],
            [elbow, wrist, size.forearm],
            [wrist, tip, size.hand],
          ];
          for (const [from, to, length] of bones) expect(Math.abs(distance(from, to) - length)).toBeLessThan(1e-9);
        }
        for (const bone of [0, 1, 2] as const)
          expect(Math.abs(distance(spine[bone], spine[bone + 1] as Vec) - size.trunk / 3)).toBeLessThan(1e-9);
      }),
    );
  });

  test('a leg bent by so many degrees is as long as the cosine rule says, and back', () => {
    expect(legLength(USUAL_BODY, 0)).toBeCloseTo(0.491 * 1.68, 12);
    expect(bendFor(USUAL_BODY, legLength(USUAL_BODY, 47))).toBeCloseTo(47, 9);
  });

  test('the sink is the bend of the leg that bears more', () => {
    const { legs } = skeletonOf(pose({ stance: 'bow', side: 'left', load: { left: 70, right: 30 }, sink: 50 }));
    expect(legs.left.bend).toBeCloseTo(50, 6);
    expect(legs.right.bend).toBeLessThan(50);
  });
});

describe('support', () => {
  test.each([
    ['parallel stance', { stance: 'parallel' }, 128],
    [
      'bow stance 0.60 m long, 70 to 30',
      { stance: 'bow', side: 'left', load: { left: 70, right: 30 }, sink: 65, spread: 1.5 },
      98,
    ],
    ['one leg', { stance: 'one-leg', side: 'left', load: { left: 100, right: 0 } }, 46],
    ['both heels raised', { stance: 'closed', feet: { left: { contact: 'ball' }, right: { contact: 'ball' } } }, 38],
  ])('%s has its margin within 1 mm', (_name, written, expected) => {
    expect(Math.abs(margin(pose(written)) - expected)).toBeLessThan(1);
  });

  test('a hand on a chair widens what a one-leg stance stands on', () => {
    const free = { stance: 'one-leg', side: 'left', load: { left: 100, right: 0 } };
    const held = pose({ ...free, arms: 'hand-on-chair', armSide: 'left' });
    const body = skeletonOf(held);
    const [x, y] = body.arms.left.wrist;
    expect(supportOf(held, body).hull).toContainEqual([x, y]);
    expect(margin(held)).toBeGreaterThanOrEqual(margin(pose(free)) - 1e-9);
  });

  test('the mass lies over the pressure within 0.1 mm in standing postures of every kind', () => {
    fc.assert(
      fc.property(postures, (posture) => {
        const body = skeletonOf(standIn(posture));
        if (SIDES.some((side) => body.legs[side].short > 0)) return;
        const [x, y] = body.centreOfPressure;
        expect(Math.hypot(body.centreOfMass[0] - x, body.centreOfMass[1] - y)).toBeLessThan(1e-4);
      }),
    );
  });
});

describe('mirror', () => {
  test('twice is exactly the identity for postures and poses, without -0', () => {
    fc.assert(
      fc.property(postures, (posture) => {
        expect(mirrorPosture(mirrorPosture(posture))).toStrictEqual(posture);
        const stood = standIn(posture);
        expect(mirrorPose(mirrorPose(stood))).toStrictEqual(stood);
      }),
    );
    expect(
      Object.is(
        mirrorPosture(Posture.parse({ stance: 'closed', load: { left: 50, right: 50 }, sink: 0, arms: 'hanging' }))
          .heading,
        0,
      ),
    ).toBe(true);
  });

  test('the mirrored figure is the mirror image of the figure, joint by joint', () => {
    fc.assert(
      fc.property(postures, (posture) => {
        const stood = standIn(posture);
        const [one, other] = [skeletonOf(stood), skeletonOf(mirrorPose(stood))];
        expect(other.legs.left.knee[0]).toBeCloseTo(-one.legs.right.knee[0], 6);
        expect(other.arms.right.elbow[2]).toBeCloseTo(one.arms.left.elbow[2], 6);
        expect(other.head[0]).toBeCloseTo(-one.head[0], 6);
      }),
    );
  });
});

describe('place and size', () => {
  test('carried and turned in the room, a figure keeps its shape and its margin', () => {
    fc.assert(
      fc.property(postures, fc.integer({ min: -180, max: 180 }), (posture, angle) => {
        const here = standIn(posture);
        const there = carryPose(here, { angle, x: 1.5, y: -0.7 });
        const [a, b] = [skeletonOf(here), skeletonOf(there)];
        expect(distance(b.head, b.arms.left.wrist)).toBeCloseTo(distance(a.head, a.arms.left.wrist), 6);
        expect(b.legs.right.bend).toBeCloseTo(a.legs.right.bend, 4);
        expect(supportOf(there, b).margin).toBeCloseTo(supportOf(here, a).margin, 6);
      }),
    );
  });

  test('a hand that points along its own palm is bent as the body faces, whichever way that is in the room', () => {
    const here = pose({ hands: { left: { at: [1, 0, 0], palm: 'in', wrist: 60 } } });
    const [a, b] = [skeletonOf(here), skeletonOf(carryPose(here, { angle: 180, x: 0, y: 0 }))];
    expect(distance(a.arms.left.tip, a.head)).toBeCloseTo(distance(b.arms.left.tip, b.head), 9);
    // Straight out to the side and bent by sixty degrees, the tip is before the wrist by half the root of three of the hand.
    const ahead = a.arms.left.tip[1] - a.arms.left.wrist[1];
    expect(ahead).toBeCloseTo((a.size.hand * Math.sqrt(3)) / 2, 6);
    expect(b.arms.left.tip[1] - b.arms.left.wrist[1]).toBeCloseTo(-ahead, 6);
  });

  test('a taller body has the same angles and lengths in proportion', () => {
    const bow = pose({ stance: 'bow', side: 'right', load: { left: 30, right: 70 }, sink: 38, arms: 'pushing-front' });
    const [usual, tall] = [skeletonOf(bow), skeletonOf(bow, bodySize(1.68 * 1.1))];
    expect(tall.legs.left.bend).toBeCloseTo(usual.legs.left.bend, 4);
    expect(tall.head[2] / usual.head[2]).toBeCloseTo(1.1, 5);
  });
});

describe('what a body cannot do is said', () => {
  const codes = (of: Pose) => bodyFindings(of).map(({ code, side }) => `${code} ${side}`);
  test('a sound posture has no finding', () => expect(codes(pose({}))).toEqual([]));

  test('a leg that would have to be longer, with the sink that works', () => {
    const wide = pose({
      stance: 'bow',
      side: 'left',
      load: { left: 70, right: 30 },
      sink: 4,
      feet: { right: { forward: -0.75 } },
    });
    const [finding] = bodyFindings(wide).filter(({ code }) => code === 'leg-too-long');
    expect(finding?.side).toBe('right');
    const works = finding?.sinkThatWorks ?? 0;
    expect(works).toBeGreaterThan(4);
    expect(codes({ ...wide, sink: works })).not.toContain('leg-too-long right');
    expect(codes({ ...wide, sink: works - 1 })).toContain('leg-too-long right');
  });

  test('an ankle bent over 35 degrees, with the sink that works', () => {
    const deep = pose({ stance: 'closed', sink: 100 });
    const finding = bodyFindings(deep).find(({ code }) => code === 'ankle');
    expect(finding?.amount).toBeGreaterThan(35);
    expect(finding?.sinkThatWorks).toBeLessThan(100);
  });

  test('a hand out of reach is clamped to the arm and said', () => {
    const far = pose({ hands: { left: { at: [0.9, 0.9, 0.9] } } });
    expect(codes(far)).toEqual(['hand-out-of-reach left']);
    const { arms, size } = skeletonOf(far);
    expect(distance(arms.left.shoulder, arms.left.wrist)).toBeCloseTo(size.arm, 6);
  });

  test('joint limits: a foot turned in too far, a knee and an elbow folded too far', () => {
    expect(codes(pose({ feet: { left: { angle: 70 } } }))).toEqual(['hip left']);
    expect(codes(pose({ hands: { right: { at: [0.1, 0.05, -0.1] } } }))).toEqual(['elbow right']);
    const heelToSeat = {
      stance: 'one-leg',
      side: 'left',
      load: { left: 100, right: 0 },
      feet: { right: { height: 0.75, forward: -0.05 } },
    };
    expect(codes(pose(heelToSeat))).toContain('knee right');
  });

  test('a body leaning off its seat', () => {
    const leaning = pose({
      stance: 'seated',
      load: { left: 10, right: 10, seat: 80 },
      spine: { hinge: 95 },
      arms: 'raised-front',
    });
    expect(codes(leaning)).toEqual(['off-seat null']);
  });
});

test('a movement may adjust whatever a named stance and arm shape leave open', () => {
  const written = {
    stance: 'parallel',
    load: { left: 50, right: 50 },
    sink: 15,
    arms: 'hanging',
    feet: { left: { angle: 400 } },
  };
  const refused = Posture.safeParse(written);
  expect(refused.success ? [] : refused.error.issues.map(({ path }) => path.join('.'))).toEqual(['feet.left.angle']);
  expect(Movement.shape.start.safeParse({ ...written, feet: { left: { angle: 20 } } }).success).toBe(true);
});
