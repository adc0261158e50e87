import { mirrorNumber } from '../geometry/mirrorNumber';
import type { Load } from './load';
import type { FootChange, Gaze, Posture, PostureChange } from './posture';
import { otherSide, type Side } from './side';

const mirrorSide = (side: Side | null): Side | null => (side === null ? null : otherSide(side));
const mirrorLoad = (load: Load): Load => ({ left: load.right, right: load.left, seat: load.seat });
/** Where the eyes go in the mirror. */
export const MIRRORED_GAZE: Readonly<Record<Gaze, Gaze>> = {
  ahead: 'ahead',
  down: 'down',
  up: 'up',
  'left-hand': 'right-hand',
  'right-hand': 'left-hand',
};

/** An object with the named numbers turned; names it does not hold stay out. */
export function turnSigns<Thing extends object>(thing: Thing, ...names: (keyof Thing)[]): Thing {
  const next = { ...thing };
  for (const name of names) {
    const value = next[name];
    if (typeof value === 'number') next[name] = mirrorNumber(value) as Thing[keyof Thing];
  }
  return next;
}

/** Left and right exchanged; a side that is not there stays out. */
export function swapSides<Thing>(
  pair: { left?: Thing | undefined; right?: Thing | undefined },
  each: (one: Thing) => Thing,
) {
  return {
    ...(pair.right === undefined ? {} : { left: each(pair.right) }),
    ...(pair.left === undefined ? {} : { right: each(pair.left) }),
  };
}

const asIs = <Thing>(thing: Thing): Thing => thing;
const mirrorFootChange = (foot: FootChange): FootChange => turnSigns(foot, 'right', 'angle');

/** The mirror image of a change; what it leaves out stays left out. */
export function mirrorChange(change: PostureChange): PostureChange {
  const { side, load, armSide, gaze, spine, head, hips, shoulders, feet, hands, ...rest } = turnSigns(
    change,
    'heading',
    'turn',
  );
  return {
    ...rest,
    ...(side === undefined ? {} : { side: mirrorSide(side) }),
    ...(load === undefined ? {} : { load: mirrorLoad(load) }),
    ...(armSide === undefined ? {} : { armSide: mirrorSide(armSide) }),
    ...(gaze === undefined ? {} : { gaze: MIRRORED_GAZE[gaze] }),
    ...(spine === undefined ? {} : { spine: turnSigns(spine, 'bend') }),
    ...(head === undefined ? {} : { head: turnSigns(head, 'turn', 'tilt') }),
    ...(hips === undefined ? {} : { hips: turnSigns(hips, 'turn', 'tilt', 'right') }),
    ...(shoulders === undefined ? {} : { shoulders: swapSides(shoulders, asIs) }),
    ...(feet === undefined ? {} : { feet: swapSides(feet, mirrorFootChange) }),
    ...(hands === undefined ? {} : { hands: swapSides(hands, asIs) }),
  };
}

/** The mirror image of a posture: left and right exchanged, turns reversed. Twice is exactly the identity. */
export const mirrorPosture = (posture: Posture): Posture => mirrorChange(posture) as Posture;
