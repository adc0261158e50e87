import { cappedMovement } from '../../../movement/adapt/cappedMovement';
import { loweredMovement } from '../../../movement/adapt/loweredMovement';
import { rulesOf, schoolsOf } from '../../../movement/adapt/schools';
import type { FootworkRules } from '../../../movement/footwork/footwork';
import type { Movement } from '../../../movement/schema/movement';
import { footworkOf } from '../../../traits/checkMovement';
import { deepestFor } from '../../plan/line/depth';
import { lineTimes } from '../../timeline/lineTimes';
import type { LineStretch } from '../../timeline/segment';
import { type AnalysedClass, type Check, checkFor, type FindingOf } from '../finding/finding';
import { nameOf } from '../finding/nameOf';
import { easierWays } from '../remedies/easing';
import { firstThatClears, movementLine } from '../remedies/mending';

/** What a line's school allows of the feet: its own answers, and those of its class. */
function rulesFor(analysed: AnalysedClass, itemId: string): FootworkRules {
  return rulesOf(schoolsOf(movementLine(analysed, itemId)?.schools ?? {}, analysed.plan.schools));
}

/** A line's movement at the lowest of its rounds: what reaches higher up may not reach there. */
function asLowAsItGets(
  { timeline, movements, plan }: AnalysedClass,
  itemId: string,
  occurrences: readonly LineStretch[],
): Movement | undefined {
  const movement = movements.get(itemId);
  const lowered = occurrences.flatMap(({ first, end }) =>
    timeline.segments.slice(first, end).map(({ lower }) => lower),
  );
  return (
    movement && cappedMovement(loweredMovement(movement, Math.max(0, ...lowered)), deepestFor(plan.sections, itemId))
  );
}

const look = (analysed: AnalysedClass): FindingOf<'footwork'>[] =>
  [...lineTimes(analysed.timeline).values()].flatMap(({ itemId, startMs, occurrences }) => {
    const movement = asLowAsItGets(analysed, itemId, occurrences);
    if (!movement) return [];
    return footworkOf(movement, rulesFor(analysed, itemId))
      .slice(0, 2)
      .map(({ severity, message, part, phase }) => ({
        code: 'footwork',
        evidence: null,
        key: `footwork ${itemId} ${part} ${phase} ${message}`,
        severity,
        amount: 1,
        borderline: false,
        itemId,
        atMs: startMs,
        what: `${nameOf(analysed, itemId)}, ${part === 'cycle' ? '' : `${part} `}phase ${(phase ?? 0) + 1}: ${message}`,
        why: [
          'Knees track over the toes; a foot is lifted only when it is empty. Change the movement, or take an easier way.',
        ],
      }));
  });

/** A movement, as it is done in this class, that its feet or joints cannot do soundly. */
export const footwork: Check = checkFor({
  codes: ['footwork'],
  look,
  remedies: (analysed, finding) =>
    finding.itemId === null ? [] : firstThatClears(look, analysed, finding, easierWays(analysed, finding.itemId)),
});
