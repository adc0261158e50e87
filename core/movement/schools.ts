import { z } from 'zod';
import { changePosture } from '../body/changePosture';
import type { Posture } from '../body/posture';
import { otherSide } from '../body/side';
import type { FootworkRules } from './footwork';
import type { Movement } from './movement';
import type { Phase } from './phase';

/**
 * Where schools disagree on how a movement is done. What a movement itself states wins; these fill what it leaves open, or
 * say what is allowed. The defaults are the gentler choice for beginners.
 */
export const Schools = z.object({
  /** The front leg's share in a bow stance that does not state its weight, percent. */
  frontShare: z.union([z.literal(60), z.literal(70), z.literal(80), z.literal(100)]).default(70),
  /** Turning on the weighted foot is taught; otherwise on the heel or ball of the emptied one, which spares the knee. */
  weightedTurns: z.boolean().default(false),
  /** The toes of the front foot rise when rocking back; otherwise the sole stays flat. */
  toesRise: z.boolean().default(false),
  /** Knees straighten, without locking, on the firm half of an even stance; otherwise they stay soft as written. */
  kneesStraighten: z.boolean().default(false),
  /** The head stays level through a step, or rises and sinks with the breath. */
  head: z.enum(['level', 'with-the-breath']).default('level'),
});
export type Schools = z.infer<typeof Schools>;

export const USUAL_SCHOOLS: Schools = Schools.parse({});

/** What a school allows of the feet. */
export const rulesOf = ({ weightedTurns, head }: Schools): FootworkRules => ({
  weightedTurns,
  levelHead: head === 'level',
});

/** A front foot that bears no more than this is rocked back from, percent; from so much on it stands flat again. */
const ROCKED_BACK = 30;
const FORWARD_AGAIN = 45;
/** How far knees straighten without locking, degrees. */
const UNLOCKED = 6;
const EVEN_STANCES: readonly Posture['stance'][] = ['parallel', 'closed', 'narrow', 'heels-together'];

function taughtPhase(phase: Phase, before: Posture, schools: Schools): Phase {
  const to = { ...phase.to };
  const posture = changePosture(before, phase.to);
  const { stance, side } = posture;
  if (to.stance === 'bow' && to.load === undefined && side !== null) {
    const { frontShare } = schools;
    to.load =
      side === 'left'
        ? { left: frontShare, right: 100 - frontShare, seat: 0 }
        : { left: 100 - frontShare, right: frontShare, seat: 0 };
  }
  if (schools.toesRise && stance === 'bow' && side !== null && to.stance === undefined) {
    const front = posture.load[side];
    const contact = front <= ROCKED_BACK ? 'heel' : front >= FORWARD_AGAIN ? 'sole' : null;
    if (contact && to.feet?.[side]?.contact === undefined && posture.load[otherSide(side)] > 0)
      to.feet = { ...to.feet, [side]: { ...to.feet?.[side], contact } };
  }
  if (schools.kneesStraighten && phase.breath === 'out' && EVEN_STANCES.includes(stance))
    to.sink = Math.min(posture.sink, UNLOCKED);
  return { ...phase, to };
}

/** A movement as a school teaches it. With nothing that differs from what is written it does the same. */
export function asTaught(movement: Movement, schools: Schools): Movement {
  const part = (phases: readonly Phase[], from: Posture): { phases: Phase[]; at: Posture } => {
    let at = from;
    const taught = phases.map((phase) => {
      const next = taughtPhase(phase, at, schools);
      at = changePosture(at, next.to);
      return next;
    });
    return { phases: taught, at };
  };
  const { entry, cycle, between, exit } = movement.parts;
  const entered = entry ? part(entry, movement.start) : null;
  const cycled = part(cycle, entered?.at ?? movement.start);
  return {
    ...movement,
    parts: {
      ...(entered ? { entry: entered.phases } : {}),
      cycle: cycled.phases,
      ...(between ? { between: part(between, cycled.at).phases } : {}),
      ...(exit ? { exit: part(exit, cycled.at).phases } : {}),
    },
  };
}
