import { type Movement, usualName } from '../../../movement/schema/movement';
import { baseId } from '../../../movement/schema/version';
import { isFollowedAtOnce } from '../../../traits/followable';
import { placeOf } from '../../edit/editPlan';
import { newMovementItem } from '../../plan/defaults';
import type { Section } from '../../plan/session';
import { settledLines } from '../../schedule/unrollBlocks';
import { lineTimes } from '../../timeline/lineTimes';
import { type AnalysedClass, type Check, checkFor, type FindingOf, type Remedy } from '../finding/finding';
import { nameOf } from '../finding/nameOf';
import { freshId, movementLine } from '../remedies/mending';

/** A movement that is led without being explained: in a line, or in the routine that settles a line. */
interface Led {
  readonly movementId: string;
  readonly itemId: string;
  readonly explained: boolean;
  /** Whether the class follows it along, and is not asked to do it by its name. */
  readonly follows: boolean;
  readonly settles: boolean;
}

/** What a section leads, in the order in which it first comes. */
function ledIn(section: Section): Led[] {
  const settled = settledLines(section);
  return section.items.flatMap((item): Led[] => {
    if (item.kind !== 'movement') return [];
    const { id: itemId, movementId, manner } = item;
    const routine = settled.has(itemId) ? (section.settle?.lines ?? []) : [];
    return [
      { movementId, itemId, explained: manner === 'explained', follows: manner === 'follow-along', settles: false },
      ...routine.map((line) => ({
        movementId: line.movementId,
        itemId,
        explained: false,
        follows: false,
        settles: true,
      })),
    ];
  });
}

const isFollowed = (id: string, find: AnalysedClass['find']): boolean => {
  const movement = find(id);
  return movement !== undefined && isFollowedAtOnce(movement);
};

const keyOf = ({ itemId, movementId, settles }: Led): string =>
  settles ? `not-taught ${itemId} settle ${movementId}` : `not-taught ${itemId}`;

/** The movements of a class that its group meets here for the first time, and that nobody explains. */
function untaught({ known, plan, find }: AnalysedClass): Led[] {
  if (known === null) return [];
  const told = new Set<string>();
  return plan.sections.flatMap((section) =>
    ledIn(section).filter(({ movementId, explained, follows }) => {
      const id = baseId(movementId);
      const isNew = !known.has(id) && !told.has(id);
      told.add(id);
      // Warm-ups and cool-downs are joined in with; what is in the main part is taught first, or followed at once.
      return isNew && section.kind === 'main' && !explained && !(follows && isFollowed(movementId, find));
    }),
  );
}

const look = (analysed: AnalysedClass): FindingOf<'not-taught'>[] =>
  untaught(analysed).map((led) => {
    const { itemId, movementId, settles } = led;
    const movement = analysed.find(movementId);
    const name = settles && movement ? usualName(movement) : nameOf(analysed, itemId);
    return {
      code: 'not-taught' as const,
      evidence: { movementId, settles },
      key: keyOf(led),
      severity: 'warn',
      amount: 1,
      borderline: false,
      itemId,
      atMs: lineTimes(analysed.timeline).get(itemId)?.startMs ?? null,
      what: settles
        ? `${name} settles the class here, and has not been taught to this group yet.`
        : `${name} has not been taught to this group yet, and is not explained here.`,
      why: ['It stands in no class this group has had before this one.'],
    };
  });

/** The movement of a routine shown once by itself, before the line it first settles. */
function shownBefore(analysed: AnalysedClass, itemId: string, movement: Movement): Remedy[] {
  const at = placeOf(analysed.plan, itemId);
  const block = movementLine(analysed, itemId)?.block ?? null;
  if (!at || block !== null) return [];
  const plain = newMovementItem(freshId(analysed, itemId, 'shown'), movement, 'main', movement.count.least);
  const item = { ...plain, manner: 'explained' as const };
  return [{ label: `${usualName(movement)} explained before it`, edits: [{ kind: 'add', at, item }] }];
}

/** A movement the group has not been taught, led as if it had. */
export const notTaught: Check = checkFor({
  codes: ['not-taught'],
  look,
  remedies: (analysed, { itemId, evidence }) => {
    if (itemId === null) return [];
    if (!evidence.settles)
      return [
        {
          label: `${nameOf(analysed, itemId)} explained first`,
          edits: [{ kind: 'change', itemId, to: { manner: 'explained' } }],
        },
      ];
    const movement = analysed.find(evidence.movementId);
    return movement ? shownBefore(analysed, itemId, movement) : [];
  },
});
