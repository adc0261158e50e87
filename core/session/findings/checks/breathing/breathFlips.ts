import { breathedAs } from '../../../../movement/schema/movement';
import { breathConvention } from '../../../../movement/walk/breathConvention';
import { lineTimes } from '../../../timeline/lineTimes';
import { type AnalysedClass, type Check, checkFor, type FindingOf } from '../../finding/finding';
import { nameOf } from '../../finding/nameOf';
import { firstThatClears, movementLine } from '../../remedies/mending';

const look = (analysed: AnalysedClass): FindingOf<'breath-flips'>[] =>
  analysed.plan.sections.flatMap(({ items }): FindingOf<'breath-flips'>[] => {
    let last: { id: string; way: 'in' | 'out' } | null = null;
    return items.flatMap((item): FindingOf<'breath-flips'>[] => {
      const movement = analysed.movements.get(item.id);
      const way = movement ? breathConvention(movement) : null;
      if (way === null) return [];
      const before = last;
      last = { id: item.id, way };
      if (before === null || before.way === way) return [];
      return [
        {
          code: 'breath-flips',
          evidence: null,
          key: `breath-flips ${item.id}`,
          severity: 'notice',
          amount: 1,
          borderline: false,
          itemId: item.id,
          atMs: lineTimes(analysed.timeline).get(item.id)?.startMs ?? null,
          what: `${nameOf(analysed, item.id)} pushes on the ${way}-breath, ${nameOf(analysed, before.id)} before it on the ${before.way}-breath.`,
          why: ['Schools differ, but a class breathes easier when neighbours agree; or say the change aloud.'],
        },
      ];
    });
  });

/** The breath on pushing turns round between neighbours. */
export const breathFlips: Check = checkFor({
  codes: ['breath-flips'],
  look,
  remedies: (analysed, finding) => {
    const { itemId } = finding;
    const line = movementLine(analysed, itemId);
    const movement = line && analysed.find(line.movementId);
    if (itemId === null || !movement) return [];
    return firstThatClears(look, analysed, finding, [
      ...movement.breathSchools
        .filter(({ name }) => breathConvention(breathedAs(movement, name)) !== null)
        .map(({ name }) => ({
          label: `${nameOf(analysed, itemId)} breathed ${name}`,
          edits: [{ kind: 'change' as const, itemId, to: { breathing: name } }],
        })),
    ]);
  },
});
