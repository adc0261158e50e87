import { z } from 'zod';

/** A side of the body, always the mover's own: left is the mover's left hand. */
export const Side = z.enum(['left', 'right']);
export type Side = z.infer<typeof Side>;

/** The other side. `otherSide('left')` is `'right'`. */
export const otherSide = (side: Side): Side => (side === 'left' ? 'right' : 'left');

export const SIDES: readonly Side[] = Side.options;
