import type { Item, Session } from './session';

/** Where a line stands: section and place within it, both from 0. */
export interface LinePlace {
  readonly section: number;
  readonly index: number;
}

/** Finds a line by its id; null when it is not there. */
export function placeOf(session: Session, itemId: string): LinePlace | null {
  for (const [section, { items }] of session.sections.entries()) {
    const index = items.findIndex(({ id }) => id === itemId);
    if (index >= 0) return { section, index };
  }
  return null;
}

const withItems = (session: Session, section: number, items: Item[]): Session => ({
  ...session,
  sections: session.sections.map((old, index) => (index === section ? { ...old, items } : old)),
});

/** The session with a line put in at a place; the lines from there on move down. */
export function insertLine(session: Session, { section, index }: LinePlace, item: Item): Session {
  const items = session.sections[section]?.items ?? [];
  return withItems(session, section, [...items.slice(0, index), item, ...items.slice(index)]);
}

/** The session without a line. */
export const removeLine = (session: Session, itemId: string): Session => ({
  ...session,
  sections: session.sections.map((section) => ({ ...section, items: section.items.filter(({ id }) => id !== itemId) })),
});

/** The session with a line replaced by what `change` makes of it. */
export const changeLine = (session: Session, itemId: string, change: (item: Item) => Item): Session => ({
  ...session,
  sections: session.sections.map((section) => ({
    ...section,
    items: section.items.map((item) => (item.id === itemId ? change(item) : item)),
  })),
});

/** The session with a line moved to a place, which is counted in the list without that line. */
export function moveLine(session: Session, itemId: string, to: LinePlace): Session {
  const from = placeOf(session, itemId);
  const item = from && session.sections[from.section]?.items[from.index];
  return item ? insertLine(removeLine(session, itemId), to, item) : session;
}

/** The place one step up or down, crossing into the neighbouring section at its edge; null at either end of the class. */
export function neighbourPlace(session: Session, itemId: string, direction: 1 | -1): LinePlace | null {
  const from = placeOf(session, itemId);
  if (!from) return null;
  const index = from.index + direction;
  const length = session.sections[from.section]?.items.length ?? 0;
  if (index >= 0 && index < length) return { section: from.section, index };
  const section = from.section + direction;
  const next = session.sections[section];
  if (!next) return null;
  return { section, index: direction === 1 ? 0 : next.items.length };
}
