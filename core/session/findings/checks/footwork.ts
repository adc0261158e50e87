import { rulesOf, schoolsOf } from '../../../movement/adapt/schools';
import type { FootworkRules } from '../../../movement/footwork/footwork';
import { footworkOf } from '../../../traits/checkMovement';
import { lineTimes } from '../../timeline/lineTimes';
import { type AnalysedClass, type Check, checkFor, type FindingOf } from '../finding/finding';
import { nameOf } from '../finding/nameOf';
import { easierWays } from '../remedies/easing';
import { firstThatClears, movementLine } from '../remedies/mending';

/** What a line's school allows of the feet: its own answers, and those of its class. */
function rulesFor(analysed: AnalysedClass, itemId: string): FootworkRules {
  return rulesOf(schoolsOf(movementLine(analysed, itemId)?.schools ?? {}, analysed.plan.schools));
}

const look = (analysed: AnalysedClass): FindingOf<'footwork'>[] =>
  [...lineTimes(analysed.timeline).values()].flatMap(({ itemId, startMs }) => {
    const movement = analysed.movements.get(itemId);
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
