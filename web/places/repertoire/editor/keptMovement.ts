import { z } from 'zod';
import type { Movement } from '../../../../core/movement/schema/movement';
import { keptOnThisMachine } from '../../../app/machine/kept';

/** A movement half made may lack a name or its phases; whatever has parts can be gone on with. */
const HalfMade = z.custom<Movement>(
  (thing) => typeof thing === 'object' && thing !== null && 'parts' in thing && 'start' in thing,
);

/** Movements that are being written, by what they are made from. */
export const keptMovements = keptOnThisMachine('movement-draft', HalfMade);
