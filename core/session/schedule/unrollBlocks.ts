import { otherSide, type Side } from '../../body/written/side';
import { rememberFor } from '../../remember/rememberFor';
import { type Block, isDoneIn, rootOf } from '../plan/block';
import type { Item, Section } from '../plan/session';
import { type RoundRest, roundRest } from '../timeline/roundRest';
import { chainChange, type SideChange } from './changeOfSide';

/** One time that a line comes round: once for a line by itself, more often for a line of a block. */
export interface Occurrence {
  /** The line as it is done this time: on one side in a chain, named only the first time. */
  readonly item: Item;
  /** How often it has come round before. */
  readonly before: number;
  /** How many rounds of its blocks have gone before; both sides of a chain are one round. */
  readonly round: number;
  /** Degrees of knee bend it goes lower than it is written. */
  readonly lower: number;
  /** What comes before it because of its block: rest between rounds, or taking the chain on the other side. */
  readonly between: RoundRest | ({ readonly kind: 'side-change' } & SideChange) | null;
  /** Whether it is settled by the routine of its section. */
  readonly isSettled: boolean;
}

type Unsettled = Omit<Occurrence, 'isSettled'>;
type Rows = Pick<Section, 'items' | 'blocks'> & Partial<Pick<Section, 'settle'>>;

interface Doing {
  readonly lower: number;
  readonly side: Side | null;
  readonly round: number;
}

type Between = Occurrence['between'];

/** A line as it is done on one side of a chain; null where it asks for the other side only. */
function onSide(item: Item, side: Side | null): Item | null {
  if (side === null || item.kind !== 'movement') return item;
  const only = `${side}-only` as const;
  return item.sides.endsWith('-only') && item.sides !== only ? null : { ...item, sides: only };
}

/** A line that has been named or shown is not introduced again: it is said while moving. */
const again = (item: Item): Item =>
  item.kind === 'movement' && (item.manner === 'explained' || item.manner === 'named')
    ? { ...item, manner: 'follow-along' }
    : item;

/**
 * The lines of a section in the order in which they are really done, blocks unrolled. Three lines in two rounds are six occurrences.
 */
export const unrollBlocks = rememberFor((section: Rows): readonly Occurrence[] =>
  markSettled(unroll(section), section),
);

/** A block is settled once, after its last line in its last round; a section that is settled at its end, after its last movement. */
function markSettled(occurrences: readonly Unsettled[], { blocks, settle }: Rows): Occurrence[] {
  const moves = occurrences.filter(({ item }) => item.kind === 'movement');
  const after = new Set(
    moves.filter((occurrence, place) => {
      const next = moves[place + 1];
      if (!settle || (next && settle.when === 'at-end')) return false;
      const root = rootOf(blocks, occurrence.item);
      return !next || root === null || rootOf(blocks, next.item) !== root;
    }),
  );
  return occurrences.map((occurrence) => ({ ...occurrence, isSettled: after.has(occurrence) }));
}

function unroll({ items, blocks }: Rows): Unsettled[] {
  if (blocks.length === 0) return items.map((item) => ({ item, before: 0, round: 0, lower: 0, between: null }));
  const occurrences: Unsettled[] = [];
  const seen = new Map<string, number>();
  let between: Between = null;

  const add = (item: Item, { lower, side, round }: Doing) => {
    const before = seen.get(item.id) ?? 0;
    const done = onSide(before > 0 ? again(item) : item, side);
    if (!done) return;
    seen.set(item.id, before + 1);
    occurrences.push({ item: done, before, round, lower, between });
    between = null;
  };

  /** Lines that share their outermost block, or the inner one, as one row each; lines by themselves as they are. */
  const rowsOf = (lines: readonly Item[], blockOf: (item: Item) => string | null): [Block | null, Item[]][] => {
    const rows: [Block | null, Item[]][] = [];
    for (const item of lines) {
      const id = blockOf(item);
      const block = blocks.find((one) => one.id === id) ?? null;
      const last = rows.at(-1);
      if (block && last?.[0] === block) last[1].push(item);
      else rows.push([block, [item]]);
    }
    return rows;
  };

  const unrollOne = (block: Block, lines: readonly Item[], doing: Doing) => {
    const first = doing.side ?? block.chain;
    const sides =
      block.chain === null || doing.side !== null || first === null ? [doing.side] : [first, otherSide(first)];
    for (let round = 1; round <= block.rounds; round += 1) {
      const here = {
        lower: doing.lower + block.lower * (round - 1),
        round: doing.round * block.rounds + round - 1,
      };
      const done = lines.filter((item) => item.block !== block.id || isDoneIn(item.inRounds, round, block.rounds));
      sides.forEach((side, index) => {
        if (index > 0) between = { kind: 'side-change', ...chainChange(null) };
        else between = roundRest(round, block.roundRest) ?? between;
        for (const [inner, row] of rowsOf(done, ({ block: own }) => (own === block.id ? null : own)))
          if (inner && inner !== block) unrollOne(inner, row, { ...here, side });
          else for (const item of row) add(item, { ...here, side });
      });
    }
  };

  for (const [block, row] of rowsOf(items, (item) => rootOf(blocks, item)))
    if (block) unrollOne(block, row, { lower: 0, side: null, round: 0 });
    else for (const item of row) add(item, { lower: 0, side: null, round: 0 });
  return occurrences;
}

/** The lines of a section that its routine settles. */
export const settledLines = (section: Rows): ReadonlySet<string> =>
  new Set(unrollBlocks(section).flatMap(({ item, isSettled }) => (isSettled ? [item.id] : [])));
