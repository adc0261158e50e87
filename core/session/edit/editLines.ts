import { type Block, filledBlocks, rootOf } from '../plan/block';
import type { LineSet } from '../plan/lineSet';
import type { Item, Plan, Section } from '../plan/session';
import { type LinePlace, placeOf } from './editPlan';

/** Changes to several lines of a class at once, and to the blocks they stand in. */

type Sections = Pick<Plan, 'sections'>;

const withSection = <Of extends Sections>(session: Of, index: number, change: (section: Section) => Section): Of => ({
  ...session,
  sections: session.sections.map((section, place) => (place === index ? change(section) : section)),
});

/** Some lines of a class in its order, with the blocks that they wholly fill; they leave all other blocks. */
export function takeLines({ sections }: Sections, ids: ReadonlySet<string>): LineSet {
  const [items, blocks]: [Item[], Block[]] = [[], []];
  for (const section of sections) {
    const taken = section.items.filter(({ id }) => ids.has(id));
    const left = filledBlocks(
      section.items.filter(({ id }) => !ids.has(id)),
      section.blocks,
    );
    const whole = filledBlocks(taken, section.blocks).filter((block) => !left.includes(block));
    const names = new Set(whole.map(({ id }) => id));
    blocks.push(
      ...whole.map((block) => (block.within === null || names.has(block.within) ? block : { ...block, within: null })),
    );
    items.push(
      ...taken.map((item) => (item.block === null || names.has(item.block) ? item : { ...item, block: null })),
    );
  }
  return { items, blocks };
}

/** The class without some lines, and without the blocks that they leave empty. */
export const withoutLines = <Of extends Sections>(session: Of, ids: ReadonlySet<string>): Of => ({
  ...session,
  sections: session.sections.map((section) => {
    const items = section.items.filter(({ id }) => !ids.has(id));
    return items.length === section.items.length
      ? section
      : { ...section, items, blocks: filledBlocks(items, section.blocks) };
  }),
});

/** The class with lines put in at a place, in their order, with their blocks. Within another block they go after it. */
export function putLines<Of extends Sections>(
  session: Of,
  { section, index }: LinePlace,
  { items, blocks }: LineSet,
): Of {
  return withSection(session, section, (into) => {
    const root = index > 0 && index < into.items.length ? rootOf(into.blocks, into.items[index - 1] as Item) : null;
    let at = index;
    while (root !== null && at < into.items.length && rootOf(into.blocks, into.items[at] as Item) === root) at += 1;
    return {
      ...into,
      items: [...into.items.slice(0, at), ...items, ...into.items.slice(at)],
      blocks: [...into.blocks, ...blocks],
    };
  });
}

/** The class with some lines one place further up (-1) or down (1), together, past the line or block that stands there. */
export function shiftLines<Of extends Sections>(session: Of, ids: ReadonlySet<string>, direction: 1 | -1): Of {
  const taken = takeLines(session, ids);
  const first = taken.items[0] && placeOf(session, taken.items[0].id);
  if (!first) return session;
  const rest = withoutLines(session, ids);
  const { items = [], blocks = [] } = rest.sections[first.section] ?? {};
  const next = direction === 1 ? first.index : first.index - 1;
  const passed = items[next];
  if (!passed) {
    const section = first.section + direction;
    const length = rest.sections[section]?.items.length;
    return length === undefined ? session : putLines(rest, { section, index: direction === 1 ? 0 : length }, taken);
  }
  const root = rootOf(blocks, passed);
  let index = next;
  const isPassed = (place: number) => {
    const item = items[place];
    return item !== undefined && (place === next || (root !== null && rootOf(blocks, item) === root));
  };
  while (isPassed(index)) index += direction;
  return putLines(rest, { section: first.section, index: direction === 1 ? index : index + 1 }, taken);
}

/** Why some lines cannot become one block; null where they can. */
export function whyNotTogether({ sections }: Sections, ids: ReadonlySet<string>): string | null {
  const section = sections.find(({ items }) => items.some(({ id }) => ids.has(id)));
  const taken = section?.items.filter(({ id }) => ids.has(id)) ?? [];
  if (!section || taken.length < ids.size) return 'Lines of one section only.';
  const first = section.items.findIndex(({ id }) => ids.has(id));
  if (!section.items.slice(first, first + taken.length).every(({ id }) => ids.has(id)))
    return 'Only lines that follow each other.';
  const outer = new Set(taken.map(({ block }) => block));
  const { blocks } = takeLines({ sections }, ids);
  const loose = taken.filter(({ block }) => block === null || !blocks.some(({ id }) => id === block));
  const inner = blocks.filter(({ within }) => within === null);
  if (blocks.some(({ within }) => within !== null)) return 'Blocks go two deep at most.';
  const around = new Set(loose.map(({ block }) => block));
  if (inner.length > 0 && [...around].some((block) => block !== null)) return 'Blocks go two deep at most.';
  if (around.size > 1 || (inner.length === 0 && outer.size > 1)) return 'Lines of one block only.';
  const [within] = [...around];
  const holder = section.blocks.find(({ id }) => id === within);
  return holder && holder.within !== null ? 'Blocks go two deep at most.' : null;
}

/** The class with some lines that follow each other made one block. Unchanged where they cannot be: `whyNotTogether` says why. */
export function groupLines<Of extends Sections>(session: Of, ids: ReadonlySet<string>, block: Block): Of {
  const first = session.sections.findIndex(({ items }) => items.some(({ id }) => ids.has(id)));
  if (first < 0 || whyNotTogether(session, ids) !== null) return session;
  const whole = new Set(takeLines(session, ids).blocks.map(({ id }) => id));
  return withSection(session, first, (section) => {
    const loose = section.items.find(({ id, block: own }) => ids.has(id) && (own === null || !whole.has(own)));
    const made = { ...block, within: loose?.block ?? null };
    return {
      ...section,
      items: section.items.map((item) =>
        ids.has(item.id) && (item.block === null || !whole.has(item.block)) ? { ...item, block: block.id } : item,
      ),
      blocks: [...section.blocks.map((one) => (whole.has(one.id) ? { ...one, within: block.id } : one)), made],
    };
  });
}

/** The class with a block changed. */
export const changeBlock = <Of extends Sections>(session: Of, blockId: string, to: Partial<Omit<Block, 'id'>>): Of => ({
  ...session,
  sections: session.sections.map((section) =>
    section.blocks.some(({ id }) => id === blockId)
      ? { ...section, blocks: section.blocks.map((block) => (block.id === blockId ? { ...block, ...to } : block)) }
      : section,
  ),
});

/** The class with a block taken apart: its lines stay where they are, each once. */
export const takeApart = <Of extends Sections>(session: Of, blockId: string): Of => ({
  ...session,
  sections: session.sections.map((section) => {
    const gone = section.blocks.find(({ id }) => id === blockId);
    if (!gone) return section;
    return {
      ...section,
      items: section.items.map((item) =>
        item.block === blockId ? { ...item, block: gone.within, inRounds: 'every' as const } : item,
      ),
      blocks: section.blocks.flatMap((block) => {
        if (block.id === blockId) return [];
        return block.within === blockId ? [{ ...block, within: null }] : [block];
      }),
    };
  }),
});

/** The class with the lines of a block replaced by others, under the same block: a kept passage as it is now. */
export function replaceBlock<Of extends Sections>(
  session: Of,
  blockId: string,
  lines: LineSet,
  to: Partial<Block>,
): Of {
  const at = session.sections.findIndex(({ blocks }) => blocks.some(({ id }) => id === blockId));
  if (at < 0) return session;
  return changeBlock(
    withSection(session, at, (section) => {
      const isWithin = (item: Item) => item.block === blockId || rootOf(section.blocks, item) === blockId;
      const first = section.items.findIndex(isWithin);
      const own = lines.items.map((item) => ({ ...item, block: item.block ?? blockId }));
      const others = section.blocks.filter(({ within }) => within !== blockId);
      return {
        ...section,
        items: section.items.flatMap((item, index) => (index === first ? own : isWithin(item) ? [] : [item])),
        blocks: [...others, ...lines.blocks.map((block) => ({ ...block, within: block.within ?? blockId }))],
      };
    }),
    blockId,
    to,
  );
}
