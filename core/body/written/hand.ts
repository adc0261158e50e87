import { z } from 'zod';
import { Site } from './site';

/** What a hand is made into. */
export const HandShape = z.enum([
  'open',
  'loose-fist',
  'fist',
  'hook',
  'pointing',
  'claw',
  'sword-fingers',
  'one-finger',
  'curled',
  'interlaced',
  'palms-joined',
]);
export type HandShape = z.infer<typeof HandShape>;

/** Where a palm looks, from the mover's own chest: in is towards the other side, out away from it. */
export const Palm = z.enum(['down', 'up', 'front', 'back', 'in', 'out']);
export type Palm = z.infer<typeof Palm>;

const reach = z.number().min(-1.2).max(1.2);

/**
 * A point for the wrist in the frame of its shoulder, in arm lengths (shoulder to wrist): away from the middle, forward, up.
 * Counted outward rather than to the right, a pair of hands mirrors by exchanging them.
 */
export const HandPoint = z.tuple([reach, reach, reach]);
export type HandPoint = z.infer<typeof HandPoint>;

/** What an author changes in one hand of a named arm shape. */
export const HandChange = z.object({
  at: HandPoint.optional(),
  /** Degrees the hand is bent back (positive) or in (negative). */
  wrist: z.number().min(-90).max(90).optional(),
  palm: Palm.optional(),
  shape: HandShape.optional(),
  /** What the hand rests on: a site of the mover's own body, a chair or the wall; null lets go. */
  rests: Site.nullable().optional(),
});
export type HandChange = z.infer<typeof HandChange>;
