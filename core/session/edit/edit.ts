import type { Block } from '../plan/block';
import type { LineSet } from '../plan/lineSet';
import type { Item, MovementItem, Plan, Section, Session } from '../plan/session';
import type { SetAside } from '../plan/setAside';
import type { LinePlace } from './editPlan';

/** The fields of a class other than its id and its running order. */
export type ClassHead = Omit<Session, 'id' | 'sections'>;

/** The fields of a section other than its lines and blocks. */
export type SectionHead = Omit<Section, 'items' | 'blocks'>;

/** Fields of a line, of whatever kind it is; a field its kind does not have is no change. */
export type LineChange = Partial<
  Omit<MovementItem, 'id' | 'kind'> & Omit<Extract<Item, { readonly kind: 'talk' }>, 'id' | 'kind'>
>;

/** Where every line of a class stands: its sections in their order, each with its lines by id and the blocks they stand in. */
export type Arrangement = readonly {
  readonly lines: readonly { readonly id: string; readonly block: string | null }[];
  readonly blocks: readonly Block[];
}[];

/**
 * One change to a running order as plain data, with its values worked out and its ids made: it can be sent, tried, merged and
 * undone, and means the same whenever it is applied to the class it was resolved for.
 */
export type PlanEdit =
  | { readonly kind: 'change'; readonly itemId: string; readonly to: LineChange }
  /** One line; between lines of a block it joins them. */
  | { readonly kind: 'add'; readonly at: LinePlace; readonly item: Item }
  /** Lines with their own blocks; within another block they go after it. */
  | { readonly kind: 'put'; readonly at: LinePlace; readonly lines: LineSet }
  | { readonly kind: 'remove'; readonly itemIds: readonly string[] }
  | { readonly kind: 'move'; readonly itemId: string; readonly to: LinePlace }
  /** One place up (-1) or down (1), together. */
  | { readonly kind: 'shift'; readonly itemIds: readonly string[]; readonly direction: 1 | -1 }
  | { readonly kind: 'section'; readonly section: number; readonly to: Partial<SectionHead> }
  | { readonly kind: 'group'; readonly itemIds: readonly string[]; readonly block: Block }
  | { readonly kind: 'block'; readonly blockId: string; readonly to: Partial<Omit<Block, 'id'>> }
  | { readonly kind: 'ungroup'; readonly blockId: string }
  /** The lines of a block as others. */
  | { readonly kind: 'refill'; readonly blockId: string; readonly lines: LineSet; readonly to: Partial<Block> }
  /** A line as several, which stand together in a block. */
  | { readonly kind: 'split'; readonly itemId: string; readonly lines: readonly MovementItem[]; readonly block: Block }
  | { readonly kind: 'arrange'; readonly sections: Arrangement }
  | { readonly kind: 'sections'; readonly sections: Plan['sections'] };

/** One change to a class, its head included. */
export type ClassEdit = PlanEdit | { readonly kind: 'head'; readonly to: Partial<ClassHead> };

/**
 * What is only known from the class it is asked of: more, less, the other side, a copy. It is resolved into a `ClassEdit` there, and
 * never goes to another class.
 */
export type DeltaEdit =
  /** One step more (1) or less (-1), by the movement's own step or by ten seconds. */
  | { readonly kind: 'step'; readonly itemId: string; readonly direction: 1 | -1 }
  /** Sets the amount of a line, in the unit it is counted in: repetitions, breaths, beats or seconds. */
  | { readonly kind: 'amount'; readonly itemId: string; readonly amount: number }
  /** Its sides the next way its movement offers. */
  | { readonly kind: 'turn'; readonly itemId: string }
  | { readonly kind: 'double'; readonly itemId: string }
  | {
      readonly kind: 'pause';
      readonly at: LinePlace;
      readonly pause: Exclude<Item['kind'], 'movement'>;
      readonly seconds: number;
    }
  /** Copied lines, under ids of their own. */
  | { readonly kind: 'paste'; readonly at: LinePlace; readonly lines: LineSet }
  | { readonly kind: 'together'; readonly itemIds: readonly string[]; readonly as: Partial<Omit<Block, 'id'>> }
  /** One place up or down, into the neighbouring section at an edge. */
  | { readonly kind: 'nudge'; readonly itemId: string; readonly direction: 1 | -1 }
  /** Taught stage by stage. */
  | { readonly kind: 'stages'; readonly itemId: string }
  /** A point left as it is, and brought back. */
  | { readonly kind: 'leave'; readonly aside: SetAside }
  | { readonly kind: 'mind'; readonly key: string };

/** Whatever may be asked of a class. */
export type EditRequest = ClassEdit | DeltaEdit;
