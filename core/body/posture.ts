import { z } from 'zod';
import { ArmShape } from './armShape';
import { Load } from './load';
import { Side } from './side';
import { StanceName } from './stance';

/**
 * Feet, weight, knee bend, facing and arms at one instant.
 * `sink` is the knee bend of the more loaded leg in degrees (0 to 110); `heading` the way the pelvis faces in degrees
 * clockwise from the front of the room (-180 to 180); `turn` the waist against the pelvis, degrees to the right.
 */
export const Posture = z.object({
  stance: StanceName,
  side: Side.nullable().default(null),
  load: Load,
  sink: z.number().min(0).max(110),
  heading: z.number().min(-180).max(180).default(0),
  turn: z.number().min(-90).max(90).default(0),
  arms: ArmShape,
  armSide: Side.nullable().default(null),
});
export type Posture = z.infer<typeof Posture>;

/** What a phase changes; what it leaves out stays as it was. */
export const PostureChange = z.object({
  stance: StanceName.optional(),
  side: Side.nullable().optional(),
  load: Load.optional(),
  sink: Posture.shape.sink.optional(),
  heading: z.number().min(-180).max(180).optional(),
  turn: z.number().min(-90).max(90).optional(),
  arms: ArmShape.optional(),
  armSide: Side.nullable().optional(),
});
export type PostureChange = z.infer<typeof PostureChange>;
