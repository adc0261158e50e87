import { z } from 'zod';
import { Teaching } from '../../../core/record/teaching';
import { Session } from '../../../core/session/session';

/** The class in hand, kept on this machine as it goes on, so that a reload resumes on the same breath. */
const KeptClass = z.object({ session: Session, teaching: Teaching, startedAt: z.iso.datetime({ offset: true }) });
export type KeptClass = z.infer<typeof KeptClass>;

const key = (id: string): string => `vesperum.teaching.${id}`;

export const keepClass = (kept: KeptClass): void => localStorage.setItem(key(kept.session.id), JSON.stringify(kept));

export const forgetClass = (id: string): void => localStorage.removeItem(key(id));

export function keptClass(id: string): KeptClass | null {
  const text = localStorage.getItem(key(id));
  if (text === null) return null;
  try {
    return KeptClass.parse(JSON.parse(text));
  } catch {
    return null;
  }
}
