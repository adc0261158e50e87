import type { Form } from '../../movement/schema/form';
import type { FindMovement } from '../../movement/schema/movement';
import type { LateralityChoice } from '../../movement/schema/pass';
import { newMovementItem } from '../plan/defaults';
import type { MovementItem } from '../plan/session';

/**
 * A form as lines of a running order, each entry on its side as often as the form has it; entries that follow each other and are
 * the same movement are one line.
 * @param idOf a fresh id for each line, by its place from 0
 * @param upTo only so many entries, as far as it is known
 * @param from only from this entry on, from 1: a part of the form
 */
export function formLines(
  form: Form,
  find: FindMovement,
  idOf: (place: number) => string,
  upTo = form.entries.length,
  from = 1,
): MovementItem[] {
  const lines: MovementItem[] = [];
  for (const { movementId, cycles, side, facing, note } of form.entries.slice(from - 1, upTo)) {
    const movement = find(movementId);
    if (!movement) continue;
    const sides: LateralityChoice['sides'] =
      side === null || movement.laterality.sides.kind !== 'each-side' ? 'usual' : `${side}-only`;
    const last = lines.at(-1);
    // Left and then right of the same movement is what "each side" says.
    if (
      last &&
      last.movementId === movementId &&
      last.count === cycles &&
      last.facing === facing &&
      last.sides.endsWith('only') &&
      last.sides !== sides
    ) {
      lines[lines.length - 1] = { ...last, sides: last.sides === 'left-only' ? 'left-first' : 'right-first' };
      continue;
    }
    lines.push({
      ...newMovementItem(idOf(lines.length), movement, 'main', cycles),
      manner: 'follow-along',
      sides,
      facing,
      note,
    });
  }
  return lines;
}
