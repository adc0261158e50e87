import { writeArcs } from './arcProgramme';
import type { WeaveInstance, WeavePlan } from './graph/instance';
import { planOf, setUpLoom } from './graph/loom';
import { seeded } from './graph/seeded';
import { chooseBest } from './master';
import type { SolveProgramme } from './programme';
import { proveBound } from './proveBound';
import { searchCloth } from './search';
import { seekPrices } from './seekPrices';
import { startCloth } from './startCloth';

/** A plan on its way: it can only become better. */
export interface Weaving {
  readonly plan: WeavePlan;
  readonly cost: number;
  /** No legal plan costs less. */
  readonly bound: number;
  /** Whether no better one exists, to within rounding. */
  readonly isBest: boolean;
}

export interface WeaveOptions {
  readonly seed?: number;
  /** A plan to begin with: what of it does not hold is woven anew. */
  readonly start?: WeavePlan;
  /** A general solver, for the choice of the best among many paths; without it there is only the search. */
  readonly solve?: SolveProgramme;
}

/** Prices are looked for so often before the first plan, and then so often with each round of trying. */
const FIRST_LOOKS = 120;
const LOOKS = 12;
const TRIES = 40;
/** The solver is asked after so many rounds, and again after twice as many, each time with more seconds. */
const FIRST_ASKING = 40;
const SOLVER_SECONDS = 1;
/** A weave of so many arcs is put before it whole, for so many seconds at first; the answer is the best there is. */
const WHOLE_ARCS = 9000;
const WHOLE_SECONDS = 4;
/** Above so many classes times threads its answers come too late to be of use. */
const SOLVED_CELLS = 600;
/** Cost and bound this near to each other are the same. */
const SAME = 1e-6;

/**
 * Weaves the threads of an instance into its classes, better and better: each round gives what there is so far. It goes on until
 * nothing better exists, or until nobody asks for more. Rounds, and so results, are the same every time for the same seed, unless a
 * solver that goes by the clock is handed in.
 * @example for (const { cost, bound } of weave(instance)) if (cost - bound < 0.01 * bound) break;
 */
export function* weave(
  instance: WeaveInstance,
  { seed = 1, start, solve }: WeaveOptions = {},
): Generator<Weaving, void> {
  const loom = setUpLoom(instance);
  const search = searchCloth(loom, seeded(seed), start && startCloth(loom, start));
  const prices = seekPrices(loom);
  let proven = Number.NEGATIVE_INFINITY;
  const isLarge = instance.classes * instance.threads.length > SOLVED_CELLS;
  const isSmall = loom.graphs.reduce((sum, { arcTo }) => sum + arcTo.length, 0) <= WHOLE_ARCS;
  let asking = FIRST_ASKING;
  let seconds = SOLVER_SECONDS;
  const now = (): Weaving => {
    const bound = Math.min(search.cost, Math.max(proven, prices.bound));
    return { plan: planOf(loom, search.cloth), cost: search.cost, bound, isBest: search.cost - bound <= SAME };
  };
  /** Puts the whole weave before the solver: what it has proven is the best there is. */
  const askWhole = (ask: SolveProgramme, most: number): void => {
    const { programme, clothOf } = writeArcs(loom, search.cost + SAME);
    const answer = ask(programme, most);
    if (!answer) return;
    search.take(clothOf(answer.chosen));
    if (answer.isProven) proven = search.cost;
  };
  yield now();
  for (let look = 0; look < FIRST_LOOKS; look += LOOKS) {
    prices.improve(LOOKS, Number.POSITIVE_INFINITY);
    yield now();
  }
  for (let round = 1; ; round += 1) {
    search.improve(TRIES, prices);
    prices.improve(LOOKS, search.cost);
    if (solve && !isLarge && round === asking) {
      if (isSmall) askWhole(solve, WHOLE_SECONDS * seconds);
      if (now().isBest) {
        yield now();
        return;
      }
      const chosen = chooseBest(loom, prices, search.cloth, solve, seconds);
      if (chosen) search.take(chosen);
      proven = Math.max(proven, proveBound(loom, prices, search.cost, solve, seconds));
      asking *= 2;
      seconds *= 2;
    }
    const reached = now();
    yield reached;
    if (reached.isBest) return;
  }
}
