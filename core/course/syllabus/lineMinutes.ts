import type { Schools } from '../../movement/adapt/schools';
import type { FindMovement } from '../../movement/schema/movement';
import { emptySections } from '../../session/plan/defaults';
import type { Item, Plan } from '../../session/plan/session';
import { NO_DOORS } from '../../session/plan/slotTime';
import { timelineOf } from '../../session/schedule/timeline';

/** What lines take in a main part by themselves, seconds; 0 where one names a movement that is not known. */
export function secondsOfLines(items: readonly Item[], find: FindMovement, schools: Schools): number {
  const sections = emptySections().flatMap((section) =>
    section.kind === 'main' ? [{ ...section, items: [...items] }] : [],
  );
  const plan: Plan = { slotMinutes: 60, doors: NO_DOORS, breath: { in: 1, out: 1 }, schools, sections };
  const answer = timelineOf(plan, find);
  return answer.ok ? answer.timeline.totalMs / 1000 : 0;
}

/** Seconds as minutes a term is planned in: halves, and never nothing. */
export const planMinutes = (seconds: number): number => Math.max(0.5, Math.ceil(seconds / 30) / 2);
