import { applyEdits } from '../session/edit/applyEdits';
import type { Plan } from '../session/plan/session';
import type { Timeline } from '../session/timeline/segment';
import { segmentAt } from '../session/timeline/segmentAt';

/**
 * A class without what it would still begin: everything its course introduces in lines that have not begun; their review stays. Null
 * where nothing of that kind is left. Left undone, the course brings it again.
 */
export function notTonight<Of extends Plan>(plan: Of, timeline: Timeline, planMs: number): Of | null {
  const here = segmentAt(timeline, planMs);
  const begun = new Set(timeline.items.filter(({ first }) => first <= here).map(({ itemId }) => itemId));
  const dropped = plan.sections.flatMap(({ items }) =>
    items.filter(({ id, origin }) => origin?.role === 'introduce' && !begun.has(id)).map(({ id }) => id),
  );
  return dropped.length === 0
    ? null
    : applyEdits(
        plan,
        dropped.map((itemId) => ({ kind: 'remove', itemIds: [itemId] })),
      );
}
