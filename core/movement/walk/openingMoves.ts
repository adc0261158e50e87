import { wrapAngle } from '../../body/geometry/wrapAngle';
import type { Pose } from '../../body/standing/pose';
import { SIDES, type Side } from '../../body/written/side';
import { rememberBy } from '../../remember/rememberBy';
import type { Movement } from '../schema/movement';
import type { Pass } from '../schema/pass';
import { cachedWalk } from './cachedWalk';
import type { PartStride } from './walkMovement';

/** What a movement does by itself in its first breath half, on the side it is written on. */
export interface OpeningMoves {
  /** The feet it sets down elsewhere, lifts, or turns. */
  readonly feet: Readonly<Record<Side, boolean>>;
  /** Where the weight goes, percent; the same as it began where it stays. */
  readonly load: { readonly from: Pose['load']; readonly to: Pose['load'] };
}

/** A foot that turns by less than this, degrees, is not turned; one that moves by less than this, metres, is not moved. */
const SAME = { degrees: 5, metres: 0.02 } as const;

const footMoves = ({ stride }: PartStride, side: Side): boolean => {
  const [from, to] = [stride.from.feet[side], stride.to.feet[side]];
  return (
    Math.hypot(to.x - from.x, to.y - from.y) > SAME.metres ||
    Math.abs(wrapAngle(to.angle - from.angle)) > SAME.degrees ||
    (from.contact === 'off') !== (to.contact === 'off')
  );
};

/** The phases that a movement begins with as long as the breath goes one way: a phase taken apart is the same beginning. */
export function openingRun<Beginning extends { readonly breath: unknown }>(phases: readonly Beginning[]): Beginning[] {
  const turns = phases.findIndex(({ breath }) => breath !== phases[0]?.breath);
  return phases.slice(0, turns < 0 ? phases.length : turns);
}

/**
 * What a movement does itself as it begins, so that the class need not do it before: a step it takes, a turn, a shift of weight.
 * @param part that is begun with: the entry where there is one, the cycle on a second side
 * @returns null for a part without phases
 */
export const openingMoves = rememberBy(
  (movement: Movement, direction: Pass['direction'], part: 'entry' | 'cycle'): OpeningMoves | null => {
    const walked = cachedWalk(movement, direction).filter((stride) => stride.part === part);
    const once = walked.slice(0, movement.parts[part]?.length);
    const run = openingRun(once.map((one) => ({ one, breath: one.stride.phase.breath }))).map(({ one }) => one);
    const [begins, ends] = [run[0]?.stride.from, run.at(-1)?.stride.to];
    if (!begins || !ends) return null;
    const moves = (of: Side) => run.some((stride) => footMoves(stride, of));
    const [left, right] = SIDES.map(moves);
    return { feet: { left: left === true, right: right === true }, load: { from: begins.load, to: ends.load } };
  },
  (direction, part) => `${direction} ${part}`,
);
