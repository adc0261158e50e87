import { z } from 'zod';
import { Posture } from '../../body/written/posture';
import { Region } from '../../body/written/region';
import { isFreeInAddress } from '../../words/ids';
import { Caution } from './caution';
import { Count } from './count';
import { cycleAmount } from './cycleAmount';
import { Laterality } from './laterality';
import { Layer, layMovementLayer } from './layer';
import { Parts } from './parts';
import { Breath } from './phase';
import { Ramp } from './ramp';
import { TEACHING_WORDS } from './teachingWords';
import { patchMovement, Variant } from './variant';
import { baseId } from './version';

export const Role = z.enum(['opening', 'warm-up', 'main', 'cool-down', 'closing']);
export type Role = z.infer<typeof Role>;

export const Tradition = z.enum(['qigong', 'tai-chi', 'preparation', 'standing', 'self-massage']);
export type Tradition = z.infer<typeof Tradition>;

/** The same movement has several names; the first English one is the usual one. */
export const Names = z.object({
  english: z.array(z.string().min(1).max(80)).min(1),
  pinyin: z.array(z.string().min(1).max(80)).default([]),
  chinese: z.array(z.string().min(1).max(40)).default([]),
});
export type Names = z.infer<typeof Names>;

/** A line of a movement, done as often as it may be, is no more than so many steps: an hour of two a second. */
const MOST_STEPS = 7200;

/** So long a movement's id may be without its version: the number comes behind it. */
const MOST_IN_NAME = 72;

/** One named thing with a shape, as stored in `repertoire/` and as sent over the API. */
export const Movement = z
  .object({
    id: z
      .string()
      .max(80)
      .regex(/^[a-z0-9]+(-[a-z0-9]+)*(@[1-9]\d*)?$/, 'an id is lower-case words joined by hyphens')
      .refine(isFreeInAddress, 'this name means something else; take another')
      .refine((id) => baseId(id).length <= MOST_IN_NAME, `its versions need room: at most ${MOST_IN_NAME} letters`),
    names: Names,
    tradition: Tradition,
    roles: z.array(Role).min(1),
    /** One or two sentences: what it is and how it feels. */
    about: z.string().min(10).max(400),
    laterality: Laterality,
    count: Count,
    /** The posture it begins in, on its first side. */
    start: Posture,
    parts: Parts,
    cautions: z.array(Caution),
    /** 1 from the first class on, 2 with some practice, 3 for the seasoned. */
    level: z.number().int().min(1).max(3).default(1),
    variants: z.array(Variant).max(8).default([]),
    layers: z.array(Layer).max(8).default([]),
    ramps: z.array(Ramp).max(4).default([]),
    /** Other ways of breathing the cycle that schools teach: one breath for each of its phases. */
    breathSchools: z.array(z.object({ name: z.string().min(1).max(60), breaths: z.array(Breath).min(1) })).default([]),
    /** What is moved gently though the figure cannot show it, from 0 to 1: fingers, ears, the skin. */
    mobilises: z.partialRecord(Region, z.number().min(0).max(1)).default({}),
    /** Whether it can be done on a chair as it is written or with the legs left out. */
    seated: z.boolean(),
    /** Whether it finds out how low a class goes today: what comes after it is kept to that. */
    findsDepth: z.boolean().default(false),
    ...TEACHING_WORDS,
  })
  .superRefine((movement, context) => {
    const amount = cycleAmount(movement.parts.cycle, movement.count.unit);
    if (amount <= 0) {
      context.addIssue({
        code: 'custom',
        path: ['count', 'unit'],
        message: `the cycle has no ${movement.count.unit} to count`,
      });
      return;
    }
    const steps = (movement.count.most / amount) * movement.parts.cycle.length;
    if (steps > MOST_STEPS) {
      context.addIssue({
        code: 'custom',
        path: ['count', 'most'],
        message: `makes ${Math.round(steps)} steps of one line: at most ${MOST_STEPS}`,
      });
    }
    for (const [index, { breaths }] of movement.breathSchools.entries()) {
      if (breaths.length !== movement.parts.cycle.length)
        context.addIssue({
          code: 'custom',
          path: ['breathSchools', index, 'breaths'],
          message: `the cycle has ${movement.parts.cycle.length} phases`,
        });
    }
    for (const [index, { phase }] of movement.points.entries()) {
      if (phase !== null && phase >= movement.parts.cycle.length)
        context.addIssue({
          code: 'custom',
          path: ['points', index, 'phase'],
          message: `the cycle has ${movement.parts.cycle.length} phases`,
        });
    }
    for (const key of ['least', 'usual', 'most', 'step'] as const) {
      const cycles = movement.count[key] / amount;
      if (Math.abs(cycles - Math.round(cycles)) > 1e-9) {
        context.addIssue({
          code: 'custom',
          path: ['count', key],
          message: `must be whole cycles: one cycle is ${amount} ${movement.count.unit}`,
        });
      }
    }
  });
export type Movement = z.infer<typeof Movement>;

/** A movement as one of its variants has it, or as one of its teaching steps; itself where the id is unknown. */
export function variantOf(movement: Movement, variantId: string): Movement {
  const variant = movement.variants.find(({ id }) => id === variantId);
  if (!variant) return movement;
  const { start, parts } = patchMovement(movement.start, movement.parts, variant.patch);
  const cautions = movement.cautions.filter((caution) => !variant.eases.includes(caution));
  return { ...movement, start, parts, cautions };
}

export function layerOf(movement: Movement, index: number): Movement {
  const layer = movement.layers[index];
  return layer ? { ...movement, ...layMovementLayer(movement.start, movement.parts, layer) } : movement;
}

/** A movement breathed as another school breathes it. */
export function breathedAs(movement: Movement, school: string): Movement {
  const breaths = movement.breathSchools.find(({ name }) => name === school)?.breaths;
  if (!breaths) return movement;
  const cycle = movement.parts.cycle.map((phase, index) => ({ ...phase, breath: breaths[index] ?? phase.breath }));
  return { ...movement, parts: { ...movement.parts, cycle } };
}

/** The name a movement is usually called by. */
export const usualName = (movement: Movement): string => movement.names.english[0] ?? movement.id;

/** Looks a movement up by its id. */
export type FindMovement = (id: string) => Movement | undefined;
