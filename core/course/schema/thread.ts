import { z } from 'zod';
import { LineId, MovementId } from '../../words/ids';

/**
 * What is taught through a course: in steps (a movement with its layers, a form place by place); whole first (a set followed entire
 * from class 1, a few places looked at closely each time); by amount (from so many minutes to so many); in rotation (known, at least
 * every few classes, never finished); a principle (a minute or so, and a focus on other lines).
 */
export const THREAD_KINDS = ['steps', 'whole', 'amount', 'rotation', 'principle'] as const;
export const ThreadKind = z.enum(THREAD_KINDS);
export type ThreadKind = z.infer<typeof ThreadKind>;

/** How much a thread is wished for. */
export const Wish = z.enum(['must', 'want', 'room']);
export type Wish = z.infer<typeof Wish>;

/** What a wish weighs: one must outweighs all wants that stand against it. */
export const PRIORITY: Readonly<Record<Wish, number>> = { must: 16, want: 4, room: 1 };

/** How large an introduction is, in minutes. */
export const IntroSize = z.enum(['S', 'M', 'L']);
export type IntroSize = z.infer<typeof IntroSize>;
export const SIZE_MINUTES: Readonly<Record<IntroSize, number>> = { S: 4, M: 8, L: 12 };

/** What a thread is about: a movement, a form as far as some place, or words. */
export const Taught = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('movement'), id: MovementId }),
  z.object({ kind: z.literal('form'), id: MovementId, places: z.number().int().min(1).max(60) }),
  z.object({ kind: z.literal('words'), focus: z.string().max(80) }),
]);
export type Taught = z.infer<typeof Taught>;

const threadMinutes = z.number().min(0).max(60);

/** One teaching step: what it takes to introduce it, and how much of it counts as new. */
export const ThreadLayer = z.object({
  name: z.string().min(1).max(80),
  minutes: threadMinutes,
  weight: z.number().min(0).max(4),
});
export type ThreadLayer = z.infer<typeof ThreadLayer>;

const layerCount = z.number().int().min(0).max(60);

export const CourseThread = z
  .object({
    id: LineId,
    title: z.string().trim().min(1).max(80),
    kind: ThreadKind,
    taught: Taught,
    wish: Wish,
    layers: z.array(ThreadLayer).min(1).max(60),
    /** Minutes to practise it with 1, 2, .. layers. */
    practise: z.array(threadMinutes).min(1).max(60),
    /** How many layers the group knew when the course began. */
    known: layerCount.default(0),
    /** It comes back at least every so many classes; of use for amounts and rotations. */
    every: z.number().int().min(1).max(12).default(1),
    /** My layer `mine`, from 1, comes after a class in which another thread has so many layers. */
    after: z
      .array(z.object({ thread: LineId, layers: layerCount, mine: layerCount }))
      .max(30)
      .default([]),
    /** Steps, from 1, that were promised to the group for the class they are planned in: they are moved only as a last resort. */
    announced: z
      .array(z.object({ layer: layerCount, classId: LineId }))
      .max(60)
      .default([]),
    /** A form that is run with at least so many places practises these threads as well. */
    covers: z.record(LineId, layerCount).default({}),
    /**
     * Classes in which it is to be practised, with so many layers after, or the last of them introduced: set by hand, and kept
     * whenever the course is planned anew.
     */
    pins: z
      .array(z.object({ classId: LineId, layers: z.number().int().min(1).max(60), isNew: z.boolean().default(false) }))
      .max(80)
      .default([]),
  })
  .superRefine(({ layers, practise, known, after }, context) => {
    const complain = (path: (string | number)[], message: string) =>
      context.addIssue({ code: 'custom', path, message });
    if (practise.length !== layers.length) complain(['practise'], 'needs minutes for each layer');
    if (known > layers.length) complain(['known'], 'more is known than there are layers');
    after.forEach(({ mine }, place) => {
      if (mine < 1 || mine > layers.length) complain(['after', place, 'mine'], 'there is no such layer');
    });
  });
export type CourseThread = z.infer<typeof CourseThread>;
