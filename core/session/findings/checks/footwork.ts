import { rulesOf, schoolsOf } from '../../../movement/adapt/schools';
import type { FootworkRules } from '../../../movement/footwork/footwork';
import { footworkOf } from '../../../traits/checkMovement';
import { lineTimes } from '../../timeline/lineTimes';
import type { Check, Finding, Judged } from '../finding/finding';
import { nameOf } from '../finding/nameOf';
import { easierWays } from '../remedies/easing';
import { firstThatClears, movementLine } from '../remedies/mending';

/** What a line's school allows of the feet: its own answers, and those of its class. */
function rulesFor(judged: Judged, itemId: string): FootworkRules {
  return rulesOf(schoolsOf(movementLine(judged, itemId)?.schools ?? {}, judged.plan.schools));
}

const look = (judged: Judged): Finding[] =>
  [...lineTimes(judged.timeline).values()].flatMap(({ itemId, startMs }) => {
    const movement = judged.movements.get(itemId);
    if (!movement) return [];
    return footworkOf(movement, rulesFor(judged, itemId))
      .slice(0, 2)
      .map(({ severity, message, part, phase }) => ({
        code: 'footwork',
        key: `footwork ${itemId} ${part} ${phase} ${message}`,
        severity,
        amount: 1,
        borderline: false,
        itemId,
        atMs: startMs,
        what: `${nameOf(judged, itemId)}, ${part === 'cycle' ? '' : `${part} `}phase ${(phase ?? 0) + 1}: ${message}`,
        why: [
          'Knees track over the toes; a foot is lifted only when it is empty. Change the movement, or take an easier way.',
        ],
      }));
  });

/** A movement, as it is done in this class, that its feet or joints cannot do soundly. */
export const footwork: Check = {
  codes: ['footwork'],
  look,
  remedies: (judged, finding) =>
    finding.itemId === null ? [] : firstThatClears(look, judged, finding, easierWays(judged, finding.itemId)),
};
