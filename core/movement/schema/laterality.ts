import { z } from 'zod';
import { Side } from '../../body/written/side';

/** How a movement uses the two sides. Its cycle is written on the side named `first`. */
export const Sides = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('even') }),
  z.object({ kind: z.literal('each-side'), first: Side }),
  z.object({
    kind: z.literal('alternating'),
    first: Side,
    /** What one repetition is: one side, or there and back. */
    repetition: z.enum(['one-side', 'there-and-back']),
  }),
  z.object({ kind: z.literal('either'), first: Side }),
]);
export type Sides = z.infer<typeof Sides>;

/**
 * Whether the movement is done in both directions, how the reverse is made, and what the breath then keeps.
 * `mirrored` is the mirror image; `retraced` runs the path backwards, with the breath kept by place or by order.
 */
export const Directions = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('one') }),
  z.object({
    kind: z.literal('both'),
    names: z.tuple([z.string().min(1), z.string().min(1)]),
    reversal: z.enum(['mirrored', 'retraced']),
    breath: z.enum(['keeps-place', 'keeps-order']),
  }),
]);
export type Directions = z.infer<typeof Directions>;

export const Laterality = z.object({ sides: Sides, directions: Directions.default({ kind: 'one' }) });
export type Laterality = z.infer<typeof Laterality>;
