import { isDeepEqual } from 'remeda';

/** A field that was changed by hand and by the plan, each otherwise. */
export interface FieldConflict {
  readonly field: string;
  readonly mine: unknown;
  readonly theirs: unknown;
}

/** Who is followed where both changed a field: what was changed by hand stands, unless somebody says otherwise. */
export type Prefer = (conflict: FieldConflict) => 'mine' | 'theirs';

/** Stands for a field that is not there. */
const absent = Symbol('absent');

/**
 * Three versions of one record as one: where only one side changed a field, that side's; where both did, alike, that; where they
 * differ, a conflict, in which mine stands.
 * @param base what both sides began from
 */
export function mergeFields<Thing extends object>(
  base: Thing | undefined,
  mine: Thing,
  theirs: Thing,
  prefer: Prefer,
): { readonly merged: Thing; readonly conflicts: readonly FieldConflict[] } {
  const conflicts: FieldConflict[] = [];
  const valueIn = (thing: object | undefined, field: string): unknown =>
    thing && Object.hasOwn(thing, field) ? (thing as Record<string, unknown>)[field] : absent;
  const pick = (field: string): unknown => {
    const [was, own, other] = [valueIn(base, field), valueIn(mine, field), valueIn(theirs, field)];
    if (isDeepEqual(own, other) || isDeepEqual(was, other)) return own;
    if (isDeepEqual(was, own)) return other;
    const conflict = { field, mine: own === absent ? undefined : own, theirs: other === absent ? undefined : other };
    conflicts.push(conflict);
    return prefer(conflict) === 'mine' ? own : other;
  };
  const fields = [...new Set([...Object.keys(mine), ...Object.keys(theirs)])];
  const merged = Object.fromEntries(
    fields.map((field) => [field, pick(field)] as const).filter(([, value]) => value !== absent),
  );
  return { merged: merged as Thing, conflicts };
}
