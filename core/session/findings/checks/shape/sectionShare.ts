import type { Role } from '../../../../movement/schema/movement';
import { SECTION_SHARES, THRESHOLDS } from '../../../limits/thresholds';
import { classSeconds } from '../../../plan/slotTime';
import { type AnalysedClass, type Check, checkFor, type FindingOf } from '../../finding/finding';
import { weigh } from '../../finding/weigh';

const WORD: Readonly<Record<Role, string>> = {
  opening: 'opening',
  'warm-up': 'warm-up',
  main: 'main part',
  'cool-down': 'cool-down',
  closing: 'closing',
};

const look = (analysed: AnalysedClass): FindingOf<'section-share'>[] => {
  const { plan, timeline } = analysed;
  const slotMs = classSeconds(plan) * 1000;
  // While a class is still being written its shares say nothing.
  if (timeline.totalMs < slotMs * THRESHOLDS.writtenShare) return [];
  return timeline.sections.flatMap((section, index): FindingOf<'section-share'>[] => {
    const kind = plan.sections[index]?.kind;
    if (kind === undefined) return [];
    const { least, most } = SECTION_SHARES[kind];
    const percent = (100 * section.lengthMs) / slotMs;
    const key = `section-share ${index}`;
    const severity = ['notice', 'notice'] as const;
    const weighed =
      weigh(analysed, key, percent, { limit: most, severity }) ??
      weigh(analysed, key, percent, { limit: least, under: true, severity });
    if (!weighed) return [];
    return [
      {
        code: 'section-share',
        evidence: null,
        key,
        ...weighed,
        itemId: null,
        atMs: section.startMs,
        what: `The ${WORD[kind]} takes ${Math.round(percent)} % of the slot; ${least} to ${most} % is usual.`,
        why: ['Usual shares are conventions; an evening on one form may well go beyond them.'],
      },
    ];
  });
};

/** A section that takes much more or less of the slot than is usual. */
export const sectionShare: Check = checkFor({ codes: ['section-share'], look, remedies: () => [] });
