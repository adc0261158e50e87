import { minutes } from '../../../words/clockWords';
import { THRESHOLDS } from '../../limits/thresholds';
import { slotVerdict } from '../../report/slotVerdict';
import { lineTimes } from '../../timeline/lineTimes';
import { type AnalysedClass, type Check, checkFor, type FindingOf, type Remedy } from '../finding/finding';
import { weigh } from '../finding/weigh';
import { fewer } from '../remedies/easing';
import { firstThatClears } from '../remedies/mending';

const look = (analysed: AnalysedClass): FindingOf<'slot-over' | 'slot-under'>[] => {
  const { plan, timeline } = analysed;
  const { state, beyondMs } = slotVerdict(timeline.totalMs, plan.slotMinutes);
  if (state === 'empty') return [];
  const beyond = beyondMs / 1000;
  const over = weigh(analysed, 'slot-over', beyond, { limit: THRESHOLDS.slotOver, grave: 5 * THRESHOLDS.slotOver });
  if (over)
    return [
      {
        code: 'slot-over',
        evidence: null,
        key: 'slot-over',
        ...over,
        itemId: null,
        atMs: null,
        what: `The class runs ${minutes(beyondMs)} over its ${plan.slotMinutes} minutes.`,
        why: [`${THRESHOLDS.slotOver} s over is let pass; the next hirer is at the door.`],
      },
    ];
  const under = weigh(analysed, 'slot-under', beyond, {
    limit: -THRESHOLDS.slotUnder,
    under: true,
    severity: ['notice', 'notice'],
  });
  if (!under) return [];
  return [
    {
      code: 'slot-under',
      evidence: null,
      key: 'slot-under',
      ...under,
      itemId: null,
      atMs: null,
      what: `${minutes(-beyondMs)} of the slot are left.`,
      why: [`${THRESHOLDS.slotUnder} s are let pass.`],
    },
  ];
};

/** One line shorter, the longest of the main part first. Fitting the whole class is a tool of its own. */
function shorter(analysed: AnalysedClass): Remedy[] {
  const main = analysed.timeline.sections.findIndex(({ kind }) => kind === 'main');
  return [...lineTimes(analysed.timeline).values()]
    .filter(({ section }) => section === main)
    .toSorted((a, b) => b.lengthMs - a.lengthMs)
    .slice(0, 3)
    .flatMap(({ itemId }) => fewer(analysed, itemId));
}

/** A class that does not end when its slot does. */
export const slot: Check = checkFor({
  codes: ['slot-over', 'slot-under'],
  look,
  remedies: (analysed, finding) =>
    finding.code === 'slot-over' ? firstThatClears(look, analysed, finding, shorter(analysed)) : [],
});
