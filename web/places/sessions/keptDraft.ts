import { z } from 'zod';
import { Session } from '../../../core/session/session';

/** Edits that the server does not have yet are kept on this machine, one per class, until it does. */

const KeptDraft = z.object({ session: Session, revision: z.number().int().min(1) });
export type KeptDraft = z.infer<typeof KeptDraft>;

const key = (id: string): string => `vesperum.draft.${id}`;

export const keepDraft = (draft: KeptDraft): void => localStorage.setItem(key(draft.session.id), JSON.stringify(draft));

export const forgetDraft = (id: string): void => localStorage.removeItem(key(id));

/** The edits kept for a class, or null where there are none that can be read. */
export function keptDraft(id: string): KeptDraft | null {
  const text = localStorage.getItem(key(id));
  if (text === null) return null;
  try {
    return KeptDraft.parse(JSON.parse(text));
  } catch {
    return null;
  }
}
