import { wrapAngle } from '../../body/geometry/wrapAngle';
import type { Pose } from '../../body/standing/pose';
import { isSeated } from '../../body/written/load';
import { SIDES } from '../../body/written/side';
import { type Bridge, bridgeBetween } from '../../movement/bridge/bridge';
import { rememberFor } from '../../remember/rememberFor';

/** Feet that differ by no more than this are left where they are between two movements of a class. Conventions. */
const NEARLY = { metres: 0.08, degrees: 15, load: 15 } as const;

/** Whether a class that stands as `from` can go on as `goal` without a step. */
export function standsAlready(from: Pose, goal: Pose): boolean {
  const across = (pose: Pose) => [pose.feet.right.x - pose.feet.left.x, pose.feet.right.y - pose.feet.left.y];
  const [a, b] = [across(from), across(goal)];
  // On a chair the feet are put where they belong without a step.
  if (isSeated(from.load) && isSeated(goal.load)) return true;
  if (Math.hypot((a[0] ?? 0) - (b[0] ?? 0), (a[1] ?? 0) - (b[1] ?? 0)) > NEARLY.metres) return false;
  if (Math.abs(from.load.seat - goal.load.seat) > NEARLY.load) return false;
  return SIDES.every((side) => {
    const [now, then] = [from.feet[side], goal.feet[side]];
    return (
      now.contact === then.contact &&
      Math.abs(wrapAngle(now.angle - then.angle)) <= NEARLY.degrees &&
      Math.abs(from.load[side] - goal.load[side]) <= NEARLY.load
    );
  });
}

/** Going on from here: nothing to do, a way, or no sound way known. */
export type WayOn = Bridge | 'none' | 'missing';

const waysFrom = rememberFor((from: Pose) =>
  rememberFor((goal: Pose): WayOn => (standsAlready(from, goal) ? 'none' : (bridgeBetween(from, goal) ?? 'missing'))),
);

/** How a class gets from where one movement leaves it to where the next begins, worked out once for each pair of poses. */
export const bridgeInto = (from: Pose, goal: Pose): WayOn => waysFrom(from)(goal);
