import { z } from 'zod';
import { Side } from '../../body/written/side';
import { LineId } from '../../words/ids';

/** In which rounds of its block a line is done: the last round may end otherwise, the first may be simpler. */
export const InRounds = z.enum(['every', 'first', 'later', 'last', 'but-last']);
export type InRounds = z.infer<typeof InRounds>;

/**
 * Lines that belong together: done again as rounds, done as a chain (all on one side, then all mirrored), or put in from a
 * kept passage. The lines say which block they stand in; a block says which it stands within.
 */
export const Block = z.object({
  id: LineId,
  /** The block it stands in itself, so that blocks are two deep at most; null directly in its section. */
  within: LineId.nullable().default(null),
  name: z.string().max(80).default(''),
  rounds: z.number().int().min(1).max(20).default(1),
  /** Rest between rounds, in seconds. */
  roundRest: z.number().min(0).max(600).default(0),
  /** Degrees of knee bend that every further round goes lower than the one before. */
  lower: z.number().min(-20).max(20).default(0),
  /** The side that a chain does first; null where the lines take their sides each for itself. */
  chain: Side.nullable().default(null),
  /** A sequence that is done one way, as it is taught: it is not the same on both sides, and does not come back to where it began. */
  oneWay: z.boolean().default(false),
  /** The kept passage it was put in from, as it was then. */
  origin: z
    .object({ passageId: LineId, version: z.number().int().min(1) })
    .nullable()
    .default(null),
});
export type Block = z.infer<typeof Block>;

/** Whether a line is done in a round, from 1, of so many. */
export function isDoneIn(inRounds: InRounds, round: number, rounds: number): boolean {
  switch (inRounds) {
    case 'every':
      return true;
    case 'first':
      return round === 1;
    case 'later':
      return round > 1;
    case 'last':
      return round === rounds;
    case 'but-last':
      return round < rounds;
  }
}

interface Member {
  readonly block: string | null;
}

/** The outermost block a line stands in; null for a line by itself. */
export function rootOf(blocks: readonly Block[], { block }: Member): string | null {
  const own = block === null ? undefined : blocks.find(({ id }) => id === block);
  return own ? (own.within ?? own.id) : null;
}

/** What is wrong with the blocks of a section: where, and what. */
export function blockFaults(
  items: readonly Member[],
  blocks: readonly Block[],
): { readonly path: readonly (string | number)[]; readonly message: string }[] {
  const byId = new Map(blocks.map((block) => [block.id, block]));
  const faults: { path: (string | number)[]; message: string }[] = [];
  if (byId.size < blocks.length) faults.push({ path: ['blocks'], message: 'two blocks share an id' });
  blocks.forEach(({ within }, index) => {
    if (within === null) return;
    const outer = byId.get(within);
    const path = ['blocks', index, 'within'];
    if (!outer) faults.push({ path, message: `there is no block "${within}" here` });
    else if (outer.within !== null) faults.push({ path, message: 'blocks go two deep at most' });
  });
  const left = new Set<string>();
  let before: readonly string[] = [];
  items.forEach(({ block }, index) => {
    const path = ['items', index, 'block'];
    if (block !== null && !byId.has(block)) faults.push({ path, message: `there is no block "${block}" here` });
    const within = block === null ? null : (byId.get(block)?.within ?? null);
    const now = [block, within].flatMap((id) => (id === null ? [] : [id]));
    for (const id of before) if (!now.includes(id)) left.add(id);
    if (now.some((id) => left.has(id))) faults.push({ path, message: 'the lines of a block follow each other' });
    before = now;
  });
  return faults;
}

/** The blocks that still have lines, of their own or in a block within them. */
export function filledBlocks(items: readonly Member[], blocks: readonly Block[]): Block[] {
  const filled = new Set(items.flatMap(({ block }) => (block === null ? [] : [block])));
  for (const { id, within } of blocks) if (filled.has(id) && within !== null) filled.add(within);
  return blocks.filter(({ id }) => filled.has(id));
}

/**
 * The block that a line belongs to when it is put before the line at `index`: between two lines of a block, that block; at the
 * edge of its own, still its own; otherwise none.
 */
export function blockAt(
  items: readonly Member[],
  blocks: readonly Block[],
  index: number,
  own: string | null,
): string | null {
  const [before, after] = [items[index - 1], items[index]];
  if (before && after) {
    if (before.block !== null && before.block === after.block) return before.block;
    const root = rootOf(blocks, before);
    if (root !== null && root === rootOf(blocks, after)) return root;
  }
  return own !== null && (before?.block === own || after?.block === own) ? own : null;
}

/** The blocks a line stands in, the outer one first. */
export function blocksAround(blocks: readonly Block[], line: Member | undefined): Block[] {
  const own = blocks.find(({ id }) => id === line?.block);
  const outer = own && blocks.find(({ id }) => id === own.within);
  return [outer, own].flatMap((block) => (block ? [block] : []));
}

/** The blocks that begin with the line at a place, the outer one first. */
export function blocksBegun(items: readonly Member[], blocks: readonly Block[], place: number): Block[] {
  const before = blocksAround(blocks, items[place - 1]);
  return blocksAround(blocks, items[place]).filter((block) => !before.includes(block));
}
