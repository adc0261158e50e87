import { changePosture } from '../../../core/body/changePosture';
import { mirrorPosture } from '../../../core/body/mirror';
import type { Posture } from '../../../core/body/posture';
import { otherSide } from '../../../core/body/side';
import { phasesFor, startFor } from '../../../core/movement/cycleFor';
import type { Movement } from '../../../core/movement/movement';
import type { Segment } from '../../../core/session/segment';
import { Footprints } from '../../drawing/Footprints';

interface Props {
  readonly segment: Segment;
  readonly movement: Movement | undefined;
  /** Whether the instructor faces the class and does everything the other way round. */
  readonly mirrored: boolean;
}

/** The posture the phase in hand leads to, as the class does it. */
function postureOf({ part, phase, side, direction }: Segment, movement: Movement): Posture {
  let posture = startFor(movement, side);
  if (part === null || phase === null) return posture;
  for (const step of phasesFor(movement, part, side, direction).slice(0, phase + 1))
    posture = changePosture(posture, step.to);
  return posture;
}

/** Which side, said for the class and for the instructor, with the instructor's own feet. */
export function SideShown({ segment, movement, mirrored }: Props) {
  if (!movement) return <div className="teach-side" data-testid="side" />;
  const posture = postureOf(segment, movement);
  const { side, direction } = segment;
  const { directions } = movement.laterality;
  const way = directions.kind === 'both' && direction !== null ? directions.names[direction === 'first' ? 0 : 1] : null;
  return (
    <div className="teach-side" data-testid="side">
      <Footprints posture={mirrored ? mirrorPosture(posture) : posture} height={110} />
      <div>
        {side !== null && <span className="teach-side-word">{side}</span>}
        {way !== null && <span className="teach-way">{way}</span>}
        {side !== null && (
          <span className="teach-quiet">
            {mirrored ? `the class’s ${side}, your ${otherSide(side)}` : `the class’s ${side} and yours`}
          </span>
        )}
        {side === null && way !== null && (
          <span className="teach-quiet">{mirrored ? 'for the class; you mirror it' : 'for the class and you'}</span>
        )}
      </div>
    </div>
  );
}
