import equal from 'fast-deep-equal';
import { z } from 'zod';
import { Role } from '../../movement/schema/movement';
import { Slug } from '../../words/ids';
import { Block, blockFaults } from './block';
import { Item } from './session';

/** Lines that are carried together, with the blocks that they wholly fill: copied, or kept as a passage. */
export const LineSet = z
  .object({ items: z.array(Item).min(1).max(200), blocks: z.array(Block).max(40) })
  .superRefine(({ items, blocks }, context) => {
    for (const { path, message } of blockFaults(items, blocks))
      context.addIssue({ code: 'custom', path: [...path], message });
  });
export type LineSet = z.infer<typeof LineSet>;

/** A row of lines kept by name, to be put into other classes. Its version counts how often it has been changed. */
export const Passage = z.object({
  id: Slug,
  name: z.string().trim().min(1, 'a passage needs a name').max(80),
  /** The section it was taken from, where it is offered first. */
  role: Role,
  version: z.number().int().min(1),
  lines: LineSet,
});
export type Passage = z.infer<typeof Passage>;

/** The same lines under fresh ids, so that they can stand in a class beside the ones they were copied from. */
export function freshLines({ items, blocks }: LineSet, freshId: () => string): LineSet {
  const names = new Map(blocks.map(({ id }) => [id, freshId()]));
  const named = (id: string | null) => (id === null ? null : (names.get(id) ?? null));
  return {
    items: items.map((item) => ({ ...item, id: freshId(), block: named(item.block) })),
    blocks: blocks.map((block) => ({ ...block, id: names.get(block.id) ?? block.id, within: named(block.within) })),
  };
}

/** Whether two rows of lines say the same, whatever their ids. */
export function isSameSet(a: LineSet, b: LineSet): boolean {
  const numbered = (lines: LineSet): LineSet => {
    let count = 0;
    return freshLines(lines, () => {
      count += 1;
      return String(count);
    });
  };
  return equal(numbered(a), numbered(b));
}
