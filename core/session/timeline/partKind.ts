import type { Segment, SegmentKind } from './segment';

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
  clock: 'rest',
  settle: 'settling',
};

/** The part of its line that a segment is of. */
export const partKind = ({ kind }: Pick<Segment, 'kind'>): PartKind => KIND_OF[kind];
