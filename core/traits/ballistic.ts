import type { Movement } from '../movement/schema/movement';
import { mainJoint } from './mainJoint';

/** From this tempo on, beats a minute, an arm or a leg is swung rather than led. Convention. */
const SWUNG = 50;

/** Whether the whole body, an arm or a leg is shaken or bounced. */
export const isShaken = ({ parts: { cycle } }: Movement): boolean =>
  cycle.some(({ overlays }) =>
    overlays.some(
      (one) => one.kind === 'vibration' && one.region !== 'hands' && (one.form === 'shake' || one.form === 'bounce'),
    ),
  );

/** Whether a movement swings or shakes: in a warm-up it comes after what is led slowly. */
export function isBallistic(movement: Movement): boolean {
  const swings = movement.parts.cycle.some(
    ({ length, overlays }) => length.kind === 'beats' && length.tempo >= SWUNG && overlays.length === 0,
  );
  return isShaken(movement) || (swings && ['shoulders', 'hips'].includes(mainJoint(movement)));
}
