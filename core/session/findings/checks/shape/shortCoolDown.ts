import type { PlanEdit } from '../../../edit/edit';
import { THRESHOLDS } from '../../../limits/thresholds';
import { steppedCount } from '../../../plan/defaults';
import { classSeconds } from '../../../plan/slotTime';
import { type AnalysedClass, type Check, checkFor, type FindingOf, type Remedy } from '../../finding/finding';
import { weigh } from '../../finding/weigh';
import { firstThatClears } from '../../remedies/mending';

const KEY = 'cool-down-short';

const look = (analysed: AnalysedClass): FindingOf<'cool-down-short'>[] => {
  const { plan, timeline } = analysed;
  const index = timeline.sections.findIndex(({ kind }) => kind === 'cool-down');
  const section = timeline.sections[index];
  const main = timeline.sections.find(({ kind }) => kind === 'main');
  if (!section || !main || main.lengthMs === 0) return [];
  const least = Math.max(THRESHOLDS.coolDownLeast, classSeconds(plan) * THRESHOLDS.coolDownShare);
  // What closes the class brings it down as well; a very short class has a very short end.
  const closing = timeline.sections.find(({ kind }) => kind === 'closing');
  const seconds = (section.lengthMs + (closing?.lengthMs ?? 0)) / 1000;
  const limit = Math.min(least, classSeconds(plan) / 4);
  const weighed = weigh(analysed, KEY, seconds, {
    limit,
    grave: least / 2,
    under: true,
    severity: classSeconds(plan) < THRESHOLDS.veryShort ? ['warn', 'warn'] : ['stop', 'warn'],
  });
  if (!weighed) return [];
  return [
    {
      code: KEY,
      evidence: null,
      key: KEY,
      ...weighed,
      itemId: plan.sections[index]?.items[0]?.id ?? null,
      atMs: section.startMs,
      what: `Cool-down and closing last ${Math.round(weighed.amount)} s; ${Math.round(limit)} s is the least for this class.`,
      why: [
        `A tenth of the slot, and never under ${THRESHOLDS.coolDownLeast} s. Take it from the main part, not from the end.`,
      ],
    },
  ];
};

/** The lines of the cool-down one step up each, again and again. */
function longer(analysed: AnalysedClass): Remedy[] {
  const lines = analysed.plan.sections.filter(({ kind }) => kind === 'cool-down').flatMap(({ items }) => items);
  return [1, 2, 3, 4, 6, 8].map((steps) => ({
    label:
      steps === 1 ? 'Each line of the cool-down one step longer' : `Each line of the cool-down ${steps} steps longer`,
    edits: lines.flatMap((item): PlanEdit[] => {
      const movement = item.kind === 'movement' ? analysed.find(item.movementId) : undefined;
      if (!movement || item.kind !== 'movement') return [];
      let { count } = item;
      for (let step = 0; step < steps; step += 1) count = steppedCount(movement, count, 1);
      return count === item.count ? [] : [{ kind: 'change', itemId: item.id, to: { count } }];
    }),
  }));
}

/** A cool-down that is too short for its slot: it is what gets cut, and what matters most. */
export const shortCoolDown: Check = checkFor({
  codes: [KEY],
  look,
  remedies: (analysed, finding) => firstThatClears(look, analysed, finding, longer(analysed)),
});
