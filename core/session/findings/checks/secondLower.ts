import { isSeated } from '../../../body/written/load';
import type { Movement } from '../../../movement/schema/movement';
import { baseId } from '../../../movement/schema/version';
import { phasesFor, writtenSide } from '../../../movement/walk/cycleFor';
import { THRESHOLDS } from '../../limits/thresholds';
import type { Segment, Timeline } from '../../timeline/segment';
import { type AnalysedClass, type Check, checkFor, type FindingOf } from '../finding/finding';
import { nameOf } from '../finding/nameOf';
import { weigh } from '../finding/weigh';
import { easierWays } from '../remedies/easing';
import { firstThatClears } from '../remedies/mending';

/** The deepest a movement goes, degrees of knee bend. */
const deepest = (movement: Movement): number =>
  Math.max(movement.start.sink, ...phasesFor(movement, 'cycle', writtenSide(movement)).map(({ to }) => to.sink ?? 0));

/** Every round of every line of a section, where it begins and how much lower it is than its line is written. */
function roundsOf({ items, segments }: Timeline, section: number): Segment[] {
  return items
    .filter((occurrence) => occurrence.section === section)
    .flatMap(({ first, end }) => {
      const moving = segments.slice(first, end).filter(({ kind }) => kind === 'move');
      return moving.filter(({ round }, place) => round !== moving[place - 1]?.round);
    });
}

const look = (analysed: AnalysedClass): FindingOf<'second-lower'>[] => {
  const { timeline, movements } = analysed;
  const index = analysed.plan.sections.findIndex(({ kind }) => kind === 'main');
  const section = timeline.sections[index];
  if (!section) return [];
  const early = section.startMs + section.lengthMs * THRESHOLDS.secondLowerShare;
  const before = new Map<string, number>();
  const said = new Set<string>();
  return roundsOf(timeline, index).flatMap(({ itemId, startMs, lower }): FindingOf<'second-lower'>[] => {
    const movement = movements.get(itemId);
    if (!movement || isSeated(movement.start.load)) return [];
    const name = baseId(movement.id);
    const depth = deepest(movement) + lower;
    const first = before.get(name);
    before.set(name, Math.max(depth, first ?? 0));
    if (first === undefined || startMs >= early) return [];
    const key = `second-lower ${itemId}`;
    const weighed = weigh(analysed, key, depth - first, {
      limit: THRESHOLDS.secondLower,
      severity: ['warn', 'notice'],
    });
    if (!weighed || said.has(key)) return [];
    said.add(key);
    return [
      {
        code: 'second-lower',
        evidence: null,
        key,
        ...weighed,
        itemId,
        atMs: startMs,
        what: `${nameOf(analysed, itemId)} comes again ${Math.round(depth - first)}° lower, early in the main part.`,
        why: [
          `${Math.round(first)}° the first time, ${Math.round(depth)}° now; ${THRESHOLDS.secondLower}° more are let pass before ${THRESHOLDS.secondLowerShare * 100} % of the main part are done.`,
          'Second rounds go a little lower than first ones, once the legs are awake.',
        ],
      },
    ];
  });
};

/** A second round that goes much lower before the legs are awake. */
export const secondLower: Check = checkFor({
  codes: ['second-lower'],
  look,
  remedies: (analysed, finding) => {
    const { itemId } = finding;
    if (itemId === null) return [];
    return firstThatClears(look, analysed, finding, [
      {
        label: `${nameOf(analysed, itemId)} as it is written`,
        edits: [{ kind: 'change', itemId, to: { variant: null } }],
      },
      {
        label: `${nameOf(analysed, itemId)} no lower from round to round`,
        edits: [{ kind: 'change', itemId, to: { lower: 0 } }],
      },
      ...easierWays(analysed, itemId),
    ]);
  },
});
