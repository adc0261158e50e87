import { breathedAs, layerOf, type Movement, variantOf } from '../movement/movement';
import type { MovementItem, Plan } from './session';

/** What of a line says how its movement is done. */
export type Way = Pick<MovementItem, 'variant' | 'layer' | 'breathing' | 'ramp'>;

const KNOWN = new WeakMap<Movement, Map<string, Movement>>();

/**
 * A movement as a line has it done: the variant it is led in, breathed as its school breathes, in its teaching step, growing as the line says. The same
 * way always answers the same object, so that what is worked out of it can be kept; a line that says nothing answers the
 * movement itself.
 */
export function doneAs(movement: Movement, { variant, layer, breathing, ramp }: Way): Movement {
  if (variant === null && layer === null && breathing === null && ramp === null) return movement;
  const known = KNOWN.get(movement) ?? new Map<string, Movement>();
  KNOWN.set(movement, known);
  const key = JSON.stringify([variant, layer, breathing, ramp]);
  const before = known.get(key);
  if (before) return before;
  const breathed = breathing === null ? movement : breathedAs(movement, breathing);
  const varied = variant === null ? breathed : variantOf(breathed, variant);
  const layered = layer === null ? varied : layerOf(varied, layer);
  const done = ramp === null ? layered : { ...layered, ramps: [...layered.ramps, ramp] };
  known.set(key, done);
  return done;
}

/** The movement of each line of a class, as it is done there; lines without a known movement are left out. */
export function movementsOf(
  plan: Pick<Plan, 'sections'>,
  find: (id: string) => Movement | undefined,
): ReadonlyMap<string, Movement> {
  const done = new Map<string, Movement>();
  for (const { items } of plan.sections)
    for (const item of items) {
      const movement = item.kind === 'movement' ? find(item.movementId) : undefined;
      if (movement && item.kind === 'movement') done.set(item.id, doneAs(movement, item));
    }
  return done;
}
