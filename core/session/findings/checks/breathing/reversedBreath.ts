import { type AnalysedClass, type Check, checkFor, type FindingOf } from '../../finding/finding';
import { nameOf } from '../../finding/nameOf';
import { movementLine } from '../../remedies/mending';

const look = (analysed: AnalysedClass): FindingOf<'breath-reversed'>[] =>
  analysed.limits.strength !== 'gentle'
    ? []
    : [...analysed.movements].flatMap(([itemId, { parts }]): FindingOf<'breath-reversed'>[] => {
        const phases = parts.cycle.filter(({ manner }) => manner?.into === 'reverse').length;
        const isOwn = movementLine(analysed, itemId)?.ownBreath === true;
        if (phases === 0 || isOwn) return [];
        return [
          {
            code: 'breath-reversed',
            evidence: null,
            key: `breath-reversed ${itemId}`,
            severity: 'warn',
            itemId,
            atMs: null,
            what: `${nameOf(analysed, itemId)} is breathed in reverse, the belly drawn in on the in-breath.`,
            why: [
              'Reverse breathing is for single movements and not for beginners: it presses where the plain way lets go.',
              'Not with high blood pressure or in pregnancy.',
            ],
            amount: phases,
            borderline: false,
          },
        ];
      });

/** Reverse belly breathing asked of a group that is to be led gently. */
export const reversedBreath: Check = checkFor({
  codes: ['breath-reversed'],
  look,
  remedies: (_, { itemId }) =>
    itemId === null
      ? []
      : [{ label: 'Let everybody breathe as they like', edits: [{ kind: 'change', itemId, to: { ownBreath: true } }] }],
});
