import equal from 'fast-deep-equal';
import { changedFields } from '../../session/edit/between';

/** A field that was changed by hand and by the plan, each otherwise. */
export interface FieldConflict {
  readonly field: string;
  readonly mine: unknown;
  readonly theirs: unknown;
}

/** Who is followed where both changed a field: what was changed by hand stands, unless somebody says otherwise. */
export type Prefer = (conflict: FieldConflict) => 'mine' | 'theirs';

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
  const byMe = base && new Set<string>(changedFields(base, mine));
  // Where there was nothing to begin from, both sides made every field.
  const byThem = base ? changedFields(base, theirs) : changedFields(mine, theirs);
  const merged = new Map<string, unknown>(Object.entries(mine));
  for (const field of byThem) {
    const [own, other] = [mine[field], theirs[field]];
    const isMineToo = byMe === undefined || byMe.has(field);
    if (isMineToo) {
      if (equal(own, other)) continue;
      const conflict = { field, mine: own, theirs: other };
      conflicts.push(conflict);
      if (prefer(conflict) === 'mine') continue;
    }
    if (Object.hasOwn(theirs, field)) merged.set(field, other);
    else merged.delete(field);
  }
  return { merged: Object.fromEntries(merged) as Thing, conflicts };
}
