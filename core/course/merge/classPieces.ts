import { baseId } from '../../movement/schema/version';
import type { Block } from '../../session/plan/block';
import type { Item, Section, Session } from '../../session/plan/session';

/** A class taken apart: its sections' heads and its lines in one row, each under a key that means the same in every version. */
export interface ClassPieces {
  readonly order: readonly string[];
  readonly heads: ReadonlyMap<string, SectionHead>;
  readonly lines: ReadonlyMap<string, Item>;
  readonly blocks: ReadonlyMap<string, Block>;
}

/** What a section has besides its lines. */
export type SectionHead = Omit<Section, 'items' | 'blocks'>;

/**
 * What a line is, whichever version it stands in: of a course's thread, what it is there for (an introduction also by its step); a
 * line of its own by its id and what is done in it.
 */
function lineKey(item: Item): string {
  const { origin } = item;
  const what = item.kind === 'movement' ? baseId(item.movementId) : item.kind;
  if (origin === null) return `${what} ${item.id}`;
  return `${origin.thread} ${origin.role}${origin.role === 'introduce' ? origin.step : ''} ${what}`;
}

/** Takes a class apart. What would have the same key twice is told apart by its number. */
export function piecesOf({ sections }: Pick<Session, 'sections'>): ClassPieces {
  const order: string[] = [];
  const heads = new Map<string, SectionHead>();
  const lines = new Map<string, Item>();
  const blocks = new Map<string, Block>();
  const met = new Map<string, number>();
  const numbered = (key: string): string => {
    const number = (met.get(key) ?? 0) + 1;
    met.set(key, number);
    return `${key} ${number}`;
  };
  for (const { items, blocks: own, ...head } of sections) {
    const key = numbered(`section ${head.kind}`);
    order.push(key);
    heads.set(key, head);
    for (const block of own) blocks.set(block.id, block);
    for (const item of items) {
      const at = numbered(`line ${lineKey(item)}`);
      order.push(at);
      lines.set(at, item);
    }
  }
  return { order, heads, lines, blocks };
}
