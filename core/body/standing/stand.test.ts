import { skeletonOf } from '../figure/skeleton';
import { distance } from '../geometry/vector';
import { bodyFindings } from '../limits/bodyFinding';
import { changePosture } from '../written/changePosture';
import { Posture, type PostureChange } from '../written/posture';
import { postureWords } from '../written/postureWords';
import { Site } from '../written/site';
import type { Pose } from './pose';
import { standIn } from './stand';

const posture = (written: Record<string, unknown> = {}): Posture =>
  Posture.parse({ stance: 'parallel', load: { left: 50, right: 50 }, sink: 20, arms: 'hanging', ...written });
/** Walks changes one after another, as a movement does. */
const walk = (from: Posture, ...changes: PostureChange[]): Pose[] => {
  let [at, pose] = [from, standIn(from)];
  return changes.map((change) => {
    at = changePosture(at, change);
    pose = standIn(at, pose, change);
    return pose;
  });
};

describe('which foot keeps its place', () => {
  test('the one that bears, when a stance is named', () => {
    const [empty, stepped] = walk(
      posture({ stance: 'closed' }),
      { load: { left: 0, right: 100, seat: 0 } },
      { stance: 'bow', side: 'left', load: { left: 10, right: 90, seat: 0 } },
    );
    expect(stepped?.feet.right).toMatchObject({ x: empty?.feet.right.x, y: empty?.feet.right.y });
    expect(stepped?.feet.left.y).toBeCloseTo((empty?.feet.right.y ?? 0) + 0.4, 9);
  });

  test('neither, when both bear the same: the middle stays', () => {
    const [wide] = walk(posture(), { stance: 'horse' });
    expect((wide?.feet.left.x ?? 0) + (wide?.feet.right.x ?? 0)).toBeCloseTo(0, 9);
  });

  test('both, when only the weight, the arms or the heading change', () => {
    const [a, b, c] = walk(
      posture(),
      { load: { left: 80, right: 20, seat: 0 } },
      { heading: 40 },
      { arms: 'raised-front' },
    );
    expect(b?.feet).toBe(a?.feet);
    expect(c?.feet).toBe(a?.feet);
    expect(c?.heading).toBe(40);
  });

  test('all but the foot that is adjusted, also after the body has turned', () => {
    const [, adjusted] = walk(
      posture({ load: { left: 10, right: 90 } }),
      { heading: 60 },
      { feet: { left: { angle: 0 } } },
    );
    expect(adjusted?.feet.left.angle).toBe(60);
    expect(adjusted?.feet.right).toEqual(standIn(posture()).feet.right);
  });
});

test('a spread makes a bow longer and a horse wider, and leaves the rest', () => {
  const size = (stance: string, spread: number) => {
    const { left, right } = standIn(posture({ stance, side: stance === 'bow' ? 'left' : null, spread })).feet;
    return [Math.abs(left.x - right.x), Math.abs(left.y - right.y)];
  };
  expect(size('bow', 1.5)).toEqual([expect.closeTo(0.24, 9), expect.closeTo(0.6, 9)]);
  expect(size('horse', 0.5)[0]).toBeCloseTo(0.32, 9);
});

test('a hanging arm hangs from a bowed trunk', () => {
  const { arms } = skeletonOf(standIn(posture({ spine: { hinge: 60 }, sink: 25 })));
  expect(arms.left.wrist[0]).toBeLessThan(arms.left.shoulder[0]);
  expect(
    Math.hypot(arms.left.wrist[0] - arms.left.shoulder[0], arms.left.wrist[1] - arms.left.shoulder[1]),
  ).toBeLessThan(0.12);
});

describe('hands at rest', () => {
  const near = [
    'crown',
    'temple',
    'face',
    'ear',
    'neck',
    'heart',
    'ribs',
    'belly',
    'waist',
    'lower-back',
    'hip',
    'shoulder',
    'chair',
    'wall',
  ];
  test.each(Site.options.filter((site) => near.includes(site)))('standing upright, a hand reaches the %s', (rests) => {
    const pose = standIn(posture({ hands: { right: { rests } } }));
    expect(bodyFindings(pose).filter(({ code, side }) => code === 'hand-out-of-reach' && side === 'right')).toEqual([]);
  });

  test('the knees are reached bowed and not upright', () => {
    const reached = (spine: Record<string, number>, sink: number) =>
      bodyFindings(standIn(posture({ arms: 'hands-on-knees', spine, sink }))).filter(
        ({ code }) => code === 'hand-out-of-reach',
      ).length;
    expect(reached({ hinge: 64 }, 38)).toBe(0);
    expect(reached({}, 15)).toBe(2);
  });

  test('a hand keeps to its site while the body moves', () => {
    const on = (sink: number) => skeletonOf(standIn(posture({ arms: 'hands-on-hips', sink })));
    const gap = (body: ReturnType<typeof on>) => distance(body.arms.left.wrist, body.legs.left.hip);
    expect(gap(on(45))).toBeCloseTo(gap(on(10)), 6);
  });
});

test('on a chair the seat stays where it was put down', () => {
  const [one, two] = walk(
    posture({ stance: 'seated', load: { left: 10, right: 10, seat: 80 }, arms: 'resting-on-thighs' }),
    { turn: 20 },
    { feet: { left: { height: 0.1 } } },
  );
  expect(two?.seat).toEqual(one?.seat);
  expect(two?.feet.left.contact).toBe('off');
});

test('a posture is said in words', () => {
  expect(postureWords(posture({ stance: 'bow', side: 'right', load: { left: 30, right: 70 } }))).toBe(
    'bow stance, right front foot: left 30 percent, right 70 percent',
  );
  expect(postureWords(posture({ stance: 'seated', load: { left: 10, right: 10, seat: 80 } }))).toMatch(
    /seat 80 percent$/,
  );
});
