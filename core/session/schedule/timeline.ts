import type { FindMovement } from '../../movement/schema/movement';
import { deepestFor } from '../plan/line/depth';
import { isPauseKind } from '../plan/lineTitle';
import { matchItem } from '../plan/matchItem';
import type { Item, MovementItem, Plan } from '../plan/session';
import { TimelineClock } from '../timeline/clock';
import type { Segment, Timeline } from '../timeline/segment';
import { chainChange } from './changeOfSide';
import { RESTING } from './restPoses';
import type { Arrival } from './scheduleBridge';
import { type ScheduledLine, scheduleMovement } from './scheduleMovement';
import { settleItem } from './settleItem';
import { type Occurrence, unrollBlocks } from './unrollBlocks';

/** A line of the running order that cannot be timed, and where it stands. */
export interface TimelineProblem {
  readonly path: readonly (string | number)[];
  readonly message: string;
}

export type TimelineAnswer =
  | { readonly ok: true; readonly timeline: Timeline }
  | { readonly ok: false; readonly problems: readonly TimelineProblem[] };

/** The lines of a plan whose movement the repertoire does not hold. */
export function missingMovements(plan: Plan, find: FindMovement): TimelineProblem[] {
  const missing = (movementId: string, ...path: (string | number)[]): TimelineProblem[] =>
    find(movementId) ? [] : [{ path: [...path, 'movementId'], message: `there is no movement "${movementId}"` }];
  return plan.sections.flatMap(({ items, settle }, s) => [
    ...items.flatMap((item, i) =>
      item.kind === 'movement' ? missing(item.movementId, 'sections', s, 'items', i) : [],
    ),
    ...(settle?.lines ?? []).flatMap(({ movementId }, i) => missing(movementId, 'sections', s, 'settle', 'lines', i)),
  ]);
}

/** Whoever rests or listens stays where the feet are, at ease: a rest taken in never makes the way into the next line shorter. */
const afterPause = ({ pose }: Arrival): Arrival => ({ pose, breath: null });

interface Passage {
  readonly clock: TimelineClock;
  readonly plan: Plan;
  readonly section: number;
  readonly find: FindMovement;
}

function addPause(
  { clock, section }: Passage,
  seconds: number,
  { kind, itemId, movementId, call }: Pick<Segment, 'kind' | 'itemId' | 'movementId' | 'call'>,
): void {
  clock.segment(seconds, { section, itemId, movementId }, { kind, call, completes: isPauseKind(kind) });
}

/** Writes a line as often as its block has it come round, and answers how it leaves the class standing. */
function scheduleOccurrence(
  passage: Passage,
  { item, before, round, lower, between }: Occurrence,
  begun: Arrival,
): ScheduledLine {
  const { clock, plan, section, find } = passage;
  let arrival = begun;
  // A movement takes its steps to the other side while that is said.
  const isOtherSide = between?.kind === 'side-change' && item.kind === 'movement';
  if (isOtherSide) arrival = { ...arrival, breath: null };
  else if (between) {
    addPause(passage, between.seconds, {
      kind: between.kind,
      itemId: item.id,
      movementId: item.kind === 'movement' ? item.movementId : null,
      call: between.kind === 'round-rest' ? 'Rest' : chainChange(null).call,
    });
    arrival = afterPause(arrival);
  }
  const pause = ({ id, kind, seconds, note }: Exclude<Item, MovementItem>): ScheduledLine => {
    addPause(passage, seconds, { kind, itemId: id, movementId: null, call: note });
    return { arrival: afterPause(arrival), bridge: null };
  };
  return matchItem(item, {
    movement: (line) => {
      const movement = find(line.movementId);
      const pace = plan.sections[section]?.pace;
      if (!movement || !pace) return { arrival, bridge: null };
      const deepest = deepestFor(plan.sections, line.id);
      const lead = { clock, section, pace, ratio: plan.breath, schools: plan.schools, deepest, arrival };
      return scheduleMovement({ ...lead, before, round, lower, settles: false, isOtherSide }, line, movement);
    },
    rest: pause,
    talk: pause,
  });
}

/** Writes the routine of a section after a line, counted in with it, and answers how it leaves the class standing. */
function scheduleRoutine({ clock, plan, section, find }: Passage, itemId: string, begun: Arrival): Arrival {
  const of = plan.sections[section];
  if (!of) return begun;
  return (of.settle?.lines ?? []).reduce((arrival, line) => {
    const movement = find(line.movementId);
    if (!movement) return arrival;
    const lead = {
      clock,
      section,
      pace: of.pace,
      ratio: plan.breath,
      schools: plan.schools,
      deepest: deepestFor(plan.sections, itemId),
      arrival,
      before: 0,
      round: 0,
      lower: 0,
      settles: true,
      isOtherSide: false,
    };
    return scheduleMovement(lead, settleItem(itemId, movement, line, of.kind), movement).arrival;
  }, begun);
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
  let arrival: Arrival = { pose: RESTING, breath: null };
  plan.sections.forEach((section, index) => {
    clock.section(section.kind, () => {
      for (const occurrence of unrollBlocks(section))
        clock.item(occurrence.item.id, index, () => {
          const line = scheduleOccurrence({ clock, plan, section: index, find }, occurrence, arrival);
          arrival = occurrence.isSettled
            ? scheduleRoutine({ clock, plan, section: index, find }, occurrence.item.id, line.arrival)
            : line.arrival;
          return line.bridge;
        });
    });
  });
  return { ok: true, timeline: clock.finish() };
}
