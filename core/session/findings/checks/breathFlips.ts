import { breathedAs } from '../../../movement/schema/movement';
import { breathConvention } from '../../../movement/walk/breathConvention';
import { lineTimes } from '../../timeline/lineTimes';
import type { Check, Finding, Judged } from '../finding/finding';
import { nameOf } from '../finding/nameOf';
import { firstThatClears, movementLine } from '../remedies/mending';

const look = (judged: Judged): Finding[] =>
  judged.plan.sections.flatMap(({ items }): Finding[] => {
    let last: { id: string; way: 'in' | 'out' } | null = null;
    return items.flatMap((item): Finding[] => {
      const movement = judged.movements.get(item.id);
      const way = movement ? breathConvention(movement) : null;
      if (way === null) return [];
      const before = last;
      last = { id: item.id, way };
      if (before === null || before.way === way) return [];
      return [
        {
          code: 'breath-flips',
          key: `breath-flips ${item.id}`,
          severity: 'notice',
          amount: 1,
          borderline: false,
          itemId: item.id,
          atMs: lineTimes(judged.timeline).get(item.id)?.startMs ?? null,
          what: `${nameOf(judged, item.id)} pushes on the ${way}-breath, ${nameOf(judged, before.id)} before it on the ${before.way}-breath.`,
          why: ['Schools differ, but a class breathes easier when neighbours agree; or say the change aloud.'],
        },
      ];
    });
  });

/** The breath on pushing turns round between neighbours. */
export const breathFlips: Check = {
  codes: ['breath-flips'],
  look,
  remedies: (judged, finding) => {
    const { itemId } = finding;
    const line = movementLine(judged, itemId);
    const movement = line && judged.find(line.movementId);
    if (itemId === null || !movement) return [];
    return firstThatClears(look, judged, finding, [
      ...movement.breathSchools
        .filter(({ name }) => breathConvention(breathedAs(movement, name)) !== null)
        .map(({ name }) => ({
          label: `${nameOf(judged, itemId)} breathed ${name}`,
          edits: [{ kind: 'change' as const, itemId, to: { breathing: name } }],
        })),
    ]);
  },
};
