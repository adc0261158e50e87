import { z } from 'zod';
import { ArmShape } from './armShape';
import { Contact } from './contact';
import { HandChange } from './hand';
import { Load } from './load';
import { Side } from './side';
import { StanceName } from './stance';

const angle = z.number().min(-180).max(180);
const place = z.number().min(-1.5).max(1.5);

/** What an author changes in one foot of a named stance. */
export const FootChange = z.object({
  /** Metres from the other foot's middle, in the direction the body is headed. */
  right: place.optional(),
  forward: place.optional(),
  /** Degrees clockwise from the way the body is headed. */
  angle: angle.optional(),
  /** Metres off the floor. */
  height: z.number().min(0).max(1.3).optional(),
  /** Degrees the toes are lifted (positive) or pointed down (negative). */
  pitch: z.number().min(-80).max(60).optional(),
  contact: Contact.optional(),
});
export type FootChange = z.infer<typeof FootChange>;

/** A shoulder lifted and drawn forward (negative: dropped, drawn back), in hundredths of body height. */
export const Shoulder = z.object({ lift: z.number().min(-3).max(6), forward: z.number().min(-5).max(5) });
export type Shoulder = z.infer<typeof Shoulder>;

export const Spine = z.object({
  /** Bending forward at the hips with a straight back, degrees. */
  hinge: z.number().min(-25).max(110),
  /** Rounding the back (negative: arching it), degrees from the lowest to the highest part. */
  round: z.number().min(-40).max(120),
  /** Leaning to the right, degrees. */
  bend: z.number().min(-45).max(45),
});

export const Head = z.object({
  turn: z.number().min(-85).max(85),
  nod: z.number().min(-60).max(60),
  tilt: z.number().min(-45).max(45),
});

/** The pelvis against the way the body is headed: turned and tilted in degrees, moved in metres while head and feet stay. */
export const Hips = z.object({
  turn: z.number().min(-60).max(60),
  tilt: z.number().min(-20).max(20),
  right: z.number().min(-0.2).max(0.2),
  forward: z.number().min(-0.2).max(0.2),
});

export const Gaze = z.enum(['ahead', 'left-hand', 'right-hand', 'down', 'up']);
export type Gaze = z.infer<typeof Gaze>;

const channels = {
  stance: StanceName,
  side: Side.nullable(),
  /** How far apart the feet stand, as a share of the stance's usual length or width. */
  spread: z.number().min(0.3).max(2),
  load: Load,
  sink: z.number().min(0).max(110),
  heading: angle,
  turn: z.number().min(-90).max(90),
  arms: ArmShape,
  armSide: Side.nullable(),
  rock: z.number().min(-1).max(1),
  gaze: Gaze,
  eyes: z.enum(['open', 'closed']),
  firmness: z.number().min(0).max(1),
};

const sidedChange = <Schema extends z.ZodType>(schema: Schema) =>
  z.object({ left: schema.optional(), right: schema.optional() });

const LEVEL = { lift: 0, forward: 0 };
const { shape: spine } = Spine;
const { shape: head } = Head;
const { shape: hips } = Hips;

/**
 * Feet, weight, knee bend, trunk, arms and gaze at one instant, as an author writes it: a stance and an arm shape by name,
 * then what differs from them.
 *
 * `sink` is the knee bend of the more loaded leg in degrees (0 to 110; of equals, the leg that lets the body down further);
 * `heading` the way the body stands, degrees clockwise from the front of the room; `turn` the waist against the pelvis,
 * degrees to the right; `rock` where the weight lies in the soles, -1 heels to 1 balls.
 */
export const Posture = z.object({
  ...channels,
  side: channels.side.default(null),
  heading: channels.heading.default(0),
  turn: channels.turn.default(0),
  armSide: channels.armSide.default(null),
  spread: channels.spread.default(1),
  rock: channels.rock.default(0),
  gaze: channels.gaze.default('ahead'),
  eyes: channels.eyes.default('open'),
  firmness: channels.firmness.default(0),
  spine: z
    .object({ hinge: spine.hinge.default(0), round: spine.round.default(0), bend: spine.bend.default(0) })
    .default({ hinge: 0, round: 0, bend: 0 }),
  head: z
    .object({ turn: head.turn.default(0), nod: head.nod.default(0), tilt: head.tilt.default(0) })
    .default({ turn: 0, nod: 0, tilt: 0 }),
  hips: z
    .object({
      turn: hips.turn.default(0),
      tilt: hips.tilt.default(0),
      right: hips.right.default(0),
      forward: hips.forward.default(0),
    })
    .default({ turn: 0, tilt: 0, right: 0, forward: 0 }),
  shoulders: z
    .object({ left: Shoulder.default(LEVEL), right: Shoulder.default(LEVEL) })
    .default({ left: LEVEL, right: LEVEL }),
  feet: sidedChange(FootChange).default({}),
  hands: sidedChange(HandChange).default({}),
});
export type Posture = z.infer<typeof Posture>;

/**
 * What a phase changes; what it leaves out stays as it was. Naming a stance again puts the feet where that stance has them,
 * and naming an arm shape again the hands, whatever was adjusted before.
 */
export const PostureChange = z
  .object(channels)
  .partial()
  .extend({
    spine: Spine.partial().optional(),
    head: Head.partial().optional(),
    hips: Hips.partial().optional(),
    shoulders: sidedChange(Shoulder).optional(),
    feet: sidedChange(FootChange).optional(),
    hands: sidedChange(HandChange).optional(),
  });
export type PostureChange = z.infer<typeof PostureChange>;
