import { z } from 'zod';
import { Teaching } from '../../../core/record/standing/teaching';
import { Session } from '../../../core/session/plan/session';
import { freshId } from '../../app/machine/freshId';
import { keptOnThisMachine } from '../../app/machine/kept';

const KeptClass = z.object({
  /** The id of its record, given when it begins: written twice it is still one record. */
  logId: z.string().default(() => freshId('log')),
  session: Session,
  teaching: Teaching,
  /** The class as it is taught since it was shortened; null where it was not. Its record is of the class as it was planned. */
  shortened: Session.nullable().default(null),
  startedAt: z.iso.datetime({ offset: true }),
  /** When it was last written down, milliseconds since 1970. */
  seenAt: z.number().default(0),
});
export type KeptClass = z.infer<typeof KeptClass>;

/** Classes in hand, kept as they go on, so that a reload resumes on the same breath: one for each time a class is begun. */
const classes = keptOnThisMachine('teaching', KeptClass);
const keyOf = ({ session, logId }: Pick<KeptClass, 'session' | 'logId'>): string => `${session.id}.${logId}`;

/** Keeps a class as it stands, and answers whether this machine has it now. */
export const keepClass = (kept: KeptClass): boolean => classes.keep(keyOf(kept), kept);

export const forgetClass = (kept: Pick<KeptClass, 'session' | 'logId'>): void => classes.forget(keyOf(kept));

/** Every class in hand on this machine, the one that was seen last first. */
export const classesInHand = (): KeptClass[] =>
  classes
    .ids()
    .flatMap((key): KeptClass[] => {
      const kept = classes.find(key);
      // One from before there were several for a class gets its own place.
      if (kept && key !== keyOf(kept) && keepClass(kept)) classes.forget(key);
      return kept ? [kept] : [];
    })
    .toSorted((a, b) => b.seenAt - a.seenAt);
