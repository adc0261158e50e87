import { z } from 'zod';
import { changePosture } from '../../body/written/changePosture';
import { isSeated } from '../../body/written/load';
import type { Posture } from '../../body/written/posture';
import { otherSide } from '../../body/written/side';
import type { FootworkRules } from '../footwork/footwork';
import type { Movement } from '../schema/movement';
import type { Phase } from '../schema/phase';

const QUESTIONS = {
  /** The front leg's share where a bow stance is written with the usual 70 percent; any other share is the movement's own. */
  frontShare: z.number().int().min(50).max(100),
  /** The back leg's share where a bow stance is sat back in, percent; or as each movement is written. */
  backShare: z.union([z.literal('as-written'), z.number().int().min(60).max(100)]),
  /** Turning on the weighted foot is taught; otherwise on the heel or ball of the emptied one, which spares the knee. */
  weightedTurns: z.boolean(),
  /** The toes of the front foot rise when rocking back; otherwise the sole stays flat. */
  toesRise: z.boolean(),
  /** Knees straighten, without locking, on the firm half of an even stance; otherwise they stay soft as written. */
  kneesStraighten: z.boolean(),
  /** The head stays level through a step, or rises and sinks with the breath. */
  head: z.enum(['level', 'with-the-breath']),
};

/**
 * Where schools disagree on how a movement is done. What a movement itself states wins; these fill what it leaves open, or
 * say what is allowed. The defaults are the gentler choice for beginners.
 */
export const Schools = z.object({
  frontShare: QUESTIONS.frontShare.default(70),
  backShare: QUESTIONS.backShare.default('as-written'),
  weightedTurns: QUESTIONS.weightedTurns.default(false),
  toesRise: QUESTIONS.toesRise.default(false),
  kneesStraighten: QUESTIONS.kneesStraighten.default(false),
  head: QUESTIONS.head.default('level'),
});
export type Schools = z.infer<typeof Schools>;

/** The questions that are answered otherwise than around it: of one line against its class. */
export const OwnSchools = z.object(QUESTIONS).partial();
export type OwnSchools = z.infer<typeof OwnSchools>;

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
const UNLOCKED = 8;
/** Legs that bear more unlike than this are on their way to a step, percent; those stay as they are written. */
const ALIKE = 40;
/** A body that leans no further than this stands at the top of its movement, degrees. */
const UPRIGHT = 20;
const EVEN_STANCES: readonly Posture['stance'][] = ['parallel', 'closed', 'narrow', 'heels-together'];

/** The load of a bow that is written with the usual share, as the school has it; null where the share is the movement's own. */
function bowLoad({ stance, side, load }: Posture, { frontShare }: Schools): Posture['load'] | null {
  if (stance !== 'bow' || side === null || load[side] !== USUAL_SCHOOLS.frontShare || isSeated(load)) return null;
  return { left: 100 - frontShare, right: 100 - frontShare, seat: 0, [side]: frontShare };
}

/** Whether both legs press alike and may straighten at the top: no step on its way, and the body upright. */
const standsFirm = ({ stance, load, spine }: Posture): boolean =>
  EVEN_STANCES.includes(stance) && Math.abs(load.left - load.right) <= ALIKE && spine.hinge <= UPRIGHT;

/** The load of a bow that is sat back in from further forward, as the school has it; null for a step, or where nothing is said. */
function backLoad(
  before: Posture,
  after: Posture,
  change: Phase['to'],
  { backShare }: Schools,
): Posture['load'] | null {
  const { stance, side, load } = after;
  if (backShare === 'as-written' || stance !== 'bow' || side === null || change.stance !== undefined) return null;
  if (before.stance !== 'bow' || before.side !== side || isSeated(load)) return null;
  const sitsBack = before.load[side] >= FORWARD_AGAIN && load[side] <= ROCKED_BACK;
  return sitsBack ? { left: backShare, right: backShare, seat: 0, [side]: 100 - backShare } : null;
}

function taughtPhase(phase: Phase, before: Posture, schools: Schools): Phase {
  const to = { ...phase.to };
  const posture = changePosture(before, phase.to);
  const { stance, side } = posture;
  const bow = bowLoad(posture, schools);
  const back = backLoad(before, posture, phase.to, schools);
  if (bow) to.load = bow;
  else if (back) to.load = back;
  if (schools.toesRise && stance === 'bow' && side !== null && to.stance === undefined) {
    const front = posture.load[side];
    const contact = front <= ROCKED_BACK ? 'heel' : front >= FORWARD_AGAIN ? 'sole' : null;
    if (contact && to.feet?.[side]?.contact === undefined && posture.load[otherSide(side)] > 0)
      to.feet = { ...to.feet, [side]: { ...to.feet?.[side], contact } };
  }
  if (schools.kneesStraighten && phase.breath === 'out' && standsFirm(posture))
    to.sink = Math.min(posture.sink, UNLOCKED);
  return { ...phase, to };
}

/** Whether a school does something otherwise than movements are written, and does not only allow more. */
export const doesOtherwise = ({ frontShare, backShare, toesRise, kneesStraighten }: Schools): boolean =>
  frontShare !== USUAL_SCHOOLS.frontShare || backShare !== USUAL_SCHOOLS.backShare || toesRise || kneesStraighten;

/** A movement as a school teaches it; the movement itself where the school does everything as it is written. */
export function asTaught(movement: Movement, schools: Schools): Movement {
  if (!doesOtherwise(schools)) return movement;
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
  const start = { ...movement.start, load: bowLoad(movement.start, schools) ?? movement.start.load };
  const entered = entry ? part(entry, start) : null;
  const cycled = part(cycle, entered?.at ?? start);
  return {
    ...movement,
    start,
    parts: {
      ...(entered ? { entry: entered.phases } : {}),
      cycle: cycled.phases,
      ...(between ? { between: part(between, cycled.at).phases } : {}),
      ...(exit ? { exit: part(exit, cycled.at).phases } : {}),
    },
  };
}

/** What a line answers where schools disagree: its own answers, and those of its class for the rest. */
export const schoolsOf = (own: OwnSchools, schools: Schools): Schools => ({
  frontShare: own.frontShare ?? schools.frontShare,
  backShare: own.backShare ?? schools.backShare,
  weightedTurns: own.weightedTurns ?? schools.weightedTurns,
  toesRise: own.toesRise ?? schools.toesRise,
  kneesStraighten: own.kneesStraighten ?? schools.kneesStraighten,
  head: own.head ?? schools.head,
});
