import type { FindMovement } from '../../movement/schema/movement';
import { deepestFor } from '../plan/line/depth';
import { isPauseKind } from '../plan/lineTitle';
import { matchItem } from '../plan/matchItem';
import { MOST_HOURS, type PlanProblem, tooManySteps } from '../plan/planSize';
import type { Item, MovementItem, Plan } from '../plan/session';
import { TimelineClock } from '../timeline/clock';
import { lineTimes } from '../timeline/lineTimes';
import type { Segment, Timeline, Waits } from '../timeline/segment';
import { RESTING } from './restPoses';
import type { Arrival } from './scheduleBridge';
import { type ScheduledLine, scheduleMovement } from './scheduleMovement';
import { settleItem } from './settleItem';
import { type Occurrence, unrollBlocks } from './unrollBlocks';

export type TimelineAnswer =
  | { readonly ok: true; readonly timeline: Timeline }
  | { readonly ok: false; readonly problems: readonly PlanProblem[] };

/** What of a plan cannot be laid out in time: movements the repertoire does not hold, and lines that make it too large. */
export function planProblems(plan: Plan, find: FindMovement): readonly PlanProblem[] {
  const answer = timelineOf(plan, find);
  return answer.ok ? [] : answer.problems;
}

/** The lines of a plan whose movement the repertoire does not hold. */
export function missingMovements(plan: Plan, find: FindMovement): PlanProblem[] {
  const missing = (movementId: string, ...path: (string | number)[]): PlanProblem[] =>
    find(movementId) ? [] : [{ path: [...path, 'movementId'], message: `there is no movement "${movementId}"` }];
  return plan.sections.flatMap(({ items, settle }, s) => [
    ...items.flatMap((item, i) =>
      item.kind === 'movement' ? missing(item.movementId, 'sections', s, 'items', i) : [],
    ),
    ...(settle?.lines ?? []).flatMap(({ movementId }, i) => missing(movementId, 'sections', s, 'settle', 'lines', i)),
  ]);
}

/** A talk waits for half of its time, but not for more than a minute, to be ended. Conventions. */
const TALK_WAITS = { share: 0.5, most: 60 } as const;

const talkWaits = (seconds: number): Waits => ({
  for: 'talk',
  ms: Math.round(1000 * Math.min(TALK_WAITS.most, seconds * TALK_WAITS.share)),
});

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
      call: between.call,
    });
    arrival = afterPause(arrival);
  }
  const pause = ({ id, kind, seconds, note }: Exclude<Item, MovementItem>): ScheduledLine => {
    addPause(passage, seconds, { kind, itemId: id, movementId: null, call: note });
    return { arrival: afterPause(arrival), bridge: null, waits: null };
  };
  return matchItem(item, {
    movement: (line) => {
      const movement = find(line.movementId);
      const pace = plan.sections[section]?.pace;
      if (!movement || !pace) return { arrival, bridge: null, waits: null };
      const start = {
        clock,
        section,
        pace,
        ratio: plan.breath,
        schools: plan.schools,
        deepest: deepestFor(plan.sections, line.id),
        arrival,
        before,
        round,
        lower,
        settles: false,
        isOtherSide,
      };
      return scheduleMovement(start, line, movement);
    },
    rest: pause,
    talk: (line) => ({ ...pause(line), waits: line.endsByItself ? null : talkWaits(line.seconds) }),
    clock: pause,
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
 *   or the lines whose movement is unknown, or that make it too large to be laid out
 */
export function timelineOf(plan: Plan, find: FindMovement): TimelineAnswer {
  const problems = [...missingMovements(plan, find), ...tooManySteps(plan, find)];
  if (problems.length > 0) return { ok: false, problems };
  const clock = new TimelineClock(plan.takes);
  let arrival: Arrival = { pose: RESTING, breath: null };
  plan.sections.forEach((section, index) => {
    clock.section(section.kind, () => {
      for (const occurrence of unrollBlocks(section))
        clock.item(occurrence.item.id, index, () => {
          const line = scheduleOccurrence({ clock, plan, section: index, find }, occurrence, arrival);
          arrival = occurrence.isSettled
            ? scheduleRoutine({ clock, plan, section: index, find }, occurrence.item.id, line.arrival)
            : line.arrival;
          return line;
        });
    });
  });
  const timeline = clock.finish();
  const tooLong = tooManyHours(plan, timeline);
  return tooLong ? { ok: false, problems: [tooLong] } : { ok: true, timeline };
}

/** The line that makes a class last for more hours than are laid out; null where none does. */
function tooManyHours(plan: Plan, timeline: Timeline): PlanProblem | null {
  if (timeline.totalMs <= MOST_HOURS * 3_600_000) return null;
  const longest = [...lineTimes(timeline).values()].toSorted((a, b) => b.lengthMs - a.lengthMs)[0];
  const s = longest?.section ?? 0;
  const i = plan.sections[s]?.items.findIndex(({ id }) => id === longest?.itemId) ?? -1;
  const field = plan.sections[s]?.items[i]?.kind === 'movement' ? 'count' : 'seconds';
  const hours = Math.round(timeline.totalMs / 3_600_000);
  return {
    path: ['sections', s, 'items', Math.max(0, i), field],
    message: `the class would last ${hours} hours, and this most of it: at most ${MOST_HOURS} are laid out`,
  };
}
