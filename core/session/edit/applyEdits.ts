import { ClockItem, type Item, MovementItem, type Plan, RestItem, type Session, TalkItem } from '../plan/session';
import type { Arrangement, ClassEdit, LineChange, PlanEdit } from './edit';
import { changeBlock, groupLines, putLines, replaceBlock, shiftLines, takeApart, withoutLines } from './editLines';
import { changeLine, insertLine, moveLine } from './editPlan';
import { lineReplaced } from './teachSteps';

type Sections = Pick<Plan, 'sections'>;

const FIELDS: Readonly<Record<Item['kind'], ReadonlySet<string>>> = {
  movement: new Set(Object.keys(MovementItem.shape)),
  rest: new Set(Object.keys(RestItem.shape)),
  talk: new Set(Object.keys(TalkItem.shape)),
  clock: new Set(Object.keys(ClockItem.shape)),
};

/** Whether lines of a kind have a field. */
export const hasField = (kind: Item['kind'], field: string): boolean => FIELDS[kind].has(field);

/** A copy of a thing with some fields replaced; a field set to undefined is deleted. */
function withFields<Thing extends object>(thing: Thing, to: object): Thing {
  const after = { ...thing, ...to };
  for (const [field, value] of Object.entries(to)) if (value === undefined) Reflect.deleteProperty(after, field);
  return after;
}

/** A copy of a line with some fields replaced; fields that its kind does not have are left out. */
export const withChange = (item: Item, to: LineChange): Item =>
  withFields(item, Object.fromEntries(Object.entries(to).filter(([field]) => hasField(item.kind, field))));

function arranged<Of extends Sections>(plan: Of, arrangement: Arrangement): Of {
  const items = new Map(plan.sections.flatMap((section) => section.items.map((item) => [item.id, item] as const)));
  return {
    ...plan,
    sections: plan.sections.map((section, index) => {
      const { lines, blocks } = arrangement[index] ?? { lines: [], blocks: [] };
      return {
        ...section,
        items: lines.flatMap(({ id, block }) => {
          const item = items.get(id);
          return item ? [item.block === block ? item : { ...item, block }] : [];
        }),
        blocks: [...blocks],
      };
    }),
  };
}

function applyEdit<Of extends Sections>(plan: Of, edit: PlanEdit): Of {
  switch (edit.kind) {
    case 'change':
      return changeLine(plan, edit.itemId, (item) => withChange(item, edit.to));
    case 'add':
      return insertLine(plan, edit.at, edit.item);
    case 'put':
      return putLines(plan, edit.at, edit.lines);
    case 'remove':
      return withoutLines(plan, new Set(edit.itemIds));
    case 'move':
      return moveLine(plan, edit.itemId, edit.to);
    case 'shift':
      return shiftLines(plan, new Set(edit.itemIds), edit.direction);
    case 'section':
      return {
        ...plan,
        sections: plan.sections.map((one, index) => (index === edit.section ? withFields(one, edit.to) : one)),
      };
    case 'group':
      return groupLines(plan, new Set(edit.itemIds), edit.block);
    case 'block':
      return changeBlock(plan, edit.blockId, edit.to);
    case 'ungroup':
      return takeApart(plan, edit.blockId);
    case 'refill':
      return replaceBlock(plan, edit.blockId, edit.lines, edit.to);
    case 'split':
      return lineReplaced(plan, edit.itemId, edit.lines, edit.block);
    case 'arrange':
      return arranged(plan, edit.sections);
    case 'sections':
      return { ...plan, sections: edit.sections };
  }
}

/** A running order after a row of changes, one after the other. What names a line that is not there changes nothing. */
export const applyEdits = <Of extends Sections>(plan: Of, edits: readonly PlanEdit[]): Of =>
  edits.reduce(applyEdit, plan);

/** A class after a row of changes, its head included. */
export const applyToClass = (session: Session, edits: readonly ClassEdit[]): Session =>
  edits.reduce((now, edit) => (edit.kind === 'head' ? withFields(now, edit.to) : applyEdit(now, edit)), session);
