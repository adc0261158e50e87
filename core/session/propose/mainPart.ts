import { sumBy, uniqueBy } from 'remeda';
import type { Schools } from '../../movement/adapt/schools';
import type { Form } from '../../movement/schema/form';
import type { JudgingContext } from '../findings/finding/finding';
import { EASE_DEMAND } from '../load/sessionDemand';
import { sessionStrain } from '../load/sessionStrain';
import { Block } from '../plan/block';
import { newPause } from '../plan/defaults';
import type { Item, Plan } from '../plan/session';
import { classMinutes, classSeconds, type Doors } from '../plan/slotTime';
import type { Takes } from '../plan/takes';
import { type Aim, effortOf, serves } from './aims';
import { type Candidate, candidatesFor, secondsOf, stretchedTo } from './candidates';
import { type MainSet, mainSets } from './mainSets';
import { isNew, isUntaught, NEW_AT_MOST } from './newness';
import { dearness, type Preferences } from './preferences';

/** What a whole class is asked for. */
export interface DraftRequest {
  readonly aim: Aim;
  readonly slotMinutes: number;
  readonly doors: Doors;
  readonly preferences: Preferences;
  /** How the class is done where schools disagree. */
  readonly schools: Schools;
  /** How long its parts take, where that was measured. */
  readonly takes?: Takes | undefined;
  readonly forms: readonly Form[];
}

/** A main part: what it is made of, how often as a whole, and after how many lines it rests. */
export interface MainPart {
  readonly name: string;
  readonly lines: readonly Candidate[];
  readonly rounds: number;
  readonly together: number;
  readonly form: MainSet['form'];
  readonly seconds: number;
}

/** The share of the class that the main part is chosen for; fitting does the rest. */
export const MAIN_SHARE = 0.5;
/** So many lines, then a rest of so many seconds; fewer where strain asks for it. */
const TOGETHER = [Number.POSITIVE_INFINITY, 4, 3, 2, 1] as const;
const REST = 30;
/** Standing still after a piece where none is asked for, seconds. */
const SETTLED = 5;
/** Between the rounds of a whole. */
const ROUND_REST = 45;
/** A set of pieces comes round twice at most, a form that is walked more often. */
const MOST_ROUNDS = { none: 2, standing: 2, walked: 6 } as const;
/** A main part has a line for so many minutes of its class: few things, done often enough to sink in. */
const MINUTES_A_LINE = 5;
/** What is chosen leaves room for warm-up and cool-down under the ceiling. */
const ROOM = 0.9;
/** A main part may come to so much more than it was chosen for. */
const OVER = 1.15;

/** Quiet first and last, what asks most in the middle. */
function inAnArch(lines: readonly Candidate[]): Candidate[] {
  const [rising, falling]: [Candidate[], Candidate[]] = [[], []];
  for (const [place, line] of lines.toSorted((a, b) => effortOf(a.movement) - effortOf(b.movement)).entries())
    (place % 2 === 0 ? rising : falling).push(line);
  return [...rising, ...falling.reverse()];
}

/** How near lines done one after the other, with their rests and rounds, come to a ceiling; 1 is at it. */
function strainOf(lines: readonly Candidate[], rounds: number, together: number, { limits }: JudgingContext): number {
  const resting = lines[0]?.pieces[0];
  const rest = (seconds: number) => (resting ? [{ ...resting, demand: EASE_DEMAND, seconds }] : []);
  const once = lines.flatMap(({ pieces }, place) =>
    (place + 1) % together === 0 ? [...pieces, ...rest(REST)] : [...pieces],
  );
  const all = Array.from({ length: rounds }, () => [...once, ...rest(ROUND_REST)]).flat();
  return Math.max(0, ...sessionStrain(all, limits.ceilings).map(({ percent }) => percent)) / 100;
}

/** The fewest rests with which lines stay under the ceiling; null where none are enough. */
function restsFor(lines: readonly Candidate[], rounds: number, context: JudgingContext): number | null {
  return TOGETHER.find((together) => strainOf(lines, rounds, together, context) <= ROOM) ?? null;
}

const lengthOf = (lines: readonly Candidate[], rounds: number, together: number): number =>
  rounds * (secondsOf(lines) + REST * Math.floor(Math.max(0, lines.length - 1) / together)) + ROUND_REST * (rounds - 1);

/** How many of some lines are new to the group. */
const newIn = (lines: readonly Candidate[], context: JudgingContext): number =>
  uniqueBy(lines, ({ movement }) => movement.id).filter(({ movement }) => isNew(movement, context)).length;

/** The pieces of a set that serve the aim best and stay under the ceiling, up to so long and so many. */
function chosenFrom(
  { lines }: MainSet,
  context: JudgingContext,
  { aim, preferences }: DraftRequest,
  target: number,
  most: number,
): Candidate[] {
  const worth = ({ movement }: Candidate) =>
    serves(movement, aim) /
    dearness('familiar', movement, context, preferences) /
    dearness('varied', movement, context, preferences);
  let chosen: Candidate[] = [];
  for (const one of lines.toSorted((a, b) => worth(b) - worth(a))) {
    if (secondsOf(chosen) >= target || chosen.length >= most) break;
    if (isNew(one.movement, context) && newIn(chosen, context) >= NEW_AT_MOST) continue;
    const then = inAnArch([...chosen, one]);
    const together = restsFor(then, 1, context);
    if (together !== null && lengthOf(then, 1, together) <= target * OVER) chosen = then;
  }
  return chosen;
}

/** A set brought to so many seconds: chosen from, stretched, and done again as a whole; null where nothing of it fits. */
function partOf(
  set: MainSet,
  context: JudgingContext,
  request: DraftRequest,
  plan: Plan,
  target: number,
): MainPart | null {
  // A form is taught over weeks: one with more that is new is none for a single class.
  if (set.form !== 'none' && newIn(set.lines, context) > NEW_AT_MOST) return null;
  const section = plan.sections.findIndex(({ kind }) => kind === 'main');
  const most = Math.max(3, Math.round(classMinutes(request) / MINUTES_A_LINE));
  const once = set.form === 'none' ? chosenFrom(set, context, request, target, most) : set.lines;
  if (once.length === 0 || lengthOf(once, 1, Number.POSITIVE_INFINITY) > target * OVER) return null;
  const longer = set.form === 'walked' ? once : stretchedTo(once, target, plan, section);
  const often = restsFor(longer, 1, context);
  const lines = often === null || lengthOf(longer, 1, often) > target * OVER ? once : longer;
  let best: MainPart | null = null;
  for (let rounds = 1; rounds <= MOST_ROUNDS[set.form]; rounds += 1) {
    const together = restsFor(lines, rounds, context);
    if (together === null) break;
    const seconds = lengthOf(lines, rounds, together);
    if (seconds > target * OVER) break;
    best = { name: set.name, lines, rounds, together, form: set.form, seconds };
  }
  return best;
}

/** The main part that serves an aim best and fills its time: pieces of one kind, stepping, or a form; null where there is none. */
export function mainOf(plan: Plan, context: JudgingContext, request: DraftRequest): MainPart | null {
  const target = classSeconds(request) * MAIN_SHARE;
  const section = plan.sections.findIndex(({ kind }) => kind === 'main');
  const candidates = candidatesFor(plan, context, request.preferences, 'main');
  const parts = mainSets(candidates, request.aim, request.forms, plan, section).flatMap(
    (set) => partOf(set, context, request, plan, target) ?? [],
  );
  const worth = ({ lines, seconds }: MainPart) =>
    (sumBy(lines, (one) => one.seconds * serves(one.movement, request.aim)) / secondsOf(lines)) *
    Math.min(1, seconds / target) ** 2;
  return parts.toSorted((a, b) => worth(b) - worth(a))[0] ?? null;
}

/** The lines of a main part: what is known is named, what is new is explained, a form flows; rests where strain asks for them. */
export function mainItems(
  { lines, rounds, together, form }: MainPart,
  context: Pick<JudgingContext, 'known'>,
): { readonly items: Item[]; readonly blocks: Block[] } {
  const oneWay = form !== 'none' && lines.some(({ item }) => item.sides.endsWith('-only'));
  const whole = Block.parse({ id: 'main-whole', rounds, roundRest: rounds > 1 ? ROUND_REST : 0, oneWay });
  const isBlock = rounds > 1 || oneWay;
  const block = isBlock ? whole.id : null;
  // A rest after every piece is no row of its own: each is let settle, which is how a group that tires is led.
  const isSettledEach = together === 1 && form === 'none';
  const items = lines.flatMap(({ item, movement }, place): Item[] => {
    const isFollowed = form === 'walked' || isUntaught(movement, context);
    const manner = isNew(movement, context) ? 'explained' : isFollowed ? 'follow-along' : 'named';
    const line: Item = {
      ...item,
      block,
      manner,
      settle: form === 'none' ? { kind: 'still', seconds: isSettledEach ? REST : SETTLED } : { kind: 'none' },
    };
    const rests = !isSettledEach && (place + 1) % together === 0 && place + 1 < lines.length;
    return rests ? [line, { ...newPause('rest', `rest-${place}`, REST), block }] : [line];
  });
  return { items, blocks: isBlock ? [whole] : [] };
}
