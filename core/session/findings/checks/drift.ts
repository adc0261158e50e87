import { THRESHOLDS } from '../../limits/thresholds';
import { type Drift, driftOf } from '../../load/driftOf';
import { blocksAround } from '../../plan/block';
import { facingsOf } from '../../plan/line/facing';
import { type AnalysedClass, type Check, checkFor, type FindingOf, type Leg, type Remedy } from '../finding/finding';
import { nameOf } from '../finding/nameOf';
import { weigh } from '../finding/weigh';
import { fewer, inRounds, restsBefore } from '../remedies/easing';
import { firstThatClears } from '../remedies/mending';
import { walkingBack, walksBack } from '../remedies/walkingBack';

const said = ({ x, y }: Drift): string => {
  const way = (metres: number, plus: string, minus: string) =>
    Math.abs(metres) < 0.25 ? [] : [`${Math.abs(metres).toFixed(1)} m ${metres > 0 ? plus : minus}`];
  return [...way(x, 'to the right', 'to the left'), ...way(y, 'forward', 'back')].join(' and ');
};

interface Furthest {
  readonly itemId: string;
  readonly atMs: number;
  readonly far: number;
  readonly at: Drift;
  readonly legs: readonly Leg[];
}

/** The way of a class since it last had time to walk back to its places. */
interface Way {
  x: number;
  y: number;
  /** Line by line; the last one is still being walked. */
  readonly legs: { readonly itemId: string; readonly net: { x: number; y: number }; far: number }[];
  furthest: Omit<Furthest, 'legs'> | null;
}

const begun = (itemId: string): Way['legs'][number] => ({ itemId, net: { x: 0, y: 0 }, far: 0 });

/** The furthest a way came, with the legs that led there; none where it came nowhere. */
function toldOf({ furthest, legs }: Way): Furthest[] {
  if (!furthest) return [];
  const last = legs.findLastIndex(({ itemId }) => itemId === furthest.itemId);
  return [{ ...furthest, legs: legs.slice(0, last + 1) }];
}

/** The furthest the class comes from its places each time before there is time to walk back to them. */
function furthestOf({ plan, timeline, movements }: AnalysedClass): Furthest[] {
  const facings = facingsOf(plan);
  let way: Way = { x: 0, y: 0, legs: [], furthest: null };
  const all: Furthest[] = [];
  for (const { itemId, first, end } of timeline.items) {
    way.legs.push(begun(itemId));
    const movement = movements.get(itemId);
    for (const segment of timeline.segments.slice(first, end)) {
      if (walksBack(segment, Math.hypot(way.x, way.y))) {
        all.push(...toldOf(way));
        way = { x: 0, y: 0, legs: [begun(itemId)], furthest: null };
      }
      if (!movement) continue;
      const by = driftOf(movement, segment, facings.get(itemId) ?? 0);
      way.x += by.x;
      way.y += by.y;
      const leg = way.legs.at(-1) ?? begun(itemId);
      leg.net.x += by.x;
      leg.net.y += by.y;
      leg.far = Math.max(leg.far, Math.hypot(leg.net.x, leg.net.y));
      const far = Math.hypot(way.x, way.y);
      if (far > (way.furthest?.far ?? 0))
        way.furthest = { itemId, atMs: segment.startMs, far, at: { x: way.x, y: way.y } };
    }
  }
  return [...all, ...toldOf(way)];
}

/** The lines of sequences that are done one way. */
const linesOneWay = ({ plan }: AnalysedClass): ReadonlySet<string> =>
  new Set(
    plan.sections.flatMap(({ items, blocks }) =>
      items.filter((item) => blocksAround(blocks, item).some(({ oneWay }) => oneWay)).map(({ id }) => id),
    ),
  );

const look = (analysed: AnalysedClass): FindingOf<'drift'>[] => {
  const found = new Map<string, FindingOf<'drift'>>();
  const oneWay = linesOneWay(analysed);
  for (const { itemId, atMs, far, at, legs } of furthestOf(analysed)) {
    const key = `drift ${itemId}`;
    const weighed = weigh(analysed, key, far, { limit: THRESHOLDS.drift, grave: 2 * THRESHOLDS.drift });
    // A line that comes round in a block is said once, where it comes furthest.
    if (!weighed || weighed.amount <= (found.get(key)?.amount ?? 0)) continue;
    const isTaughtSo = legs.some((leg) => oneWay.has(leg.itemId));
    found.set(key, {
      code: 'drift',
      evidence: { legs },
      key,
      ...weighed,
      itemId,
      atMs,
      ...(isTaughtSo ? { severity: 'notice' as const } : {}),
      what: `In ${nameOf(analysed, itemId)} the class comes ${said(at)} from its places, with no time to walk back.`,
      why: [
        ...(isTaughtSo ? ['It is done one way, as it is taught: begin so much further the other way.'] : []),
        `${THRESHOLDS.drift} m are let pass. A rest or a talk lets everyone walk back, at half a metre a second.`,
        'Steps one way want the same steps back, or a rest in between.',
      ],
    });
  }
  return [...found.values()];
};

/** The line in rounds with time between to walk back. */
function walkedBack(analysed: AnalysedClass, itemId: string): Remedy[] {
  return inRounds(analysed, itemId).map(({ label, edits }) => ({ label: `${label}, walking back`, edits }));
}

/** Steps that are not taken back walk the class into the wall. */
export const drift: Check = checkFor({
  codes: ['drift'],
  look,
  remedies: (analysed, finding) => {
    const { itemId } = finding;
    if (itemId === null) return [];
    const name = nameOf(analysed, itemId);
    return [
      ...firstThatClears(look, analysed, finding, [
        { label: `${name} on both sides`, edits: [{ kind: 'change', itemId, to: { sides: 'usual' } }] },
      ]),
      ...firstThatClears(look, analysed, finding, [
        ...walkingBack(analysed, finding.evidence.legs),
        ...restsBefore(analysed, itemId),
      ]),
      ...firstThatClears(look, analysed, finding, walkedBack(analysed, itemId)),
      ...firstThatClears(look, analysed, finding, fewer(analysed, itemId)),
    ];
  },
});
