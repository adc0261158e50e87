import { ARM_SHAPES } from '../../body/written/armShape';
import { changePosture } from '../../body/written/changePosture';
import type { Posture, PostureChange } from '../../body/written/posture';
import { SIDES } from '../../body/written/side';
import { SITES, type Site } from '../../body/written/site';
import { rememberFor } from '../../remember/rememberFor';
import type { Movement } from '../schema/movement';
import type { Parts } from '../schema/parts';

/** Ways that hold for any movement, whatever variants it has: the hands kept below the shoulders, the fold kept soft. */

/** The hands are kept so far below the shoulders, in arm lengths. */
const BELOW = -0.15;
/** The hinge and the rounding that make a soft fold together, degrees. */
const SOFT_HINGE = 24;
const SOFT_ROUND = 5;
/** Where a hand that rests makes a movement what it is: taken away from there it is another one. */
const LEGS: readonly Site[] = ['knee', 'shin', 'calf', 'ankle', 'toes', 'inner-leg'];

/** How one change of posture becomes gentler; null where it cannot. `after` is the posture it leads to as it is written. */
type Gentler = (change: PostureChange, after: Posture) => PostureChange | null;

/** A movement with every posture changed; itself where none is. Null where one cannot be. */
function withEach(movement: Movement, change: Gentler): Movement | null {
  const start = change(movement.start, movement.start);
  if (!start) return null;
  let isSame = start === movement.start;
  let at = movement.start;
  const parts: Partial<Record<keyof Parts, Parts['cycle']>> = {};
  for (const name of ['entry', 'cycle', 'between', 'exit'] as const) {
    const phases = movement.parts[name];
    if (!phases) continue;
    const changed: Parts['cycle'] = [];
    for (const phase of phases) {
      at = changePosture(at, phase.to);
      const to = change(phase.to, at);
      if (!to) return null;
      isSame &&= to === phase.to;
      changed.push(to === phase.to ? phase : { ...phase, to });
    }
    parts[name] = changed;
  }
  if (isSame) return movement;
  return {
    ...movement,
    start: changePosture(movement.start, { hands: start.hands ?? {}, spine: start.spine ?? {} }),
    parts: { ...movement.parts, ...parts },
  };
}

/** Whether a site is at or above the shoulders. */
const isHigh = (site: Site): boolean => SITES[site].base === 'head' || site === 'wall';

const loweredHands: Gentler = (change, { armSide }) => {
  const hands = { ...change.hands };
  let isChanged = false;
  for (const side of SIDES) {
    const own = change.hands?.[side];
    const shape = change.arms === undefined ? undefined : ARM_SHAPES[change.arms];
    const named = shape && ((armSide ?? 'left') === side ? shape.lead : shape.other);
    const rests = own?.rests === undefined ? (own?.at ? null : (named?.rests ?? null)) : own.rests;
    const at = own?.at ?? (rests === null ? named?.at : undefined);
    if (rests !== null && isHigh(rests)) return null;
    if (!at || at[2] <= BELOW) continue;
    // Out to the side as far as it was, and low.
    hands[side] = { ...own, at: [at[0], at[1], BELOW] };
    isChanged = true;
  }
  return isChanged ? { ...change, hands } : change;
};

/** A movement with the hands kept below the shoulders; itself where they are, null where it is nothing without them high. */
export const lowArmed = rememberFor((movement: Movement): Movement | null => withEach(movement, loweredHands));

const softened: Gentler = (change) => {
  const { spine } = change;
  if (!spine) return change;
  const hinge = spine.hinge === undefined ? undefined : Math.min(spine.hinge, SOFT_HINGE);
  const round = spine.round === undefined ? undefined : Math.min(spine.round, SOFT_ROUND);
  if (hinge === spine.hinge && round === spine.round) return change;
  if (SIDES.some((side) => LEGS.includes(change.hands?.[side]?.rests ?? 'belly'))) return null;
  return {
    ...change,
    spine: { ...spine, ...(hinge === undefined ? {} : { hinge }), ...(round === undefined ? {} : { round }) },
  };
};

/** A movement that folds no further than a bow; itself where it does not, null where its hands go down the legs. */
export const softFolded = rememberFor((movement: Movement): Movement | null => withEach(movement, softened));
