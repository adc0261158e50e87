import equal from 'fast-deep-equal';
import type { Item, Section, Session } from '../../session/plan/session';
import { type ClassPieces, piecesOf, type SectionHead } from './classPieces';
import { type FieldConflict, mergeFields } from './mergeFields';
import { mergeOrder } from './mergeOrder';
import { tidyBlocks } from './tidyBlocks';

/** Where what was changed by hand and what the plan says now differ; mine stands, theirs beside it. */
export interface MergeConflict {
  /** The same for the same conflict each time: what theirs is taken by. */
  readonly id: string;
  /** The line, as it stands; null for the class itself or one of its sections. */
  readonly line: Item | null;
  /** The section, where it is one of its own fields. */
  readonly section: Section['kind'] | null;
  /** The field, with both values; null where the plan no longer has the line, and it stays because it was changed. */
  readonly field: FieldConflict | null;
}

export interface Merge {
  readonly session: Session;
  readonly conflicts: readonly MergeConflict[];
}

/** The fields of a class that are not its lines. What is of one piece is one field: a slot means little without its doors. */
function headOf({ sections: _, slotMinutes, doors, ...head }: Session) {
  return { ...head, slot: { slotMinutes, doors } };
}

/**
 * A class that was drawn up from its course, changed by hand, and is drawn up again: no change made by hand is ever lost. What was
 * deleted by hand stays deleted; what the plan no longer has goes if it is untouched, and else stays and is told; the order is mine
 * where something was moved.
 * @param base the class as it was drawn up
 * @param mine as it is now
 * @param theirs as it is drawn up now: the base of the next time
 * @param taken conflicts, by their ids, in which theirs is taken
 */
export function mergeClass(
  base: Session,
  mine: Session,
  theirs: Session,
  taken: ReadonlySet<string> = new Set(),
): Merge {
  const conflicts: MergeConflict[] = [];
  const [was, own, other] = [base, mine, theirs].map(piecesOf) as [ClassPieces, ClassPieces, ClassPieces];

  const told = (key: string, where: Pick<MergeConflict, 'line' | 'section'>) => (field: FieldConflict) => {
    const id = `${key}: ${field.field}`;
    conflicts.push({ id, ...where, field });
    return taken.has(id) ? ('theirs' as const) : ('mine' as const);
  };
  const kept = new Set<string>();
  const survives = (key: string): boolean => {
    const pick = (pieces: ClassPieces) => pieces.lines.get(key) ?? pieces.heads.get(key);
    const [before, now, then] = [pick(was), pick(own), pick(other)];
    if (before === undefined) return true;
    if (now === undefined) return false;
    if (then !== undefined) return true;
    if (equal(before, now)) return false;
    const id = `${key}: gone`;
    if (!kept.has(id)) {
      kept.add(id);
      conflicts.push({ id, line: own.lines.get(key) ?? null, section: own.heads.get(key)?.kind ?? null, field: null });
    }
    return !taken.has(id);
  };

  const lines = new Map<string, Item>();
  const heads = new Map<string, SectionHead>();
  const order = mergeOrder({ base: was.order, mine: own.order, theirs: other.order }, survives);
  for (const key of order) {
    const [line, theirLine] = [own.lines.get(key), other.lines.get(key)];
    const [head, theirHead] = [own.heads.get(key), other.heads.get(key)];
    if (line && theirLine && line.kind === theirLine.kind) {
      const prefer = told(key, { line, section: null });
      lines.set(key, mergeFields(was.lines.get(key), line, theirLine, prefer).merged);
    } else if (line ?? theirLine) lines.set(key, (line ?? theirLine) as Item);
    if (head && theirHead) {
      const prefer = told(key, { line: null, section: head.kind });
      heads.set(key, mergeFields(was.heads.get(key), head, theirHead, prefer).merged);
    } else if (head ?? theirHead) heads.set(key, (head ?? theirHead) as SectionHead);
  }
  const [wasIds, ownIds, otherIds] = [was, own, other].map((one) => [...one.blocks.keys()]) as [
    string[],
    string[],
    string[],
  ];
  const blocks = mergeOrder({ base: wasIds, mine: ownIds, theirs: otherIds }, () => true).flatMap((id) => {
    const [block, theirBlock] = [own.blocks.get(id), other.blocks.get(id)];
    if (block && theirBlock) {
      return mergeFields(was.blocks.get(id), block, theirBlock, told(`block ${id}`, { line: null, section: null }))
        .merged;
    }
    return block ?? theirBlock ?? [];
  });

  const sections: Section[] = [];
  const ids = new Set<string>();
  for (const key of order) {
    const head = heads.get(key);
    if (head) sections.push({ ...head, items: [], blocks: [] });
    const line = lines.get(key);
    if (!line) continue;
    // Where every section before it was deleted by hand, it stands in the first there is.
    if (sections.length === 0) sections.push({ ...firstHead(own, other), items: [], blocks: [] });
    sections.at(-1)?.items.push(withFreeId(line, ids));
  }
  const top = mergeFields(headOf(base), headOf(mine), headOf(theirs), told('class', { line: null, section: null }));
  const { slot, ...head } = top.merged;
  return {
    session: { ...head, ...slot, sections: sections.map((section) => tidyBlocks(section, blocks)) },
    conflicts,
  };
}

const firstHead = (own: ClassPieces, other: ClassPieces): SectionHead =>
  [...own.heads.values(), ...other.heads.values()][0] as SectionHead;

/** A line under an id that no line before it has: a line of mine and a new one of the plan's may share theirs. */
function withFreeId(line: Item, taken: Set<string>): Item {
  let id = line.id;
  for (let number = 2; taken.has(id); number += 1) id = `${line.id.slice(0, 56)}-${number}`;
  taken.add(id);
  return id === line.id ? line : { ...line, id };
}
