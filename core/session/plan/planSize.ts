import { cycleAmount } from '../../movement/schema/cycleAmount';
import type { FindMovement, Movement } from '../../movement/schema/movement';
import { passesOf } from '../../movement/schema/pass';
import { phaseSeconds } from '../../timing/phaseSeconds';
import { adaptMovement } from './adaptMovement';
import { type Block, blocksAround } from './block';
import type { Item, MovementItem, Plan, Section } from './session';

/** What of a plan cannot be laid out in time, and where it stands. */
export interface PlanProblem {
  readonly path: readonly (string | number)[];
  readonly message: string;
}

/** A class is laid out up to so many steps, and up to so many hours: far beyond any that is taught. */
export const MOST_STEPS = 50_000;
export const MOST_HOURS = 12;

/** Steps before, after and between: being named, the way in, changes of side. */
const AROUND = 8;
const BETWEEN = 2;

/** How often a line repeats its cycle in one pass of a round, at most. */
function turnsOf(
  { ends, count, pace: own }: MovementItem,
  movement: Movement,
  passes: number,
  { pace }: Section,
  plan: Plan,
): number {
  const { cycle } = movement.parts;
  if (ends.by !== 'clock') return Math.max(1, Math.ceil(count / cycleAmount(cycle, movement.count.unit)));
  const fastest = own ?? Math.max(pace.from, pace.to);
  const seconds = cycle.reduce(
    (sum, phase) => sum + phaseSeconds(phase, plan.breath, { from: fastest, to: fastest, easing: 0 }, 0),
    0,
  );
  // The cycle begun is finished, and by turns the other side is done as often.
  return 2 + ends.seconds / passes / seconds;
}

/** The steps of one movement done once, its own rounds counted in. Never fewer than it is laid out in, and rarely twice as many. */
function stepsOfMovement(item: MovementItem, written: Movement, section: Section, plan: Plan): number {
  const movement = adaptMovement(written, item, plan.schools, null);
  const { entry = [], cycle, between = [], exit = [] } = movement.parts;
  const passes = passesOf(movement.laterality, item).length;
  const turns = turnsOf(item, movement, passes, section, plan);
  const { sides } = movement.laterality;
  const legs = sides.kind === 'alternating' && sides.repetition === 'there-and-back' ? 2 : 1;
  const round = passes * (turns * legs * cycle.length + between.length + BETWEEN) + 1;
  return item.rounds * round + entry.length + exit.length + AROUND;
}

/** How often the blocks around a line have it come round. */
const timesRound = (blocks: readonly Block[]): number =>
  blocks.reduce((product, { rounds, chain }) => product * rounds * (chain === null ? 1 : 2), 1);

/** The steps of a section's routine, done once. */
function stepsOfRoutine(section: Section, find: FindMovement): number {
  return (section.settle?.lines ?? []).reduce((sum, { movementId, count }) => {
    const movement = find(movementId);
    if (!movement) return sum;
    const turns = count / cycleAmount(movement.parts.cycle, movement.count.unit);
    return sum + AROUND + 4 * (turns + 1) * 2 * movement.parts.cycle.length;
  }, 0);
}

interface Sized {
  readonly path: readonly (string | number)[];
  readonly steps: number;
}

/** What a line is made long by: its count, or its rounds, or the rounds of the block it stands in. */
function pathOf(item: Item, s: number, i: number, once: number, around: readonly Block[], section: Section) {
  const [round] = around.toSorted((a, b) => b.rounds - a.rounds);
  if (once <= MOST_STEPS / 2 && round && round.rounds > 1)
    return ['sections', s, 'blocks', section.blocks.indexOf(round), 'rounds'];
  if (item.kind !== 'movement') return ['sections', s, 'items', i];
  const isOfRounds = item.rounds > 1 && once / item.rounds <= MOST_STEPS / 2;
  return ['sections', s, 'items', i, isOfRounds ? 'rounds' : item.ends.by === 'clock' ? 'ends' : 'count'];
}

const words = (steps: number): string =>
  `makes more than ${MOST_STEPS.toLocaleString('en')} steps of this class${
    Number.isFinite(steps) ? ` (${Math.round(steps).toLocaleString('en')})` : ''
  }: do it less often`;

/**
 * What makes a plan too large to be laid out, counted from its numbers alone, before anything is laid out: the longest lines
 * first, until what is left is small enough. None in any class that could be taught.
 */
export function tooManySteps(plan: Plan, find: FindMovement, most = MOST_STEPS): PlanProblem[] {
  const sized = plan.sections.flatMap((section, s): Sized[] => {
    const routine = stepsOfRoutine(section, find);
    const settled = routine > 0 ? [{ path: ['sections', s, 'settle', 'lines', 0, 'count'], steps: routine }] : [];
    const lines = section.items.map((item, i): Sized => {
      const written = item.kind === 'movement' ? find(item.movementId) : undefined;
      const once = item.kind === 'movement' && written ? stepsOfMovement(item, written, section, plan) : 1;
      const around = blocksAround(section.blocks, item);
      const settles = section.settle?.when === 'after-each' ? routine : 0;
      return { path: pathOf(item, s, i, once, around, section), steps: (once + settles) * timesRound(around) };
    });
    return [...lines, ...settled];
  });
  const problems: PlanProblem[] = [];
  const rest = sized.toSorted((a, b) => b.steps - a.steps);
  while (rest.reduce((sum, { steps }) => sum + steps, 0) > most) {
    const longest = rest.shift();
    if (longest) problems.push({ path: longest.path, message: words(longest.steps) });
  }
  return problems;
}
