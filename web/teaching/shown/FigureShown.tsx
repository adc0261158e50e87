import { mirrorPose } from '../../../core/body/standing/pose';
import type { Movement } from '../../../core/movement/schema/movement';
import type { Moment } from '../../../core/record/running/moment';
import { poseIn } from '../../../core/record/running/strideIn';
import { isMotionReduced } from '../../app/machine/reducedMotion';
import { Figure } from '../../drawing/figure/Figure';

/** How the figure is seen: as the class sees its instructor, from behind as one of the class, or not at all. */
export const FIGURE_VIEWS = ['instructor', 'behind', 'none'] as const;
export type FigureView = (typeof FIGURE_VIEWS)[number];

interface Props {
  readonly moment: Moment;
  readonly movement: Movement | undefined;
  readonly view: Exclude<FigureView, 'none'>;
  /** Whether the instructor faces the class and does everything the other way round. */
  readonly mirrored: boolean;
}

/** The figure, moving as the class does at this moment. With motion reduced it stands as the breath in hand will end. */
export function FigureShown({ moment: { segment, progress }, movement, view, mirrored }: Props) {
  if (!movement) return null;
  const pose = poseIn(segment, movement, isMotionReduced() ? 1 : progress, segment.lengthMs / 1000);
  // Who faces the class is its mirror image, seen from the front; else everybody is seen from behind.
  const isFacing = view === 'instructor' && mirrored;
  return (
    <div className="teach-figure" data-view={isFacing ? 'front' : 'back'}>
      <Figure pose={isFacing ? mirrorPose(pose) : pose} view={isFacing ? 'front' : 'back'} scale={1} roomy />
    </div>
  );
}
