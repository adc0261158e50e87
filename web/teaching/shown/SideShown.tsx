import { mirrorPose } from '../../../core/body/standing/pose';
import { mirrorPosture } from '../../../core/body/written/mirror';
import { postureWords } from '../../../core/body/written/postureWords';
import { otherSide } from '../../../core/body/written/side';
import type { Movement } from '../../../core/movement/schema/movement';
import { ledTo } from '../../../core/record/running/strideIn';
import type { Segment } from '../../../core/session/timeline/segment';
import { Footprints } from '../../drawing/Footprints';

interface Props {
  readonly segment: Segment;
  readonly movement: Movement | undefined;
  /** Whether the instructor faces the class and does everything the other way round. */
  readonly mirrored: boolean;
}

/** Which side, said for the class and for the instructor, with the instructor's own feet. */
export function SideShown({ segment, movement, mirrored }: Props) {
  if (!movement) return <div className="teach-side" data-testid="side" />;
  const { pose, posture } = ledTo(segment, movement);
  const { side, direction } = segment;
  const { directions } = movement.laterality;
  const way = directions.kind === 'both' && direction !== null ? directions.names[direction === 'first' ? 0 : 1] : null;
  return (
    <div className="teach-side" data-testid="side">
      <Footprints
        pose={mirrored ? mirrorPose(pose) : pose}
        label={postureWords(mirrored ? mirrorPosture(posture) : posture)}
        height={110}
      />
      <div>
        {side !== null && <span className="teach-side-word">{side}</span>}
        {way !== null && <span className={side === null ? 'teach-side-word' : 'teach-way'}>{way}</span>}
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
