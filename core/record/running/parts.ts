import type { Segment, SegmentKind, Timeline } from '../../session/timeline/segment';
import { segmentAt } from '../../session/timeline/segmentAt';
import type { Teaching } from './teaching';

/** What of a line a stretch of time is, as far as it is learnt how long it really takes. */
export const PART_KINDS = ['naming', 'showing', 'steps', 'moving', 'change', 'rest', 'talk', 'settling'] as const;
export type PartKind = (typeof PART_KINDS)[number];

const KIND_OF: Readonly<Record<SegmentKind, PartKind>> = {
  naming: 'naming',
  showing: 'showing',
  'last-word': 'naming',
  bridge: 'steps',
  entry: 'moving',
  move: 'moving',
  exit: 'moving',
  'side-change': 'change',
  'direction-change': 'change',
  'round-rest': 'rest',
  rest: 'rest',
  talk: 'talk',
  settle: 'settling',
};

/** The part of its line that a segment is of. */
export const partKind = ({ kind }: Pick<Segment, 'kind'>): PartKind => KIND_OF[kind];

/** What tells the parts of a class apart: a line and what of it. */
export const partKey = ({ itemId, kind }: Pick<Segment, 'itemId' | 'kind'>): string => `${itemId} ${KIND_OF[kind]}`;

/** The part a class stands in was ended by a person: only such parts teach how long they take. */
export function endedByPerson(timeline: Timeline, teaching: Teaching): Teaching {
  const segment = timeline.segments[segmentAt(timeline, teaching.planMs)];
  if (!segment) return teaching;
  const key = partKey(segment);
  return teaching.touched.includes(key) ? teaching : { ...teaching, touched: [...teaching.touched, key] };
}
