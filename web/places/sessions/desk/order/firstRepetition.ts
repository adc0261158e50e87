import type { Segment } from '../../../../../core/session/timeline/segment';
import type { BreathStretch } from '../../../../drawing/BreathLine';

/** The breath of the first repetition as it will really be led at that point of the class. */
export function firstRepetition(segments: readonly Segment[]): BreathStretch[] {
  const first = segments.find(({ kind }) => kind === 'move');
  return segments
    .filter(
      ({ kind, round, pass, repetition }) => kind === 'move' && round === 1 && pass === first?.pass && repetition === 1,
    )
    .map(({ breath, breaths, lengthMs }) => ({ breath, breaths, seconds: lengthMs / 1000 }));
}
