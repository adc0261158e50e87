import { USUAL_SCHOOLS } from '../core/movement/adapt/schools';
import type { Movement } from '../core/movement/schema/movement';
import { newMovementItem } from '../core/session/plan/defaults';
import type { Item, Plan } from '../core/session/plan/session';
import { timelineOf } from '../core/session/schedule/timeline';

const ITEMS = 60;

/** A class of 60 explained items, their counts raised one item after the other until it lasts 90 minutes. */
export function longPlan(movements: readonly Movement[]): Plan {
  const byId = new Map(movements.map((movement) => [movement.id, movement]));
  const made = (raised: number): Plan => {
    const items: Item[] = Array.from({ length: ITEMS }, (_, index) => {
      const movement = movements[index % movements.length];
      if (!movement) throw new Error('the repertoire is empty');
      const { least, step } = movement.count;
      const steps = Math.ceil(Math.max(0, raised - index) / ITEMS);
      return { ...newMovementItem(`line-${index}`, movement, 'main'), count: least + steps * step };
    });
    const pace = { from: 8, to: 6, easing: 2400 };
    return {
      slotMinutes: 90,
      doors: { before: 0, after: 0 },
      breath: { in: 2, out: 3 },
      schools: USUAL_SCHOOLS,
      sections: [{ kind: 'main', pace, items, blocks: [], settle: null }],
    };
  };
  for (let raised = 0; ; raised += 1) {
    const answer = timelineOf(made(raised), (id) => byId.get(id));
    if (answer.ok && answer.timeline.totalMs >= 90 * 60_000) return made(raised);
  }
}

/** The plan with one line changed, differently each time. */
export function oneEdit(plan: Plan, count: number): Plan {
  const [section] = plan.sections;
  if (!section) throw new Error('the bench plan has a section');
  const items = section.items.map((item, index) =>
    index === 7 && item.kind === 'movement' ? { ...item, rounds: 1 + (count % 3) } : item,
  );
  return { ...plan, sections: [{ ...section, items }] };
}
