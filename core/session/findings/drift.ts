import { type Drift, driftOf } from '../driftOf';
import type { Segment } from '../segment';
import { THRESHOLDS } from '../thresholds';
import { fewer, inRounds, restsBefore } from './easing';
import type { Check, Finding, Judged, Remedy } from './finding';
import { firstThatClears } from './mending';
import { nameOf } from './nameOf';
import { weigh } from './weigh';

const said = ({ x, y }: Drift): string => {
  const way = (metres: number, plus: string, minus: string) =>
    Math.abs(metres) < 0.25 ? [] : [`${Math.abs(metres).toFixed(1)} m ${metres > 0 ? plus : minus}`];
  return [...way(x, 'to the right', 'to the left'), ...way(y, 'forward', 'back')].join(' and ');
};

/** What gives the class time to walk back to its places, at this pace in metres a second. Convention. */
const PAUSES: readonly Segment['kind'][] = ['rest', 'talk', 'round-rest'];
const WALKING_BACK = 0.5;

interface Furthest {
  readonly itemId: string;
  readonly atMs: number;
  readonly far: number;
  readonly at: Drift;
}

/** The furthest the class comes from its places before there is time to walk back to them. */
function furthestOf({ timeline, movements }: Judged): Furthest | null {
  let [x, y] = [0, 0];
  let furthest: Furthest | null = null;
  for (const segment of timeline.segments) {
    const { itemId, startMs, lengthMs, kind } = segment;
    const far = Math.hypot(x, y);
    if (PAUSES.includes(kind) && (lengthMs / 1000) * WALKING_BACK >= far) [x, y] = [0, 0];
    const movement = movements.get(itemId);
    if (!movement) continue;
    const by = driftOf(movement, segment);
    x += by.x;
    y += by.y;
    if (Math.hypot(x, y) > (furthest?.far ?? 0))
      furthest = { itemId, atMs: startMs, far: Math.hypot(x, y), at: { x, y } };
  }
  return furthest;
}

const look = (judged: Judged): Finding[] => {
  const furthest = furthestOf(judged);
  const key = 'drift';
  const weighed =
    furthest && weigh(judged, key, furthest.far, { limit: THRESHOLDS.drift, grave: 2 * THRESHOLDS.drift });
  if (!furthest || !weighed) return [];
  return [
    {
      code: 'drift',
      key,
      ...weighed,
      itemId: furthest.itemId,
      atMs: furthest.atMs,
      what: `In ${nameOf(judged, furthest.itemId)} the class comes ${said(furthest.at)} from its places, with no time to walk back.`,
      why: [
        `${THRESHOLDS.drift} m are let pass. A rest or a talk lets everyone walk back, at half a metre a second.`,
        'Steps one way want the same steps back, or a rest in between.',
      ],
    },
  ];
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
      ...firstThatClears(look, judged, finding, restsBefore(judged, itemId)),
      ...firstThatClears(look, judged, finding, walkedBack(judged, itemId)),
      ...firstThatClears(look, judged, finding, fewer(judged, itemId)),
    ];
  },
};
