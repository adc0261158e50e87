import { minutes } from '../../../../words/clockWords';
import { THRESHOLDS } from '../../../limits/thresholds';
import type { Plan } from '../../../plan/session';
import { classMinutes, runsOnSeconds } from '../../../plan/slotTime';
import { forecastFor } from '../../../report/forecast';
import { slotVerdict } from '../../../report/slotVerdict';
import { lineTimes } from '../../../timeline/lineTimes';
import { type AnalysedClass, type Check, checkFor, type FindingOf, type Remedy } from '../../finding/finding';
import { weigh } from '../../finding/weigh';
import { fewer } from '../../remedies/easing';
import { firstThatClears } from '../../remedies/mending';

const doorsSaid = ({ slotMinutes, doors }: Plan): string[] =>
  doors.before + doors.after > 0
    ? [
        `Of the ${slotMinutes} minutes from door to door, ${doors.before} before and ${doors.after} after are not class.`,
      ]
    : [];

const look = (analysed: AnalysedClass): FindingOf<'slot-over' | 'slot-under'>[] => {
  const { plan, timeline } = analysed;
  const { state, beyondMs } = slotVerdict(forecastFor(plan, timeline, analysed.find), plan);
  if (state === 'empty') return [];
  const beyond = beyondMs / 1000;
  const over = weigh(analysed, 'slot-over', beyond, {
    limit: THRESHOLDS.slotOver + runsOnSeconds(plan),
    grave: THRESHOLDS.slotGrave + runsOnSeconds(plan),
  });
  if (over)
    return [
      {
        code: 'slot-over',
        evidence: null,
        key: 'slot-over',
        ...over,
        itemId: null,
        atMs: null,
        what: `In two classes of ten it ends ${minutes(beyondMs)} or more after its ${classMinutes(plan)} minutes.`,
        why: [
          `It fits when it ends in time in eight of ten; ${THRESHOLDS.slotOver} s are let pass.`,
          ...(plan.doors.runsOn ? [`Nobody follows: it may run on for ${plan.doors.runsOn} minutes.`] : []),
          ...doorsSaid(plan),
        ],
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
      what: `${minutes(-beyondMs)} of the class time are left in eight of ten.`,
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
