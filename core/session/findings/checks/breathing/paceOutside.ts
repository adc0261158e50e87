import { clamp } from 'remeda';
import { lineTimes } from '../../../timeline/lineTimes';
import { type AnalysedClass, type Check, checkFor, type Evidence, type FindingOf } from '../../finding/finding';
import { nameOf } from '../../finding/nameOf';
import { weigh } from '../../finding/weigh';

interface Place {
  readonly key: string;
  readonly name: string;
  readonly itemId: string | null;
  readonly atMs: number | null;
  readonly paces: readonly number[];
  readonly section: Evidence['pace-outside']['section'];
}

/** Everything of a class that has a pace of its own: its sections with lines, and lines that have one. */
function placesOf(analysed: AnalysedClass): Place[] {
  const { plan, timeline } = analysed;
  return plan.sections.flatMap((section, index): Place[] => {
    if (section.items.length === 0) return [];
    const { from, to, easing } = section.pace;
    const own = section.items.flatMap((item): Place[] => {
      if (item.kind !== 'movement' || item.pace === null) return [];
      const { id, pace } = item;
      return [
        {
          key: `pace-outside ${id}`,
          name: nameOf(analysed, id),
          itemId: id,
          atMs: lineTimes(timeline).get(id)?.startMs ?? null,
          paces: [pace],
          section: null,
        },
      ];
    });
    const whole: Place = {
      key: `pace-outside section ${index}`,
      name: `The ${section.kind === 'main' ? 'main part' : section.kind}`,
      itemId: null,
      atMs: timeline.sections[index]?.startMs ?? null,
      paces: easing === 0 ? [to] : [from, to],
      section: { index, pace: section.pace },
    };
    return [whole, ...own];
  });
}

const look = (analysed: AnalysedClass): FindingOf<'pace-outside'>[] =>
  placesOf(analysed).flatMap(({ key, name, itemId, atMs, paces, section }): FindingOf<'pace-outside'>[] => {
    const { least, most } = analysed.limits.pace;
    const [slowest, quickest] = [Math.min(...paces), Math.max(...paces)];
    const quick = weigh(analysed, key, quickest, { limit: most });
    const weighed = quick ?? weigh(analysed, key, slowest, { limit: least, under: true });
    if (!weighed) return [];
    return [
      {
        code: 'pace-outside',
        evidence: { name, section },
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
export const paceOutside: Check = checkFor({
  codes: ['pace-outside'],
  look,
  remedies: ({ limits }, { itemId, amount, evidence: { name, section } }) => {
    const { least, most } = limits.pace;
    const within = (pace: number) => clamp(pace, { min: least, max: most });
    const label = `${name} within ${least} to ${most} breaths a minute`;
    if (section === null)
      return itemId === null ? [] : [{ label, edits: [{ kind: 'change', itemId, to: { pace: within(amount) } }] }];
    const { from, to, easing } = section.pace;
    const pace = { from: within(from), to: within(to), easing };
    return [{ label, edits: [{ kind: 'section', section: section.index, to: { pace } }] }];
  },
});
