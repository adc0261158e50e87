import { countSide } from '../../load/sessionSides';
import { blocksAround } from '../../plan/block';
import { lineTimes, segmentsOf } from '../../timeline/lineTimes';
import type { Segment } from '../../timeline/segment';
import { type AnalysedClass, type Check, checkFor, type FindingOf } from '../finding/finding';
import { nameOf } from '../finding/nameOf';
import { firstThatClears } from '../remedies/mending';

/** The lines of each sequence that is done one way: taught as it is, with a note of the uneven side. */
function formsIn({ plan }: AnalysedClass): ReadonlyMap<string, readonly string[]> {
  const forms = new Map<string, readonly string[]>();
  for (const { items, blocks } of plan.sections)
    for (const block of blocks)
      if (block.oneWay)
        forms.set(
          block.id,
          items.filter((item) => blocksAround(blocks, item).includes(block)).map(({ id }) => id),
        );
  return forms;
}

/** What is done more on one side; null where both are alike. */
function unevenOf(segments: readonly Segment[]) {
  const [left, right] = [countSide(segments, 'left'), countSide(segments, 'right')];
  if (left.repetitions === right.repetitions) return null;
  const [side, less] = left.repetitions > right.repetitions ? (['left', right] as const) : (['right', left] as const);
  return {
    side,
    less,
    amount: left.repetitions - right.repetitions,
    counted: `Left ${left.repetitions} times, ${Math.round(left.seconds)} s; right ${right.repetitions} times, ${Math.round(right.seconds)} s.`,
  };
}

function lookAtForms(analysed: AnalysedClass): FindingOf<'sides-unequal'>[] {
  const times = lineTimes(analysed.timeline);
  return [...formsIn(analysed)].flatMap(([block, lines]): FindingOf<'sides-unequal'>[] => {
    const there = lines.flatMap((id) => times.get(id) ?? []);
    const uneven = unevenOf(there.flatMap((line) => segmentsOf(analysed.timeline, line)));
    const [first] = there;
    if (!uneven || !first) return [];
    const name = analysed.plan.sections.flatMap(({ blocks }) => blocks).find(({ id }) => id === block)?.name;
    return [
      {
        code: 'sides-unequal',
        evidence: null,
        key: `sides-unequal block ${block}`,
        severity: 'notice',
        amount: uneven.amount,
        borderline: false,
        itemId: first.itemId,
        atMs: first.startMs,
        what: `${name || 'The form'} is done more on the ${uneven.side}, as it is taught.`,
        why: [uneven.counted, 'Those who know it may do it mirrored as well.'],
      },
    ];
  });
}

const look = (analysed: AnalysedClass): FindingOf<'sides-unequal'>[] => {
  const { timeline, movements } = analysed;
  const inForms = new Set([...formsIn(analysed).values()].flat());
  const lines = [...lineTimes(timeline).values()].flatMap((line): FindingOf<'sides-unequal'>[] => {
    const { itemId, startMs } = line;
    // Where each person chooses a side there is no more and no less.
    if (inForms.has(itemId) || movements.get(itemId)?.laterality.sides.kind === 'either') return [];
    const uneven = unevenOf(segmentsOf(timeline, line));
    if (!uneven) return [];
    const { side, less, amount, counted } = uneven;
    return [
      {
        code: 'sides-unequal',
        evidence: null,
        key: `sides-unequal ${itemId}`,
        severity: less.repetitions === 0 ? 'warn' : 'notice',
        amount,
        borderline: false,
        itemId,
        atMs: startMs,
        what: `${nameOf(analysed, itemId)} is done more on the ${side}.`,
        why: [counted, 'Each side in turn, the same count, unless it is taught one-sided on purpose.'],
      },
    ];
  });
  return [...lines, ...lookAtForms(analysed)];
};

/** A line that is done more on one side than on the other. */
export const unequalSides: Check = checkFor({
  codes: ['sides-unequal'],
  look,
  remedies: (analysed, finding) => {
    const { itemId } = finding;
    if (itemId === null) return [];
    const name = nameOf(analysed, itemId);
    return firstThatClears(look, analysed, finding, [
      { label: `${name} on both sides`, edits: [{ kind: 'change', itemId, to: { sides: 'usual' } }] },
    ]);
  },
});
