import type { PlanEdit } from '../../edit/edit';
import { placeOf } from '../../edit/editPlan';
import { THRESHOLDS } from '../../limits/thresholds';
import { newPause } from '../../plan/defaults';
import type { MovementItem } from '../../plan/session';
import type { Segment } from '../../timeline/segment';
import type { AnalysedClass, Leg, Remedy } from '../finding/finding';
import { nameOf } from '../finding/nameOf';
import { freshId, movementLine } from './mending';

/** What gives the class time to walk back to its places, at this pace in metres a second. Convention. */
const PAUSES: readonly Segment['kind'][] = ['rest', 'talk', 'clock', 'round-rest'];
const WALKING_BACK = 0.5;

/** Whether a stretch of the class is long enough to walk back from so far away, metres. */
export const walksBack = ({ kind, lengthMs }: Pick<Segment, 'kind' | 'lengthMs'>, far: number): boolean =>
  PAUSES.includes(kind) && (lengthMs / 1000) * WALKING_BACK >= far;

/** Seconds to walk back so far, in whole steps of five. `secondsBack(2.8)` is 10. */
const secondsBack = (far: number): number => Math.max(10, Math.ceil(far / WALKING_BACK / 5) * 5);

/** A line that walks too far by itself, in so many rounds that each can be walked back; null where it is in rounds already. */
function inShortRounds(analysed: AnalysedClass, item: MovementItem, far: number) {
  const movement = analysed.find(item.movementId);
  if (item.rounds > 1 || !movement) return null;
  const { least, step } = movement.count;
  const rounds = Math.ceil(far / THRESHOLDS.drift);
  const count = Math.max(least, Math.floor(item.count / rounds / step) * step);
  return { rounds, count, roundRest: secondsBack((far * count) / item.count) };
}

/**
 * Time to walk back wherever it is wanted on a way: a rest before each line that would carry the class too far, and rounds for one
 * that does so by itself. Lines in blocks are left as they are.
 * @param legs the way to where the class comes furthest, since it last had time to walk back
 */
export function walkingBack(analysed: AnalysedClass, legs: readonly Leg[]): Remedy[] {
  const { plan } = analysed;
  const edits: PlanEdit[] = [];
  const where: string[] = [];
  const added = new Map<number, number>();
  let [x, y] = [0, 0];
  for (const { itemId, net, far } of legs) {
    const item = movementLine(analysed, itemId);
    const at = item && item.block === null ? placeOf(plan, item.id) : null;
    const gone = Math.hypot(x, y);
    if (at && item && gone > 0.5 && Math.hypot(x + net.x, y + net.y) > THRESHOLDS.drift) {
      const earlier = added.get(at.section) ?? 0;
      const pause = newPause('rest', freshId(analysed, item.id, 'back'), secondsBack(gone), 'Walk back');
      edits.push({ kind: 'add', at: { section: at.section, index: at.index + earlier }, item: pause });
      added.set(at.section, earlier + 1);
      where.push(`before ${nameOf(analysed, item.id)}`);
      [x, y] = [0, 0];
    }
    const rounds = at && item && far > THRESHOLDS.drift ? inShortRounds(analysed, item, far) : null;
    if (rounds && item) {
      edits.push({ kind: 'change', itemId: item.id, to: rounds });
      where.push(`between ${rounds.rounds} rounds of ${nameOf(analysed, item.id)}`);
    }
    // Of rounds only the last is not walked back yet.
    const share = rounds && item ? rounds.count / item.count : 1;
    x = (rounds ? 0 : x) + net.x * share;
    y = (rounds ? 0 : y) + net.y * share;
  }
  return edits.length === 0 ? [] : [{ label: `Walk back ${where.join(', ')}`, edits }];
}
