import type { Movement } from '../../../../../core/movement/schema/movement';
import type { Segment } from '../../../../../core/session/timeline/segment';
import type { BreathStretch } from '../../../../drawing/BreathLine';

/**
 * The breath of the first repetition as it will really be led at that point of the class.
 * @param movement as the line does it, for how its breath is taken
 */
export function firstRepetition(segments: readonly Segment[], movement: Movement | undefined): BreathStretch[] {
  const first = segments.find(({ kind }) => kind === 'move');
  return segments
    .filter(
      ({ kind, round, pass, repetition }) => kind === 'move' && round === 1 && pass === first?.pass && repetition === 1,
    )
    .map(({ breath, breaths, lengthMs, part, phase }) => ({
      breath,
      breaths,
      seconds: lengthMs / 1000,
      manner: part === null || phase === null ? undefined : movement?.parts[part]?.[phase]?.manner,
    }));
}
