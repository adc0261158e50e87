import { z } from 'zod';
import { Movement } from '../../../../core/movement/schema/movement';
import { keptOnThisMachine } from '../../../app/machine/kept';

/** What is found fault with in something that has everything in its place: too little, too much, not as a rule has it. */
const LIMITS = ['too_small', 'too_big', 'invalid_format', 'custom'];

/**
 * A movement half made: every field is there and of its kind, so that it can be shown and gone on with, but no limit need be kept yet. It
 * may lack a name or its phases, and a cue may be too long.
 */
const HalfMade = z.unknown().transform((thing, context): Movement => {
  const read = Movement.safeParse(thing);
  if (read.success) return read.data;
  if (read.error.issues.every(({ code }) => LIMITS.includes(code))) return thing as Movement;
  context.addIssue({ code: 'custom', message: 'this is no movement' });
  return z.NEVER;
});

/** Movements that are being written, by what they are made from. */
export const keptMovements = keptOnThisMachine('movement-draft', HalfMade);
