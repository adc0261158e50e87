/** An angle in degrees brought into -180 (included) to 180. `wrapAngle(270)` is -90. */
export const wrapAngle = (angle: number): number => ((((angle + 180) % 360) + 360) % 360) - 180;
