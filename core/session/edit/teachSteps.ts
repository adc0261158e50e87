import { type Movement, usualName } from '../../movement/schema/movement';
import { Block } from '../plan/block';
import type { MovementItem, Plan } from '../plan/session';
import { groupLines } from './editLines';
import { placeOf } from './editPlan';

/** The block that holds a movement while it is taught step by step. */
export const stepsBlock = (movement: Movement, id: string): Block =>
  Block.parse({ id, name: `${usualName(movement)}, in steps` });

/**
 * A line taken in its teaching steps: a line for each of them at the movement's least count, each with its own minutes, then the
 * whole movement as the line had it. It is shown once, at the first step.
 */
export function stepLines(item: MovementItem, movement: Movement, freshId: () => string): MovementItem[] {
  const said = item.manner === 'explained' ? 'follow-along' : item.manner;
  const steps = movement.layers.map(
    (_, layer): MovementItem => ({
      ...item,
      id: freshId(),
      layer,
      count: movement.count.least,
      rounds: 1,
      ramp: null,
      settle: { kind: 'none' },
      manner: layer === 0 ? item.manner : said,
      pinned: false,
      optional: false,
      note: '',
    }),
  );
  return steps.length === 0 ? [item] : [...steps, { ...item, layer: null, bridge: null, manner: said }];
}

/** The class with a line replaced by others that stand together in a block; they stay by themselves where blocks are two deep. */
export function lineReplaced<Of extends Pick<Plan, 'sections'>>(
  session: Of,
  id: string,
  lines: readonly MovementItem[],
  block: Block,
): Of {
  const at = placeOf(session, id);
  if (!at || lines.length === 0) return session;
  const sections = session.sections.map((section, index) =>
    index === at.section ? { ...section, items: section.items.toSpliced(at.index, 1, ...lines) } : section,
  );
  return groupLines({ ...session, sections }, new Set(lines.map((line) => line.id)), block);
}
