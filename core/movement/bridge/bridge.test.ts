import { wrapAngle } from '../../body/geometry/wrapAngle';
import { bodyFindings } from '../../body/limits/bodyFinding';
import { carryPose, mirrorPose, type Pose } from '../../body/standing/pose';
import { standIn } from '../../body/standing/stand';
import { Posture } from '../../body/written/posture';
import { mirrorFoot } from '../../body/written/stance';
import { inBreath, movement } from '../../testing/sample';
import { timedAtPace } from '../../timing/trackAtPace';
import { footworkFindings } from '../footwork/footwork';
import { Form } from '../schema/form';
import { type Bridge, bridgeBetween, compareCost, type WayCost } from './bridge';
import { actionsFrom, type BridgeAction, crossingTo } from './bridgeActions';
import { type BridgeState, goalFeet, isReached, startState } from './bridgeState';
import { bridgeStrides } from './bridgeStrides';
import { bridgeCall } from './bridgeWords';
import { walkForm } from './walkForm';

const pose = (written: Record<string, unknown>): Pose =>
  standIn(Posture.parse({ stance: 'parallel', load: { left: 50, right: 50 }, sink: 20, arms: 'hanging', ...written }));
const POSES: Record<string, Pose> = {
  parallel: pose({}),
  closed: pose({ stance: 'closed' }),
  horse: pose({ stance: 'horse', sink: 40 }),
  bowLeft: pose({ stance: 'bow', side: 'left', load: { left: 70, right: 30 }, sink: 46 }),
  oneLeg: pose({ stance: 'one-leg', side: 'right', load: { left: 0, right: 100 } }),
  crossed: pose({ stance: 'crossed-behind', side: 'left', load: { left: 30, right: 70 }, sink: 35 }),
  seated: pose({ stance: 'seated', load: { left: 10, right: 10, seat: 80 } }),
  empty: pose({ stance: 'empty-heel', side: 'left', load: { left: 10, right: 90 }, sink: 35 }),
};
const at = (name: keyof typeof POSES): Pose => POSES[name] as Pose;
const sure = (bridge: Bridge | null): Bridge => {
  if (!bridge) throw new Error('no way');
  return bridge;
};
const said = (from: Pose, goal: Pose) => bridgeCall(sure(bridgeBetween(from, goal)));

test.each([
  ['bow left to closed', 'bowLeft', 'closed'],
  ['one leg to horse', 'oneLeg', 'horse'],
  ['closed to crossed behind', 'closed', 'crossed'],
  ['standing to seated', 'parallel', 'seated'],
  ['seated to standing', 'seated', 'parallel'],
  ['horse to an empty stance', 'horse', 'empty'],
])('%s: a way that passes the footwork rules and ends as the goal stands', (_name, from, goal) => {
  const bridge = sure(bridgeBetween(at(from), at(goal)));
  expect(bridge.actions.length).toBeGreaterThan(0);
  const strides = bridgeStrides(at(from), at(goal), bridge);
  const last = strides.at(-1)?.to as Pose;
  expect(last.load).toEqual(at(goal).load);
  const width = (of: Pose) => [of.feet.right.x - of.feet.left.x, of.feet.right.y - of.feet.left.y];
  for (const axis of [0, 1]) expect(width(last)[axis]).toBeCloseTo(width(at(goal))[axis] ?? 0, 6);
  const faults = footworkFindings(timedAtPace(strides)).filter(
    ({ code, severity }) => severity !== 'notice' && ['loaded-lift', 'knee-twist', 'weighted-turn'].includes(code),
  );
  expect(faults).toEqual([]);
});

test('the way is said in plain words', () => {
  expect(said(at('closed'), at('parallel'))).toBe('Weight right, step left, weight to the middle');
  expect(said(at('parallel'), at('parallel'))).toBe('');
});

/** All ways of up to so many actions, tried one by one. */
function cheapestByTrying(from: Pose, goal: Pose, most: number): WayCost | null {
  let best: WayCost | null = null;
  for (const anchor of ['left', 'right'] as const) {
    const goalAt = goalFeet(from, goal, anchor);
    const start = startState(from);
    const crossing = crossingTo(start, goal, goalAt);
    const go = (state: BridgeState, cost: WayCost, depth: number) => {
      if (isReached(state, goal, goalAt)) {
        if (best === null || compareCost(cost, best) < 0) best = cost;
        return;
      }
      if (depth === most) return;
      for (const { action, state: next } of actionsFrom(state, crossing))
        go(
          next,
          [
            cost[0] + action.halves,
            cost[1] + 1,
            cost[2] + action.turned,
            cost[3] + action.travel,
            cost[4] + action.order,
          ],
          depth + 1,
        );
    };
    go(start, [0, 0, 0, 0, ''], 0);
  }
  return best;
}
const costOf = (actions: readonly BridgeAction[]): WayCost =>
  actions.reduce<WayCost>(
    (sum, { halves, turned, travel, order }) => [
      sum[0] + halves,
      sum[1] + 1,
      sum[2] + turned,
      sum[3] + travel,
      sum[4] + order,
    ],
    [0, 0, 0, 0, ''],
  );

test('no way that is tried out is cheaper', () => {
  for (const [from, goal] of [
    ['closed', 'parallel'],
    ['parallel', 'horse'],
    ['closed', 'empty'],
    ['oneLeg', 'parallel'],
    ['empty', 'closed'],
  ] as const) {
    const found = sure(bridgeBetween(at(from), at(goal)));
    const tried = cheapestByTrying(at(from), at(goal), 5);
    expect(tried && compareCost(costOf(found.actions), tried)).toBe(0);
  }
});

test('the mirror image of a way is the way of the mirror image', () => {
  const names = Object.keys(POSES) as (keyof typeof POSES)[];
  // Where both ends are their own mirror image nothing tells the sides apart, and the left foot goes first.
  const lopsided = new Set(['bowLeft', 'oneLeg', 'crossed', 'empty']);
  for (const from of names)
    for (const goal of names) {
      if (!lopsided.has(from) && !lopsided.has(goal)) continue;
      const [one, other] = [
        bridgeBetween(at(from), at(goal)),
        bridgeBetween(mirrorPose(at(from)), mirrorPose(at(goal))),
      ];
      expect(other?.halves).toBe(one?.halves);
      expect(other?.actions.map(({ kind, foot }) => [kind, foot && (foot === 'left' ? 'right' : 'left')])).toEqual(
        one?.actions.map(({ kind, foot }) => [kind, foot]),
      );
      if (one && other) expect(other.feet.left.x).toBeCloseTo(mirrorFoot(one.feet.right).x, 9);
    }
});

describe('a form', () => {
  const lift = movement({ id: 'lift', parts: { cycle: [inBreath, { ...inBreath, breath: 'out' }] } });
  const wide = movement({ id: 'wide', start: { ...lift.start, stance: 'horse', sink: 40 } });
  const form = Form.parse({
    id: 'short-form',
    names: { english: ['Short Form'] },
    tradition: 'qigong',
    about: 'A form that exists only to be walked.',
    entries: [
      { movementId: 'lift' },
      { movementId: 'wide', facing: 90 },
      { movementId: 'lift', cycles: 2 },
      { movementId: 'gone' },
    ],
  });
  const find = (id: string) => [lift, wide].find((one) => one.id === id);

  test('is walked as one, with the steps between, and says what is missing', () => {
    const walked = walkForm(form, find);
    expect(walked.missing).toEqual([3]);
    expect(walked.unreachable).toEqual([]);
    expect(walked.entries.map(({ bridge }) => bridge === null)).toEqual([true, false, false]);
    expect(walked.entries[1]?.strides.at(-1)?.to.heading).toBe(90);
  });

  test('as far as it is known', () => expect(walkForm(form, find, 2).entries).toHaveLength(2));
});

describe('turning round', () => {
  const stands = at('parallel');
  const turned = (angle: number) => carryPose(stands, { angle, x: 0, y: 0 });
  const halves = (angle: number) => bridgeBetween(stands, turned(angle))?.halves ?? 0;

  test('takes longer the further it goes, and the same to the left as to the right', () => {
    expect(halves(0)).toBe(0);
    expect(halves(90)).toBeGreaterThan(0);
    expect(halves(180)).toBe(2 * halves(90));
    expect(halves(-90)).toBe(halves(90));
  });

  test.each([90, -90, 135, 180])(
    'by %s degrees ends there, the short way round, with no hip more than two degrees beyond what it reaches',
    (angle) => {
      const bridge = bridgeBetween(stands, turned(angle));
      if (!bridge) throw new Error('there is a way');
      const strides = bridgeStrides(stands, turned(angle), bridge);
      expect(Math.abs(wrapAngle((strides.at(-1)?.to.heading ?? 0) - angle))).toBeLessThan(1e-9);
      const over = strides
        .flatMap(({ to }) => bodyFindings(to))
        .filter(({ code, amount, limit }) => code === 'hip' && amount > limit + 2);
      expect(over).toEqual([]);
    },
  );
});
