import { isDeepEqual } from 'remeda';
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

const fieldOf = (item: Item, field: string): unknown => item[field as keyof Item];

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
    const fields = Object.keys(line).filter(
      (field) => field !== 'id' && field !== 'origin' && !isDeepEqual(fieldOf(line, field), fieldOf(old, field)),
    );
    return fields.length > 0 ? [{ what: 'changed', line, fields }] : [];
  });
  return [...gone, ...others];
}
