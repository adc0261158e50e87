import type { AnalysedClass, Check, FindingOf } from '../../finding/finding';
import { checkFor } from '../../finding/finding';
import { nameOf } from '../../finding/nameOf';
import { easierWays, ownLeftOut } from '../../remedies/easing';
import { insteadOf } from '../../remedies/insteadOf';
import { firstThatClears } from '../../remedies/mending';
import { beginsAt, needsOfClass } from './needsOfClass';

const COUNTED = ['Nobody', 'One', 'Two', 'Three', 'Four', 'Five', 'Six'] as const;
const many = (count: number): string => COUNTED[count] ?? String(count);

const look = (analysed: AnalysedClass): FindingOf<'no-way-for'>[] =>
  needsOfClass(analysed).flatMap(({ itemId, through }) => {
    const without = through.filter(({ way }) => way.kind === 'none').map(({ way }) => way);
    if (without.length === 0) return [];
    const why = [...new Set(without.flatMap((way) => way.why))];
    const cautions = [...new Set(without.flatMap((way) => way.cautions))];
    return [
      {
        code: 'no-way-for',
        evidence: { people: without.length },
        key: `no-way-for ${itemId}`,
        severity: 'warn',
        itemId,
        atMs: beginsAt(analysed, itemId),
        what: `${many(without.length)} of those who come ${without.length === 1 ? 'has' : 'have'} no way through ${nameOf(analysed, itemId)} that is known.`,
        why: [...why, ...cautions, 'Ask the person: theirs is the last word, and their clinician’s before it.'],
        amount: without.length,
        borderline: false,
      },
    ];
  });

/** Somebody who comes has needs that no way of a line meets: neither a variant, nor a gentler way, nor a seat. */
export const noWayFor: Check = checkFor({
  codes: ['no-way-for'],
  look,
  remedies: (analysed, finding) => {
    const { itemId } = finding;
    if (itemId === null) return [];
    const ways = [easierWays, insteadOf, ownLeftOut];
    return ways.flatMap((some) => firstThatClears(look, analysed, finding, some(analysed, itemId)));
  },
});
