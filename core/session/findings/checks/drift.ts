import { type Drift, driftOf } from '../../load/driftOf';
import { THRESHOLDS } from '../../report/thresholds';
import type { Check, Finding, Judged, Remedy } from '../finding/finding';
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
}

/** The furthest the class comes from its places each time before there is time to walk back to them. */
function furthestOf({ timeline, movements }: Judged): Furthest[] {
  let [x, y] = [0, 0];
  let furthest: Furthest | null = null;
  const all: Furthest[] = [];
  for (const segment of timeline.segments) {
    const { itemId, startMs } = segment;
    if (walksBack(segment, Math.hypot(x, y))) {
      [x, y] = [0, 0];
      if (furthest) all.push(furthest);
      furthest = null;
    }
    const movement = movements.get(itemId);
    if (!movement) continue;
    const by = driftOf(movement, segment);
    x += by.x;
    y += by.y;
    if (Math.hypot(x, y) > (furthest?.far ?? 0))
      furthest = { itemId, atMs: startMs, far: Math.hypot(x, y), at: { x, y } };
  }
  return furthest ? [...all, furthest] : all;
}

const look = (judged: Judged): Finding[] => {
  const found = new Map<string, Finding>();
  for (const { itemId, atMs, far, at } of furthestOf(judged)) {
    const key = `drift ${itemId}`;
    const weighed = weigh(judged, key, far, { limit: THRESHOLDS.drift, grave: 2 * THRESHOLDS.drift });
    // A line that comes round in a block is said once, where it comes furthest.
    if (!weighed || weighed.amount <= (found.get(key)?.amount ?? 0)) continue;
    found.set(key, {
      code: 'drift',
      key,
      ...weighed,
      itemId,
      atMs,
      what: `In ${nameOf(judged, itemId)} the class comes ${said(at)} from its places, with no time to walk back.`,
      why: [
        `${THRESHOLDS.drift} m are let pass. A rest or a talk lets everyone walk back, at half a metre a second.`,
        'Steps one way want the same steps back, or a rest in between.',
      ],
    });
  }
  return [...found.values()];
};

/** The line in rounds with time between to walk back. */
function walkedBack(judged: Judged, itemId: string): Remedy[] {
  return inRounds(judged, itemId).map(({ label, edits }) => ({ label: `${label}, walking back`, edits }));
}

/** Steps that are not taken back walk the class into the wall. */
export const drift: Check = {
  codes: ['drift'],
  look,
  remedies: (judged, finding) => {
    const { itemId } = finding;
    if (itemId === null) return [];
    const name = nameOf(judged, itemId);
    return [
      ...firstThatClears(look, judged, finding, [
        { label: `${name} on both sides`, edits: [{ kind: 'change', itemId, to: { sides: 'usual' } }] },
      ]),
      ...firstThatClears(look, judged, finding, [...walkingBack(judged, itemId), ...restsBefore(judged, itemId)]),
      ...firstThatClears(look, judged, finding, walkedBack(judged, itemId)),
      ...firstThatClears(look, judged, finding, fewer(judged, itemId)),
    ];
  },
};
