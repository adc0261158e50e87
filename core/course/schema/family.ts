import { z } from 'zod';
import { MovementId } from '../../words/ids';

/**
 * What the warm-ups of a course are made from: a core that is done in every class, and slots from each of which one piece is done.
 * The order is the same every week; it is what people remember.
 */
export const PieceFamily = z.object({
  core: z.array(MovementId).min(1, 'a warm-up has a core').max(12),
  slots: z.array(z.array(MovementId).min(1, 'a slot has a piece').max(6)).max(4),
});
export type PieceFamily = z.infer<typeof PieceFamily>;
