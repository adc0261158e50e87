import type { Movement } from '../../movement/schema/movement';
import { writtenSide } from '../../movement/walk/cycleFor';
import { walkMovement } from '../../movement/walk/walkMovement';
import { rememberFor } from '../../remember/rememberFor';

/** What is drilled by itself before it is needed: weight going from foot to foot, the waist turning, sinking and rising. */
export type Drill = 'shift' | 'turn' | 'sink';

/** From so much on it is one: percent of the weight, degrees of the waist, degrees of the knees. Conventions. */
const SHIFTED = 30;
const TURNED = 18;
const SUNK = 10;

const spreadOf = (values: readonly number[]): number => Math.max(...values) - Math.min(...values);

const drillsIn = rememberFor((movement: Movement): ReadonlySet<Drill> => {
  const side = writtenSide(movement);
  const postures = walkMovement(movement, { side })
    .filter(({ part }) => part === 'cycle')
    .map(({ stride }) => stride.posture);
  if (postures.length === 0) return new Set();
  const found: Drill[] = [];
  if (spreadOf(postures.map(({ load }) => load.left)) >= SHIFTED) found.push('shift');
  if (spreadOf(postures.map(({ turn, hips }) => turn + hips.turn)) >= TURNED) found.push('turn');
  if (spreadOf(postures.map(({ sink }) => sink)) >= SUNK) found.push('sink');
  return new Set(found);
});

/** What some movements drill, or ask to have been drilled. */
export const drillsOf = (movements: readonly Movement[]): ReadonlySet<Drill> =>
  new Set(movements.flatMap((movement) => [...drillsIn(movement)]));
