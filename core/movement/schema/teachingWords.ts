import { z } from 'zod';

/** Something to watch: in the whole movement, or in one phase of its cycle, counted from 0. */
export const PointToWatch = z.object({
  text: z.string().trim().min(3).max(140),
  phase: z.number().int().min(0).nullable().default(null),
});
export type PointToWatch = z.infer<typeof PointToWatch>;

/** What is often seen, and what to say when it is. */
export const UsualFault = z.object({ seen: z.string().trim().min(3).max(120), say: z.string().trim().min(3).max(120) });
export type UsualFault = z.infer<typeof UsualFault>;

/** What each round looks at, in its order: "first shape", "then shoulders", "then breath". */
export const Focuses = z.array(z.string().trim().min(1).max(80)).max(8);
export type Focuses = z.infer<typeof Focuses>;

/** A row of movements taught one after the other, and which of them this is. */
export const Series = z
  .object({
    name: z.string().trim().min(1).max(80),
    part: z.number().int().min(1).max(60),
    of: z.number().int().min(1).max(60),
  })
  .refine(({ part, of }) => part <= of, { message: 'a series has no part beyond its last', path: ['part'] });
export type Series = z.infer<typeof Series>;

/** A word of the instructor's own, by which things are found again. */
export const Tag = z
  .string()
  .trim()
  .min(1)
  .max(30)
  .regex(/^[^,;]+$/, 'a tag has no comma in it');

/** What there is to say of a movement besides its calls. */
export const TEACHING_WORDS = {
  points: z.array(PointToWatch).max(12).default([]),
  faults: z.array(UsualFault).max(8).default([]),
  focuses: Focuses.default([]),
  /** What tradition says it means or does: shown as tradition, never as an effect. */
  meaning: z.string().trim().max(300).default(''),
  series: Series.nullable().default(null),
  tags: z.array(Tag).max(12).default([]),
};

/** The points of a phase, and with the first phase those of the whole movement. */
export const pointsAt = (points: readonly PointToWatch[], phase: number): PointToWatch[] =>
  points.filter((point) => (point.phase ?? 0) === phase);
