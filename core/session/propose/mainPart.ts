import type { Schools } from '../../movement/adapt/schools';
import type { JudgingContext } from '../findings/finding/finding';
import { EASE_DEMAND } from '../load/sessionDemand';
import { sessionStrain } from '../load/sessionStrain';
import { newPause } from '../plan/defaults';
import type { Item, Plan } from '../plan/session';
import { classMinutes, classSeconds, type Doors } from '../plan/slotTime';
import { type Aim, effortOf, serves } from './aims';
import { type Candidate, candidatesFor, secondsOf, stretchedTo } from './candidates';
import { dearness, type Preferences } from './preferences';

/** What a whole class is asked for. */
export interface DraftRequest {
  readonly aim: Aim;
  readonly slotMinutes: number;
  readonly doors: Doors;
  readonly preferences: Preferences;
  /** How the class is done where schools disagree. */
  readonly schools: Schools;
}

/** The share of the slot that the main part is chosen for; fitting does the rest. */
export const MAIN_SHARE = 0.46;
/** So many movements, then a rest of so many seconds; fewer where there is much time to fill. */
const TOGETHER = [3, 2, 1] as const;
const REST = 30;
/** When so many seconds are missing at each rest, it becomes a break, up to so long. */
const BREAK = 45;
const LONG_BREAK = 300;
export const BREAK_NOTE = 'Sit, drink, ask';

/** Quiet first and last, what asks most in the middle. */
function inAnArch(lines: readonly Candidate[]): Candidate[] {
  const [rising, falling]: [Candidate[], Candidate[]] = [[], []];
  for (const [place, line] of lines.toSorted((a, b) => effortOf(a.movement) - effortOf(b.movement)).entries())
    (place % 2 === 0 ? rising : falling).push(line);
  return [...rising, ...falling.reverse()];
}

interface Pauses {
  /** After so many lines each time. */
  readonly together: number;
  readonly seconds: number;
}

/** When and how long the class pauses so that some lines fill a main part of so many seconds: more often where that is not enough. */
function pausesOf(lines: readonly Candidate[], target: number): Pauses {
  const pauses = TOGETHER.map((together): Pauses => {
    const missing = (target - secondsOf(lines)) / Math.max(1, Math.floor((lines.length - 1) / together));
    return { together, seconds: missing > BREAK ? Math.round(missing / 15) * 15 : REST };
  });
  const last = pauses.at(-1) as Pauses;
  return pauses.find(({ seconds }) => seconds <= LONG_BREAK) ?? { ...last, seconds: LONG_BREAK };
}

/** How near lines done one after the other, with their pauses, come to a ceiling; 1 is at it. */
function strainOf(lines: readonly Candidate[], { limits }: JudgingContext, target: number): number {
  const resting = lines[0]?.pieces[0];
  const { together, seconds } = pausesOf(lines, target);
  const pieces = inAnArch(lines).flatMap(({ pieces: own }, place) =>
    resting && (place + 1) % together === 0 ? [...own, { ...resting, demand: EASE_DEMAND, seconds }] : own,
  );
  return Math.max(0, ...sessionStrain(pieces, limits.ceilings).map(({ percent }) => percent)) / 100;
}

/** A main part has a line for so many minutes of its slot: few things, done often enough to sink in. */
const MINUTES_A_LINE = 5;

/** What is chosen leaves room for warm-up and cool-down under the ceiling. */
const ROOM = 0.9;

export function mainOf(plan: Plan, context: JudgingContext, { aim, preferences, ...slot }: DraftRequest): Candidate[] {
  const target = classSeconds(slot) * MAIN_SHARE;
  const candidates = candidatesFor(plan, context, preferences, 'main').filter(({ seconds }) => seconds < target * 0.6);
  const most = Math.max(3, Math.round(classMinutes(slot) / MINUTES_A_LINE));
  let chosen: Candidate[] = [];
  // What serves the aim comes first; what is left of the time goes to what asks least.
  for (const serving of [
    (one: Candidate) => serves(one.movement, aim),
    (one: Candidate) => 1 - effortOf(one.movement),
  ]) {
    const passed = new Set<Candidate>();
    while (secondsOf(chosen) < target && chosen.length < most) {
      const worth = (one: Candidate): number => {
        const alike = chosen.filter(({ movement }) => movement.tradition === one.movement.tradition).length;
        const dear =
          dearness('familiar', one.movement, context, preferences) *
          dearness('varied', one.movement, context, preferences);
        return serving(one) / dear / (1 + 0.12 * alike);
      };
      const [best] = candidates
        .filter((one) => !chosen.includes(one) && !passed.has(one) && serving(one) > 0.25)
        .toSorted((a, b) => worth(b) - worth(a));
      if (!best) break;
      passed.add(best);
      const then = [...chosen, best];
      if (strainOf(then, context, target) <= ROOM) chosen = then;
    }
  }
  const section = plan.sections.findIndex(({ kind }) => kind === 'main');
  const longer = stretchedTo(chosen, target, plan, section);
  return inAnArch(strainOf(longer, context, target) <= ROOM ? longer : chosen);
}

/** The main lines: what is known is joined in with, what is new is explained; a settle after each, a rest after every few. */
export function mainItems(lines: readonly Candidate[], { known }: JudgingContext, target: number): Item[] {
  // Where strain leaves room for no more moving, the class sits down, drinks and asks.
  const { together, seconds } = pausesOf(lines, target);
  const pause = (place: number): Item =>
    seconds > REST
      ? newPause('talk', `break-${place}`, seconds, BREAK_NOTE)
      : newPause('rest', `rest-${place}`, seconds);
  return lines.flatMap(({ item, movement }, place): Item[] => {
    const isNew = known === null || !known.has(movement.id);
    const line: Item = {
      ...item,
      manner: isNew ? 'explained' : 'follow-along',
      settle: { kind: 'still', seconds: 10 },
    };
    const rests = (place + 1) % together === 0 && place + 1 < lines.length;
    return rests ? [line, pause(place)] : [line];
  });
}
