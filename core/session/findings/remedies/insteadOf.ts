import { sumBy } from 'remeda';
import { usualName } from '../../../movement/schema/movement';
import { movementTraits } from '../../../traits/movementTraits';
import { newMovementItem } from '../../plan/defaults';
import type { AnalysedClass, Remedy } from '../finding/finding';
import { freshId, movementLine } from './mending';

/** So many others are tried in a line's place, those most like it first. */
const TRIED = 8;

/**
 * Another movement in the place of a line: of the same passage, not in the class yet, those that work and move most nearly the same
 * regions first, so that what follows is as ready as before.
 */
export function insteadOf(analysed: AnalysedClass, itemId: string): Remedy[] {
  const line = movementLine(analysed, itemId);
  const movement = line && analysed.find(line.movementId);
  const section = analysed.plan.sections.findIndex(({ items }) => items.some(({ id }) => id === itemId));
  const kind = analysed.plan.sections[section]?.kind;
  // A line from a course, or of a block, is what it is for a reason of its own.
  if (!line || !movement || !kind || line.block !== null || line.origin !== null) return [];
  const index = analysed.plan.sections[section]?.items.findIndex(({ id }) => id === itemId) ?? -1;
  const taken = new Set(
    analysed.plan.sections.flatMap(({ items }) =>
      items.flatMap((one) => (one.kind === 'movement' ? one.movementId : [])),
    ),
  );
  const own = movementTraits(movement);
  const apart = (other: ReturnType<typeof movementTraits>): number =>
    sumBy(own.regions, ({ mean, mobilised }, at) => {
      const there = other.regions[at];
      return there ? Math.abs(mean - there.mean) + Math.abs(mobilised - there.mobilised) : 1;
    });
  const others = analysed.offered
    .filter(({ id, roles, level }) => roles.includes(kind) && level <= movement.level && !taken.has(id))
    .filter(({ id }) => analysed.known === null || analysed.known.has(id))
    .map((other) => ({ other, far: apart(movementTraits(other)) }))
    .toSorted((a, b) => a.far - b.far);
  return others.slice(0, TRIED).map(({ other }) => ({
    label: `${usualName(other)} instead of ${usualName(movement)}`,
    edits: [
      { kind: 'remove', itemIds: [itemId] },
      {
        kind: 'add',
        at: { section, index },
        item: newMovementItem(freshId(analysed, itemId, 'instead'), other, kind),
      },
    ],
  }));
}
