import { skeletonOf } from '../../body/figure/skeleton';
import { fromRoom, outwardOf, turned } from '../../body/geometry/frame';
import { along, subtract, type Vec } from '../../body/geometry/vector';
import { type BodyFinding, bodyFindings } from '../../body/limits/bodyFinding';
import { USUAL_BODY } from '../../body/standing/bodySize';
import type { Pose } from '../../body/standing/pose';
import { isSeated } from '../../body/written/load';
import { otherSide, SIDES, type Side } from '../../body/written/side';
import type { Severity } from '../../words/severity';
import { ease } from '../walk/liftWindow';
import type { Stride } from '../walk/stride';
import { FOOTWORK_LIMITS as LIMITS } from './footworkLimits';
import { bendForStep, stepReach } from './stepReach';

export type FootworkFault =
  | 'loaded-lift'
  | 'hurried-lift'
  | 'loaded-roll'
  | 'not-flat'
  | 'weighted-turn'
  | 'knee-twist'
  | 'hurried-shift'
  | 'step-too-long'
  | 'head-height';

/** Something the feet do that they should not, and where. */
export interface FootworkFinding {
  readonly code: FootworkFault | BodyFinding['code'];
  readonly severity: Severity;
  /** Which stride of the walk, from 0. */
  readonly stride: number;
  readonly side: Side | null;
  /** How much it is, and the most it may be: percent, degrees, seconds, metres or percent a second by its code. */
  readonly amount: number;
  readonly limit: number;
  /** The load on the foot when it happens, percent; null where load is not what it is about. */
  readonly load: number | null;
  /** The sink in degrees at which it would do; null where no sink helps. */
  readonly sinkThatWorks: number | null;
}

/** What a school and a floor allow. */
export interface FootworkRules {
  /** Turning on the weighted foot is taught, and the floor lets it turn. */
  readonly weightedTurns: boolean;
  /** The head stays level through a step. */
  readonly levelHead: boolean;
}
export const USUAL_RULES: FootworkRules = { weightedTurns: false, levelHead: true };

const loadAt = ({ from, to, phase }: Stride, side: Side, u: number): number => {
  const [start, end] = phase.windows.load ?? [0, 1];
  return from.load[side] + (to.load[side] - from.load[side]) * ease((u - start) / (end - start));
};

/** Degrees a planted foot turns while it bears more than the limit, and the most it bears meanwhile. */
function turnedUnderLoad(stride: Stride, side: Side): { angle: number; load: number } {
  const { turned: total, during } = stride.feet[side];
  if (during === null) return { angle: 0, load: 0 };
  const [from, to] = during;
  let [angle, load] = [0, 0];
  const pieces = 40;
  for (let piece = 0; piece < pieces; piece += 1) {
    const u = from + ((piece + 0.5) / pieces) * (to - from);
    const now = loadAt(stride, side, u);
    if (now <= LIMITS.weightedPivot) continue;
    angle += Math.abs(total) * (ease((piece + 1) / pieces) - ease(piece / pieces));
    load = Math.max(load, now);
  }
  return { angle, load };
}

/** How far a foot is put down from under its own hip, with the body over the other foot, metres; and whether it is forward. */
function stepLength(pose: Pose, side: Side): { length: number; forward: boolean } {
  const [placed, standing] = [pose.feet[side], pose.feet[otherSide(side)]];
  const frame = turned(pose.heading + pose.hips.turn);
  const from: Vec = [standing.x, standing.y, 0];
  const underHip = along(from, outwardOf(frame, side), USUAL_BODY.hipJoints);
  const [right, ahead] = fromRoom(frame, subtract([placed.x, placed.y, 0], underHip));
  return { length: Math.hypot(right, ahead), forward: ahead > Math.abs(right) };
}

/** A foot that rolls under the weight, or is left on its ball, heel or edge with most of it. */
function judgeContact(stride: Stride, side: Side, add: Adder): void {
  const { rolls } = stride.feet[side];
  if (isSeated(stride.to.load)) return;
  const { contact } = stride.to.feet[side];
  const bears = stride.to.load[side];
  if (contact !== 'sole' && contact !== 'off' && bears > LIMITS.notFlat) {
    add('not-flat', 'warn', side, bears, LIMITS.notFlat, { load: bears });
    return;
  }
  if (rolls === null) return;
  const most = Math.max(...rolls.map((u) => loadAt(stride, side, u)));
  if (most > LIMITS.notFlat) add('loaded-roll', 'warn', side, most, LIMITS.notFlat, { load: most });
}

function judgeFoot(stride: Stride, seconds: number, side: Side, rules: FootworkRules, add: Adder): void {
  const work = stride.feet[side];
  const { from, to } = stride;
  if (work.during === null) return;
  if (work.leaves) {
    // As little as it bears while it is lifted: that is what is too much.
    const [begins, ends] = work.during;
    const least = Math.min(loadAt(stride, side, begins), loadAt(stride, side, ends));
    if (!work.free) add('loaded-lift', 'stop', side, least, 10, { load: least });
    else {
      const flight = (work.during[1] - work.during[0]) * seconds;
      if (flight < LIMITS.flight - 1e-9) add('hurried-lift', 'warn', side, flight, LIMITS.flight, { load: least });
    }
    if (to.feet[side].contact === 'off' || work.moved === 0) return;
    const { length, forward } = stepLength(to, side);
    const heelFirst = to.feet[side].contact === 'heel' || forward;
    const manner = { pelvisTurn: to.hips.turn, heelFirst };
    const bend = Math.max(from.sink, to.sink);
    const reach = stepReach(bend, manner);
    if (length <= reach || isSeated(to.load)) return;
    const severity = length > reach * LIMITS.reachError ? 'warn' : 'notice';
    add('step-too-long', severity, side, length, reach, { sinkThatWorks: bendForStep(length, manner) });
    return;
  }
  const { angle, load } = turnedUnderLoad(stride, side);
  if (angle > LIMITS.kneeTwist)
    add('knee-twist', rules.weightedTurns ? 'warn' : 'stop', side, angle, LIMITS.kneeTwist, { load });
  else if (angle > LIMITS.setStraight && !rules.weightedTurns)
    add('weighted-turn', 'notice', side, angle, LIMITS.setStraight, { load });
}

type Adder = (
  code: FootworkFinding['code'],
  severity: FootworkFinding['severity'],
  side: Side | null,
  amount: number,
  limit: number,
  more?: Partial<Pick<FootworkFinding, 'load' | 'sinkThatWorks'>>,
) => void;

/**
 * Everything a walk's feet and joints should not do.
 * @param strides with how long each lasts, in seconds
 * @returns nothing for sound footwork
 */
export function footworkFindings(
  strides: readonly { readonly stride: Stride; readonly seconds: number }[],
  rules: FootworkRules = USUAL_RULES,
): FootworkFinding[] {
  const findings: FootworkFinding[] = [];
  strides.forEach(({ stride, seconds }, index) => {
    const add: Adder = (code, severity, side, amount, limit, more = {}) => {
      findings.push({ code, severity, stride: index, side, amount, limit, load: null, sinkThatWorks: null, ...more });
    };
    for (const side of SIDES) {
      judgeFoot(stride, seconds, side, rules, add);
      judgeContact(stride, side, add);
    }
    const [start, end] = stride.phase.windows.load ?? [0, 1];
    const shifted = Math.abs(stride.to.load.left - stride.from.load.left);
    const rate = (1.5 * shifted) / Math.max(0.05, (end - start) * seconds);
    const steps = SIDES.some((side) => stride.feet[side].leaves);
    const most = steps ? LIMITS.shiftStepping : LIMITS.shiftSwinging;
    if (rate > most && stride.to.load.seat === stride.from.load.seat) add('hurried-shift', 'warn', null, rate, most);
    if (steps && rules.levelHead && !stride.to.seat) {
      const risen = skeletonOf(stride.to).head[2] - skeletonOf(stride.from).head[2];
      if (Math.abs(risen) > LIMITS.headHeight) add('head-height', 'notice', null, risen, LIMITS.headHeight);
    }
    for (const { code, side, amount, limit, sinkThatWorks } of bodyFindings(stride.to))
      add(code, 'warn', side, amount, limit, { sinkThatWorks });
  });
  return findings;
}
