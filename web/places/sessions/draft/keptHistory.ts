import equal from 'fast-deep-equal';
import { z } from 'zod';
import { Item, Section, type Session, SessionShape } from '../../../../core/session/plan/session';
import { tabShelf } from '../../../app/machine/storage';

/** The steps that can be undone and done again, kept over a reload of the page in this tab. */
export interface History {
  readonly past: readonly Session[];
  readonly present: Session;
  readonly future: readonly Session[];
}

/** So many steps each way are kept. */
const STEPS = 150;

/** Steps share most of their lines: every line is written once, and steps name lines by their places. */
const Step = SessionShape.omit({ sections: true }).extend({
  sections: z.array(Section.omit({ items: true }).extend({ items: z.array(z.number().int().min(0)) })),
});
const Packed = z.object({ items: z.array(Item), past: z.array(Step), present: Step, future: z.array(Step) });
type Packed = z.infer<typeof Packed>;

/** A history as text: what lines and steps share stands in it once. */
export function packHistory({ past, present, future }: History): string {
  const places = new Map<Item, number>();
  const placeOf = (item: Item): number => {
    const place = places.get(item) ?? places.size;
    places.set(item, place);
    return place;
  };
  const step = (session: Session) => ({
    ...session,
    sections: session.sections.map((section) => ({ ...section, items: section.items.map(placeOf) })),
  });
  const packed: Omit<Packed, 'items'> = {
    past: past.slice(-STEPS).map(step),
    present: step(present),
    future: future.slice(0, STEPS).map(step),
  };
  return JSON.stringify({ ...packed, items: [...places.keys()] } satisfies Packed);
}

/** A history from its text; null where it cannot be read any more. */
export function unpackHistory(text: string): History | null {
  try {
    const { items, past, present, future } = Packed.parse(JSON.parse(text));
    const session = (step: Packed['present']): Session => ({
      ...step,
      sections: step.sections.map((section) => ({
        ...section,
        items: section.items.map((place) => {
          const item = items[place];
          if (!item) throw new Error('a step names a line that is not there');
          return item;
        }),
      })),
    });
    return { past: past.map(session), present: session(present), future: future.map(session) };
  } catch {
    return null;
  }
}

const key = (id: string): string => `vesperum.history.${id}`;

/** Keeps the history of one class for this tab; where there is no room for it, it is gone with the page. */
export const keepHistory = (history: History): void =>
  void tabShelf.keep(key(history.present.id), packHistory(history));

/** The history that was kept of a class, where it leads to the class as it is now. */
export function historyOf(session: Session): History | null {
  const text = tabShelf.find(key(session.id));
  const history = text === null ? null : unpackHistory(text);
  return history && equal(history.present, session) ? history : null;
}
