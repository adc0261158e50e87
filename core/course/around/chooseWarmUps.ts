import { sumBy, unique } from 'remeda';
import type { Strength } from '../../demand/ceilings';
import type { Movement } from '../../movement/schema/movement';
import type { JudgingContext } from '../../session/findings/finding/finding';
import { SECTION_SHARES } from '../../session/limits/thresholds';
import type { Block } from '../../session/plan/block';
import { newMovementItem } from '../../session/plan/defaults';
import { isSeatedClass } from '../../session/plan/isSeatedClass';
import type { Item, Plan } from '../../session/plan/session';
import { classSeconds } from '../../session/plan/slotTime';
import { type Candidate, candidateOf, wayIn } from '../../session/propose/candidates';
import { emptyPlan } from '../../session/propose/proposeDraft';
import { EVERYWHERE, inOrder, needOf, openGaps, REALLY } from '../../session/propose/proposeWarmUp';
import { warmingOf } from '../../traits/warmingOf';
import type { PieceFamily } from '../schema/family';
import { drillsOf } from './drills';
import { FAMILIAR, oneOfEach } from './familiar';
import { type PieceChoice, spreadPieces } from './spreadPieces';

/** A class a warm-up is looked for: its main part, and how many things are new in it. */
export interface ClassToWarm {
  readonly minutes: number;
  readonly main: { readonly items: readonly Item[]; readonly blocks: readonly Block[] };
  readonly introductions: number;
  /** The movements that are introduced in it. */
  readonly introduced: readonly Movement[];
}

/** A warm-up as it was chosen, or what stands in the way of every one the family has. */
export type ChosenWarmUp =
  | { readonly kind: 'chosen'; readonly items: readonly Item[] }
  | { readonly kind: 'none'; readonly why: string };

/** Of a class, so much is its warm-up; where that leaves something cold, more and more, up to its usual most. Conventions. */
const SHARES = [0.15, 0.19, 0.24];
/** A warm-up is as long as it is to be within so many seconds. */
const WITHIN = 30;
/** The first class has so many pieces, and so many more come with each class until it is whole in the fourth. */
const FIRST_PIECES = 6;
const MORE_PIECES = 2;
const WHOLE_FROM = 3;
/** Each piece fewer than the class could have costs a little, so that it grows. */
const FEWER = 0.5;
/** A share of the warm-up is a drill of what the main part introduces; what is missing of it costs so much. Conventions. */
const DRILLED = 0.2;
const UNDRILLED = 10;
/** A class is tried with so many ways of its warm-up at most. */
const MOST_WAYS = 200;
/** With two things new, no piece of the warm-up is. */
const TWO = 2;

interface Around {
  readonly plan: (minutes: number) => Plan;
  readonly strength: Strength;
}

/** Lines of some movements whose counts make them last so many seconds, as near as their steps let them. */
function lastingSoLong(
  movements: readonly Movement[],
  seconds: number,
  lineOf: (movement: Movement, times: number) => Candidate | null,
): Candidate[] | null {
  const at = (times: number): Candidate[] | null => {
    const lines = movements.map((movement) => lineOf(movement, times));
    return lines.every((line) => line !== null) ? lines : null;
  };
  let [least, most] = [0.2, 3];
  let best: Candidate[] | null = null;
  let off = Number.POSITIVE_INFINITY;
  for (let look = 0; look < 12; look += 1) {
    const times = (least + most) / 2;
    const lines = at(times);
    if (!lines) return null;
    const whole = sumBy(lines, (line) => line.seconds);
    if (Math.abs(whole - seconds) < off) [best, off] = [lines, Math.abs(whole - seconds)];
    if (whole < seconds) least = times;
    else most = times;
  }
  return off <= WITHIN ? best : null;
}

/** The regions of a warm-up that a family can move at all, group by group. */
const movedBy = (movements: readonly Movement[]): readonly boolean[] =>
  EVERYWHERE.map((regions) =>
    movements.some((movement) => regions.some((region) => warmingOf(movement)[region].mobilised >= REALLY)),
  );

/** The lists in the order in which they come into a course: each moves most of what those before it leave unmoved. */
function widestFirst(lists: readonly string[][], movementOf: ReadonlyMap<string, Movement>): string[][] {
  const left = [...lists];
  const order: string[][] = [];
  let moved: readonly boolean[] = EVERYWHERE.map(() => false);
  while (left.length > 0) {
    const gains = left.map(([id]) => {
      const movement = movementOf.get(id ?? '');
      return movement ? movedBy([movement]).filter((is, group) => is && !moved[group]).length : 0;
    });
    const at = gains.indexOf(Math.max(...gains));
    const [list = []] = left.splice(at, 1);
    const movement = movementOf.get(list[0] ?? '');
    if (movement) moved = movedBy([movement]).map((is, group) => is || Boolean(moved[group]));
    order.push(list);
  }
  return order;
}

/**
 * The warm-up of every class of a course from one family: the order stays, it grows over the first four classes, most of it is familiar,
 * and nothing of the main part is left cold. A class that no way of the family makes ready says why.
 */
export function chooseWarmUps(
  family: PieceFamily,
  classes: readonly ClassToWarm[],
  context: JudgingContext,
  { plan: planOf, strength }: Around,
): ChosenWarmUp[] {
  const movementOf = new Map(
    unique([...family.core, ...family.slots.flat()]).flatMap((id) => {
      const movement = context.find(id);
      return movement ? [[id, movement] as const] : [];
    }),
  );
  const known = (ids: readonly string[]) => ids.filter((id) => movementOf.has(id));
  const core = known(family.core);
  const slots = family.slots.map(known).filter((slot) => slot.length > 0);
  const lists = widestFirst([...core.map((id) => [id]), ...slots], movementOf);
  /** What so many of the lists move, whichever piece of each is done. */
  const movedWith = (size: number) => movedBy(lists.slice(0, size).flatMap(([id]) => movementOf.get(id ?? '') ?? []));
  const piecesIn = (place: number) =>
    place >= WHOLE_FROM ? lists.length : Math.min(lists.length, FIRST_PIECES + MORE_PIECES * place);

  const whys: string[] = [];
  const offered = classes.map(({ minutes, main, introductions, introduced }, place) => {
    const empty = planOf(minutes);
    const plan: Plan = {
      ...empty,
      sections: empty.sections.map((section) =>
        section.kind === 'main' ? { ...section, items: [...main.items], blocks: [...main.blocks] } : section,
      ),
    };
    const section = plan.sections.findIndex(({ kind }) => kind === 'warm-up');
    const need = needOf(plan, context);
    const seated = isSeatedClass(plan, context.find);
    const made = new Map<string, Candidate | null>();
    const lineOf = (movement: Movement, times: number): Candidate | null => {
      const { least, usual, most, step } = movement.count;
      const count = Math.min(most, Math.max(least, step * Math.round((usual * times) / step)));
      const key = `${movement.id} ${count}`;
      const there = made.get(key);
      if (there !== undefined) return there;
      const way = wayIn(movement, seated);
      const item = {
        ...newMovementItem(`warm-up-${movement.id}`.slice(0, 56), movement, 'warm-up', count),
        variant: way ?? null,
      };
      const line = way === undefined ? null : candidateOf(movement, item, plan, section);
      made.set(key, line);
      return line;
    };
    const wanted = drillsOf(introduced);
    /** What it costs that too little of a warm-up is a drill of what is introduced. */
    const undrilled = (lines: readonly Candidate[]): number => {
      if (wanted.size === 0) return 0;
      const drilled = lines.filter(({ movement }) => [...drillsOf([movement])].some((drill) => wanted.has(drill)));
      const share =
        sumBy(drilled, (line) => line.seconds) /
        Math.max(
          1,
          sumBy(lines, (line) => line.seconds),
        );
      return UNDRILLED * Math.max(0, DRILLED - share);
    };
    const most = piecesIn(place);
    // As many pieces as the class should have or a few less; only where none of these ways does, more.
    const tiers = [
      unique([most, piecesIn(Math.max(0, place - 1)), Math.min(lists.length, FIRST_PIECES)]),
      [Math.min(lists.length, most + MORE_PIECES)],
      [lists.length],
    ];
    const choices: (PieceChoice & { readonly items: readonly Item[] })[] = [];
    if (!need || section < 0) return { choices };
    let reason = 'its pieces do not fit into the time there is';
    for (const [sizes, share] of tiers.flatMap((tier) => SHARES.map((one) => [tier, one] as const))) {
      const seconds = Math.min(share, SECTION_SHARES['warm-up'].most / 100) * classSeconds(plan);
      for (const size of sizes) {
        for (const ids of oneOfEach(lists.slice(0, size)).slice(0, MOST_WAYS)) {
          const movements = ids.flatMap((id) => movementOf.get(id) ?? []);
          const moved = movedBy(movements);
          if (movedWith(size).some((is, group) => is && !moved[group])) continue;
          const lines = lastingSoLong(movements, seconds, lineOf);
          if (!lines) continue;
          if (openGaps(need, lines) > 0) {
            reason = 'what the main part asks for is not made ready by any of its ways';
            continue;
          }
          const ordered = inOrder(lines);
          choices.push({
            pieces: ordered.map(({ movement }) => movement.id),
            minutes: ordered.map((line) => line.seconds / 60),
            cost: FEWER * Math.abs(most - size) + undrilled(ordered),
            nothingNew: introductions >= TWO,
            items: ordered.map(({ item }) => item),
          });
        }
      }
      if (choices.length > 0) break;
    }
    whys[place] = reason;
    return { choices };
  });
  const chosen = spreadPieces(
    offered.map(({ choices }) => choices),
    { core: new Set(core), slots, familiar: FAMILIAR[strength] },
  );
  return chosen.map((at, place): ChosenWarmUp => {
    const choice = at === null ? undefined : offered[place]?.choices[at];
    return choice ? { kind: 'chosen', items: choice.items } : { kind: 'none', why: whys[place] ?? '' };
  });
}

/** The empty class of some minutes that warm-ups are tried in. */
export const emptyFor =
  (around: Omit<Parameters<typeof emptyPlan>[0], 'slotMinutes'>) =>
  (slotMinutes: number): Plan =>
    emptyPlan({ ...around, slotMinutes });
