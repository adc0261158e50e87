import equal from 'fast-deep-equal';
import { z } from 'zod';
import type { StoredSession } from '../../../core/formats/api/api';
import { Session } from '../../../core/session/plan/session';
import { nowMs } from '../../app/machine/clock';
import { keptOnThisMachine } from '../../app/machine/kept';
import { openTabs, tabId } from '../../app/machine/tab';
import { currentEpoch } from '../../app/server/epoch';

const KeptDraft = z.object({
  session: Session,
  revision: z.number().int().min(1),
  /** The data it was made from, as the server calls it; '' where that was not known. */
  epoch: z.string().default(''),
  /** When it was kept, milliseconds since 1970. */
  at: z.number().default(0),
});
export type KeptDraft = z.infer<typeof KeptDraft>;

/** A draft with the key it is kept under, and the page that keeps it. */
export interface FoundDraft extends KeptDraft {
  readonly key: string;
  readonly tab: string;
}

/** Edits that the server does not have yet: one for each class and page, so that two pages of one class keep both. */
const drafts = keptOnThisMachine('draft', KeptDraft);
const keyOf = (classId: string, tab: string): string => `${classId}.${tab}`;

/** What this page has kept last of each class: nobody else writes under its keys. */
const keptLast = new Map<string, Session>();

/** Keeps this page's edits of a class, and answers whether this machine has them now. */
export function keepDraft({ session, revision }: Pick<KeptDraft, 'session' | 'revision'>): boolean {
  keptLast.set(session.id, session);
  return drafts.keep(keyOf(session.id, tabId), { session, revision, epoch: currentEpoch() ?? '', at: nowMs() });
}

/** Whether a draft was made from other data than the server has now: its revision says nothing then. */
export const isOfOtherData = ({ epoch }: Pick<KeptDraft, 'epoch'>): boolean =>
  epoch !== '' && currentEpoch() !== null && epoch !== currentEpoch();

/** Forgets this page's edits of a class once the server has them: exactly those, and never another page's. */
export function forgetSaved(session: Session): void {
  if (equal(keptLast.get(session.id), session)) drafts.forget(keyOf(session.id, tabId));
}

/** Forgets a draft that has gone where it belongs. */
export const forgetDraft = (key: string): void => drafts.forget(key);

/** Every draft of a class that this machine keeps, the newest first. */
export function draftsOf(classId: string): FoundDraft[] {
  return drafts
    .ids(classId)
    .flatMap((key): FoundDraft[] => {
      const [of, tab = ''] = key.split('.');
      const draft = of === classId ? drafts.find(key) : null;
      return draft ? [{ ...draft, key, tab }] : [];
    })
    .toSorted((a, b) => b.at - a.at);
}

/** The drafts of all classes that no open page is still sending, the newest first. */
export async function abandonedDrafts(): Promise<FoundDraft[]> {
  const classIds = [...new Set(drafts.ids().map((key) => key.split('.')[0] ?? key))];
  const found = classIds.flatMap((id) => draftsOf(id));
  const open = await openTabs(found.map(({ tab }) => tab));
  return found.filter(({ tab }) => !open.has(tab)).toSorted((a, b) => b.at - a.at);
}

/**
 * A class as it stands now, for whoever only looks at it: as the server has it, or as a draft that was made of nothing older. What a
 * window left behind before the class was saved again is not what it is now. While the server is away it is the newest there is.
 * @param stored null where the server has not answered; `isKept` where this machine had its answer from before
 */
export function versionNow(
  stored: (StoredSession & { readonly isKept: boolean }) | null,
  drafts: readonly FoundDraft[],
): Session | null {
  const least = stored && !stored.isKept ? stored.revision : 0;
  return drafts.find(({ revision }) => revision >= least)?.session ?? stored?.session ?? null;
}

/** The drafts of a class that are this page's to go on with: its own, and those whose page is gone; then those of open pages. */
export async function partDrafts(
  classId: string,
): Promise<{ readonly left: readonly FoundDraft[]; readonly elsewhere: readonly FoundDraft[] }> {
  const found = draftsOf(classId);
  const open = await openTabs(found.map(({ tab }) => tab));
  const isLeft = ({ tab }: FoundDraft): boolean => tab === tabId || !open.has(tab);
  return { left: found.filter(isLeft), elsewhere: found.filter((draft) => !isLeft(draft)) };
}

/** Makes a draft that was left behind this page's own. */
export function adoptDraft({ key, session, revision }: FoundDraft): void {
  if (key === keyOf(session.id, tabId)) return;
  // First kept, then forgotten: a page that dies in between leaves it twice rather than not at all.
  if (keepDraft({ session, revision })) drafts.forget(key);
}
