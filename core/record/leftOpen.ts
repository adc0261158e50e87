import type { FindMovement } from '../movement/schema/movement';
import { usualName } from '../movement/schema/movement';
import { applyEdits } from '../session/edit/applyEdits';
import type { PlanEdit } from '../session/edit/edit';
import type { Item, MovementItem, Session } from '../session/plan/session';
import type { ClassLog, LoggedItem } from './classLog';
import { samePiece } from './passedOn';

/** What may be done in the next class with something that the last one left open. */
export interface OpenAnswer {
  readonly kind: 'put-in' | 'higher';
  readonly edits: readonly PlanEdit[];
}

/** Something a class left open, and what can be done with it in the next one. */
export interface LeftOpen {
  readonly itemId: string;
  readonly title: string;
  readonly outcome: Extract<LoggedItem['outcome'], 'left out' | 'cut short'>;
  /** Whether the next class has it again already. */
  readonly isThere: boolean;
  readonly answers: readonly OpenAnswer[];
}

/** A stance is taken higher by so many degrees of the knee. Convention. */
const HIGHER = 10;

const linesOf = ({ sections }: Pick<Session, 'sections'>): Item[] => sections.flatMap(({ items }) => items);

/** An id that no line of a class has, made from another. */
function freshIn(next: Session, id: string): string {
  const taken = new Set(linesOf(next).map((item) => item.id));
  const stem = id.slice(0, 60);
  for (let n = 1; ; n += 1) if (!taken.has(`${stem}-again-${n}`)) return `${stem}-again-${n}`;
}

/** Puts a line into the section it had, at its end; none where the next class has no such section. */
function putIn(next: Session, item: MovementItem, section: string): OpenAnswer[] {
  const place = next.sections.findIndex(({ kind }) => kind === section);
  const at = { section: place, index: next.sections[place]?.items.length ?? 0 };
  if (place < 0) return [];
  const line = { ...item, id: freshIn(next, item.id), block: null, origin: null };
  return [{ kind: 'put-in', edits: [{ kind: 'add', at, item: line }] }];
}

/**
 * What a class left open of its movements, with what can be done about each in the next class of its group: put in what is not there,
 * or, where it is there again, take it higher. What was answered before is let rest.
 */
export function leftOpen({ plan, items, answered }: ClassLog, next: Session, find: FindMovement): LeftOpen[] {
  return items.flatMap(({ itemId, section, outcome }): LeftOpen[] => {
    const item = linesOf(plan).find(({ id }) => id === itemId);
    const isOpen = outcome === 'left out' || outcome === 'cut short';
    if (!isOpen || item?.kind !== 'movement' || answered.includes(itemId)) return [];
    const movement = find(item.movementId);
    if (!movement) return [];
    const there = samePiece(next, item);
    const higher = { what: 'sink' as const, from: -HIGHER, to: -HIGHER };
    // What was too much to be finished can be asked for a little less low; what there was no time for has only to be there.
    const isEasier = there?.ramp === null && outcome === 'cut short' && movement.start.load.seat === 0;
    const easier: OpenAnswer[] =
      there && isEasier
        ? [{ kind: 'higher', edits: [{ kind: 'change', itemId: there.id, to: { ramp: higher } }] }]
        : [];
    return [
      {
        itemId,
        title: usualName(movement),
        outcome,
        isThere: there !== undefined,
        answers: there ? easier : putIn(next, item, section),
      },
    ];
  });
}

/** The next class with an answer taken. */
export const withAnswer = (next: Session, { edits }: OpenAnswer): Session => ({ ...next, ...applyEdits(next, edits) });
