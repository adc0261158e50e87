import { blockAt, filledBlocks } from '../plan/block';
import type { Item, Plan, Section } from '../plan/session';

/** A session, or only its plan. */
type Sections = Pick<Plan, 'sections'>;

/** Where a line stands: section and place within it, both from 0. */
export interface LinePlace {
  readonly section: number;
  readonly index: number;
}

/** Finds a line by its id; null when it is not there. */
export function placeOf(session: Sections, itemId: string): LinePlace | null {
  for (const [section, { items }] of session.sections.entries()) {
    const index = items.findIndex(({ id }) => id === itemId);
    if (index >= 0) return { section, index };
  }
  return null;
}

/** The session with something of a section said anew; the other sections are the same objects as before. */
export const changeSection = <Of extends Sections>(session: Of, section: number, to: Partial<Section>): Of => ({
  ...session,
  sections: session.sections.map((old, index) => (index === section ? { ...old, ...to } : old)),
});

const withItems = <Of extends Sections>(session: Of, section: number, items: Item[]): Of =>
  changeSection(session, section, { items });

/** The session with a line put in at a place; the lines from there on move down. Between lines of a block it joins them. */
export function insertLine<Of extends Sections>(session: Of, { section, index }: LinePlace, item: Item): Of {
  const { items, blocks } = session.sections[section] ?? { items: [], blocks: [] };
  const placed = { ...item, block: blockAt(items, blocks, index, item.block) };
  return withItems(session, section, [...items.slice(0, index), placed, ...items.slice(index)]);
}

/** The session without a line, and without the blocks that it leaves empty. */
export const removeLine = <Of extends Sections>(session: Of, itemId: string): Of => ({
  ...session,
  sections: session.sections.map((section) => {
    if (!section.items.some(({ id }) => id === itemId)) return section;
    const items = section.items.filter(({ id }) => id !== itemId);
    return { ...section, items, blocks: filledBlocks(items, section.blocks) };
  }),
});

/** The session with a line replaced by what `change` makes of it. */
export const changeLine = <Of extends Sections>(session: Of, itemId: string, change: (item: Item) => Item): Of => ({
  ...session,
  sections: session.sections.map((section) =>
    section.items.some(({ id }) => id === itemId)
      ? { ...section, items: section.items.map((item) => (item.id === itemId ? change(item) : item)) }
      : section,
  ),
});

/** The session with a line moved to a place, which is counted in the list without that line. */
export function moveLine<Of extends Sections>(session: Of, itemId: string, to: LinePlace): Of {
  const from = placeOf(session, itemId);
  const item = from && session.sections[from.section]?.items[from.index];
  return item ? insertLine(removeLine(session, itemId), to, item) : session;
}

/** The place one step up or down, crossing into the neighbouring section at its edge; null at either end of the class. */
export function neighbourPlace(session: Sections, itemId: string, direction: 1 | -1): LinePlace | null {
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
