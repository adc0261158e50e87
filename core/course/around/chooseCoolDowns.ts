import { Region } from '../../body/written/region';
import type { Strength } from '../../demand/ceilings';
import type { Movement } from '../../movement/schema/movement';
import { analyseClass } from '../../session/findings/finding/analyseClass';
import type { JudgingContext } from '../../session/findings/finding/finding';
import { newMovementItem } from '../../session/plan/defaults';
import type { Plan } from '../../session/plan/session';
import { candidateOf } from '../../session/propose/candidates';
import { workedIn } from '../../session/propose/proposeCoolDown';
import { warmingOf } from '../../traits/warmingOf';
import type { PieceFamily } from '../schema/family';
import { FAMILIAR, oneOfEach } from './familiar';
import { type PieceChoice, spreadPieces } from './spreadPieces';

/** A way that looks after less of what worked than another costs up to so much. Convention. */
const CARE = 3;
/** A class is tried with so many ways of its cool-down at most. */
const MOST_WAYS = 200;

/** How much some pieces look after what worked. */
function careOf(pieces: readonly Movement[], strain: Readonly<Record<Region, number>>): number {
  return Region.options.reduce((sum, region) => {
    const moved = pieces.reduce((all, piece) => all + warmingOf(piece)[region].mobilised, 0);
    // What is looked after already is worth less the second time.
    return sum + strain[region] * (moved / (1 + moved));
  }, 0);
}

/**
 * The pieces of the cool-down of every class of a course, from one family: most of them as always, something fresh in time, and those
 * that look after what worked in that class.
 * @param mains each class with its main part only
 * @returns for each class the ids of its pieces; null where the family has nothing for it
 */
export function chooseCoolDowns(
  family: PieceFamily,
  mains: readonly Plan[],
  context: JudgingContext,
  strength: Strength,
): (readonly string[] | null)[] {
  const movementsOf = (ids: readonly string[]) => ids.flatMap((id) => context.find(id) ?? []);
  const lists = [...family.core.map((id) => [id]), ...family.slots].map(movementsOf).filter((one) => one.length > 0);
  const ways = oneOfEach(lists).slice(0, MOST_WAYS);
  const minutes = new Map<Movement, number>();
  const minutesOf = (movement: Movement, plan: Plan): number => {
    const there = minutes.get(movement);
    if (there !== undefined) return there;
    const section = plan.sections.findIndex(({ kind }) => kind === 'cool-down');
    const line = candidateOf(movement, newMovementItem('piece', movement, 'cool-down'), plan, section);
    minutes.set(movement, (line?.seconds ?? 0) / 60);
    return (line?.seconds ?? 0) / 60;
  };
  const choices = mains.map((plan): PieceChoice[] => {
    const analysed = analyseClass(plan, context);
    if (!analysed || ways.length === 0) return [];
    const strain = workedIn(analysed);
    const cares = ways.map((way) => careOf(way, strain));
    const best = Math.max(...cares, 1e-9);
    return ways.map((way, at) => ({
      pieces: way.map(({ id }) => id),
      minutes: way.map((movement) => minutesOf(movement, plan)),
      cost: CARE * (1 - (cares[at] ?? 0) / best),
      nothingNew: false,
    }));
  });
  const rules = {
    core: new Set(family.core),
    slots: family.slots,
    familiar: FAMILIAR[strength],
  };
  return spreadPieces(choices, rules).map((at, place) => (at === null ? null : (choices[place]?.[at]?.pieces ?? null)));
}
