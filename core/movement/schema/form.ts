import { z } from 'zod';
import { Side } from '../../body/written/side';
import { MovementId } from '../../words/ids';
import { Names, Tradition } from './movement';

/** One place in a form: a movement with its own count and side, or only one of its parts. */
export const FormEntry = z.object({
  movementId: MovementId,
  /** How many cycles; once where it is left out. */
  cycles: z.number().int().min(1).max(36).default(1),
  side: Side.nullable().default(null),
  /** Degrees clockwise from the front that the entry is turned to face. */
  facing: z.number().int().min(-180).max(180).default(0),
  note: z.string().max(120).default(''),
});
export type FormEntry = z.infer<typeof FormEntry>;

/** An ordered list of movements practised as one. First entries may return as last. */
export const Form = z.object({
  id: z.string().regex(/^[a-z0-9]+(-[a-z0-9]+)*$/, 'an id is lower-case words joined by hyphens'),
  names: Names,
  tradition: Tradition,
  about: z.string().min(10).max(400),
  level: z.number().int().min(1).max(3).default(1),
  /** Entries flow into each other; otherwise each is settled before the next. */
  flows: z.boolean().default(true),
  entries: z.array(FormEntry).min(3).max(120),
});
export type Form = z.infer<typeof Form>;
