import type { Segment } from '../../session/timeline/segment';

/** How fast plan time runs in a segment: breath-driven ones follow the tempo, clock-driven ones do not. */
export const speedIn = (segment: Pick<Segment, 'breaths'>, tempo: number): number =>
  segment.breaths === null ? 1 : tempo;
