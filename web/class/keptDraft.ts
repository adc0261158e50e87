import { z } from 'zod';
import { Session } from '../../core/session/plan/session';
import { keptOnThisMachine } from '../app/kept';

const KeptDraft = z.object({ session: Session, revision: z.number().int().min(1) });
export type KeptDraft = z.infer<typeof KeptDraft>;

/** Edits that the server does not have yet, one per class, by the class's id. */
export const keptDrafts = keptOnThisMachine('draft', KeptDraft);
