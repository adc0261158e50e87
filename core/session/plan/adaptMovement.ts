import { cappedMovement } from '../../movement/adapt/cappedMovement';
import { asTaught, doesOtherwise, type Schools, schoolsOf } from '../../movement/adapt/schools';
import { breathedAs, layerOf, type Movement, variantOf } from '../../movement/schema/movement';
import { rememberBy } from '../../remember/rememberBy';
import { deepestFor } from './line/depth';
import type { MovementItem, Plan } from './session';

/** What of a line says how its movement is done. */
export type Way = Pick<MovementItem, 'variant' | 'layer' | 'breathing' | 'ramp' | 'schools'>;

/** Nothing said: as it is written, for what stands in no line of its own. */
const AS_WRITTEN: Way = { variant: null, layer: null, breathing: null, ramp: null, schools: {} };

/** A movement that only settles a line, as the class does it. */
export const adaptToSchools = (movement: Movement, schools: Schools): Movement =>
  adaptMovement(movement, AS_WRITTEN, schools);

/**
 * A movement as a line has it done: the variant it is led in, breathed as its school breathes, in its teaching step, growing as the line says. The same
 * way always answers the same object, so that what is worked out of it can be kept; a line that says nothing, in a class that
 * does everything as it is written, answers the movement itself.
 * @param schools those of the class; the line's own answers go before them
 * @param deepest how low the class goes today, degrees of knee bend; null where that was not found out
 */
export function adaptMovement(movement: Movement, way: Way, schools: Schools, deepest: number | null = null): Movement {
  const { variant, layer, breathing, ramp } = way;
  const taught = schoolsOf(way.schools, schools);
  const isWritten = variant === null && layer === null && breathing === null && ramp === null;
  const done =
    isWritten && !doesOtherwise(taught) ? movement : keptAdapted(movement, { variant, layer, breathing, ramp }, taught);
  return cappedMovement(done, deepest);
}

const keptAdapted = rememberBy(
  (movement: Movement, { variant, layer, breathing, ramp }: Omit<Way, 'schools'>, taught: Schools): Movement => {
    const breathed = breathing === null ? movement : breathedAs(movement, breathing);
    const varied = variant === null ? breathed : variantOf(breathed, variant);
    const layered = layer === null ? varied : layerOf(varied, layer);
    const schooled = asTaught(layered, taught);
    return ramp === null ? schooled : { ...schooled, ramps: [...schooled.ramps, ramp] };
  },
  ({ variant, layer, breathing, ramp }, { frontShare, backShare, toesRise, kneesStraighten }) =>
    JSON.stringify([variant, layer, breathing, ramp, frontShare, backShare, toesRise, kneesStraighten]),
);

/** The movement of each line of a class, as it is done there; lines without a known movement are left out. */
export function adaptedMovements(
  plan: Pick<Plan, 'sections' | 'schools'>,
  find: (id: string) => Movement | undefined,
): ReadonlyMap<string, Movement> {
  const done = new Map<string, Movement>();
  for (const { items } of plan.sections)
    for (const item of items) {
      const movement = item.kind === 'movement' ? find(item.movementId) : undefined;
      if (movement && item.kind === 'movement')
        done.set(item.id, adaptMovement(movement, item, plan.schools, deepestFor(plan.sections, item.id)));
    }
  return done;
}
