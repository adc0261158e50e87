import { THRESHOLDS } from '../thresholds';
import type { Check } from './finding';

/** A cool-down that is too short for its slot: it is what gets cut, and what matters most. */
export const shortCoolDown: Check = ({ plan, timeline }) => {
  const index = timeline.sections.findIndex(({ kind }) => kind === 'cool-down');
  const section = timeline.sections[index];
  const main = timeline.sections.find(({ kind }) => kind === 'main');
  if (!section || !main || main.lengthMs === 0) return [];
  const least = Math.max(THRESHOLDS.coolDownLeast, plan.slotMinutes * 60 * THRESHOLDS.coolDownShare);
  const seconds = section.lengthMs / 1000;
  if (seconds >= least) return [];
  return [
    {
      code: 'cool-down-short',
      severity: seconds < least / 2 ? 'stop' : 'warn',
      itemId: plan.sections[index]?.items[0]?.id ?? null,
      atMs: section.startMs,
      what: `The cool-down lasts ${Math.round(seconds)} s; ${Math.round(least)} s is the least for this slot.`,
      why: [
        `A tenth of the slot, and never under ${THRESHOLDS.coolDownLeast} s. Take it from the main part, not from the end.`,
      ],
    },
  ];
};
