import { supportsWanted } from '../../../../needs/whoNeedsWhat';
import type { AnalysedClass, Check, FindingOf } from '../../finding/finding';
import { checkFor } from '../../finding/finding';
import { nameOf } from '../../finding/nameOf';
import { easierWays, ownLeftOut } from '../../remedies/easing';
import { firstThatClears } from '../../remedies/mending';
import { beginsAt, needsOfClass } from './needsOfClass';

const look = (analysed: AnalysedClass): FindingOf<'support-missing'>[] => {
  const { chairs, wall } = analysed.present.supports;
  return needsOfClass(analysed).flatMap((line) => {
    const wanted = supportsWanted(line);
    const short = (want: number, there: number | null) => (there === null ? 0 : Math.max(0, want - there));
    const [chairsShort, wallShort] = [short(wanted.chairs, chairs), short(wanted.wall, wall)];
    const missing = chairsShort + wallShort;
    if (missing === 0) return [];
    const { itemId } = line;
    const all = wanted.chairs + wanted.wall;
    return [
      {
        code: 'support-missing',
        evidence: { wanted: all, there: all - missing },
        key: `support-missing ${itemId}`,
        severity: 'warn',
        itemId,
        atMs: beginsAt(analysed, itemId),
        what: `${nameOf(analysed, itemId)} wants more to hold at once than the hall has.`,
        why: [
          ...(chairsShort > 0 ? [`${wanted.chairs} want a chair, ${chairs} are there.`] : []),
          ...(wallShort > 0 ? [`${wanted.wall} want a wall, ${wall} have room by it.`] : []),
          'Bring chairs, or let them take turns.',
        ],
        amount: missing,
        borderline: false,
      },
    ];
  });
};

/** More people want a chair or a wall within reach at one line than the hall has. */
export const supportMissing: Check = checkFor({
  codes: ['support-missing'],
  look,
  remedies: (analysed, finding) => {
    const { itemId } = finding;
    if (itemId === null) return [];
    return [easierWays, ownLeftOut].flatMap((some) => firstThatClears(look, analysed, finding, some(analysed, itemId)));
  },
});
