import { partKind } from '../../session/timeline/partKind';
import type { Segment, Timeline } from '../../session/timeline/segment';
import { segmentAt } from '../../session/timeline/segmentAt';
import type { Teaching } from './teaching';

/** What tells the parts of a class apart: a line and what of it. */
export const partKey = ({ itemId, kind }: Pick<Segment, 'itemId' | 'kind'>): string =>
  `${itemId} ${partKind({ kind })}`;

/** The part a class stands in was ended by a person: only such parts teach how long they take. */
export function endedByPerson(timeline: Timeline, teaching: Teaching): Teaching {
  const segment = timeline.segments[segmentAt(timeline, teaching.planMs)];
  if (!segment) return teaching;
  const key = partKey(segment);
  return teaching.touched.includes(key) ? teaching : { ...teaching, touched: [...teaching.touched, key] };
}
