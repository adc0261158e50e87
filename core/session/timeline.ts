import type { Movement } from '../movement/movement';
import { TimelineClock } from './clock';
import { layMovement } from './layMovement';
import type { Timeline } from './segment';
import type { Item, Plan } from './session';

/** A line of the running order that cannot be timed, and where it stands. */
export interface TimelineProblem {
  readonly path: readonly (string | number)[];
  readonly message: string;
}

export type TimelineAnswer =
  | { readonly ok: true; readonly timeline: Timeline }
  | { readonly ok: false; readonly problems: readonly TimelineProblem[] };

/** Looks a movement up by its id. */
export type FindMovement = (id: string) => Movement | undefined;

/** The lines of a plan whose movement the repertoire does not hold. */
export function missingMovements(plan: Plan, find: FindMovement): TimelineProblem[] {
  return plan.sections.flatMap((section, s) =>
    section.items.flatMap((item, i) =>
      item.kind === 'movement' && !find(item.movementId)
        ? [{ path: ['sections', s, 'items', i, 'movementId'], message: `there is no movement "${item.movementId}"` }]
        : [],
    ),
  );
}

function layItem(clock: TimelineClock, item: Item, section: number, plan: Plan, find: FindMovement): void {
  if (item.kind === 'movement') {
    const movement = find(item.movementId);
    const pace = plan.sections[section]?.pace;
    if (movement && pace) layMovement({ clock, section, pace, ratio: plan.breath }, item, movement);
    return;
  }
  clock.segment(item.seconds, {
    kind: item.kind,
    section,
    itemId: item.id,
    movementId: null,
    part: null,
    phase: null,
    round: 1,
    pass: null,
    side: null,
    direction: null,
    repetition: null,
    of: null,
    completes: true,
    breath: null,
    breaths: null,
    call: item.note,
  });
}

/**
 * Lays a plan out in time.
 * @param plan sections with their paces and items
 * @param find the repertoire
 * @returns segments in whole milliseconds that follow each other without gaps, with the stretch of every item and section;
 *   or the lines whose movement is unknown
 */
export function timelineOf(plan: Plan, find: FindMovement): TimelineAnswer {
  const problems = missingMovements(plan, find);
  if (problems.length > 0) return { ok: false, problems };
  const clock = new TimelineClock();
  plan.sections.forEach((section, index) => {
    clock.section(section.kind, () => {
      for (const item of section.items) clock.item(item.id, index, () => layItem(clock, item, index, plan, find));
    });
  });
  return { ok: true, timeline: clock.finish() };
}
