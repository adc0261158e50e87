import { z } from 'zod';
import { Teaching } from '../../../core/record/teaching';
import { Session } from '../../../core/session/plan/session';
import { keptOnThisMachine } from '../../app/kept';

const KeptClass = z.object({ session: Session, teaching: Teaching, startedAt: z.iso.datetime({ offset: true }) });
export type KeptClass = z.infer<typeof KeptClass>;

/** Classes in hand, kept as they go on, so that a reload resumes on the same breath. */
export const keptClasses = keptOnThisMachine('teaching', KeptClass);
