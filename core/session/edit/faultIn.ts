import type { z } from 'zod';
import { Block, blockFaults } from '../plan/block';
import { Item, LEAST_CLASS_MINUTES, MOST, Section, type Session, SessionShape } from '../plan/session';
import { classMinutes } from '../plan/slotTime';

/** Why a class cannot be as an edit would make it. */
export interface EditFault {
  /** The line it is about; null for the class or a section. */
  readonly item: Item | null;
  /** What is wrong, with the field: "rounds: at most 20". */
  readonly message: string;
}

const Head = SessionShape.omit({ sections: true });
const SectionHead = Section.omit({ items: true, blocks: true });

function said(parsed: z.ZodSafeParseResult<unknown>, item: Item | null): EditFault | null {
  const [issue] = parsed.error?.issues ?? [];
  return issue ? { item, message: `${issue.path.join(' ')}: ${issue.message}` } : null;
}

function headFault(before: Session, after: Session): EditFault | null {
  const fields = Object.keys(after).filter((field) => field !== 'sections') as (keyof Session)[];
  if (fields.every((field) => before[field] === after[field])) return null;
  if (classMinutes(after) < LEAST_CLASS_MINUTES)
    return { item: null, message: `the slot leaves less than ${LEAST_CLASS_MINUTES} minutes of class` };
  return said(Head.safeParse(after), null);
}

function sectionFault(section: Section): EditFault | null {
  if (section.items.length > MOST.lines) return { item: null, message: `a section holds ${MOST.lines} lines at most` };
  if (section.blocks.length > MOST.blocks)
    return { item: null, message: `a section holds ${MOST.blocks} blocks at most` };
  const [fault] = blockFaults(section.items, section.blocks);
  if (fault) return { item: null, message: fault.message };
  const block = section.blocks.map((one) => said(Block.safeParse(one), null)).find((one) => one !== null);
  return block ?? said(SectionHead.safeParse(section), null);
}

/**
 * What is wrong with a class after an edit, null where nothing is. Only what the edit touched is looked at: lines, sections and fields
 * that are not the same objects as before.
 */
export function faultIn(before: Session, after: Session): EditFault | null {
  const head = headFault(before, after);
  if (head || before.sections === after.sections) return head;
  if (after.sections.length < 1 || after.sections.length > MOST.sections)
    return { item: null, message: `a class has 1 to ${MOST.sections} sections` };
  const [same, kept] = [new Set(before.sections), new Set(before.sections.flatMap(({ items }) => items))];
  const ids = new Set<string>();
  for (const section of after.sections) {
    const fault = same.has(section) ? null : sectionFault(section);
    if (fault) return fault;
    for (const item of section.items) {
      if (ids.has(item.id)) return { item, message: 'two lines share this id' };
      ids.add(item.id);
      const own = kept.has(item) ? null : said(Item.safeParse(item), item);
      if (own) return own;
    }
  }
  return null;
}
