import type { Pace } from '../../timing/pace';
import type { Item, MovementItem, Plan } from '../plan/session';
import { changeLine, changeSection, insertLine, type LinePlace, moveLine, removeLine } from './editPlan';

/** One change to a class as plain data: it can be sent, tried and undone. */
export type PlanEdit =
  | { readonly kind: 'change'; readonly itemId: string; readonly to: Partial<MovementItem> }
  | { readonly kind: 'pause'; readonly itemId: string; readonly seconds: number }
  | { readonly kind: 'add'; readonly at: LinePlace; readonly item: Item }
  | { readonly kind: 'remove'; readonly itemId: string }
  | { readonly kind: 'move'; readonly itemId: string; readonly to: LinePlace }
  | { readonly kind: 'pace'; readonly section: number; readonly pace: Pace };

function applyEdit<Of extends Pick<Plan, 'sections'>>(plan: Of, edit: PlanEdit): Of {
  switch (edit.kind) {
    case 'change':
      return changeLine(plan, edit.itemId, (item) => (item.kind === 'movement' ? { ...item, ...edit.to } : item));
    case 'pause':
      return changeLine(plan, edit.itemId, (item) =>
        item.kind === 'movement' ? item : { ...item, seconds: edit.seconds },
      );
    case 'add':
      return insertLine(plan, edit.at, edit.item);
    case 'remove':
      return removeLine(plan, edit.itemId);
    case 'move':
      return moveLine(plan, edit.itemId, edit.to);
    case 'pace':
      return changeSection(plan, edit.section, { pace: edit.pace });
  }
}

/** The class after a row of changes, one after the other. */
export const applyEdits = <Of extends Pick<Plan, 'sections'>>(plan: Of, edits: readonly PlanEdit[]): Of =>
  edits.reduce(applyEdit, plan);
