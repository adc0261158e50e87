import type { Pose } from '../../body/standing/pose';
import { standIn } from '../../body/standing/stand';
import { Posture } from '../../body/written/posture';

const posed = (written: Record<string, unknown>): Pose =>
  standIn(Posture.parse({ sink: 5, arms: 'hanging', load: { left: 50, right: 50 }, stance: 'parallel', ...written }));

/** Standing at ease while something is named, shown, talked about or rested from. */
export const RESTING = posed({});
/** The same on a chair. */
export const RESTING_SEATED = posed({
  stance: 'seated',
  load: { left: 10, right: 10, seat: 80 },
  arms: 'resting-on-thighs',
  sink: 0,
});
/** Between two movements: nobody steps from straight legs. */
export const MID_STEP = posed({ sink: 25 });
