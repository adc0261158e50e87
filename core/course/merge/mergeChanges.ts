import { lineChange } from '../../session/edit/between';
import type { Item, Session } from '../../session/plan/session';
import { piecesOf } from './classPieces';

/** What is otherwise in a class than it was: a line that is new, gone, or done otherwise. */
export interface MergeChange {
  readonly what: 'new' | 'gone' | 'changed';
  /** The line as it will be; as it was, where it goes. */
  readonly line: Item;
  /** The fields of a line that is done otherwise. */
  readonly fields: readonly string[];
}

/** What a class becomes, line by line: what goes first, then what is new or otherwise, in the order of the class. */
export function mergeChanges(before: Session, after: Session): MergeChange[] {
  const [was, now] = [piecesOf(before), piecesOf(after)];
  const gone = was.order.flatMap((key): MergeChange[] => {
    const line = was.lines.get(key);
    return line && !now.lines.has(key) ? [{ what: 'gone', line, fields: [] }] : [];
  });
  const others = now.order.flatMap((key): MergeChange[] => {
    const [line, old] = [now.lines.get(key), was.lines.get(key)];
    if (!line) return [];
    if (!old) return [{ what: 'new', line, fields: [] }];
    // Where a line comes from is no difference anybody would see; one of another kind has hardly a field in common.
    const { origin: _, ...change } = lineChange(old, line) ?? {};
    const fields = Object.keys(change);
    return fields.length > 0 ? [{ what: 'changed', line, fields }] : [];
  });
  return [...gone, ...others];
}
