import { z } from 'zod';
import { classMark } from '../../core/formats/pocket/recordCode';
import { Teaching } from '../../core/record/standing/teaching';
import type { Session } from '../../core/session/plan/session';
import { machineShelf } from '../app/machine/storage';

/** A class in hand on this device. */
export const KeptHere = z.object({
  startedAt: z.iso.datetime({ offset: true }),
  teaching: Teaching,
  /** When it was last written down, milliseconds since 1970. */
  seenAt: z.number(),
});
export type KeptHere = z.infer<typeof KeptHere>;

const keyOf = (session: Session): string => `vesperum.carried.${classMark(session)}`;

/** Whether this device keeps what is done, asked before anything is begun. */
export function keepsHere(): boolean {
  const isKept = machineShelf.keep('vesperum.carried.try', 'yes');
  machineShelf.forget('vesperum.carried.try');
  return isKept;
}

/** Answers whether this device has it now. */
export const keepHere = (session: Session, kept: KeptHere): boolean =>
  machineShelf.keep(keyOf(session), JSON.stringify(kept));

export const forgetHere = (session: Session): void => machineShelf.forget(keyOf(session));

/** The class that was begun here and not ended; null where there is none, or it cannot be read. */
export function foundHere(session: Session): KeptHere | null {
  try {
    return KeptHere.parse(JSON.parse(machineShelf.find(keyOf(session)) ?? ''));
  } catch {
    return null;
  }
}
