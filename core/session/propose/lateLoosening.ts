import { sumBy } from 'remeda';
import type { FindMovement } from '../../movement/schema/movement';
import { usualName } from '../../movement/schema/movement';
import { movementTraits } from '../../traits/movementTraits';
import type { MovementItem, Plan } from '../plan/session';
import { type Candidate, candidateOf, secondsOf, stepped } from './candidates';

/** A piece of a loosening at the side: what, how often, and for how long. */
export interface LatePiece {
  readonly name: string;
  readonly count: number;
  readonly unit: string;
  readonly seconds: number;
}

/** A latecomer loosens for so long, seconds. */
const LASTS = 120;

const linesOf = ({ sections }: Plan, kind: string): MovementItem[] =>
  sections.flatMap((section) =>
    section.kind === kind ? section.items.filter((item): item is MovementItem => item.kind === 'movement') : [],
  );

/** Pieces done a step more each, in turn, as long as the two minutes have room for it. */
function filledTo(chosen: readonly Candidate[], plan: Plan, section: number): Candidate[] {
  let now = [...chosen];
  for (let isChanged = true; isChanged; ) {
    isChanged = false;
    for (const [place, one] of now.entries()) {
      const more = stepped(one, 1, plan, section);
      if (!more || secondsOf(now) - one.seconds + more.seconds > LASTS) continue;
      now = now.with(place, more);
      isChanged = true;
    }
  }
  return now;
}

/**
 * A loosening of two minutes for whoever comes late, to be said at the side: of this class's own warm-up what prepares most of what
 * the main part loads, in the order of the warm-up, as often as there is time for.
 */
export function lateLoosening(plan: Plan, find: FindMovement): LatePiece[] {
  const section = plan.sections.findIndex(({ kind }) => kind === 'warm-up');
  const loads = new Map<string, number>();
  for (const { movementId } of linesOf(plan, 'main')) {
    const movement = find(movementId);
    if (movement) for (const region of movementTraits(movement).loads) loads.set(region, (loads.get(region) ?? 0) + 1);
  }
  const lines = linesOf(plan, 'warm-up').flatMap((item, place) => {
    const movement = find(item.movementId);
    const least = movement && { ...item, count: movement.count.least, rounds: 1, block: null };
    const candidate =
      movement && least ? candidateOf(movement, { ...least, manner: 'follow-along' }, plan, section) : null;
    if (!movement || !candidate) return [];
    return [{ place, candidate, movement, seconds: candidate.seconds, prepares: movementTraits(movement).prepares }];
  });
  const chosen: typeof lines = [];
  const covered = new Set<string>();
  let left = LASTS;
  for (;;) {
    const worth = ({ prepares, seconds }: (typeof lines)[number]) =>
      sumBy(prepares, (region) => (covered.has(region) ? 0 : (loads.get(region) ?? 0))) / seconds;
    const best = lines
      .filter((one) => !chosen.includes(one) && one.seconds <= left && worth(one) > 0)
      .toSorted((a, b) => worth(b) - worth(a))[0];
    if (!best) break;
    chosen.push(best);
    left -= best.seconds;
    for (const region of best.prepares) covered.add(region);
  }
  const inOrder = chosen.toSorted((a, b) => a.place - b.place).map(({ candidate }) => candidate);
  return filledTo(inOrder, plan, section).map(({ movement, item, seconds }) => ({
    name: usualName(movement),
    count: item.count,
    unit: movement.count.unit,
    seconds: Math.round(seconds),
  }));
}
