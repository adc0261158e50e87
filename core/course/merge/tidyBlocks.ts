import { type Block, blockFaults } from '../../session/plan/block';
import type { Item, Section } from '../../session/plan/session';

/**
 * A section with the blocks its lines stand in. Lines of one block that a merge has parted come together where the first of them is;
 * a block that would go three deep, or nowhere, lets its lines stand by themselves.
 */
export function tidyBlocks(section: Section, blocks: readonly Block[]): Section {
  const byId = new Map(blocks.map((block) => [block.id, block]));
  const needed = new Set<string>();
  for (const { block } of section.items) {
    for (let id = block; id !== null && !needed.has(id); id = byId.get(id)?.within ?? null) needed.add(id);
  }
  const own = blocks.filter(({ id }) => needed.has(id));
  if (blockFaults(section.items, own).length === 0) return { ...section, blocks: own };
  const items = together(section.items, own);
  if (blockFaults(items, own).length === 0) return { ...section, items, blocks: own };
  return { ...section, items: section.items.map((item) => ({ ...item, block: null })), blocks: [] };
}

/** The lines with those of one block behind each other: first by the outer block, then within it. */
function together(items: readonly Item[], blocks: readonly Block[]): Item[] {
  const byId = new Map(blocks.map((block) => [block.id, block]));
  const places = new Map<string, number>();
  const placeOf = (id: string, place: number): number => {
    const there = places.get(id);
    if (there !== undefined) return there;
    places.set(id, place);
    return place;
  };
  return items
    .map((item, place) => {
      const block = item.block === null ? undefined : byId.get(item.block);
      const outer = block ? (block.within ?? block.id) : null;
      return {
        item,
        at: [outer === null ? place : placeOf(outer, place), block ? placeOf(`in ${block.id}`, place) : place, place],
      };
    })
    .toSorted((a, b) => {
      const apart = a.at.findIndex((one, level) => one !== b.at[level]);
      return apart === -1 ? 0 : (a.at[apart] ?? 0) - (b.at[apart] ?? 0);
    })
    .map(({ item }) => item);
}
