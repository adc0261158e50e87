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

/** Whether an arm or a leg is swung, to a beat. Marching goes from leg to leg: it is no swing. */
export function isSwung(movement: Movement): boolean {
  if (movement.laterality.sides.kind === 'alternating') return false;
  const swings = movement.parts.cycle.some(
    ({ length, overlays }) => length.kind === 'beats' && length.tempo >= SWUNG && overlays.length === 0,
  );
  return swings && ['shoulders', 'hips'].includes(mainJoint(movement));
}

/** Whether a movement swings or shakes: in a warm-up it comes after what is led slowly. */
export const isBallistic = (movement: Movement): boolean => isShaken(movement) || isSwung(movement);
