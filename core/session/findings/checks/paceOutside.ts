import type { PlanEdit } from '../../edit/planEdit';
import { lineTimes } from '../../timeline/lineTimes';
import type { Check, Finding, Judged } from '../finding/finding';
import { nameOf } from '../finding/nameOf';
import { weigh } from '../finding/weigh';

interface Place {
  readonly key: string;
  readonly name: string;
  readonly itemId: string | null;
  readonly atMs: number | null;
  readonly paces: readonly number[];
  readonly mend: (within: (pace: number) => number) => PlanEdit;
}

/** Everything of a class that has a pace of its own: its sections with lines, and lines that have one. */
function placesOf(judged: Judged): Place[] {
  const { plan, timeline } = judged;
  return plan.sections.flatMap((section, index): Place[] => {
    if (section.items.length === 0) return [];
    const { from, to, easing } = section.pace;
    const own = section.items.flatMap((item): Place[] => {
      if (item.kind !== 'movement' || item.pace === null) return [];
      const { id, pace } = item;
      return [
        {
          key: `pace-outside ${id}`,
          name: nameOf(judged, id),
          itemId: id,
          atMs: lineTimes(timeline).get(id)?.startMs ?? null,
          paces: [pace],
          mend: (within) => ({ kind: 'change', itemId: id, to: { pace: within(pace) } }),
        },
      ];
    });
    const whole: Place = {
      key: `pace-outside section ${index}`,
      name: `The ${section.kind === 'main' ? 'main part' : section.kind}`,
      itemId: null,
      atMs: timeline.sections[index]?.startMs ?? null,
      paces: easing === 0 ? [to] : [from, to],
      mend: (within) => ({ kind: 'pace', section: index, pace: { from: within(from), to: within(to), easing } }),
    };
    return [whole, ...own];
  });
}

const look = (judged: Judged): Finding[] =>
  placesOf(judged).flatMap(({ key, name, itemId, atMs, paces }): Finding[] => {
    const { least, most } = judged.pace;
    const [slowest, quickest] = [Math.min(...paces), Math.max(...paces)];
    const quick = weigh(judged, key, quickest, { limit: most });
    const weighed = quick ?? weigh(judged, key, slowest, { limit: least, under: true });
    if (!weighed) return [];
    return [
      {
        code: 'pace-outside',
        key,
        ...weighed,
        itemId,
        atMs,
        what: `${name} breathes at ${weighed.amount} a minute; this group is at ease from ${least} to ${most}.`,
        why: [quick ? 'Too quick to follow.' : 'Too slow to sustain without holding the breath.'],
      },
    ];
  });

/** A breath pace outside what the group is comfortable with. */
export const paceOutside: Check = {
  codes: ['pace-outside'],
  look,
  remedies: (judged, finding) => {
    const place = placesOf(judged).find(({ key }) => key === finding.key);
    if (!place) return [];
    const { least, most } = judged.pace;
    const within = (pace: number) => Math.min(most, Math.max(least, pace));
    return [{ label: `${place.name} within ${least} to ${most} breaths a minute`, edits: [place.mend(within)] }];
  },
};
