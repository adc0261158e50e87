import { z } from 'zod';

/** At most so many classes from one practice to the next, stage by stage: what is new comes again soon, what is known rarely. */
export const GAPS: readonly number[] = [1, 2, 3, 4, 6];

/** The most a weave may hold: a year of two classes a week, and more threads than any course has. */
export const MOST_CLASSES = 120;
export const MOST_THREADS = 120;
const MOST_LAYERS = 60;

const minutes = z.number().min(0).max(10_000);
const layer = z.number().int().min(1).max(MOST_LAYERS);

/** My layer `mine` is introduced strictly after the class in which the other thread has reached `layers`. */
const Prerequisite = z.object({ thread: z.string(), layers: layer, mine: layer.default(1) });

/** A class in which a thread is practised, and with how many layers after it. */
export const Practice = z.object({ class: z.number().int().min(0), layers: z.number().int().min(0) });
export type Practice = z.infer<typeof Practice>;

/** One thread of a weave: what is taught in layers and practised again. Minutes are in any one unit, the same for a whole instance. */
export const WeaveThread = z.object({
  id: z
    .string()
    .min(1)
    .max(120)
    .refine((id) => !(id in {}), 'this name means something else; take another'),
  kind: z.enum(['movement', 'form']),
  layers: layer,
  /** How many of them the group knows already. */
  known: z.number().int().min(0).max(MOST_LAYERS),
  priority: z.number().min(0).max(1000),
  /** Minutes to introduce each layer. */
  intro: z.array(minutes).max(MOST_LAYERS),
  /** Minutes to practise it with 0, 1, .. layers. */
  review: z.array(minutes).max(MOST_LAYERS + 1),
  after: z.array(Prerequisite).max(30).default([]),
  /** How much each layer counts as new; without it a class with new layers of a movement counts 1, a form 1 a layer. */
  weight: z.array(z.number().min(0).max(100)).max(MOST_LAYERS).optional(),
  /** The part of what an unfinished thread costs that is not shared out over its layers, 0 to 1. */
  finish: z.number().min(0).max(1).optional(),
  /** A first review after an introduction takes at least this share of the introduction's minutes. */
  second: z.number().min(0).max(10).optional(),
  gaps: z.array(z.number().int().min(1).max(MOST_CLASSES)).min(1).max(12).optional(),
  /** Its last practice lies in the last so many classes, whatever its stage. */
  keepWithin: z.number().int().min(1).max(MOST_CLASSES).optional(),
  /** Begun in this course it reaches at least so many layers; else it is not begun. */
  least: layer.optional(),
  /** The most layers added in one class. */
  most: z.number().int().min(1).max(MOST_LAYERS).optional(),
  /** The class each layer is best introduced in. */
  ideal: z
    .array(
      z
        .number()
        .min(-MOST_CLASSES)
        .max(2 * MOST_CLASSES),
    )
    .max(MOST_LAYERS)
    .optional(),
  /** Practised with at least so many layers, it covers the reviews of these threads in the same class. */
  covers: z.record(z.string(), layer).optional(),
  /**
   * Where a thread stands whose course has begun: the class of its last practice, -1 for the one just before, its stage, and how many
   * layers that practice added. Overdue is legal then: it may be practised in the first class, or be let go.
   */
  standing: z
    .object({
      last: z.number().int().min(-MOST_CLASSES).max(-1),
      stage: z.number().int().min(0).max(12),
      added: z.number().int().min(0).max(MOST_LAYERS),
    })
    .optional(),
  /**
   * Classes in which it is to be practised, with so many layers after, the last of them new there where that is said; each that is
   * missed costs more than anything else.
   */
  pins: z
    .array(z.object({ class: z.number().int().min(0), layers: layer, isNew: z.boolean().default(false) }))
    .max(MOST_CLASSES)
    .optional(),
  /**
   * The plan it had: each practice that is otherwise in a class, moved, left out, added or with other layers, costs what that class says.
   */
  keep: z
    .object({ practices: z.array(Practice).max(MOST_CLASSES), price: z.array(z.number().min(0).max(1000)) })
    .optional(),
  /** Layers that were announced for a class, from 1: another class, or none, costs as much as leaving a class's pins. */
  announced: z
    .array(z.object({ layer, class: z.number().int().min(0) }))
    .max(MOST_LAYERS)
    .optional(),
});
export type WeaveThread = z.infer<typeof WeaveThread>;

/**
 * What is to be woven: classes with their room, threads with what they cost. The rules without the optional fields are in
 * docs/weave.md; with them, each says its own.
 */
export const WeaveInstance = z
  .object({
    classes: z.number().int().min(1).max(MOST_CLASSES),
    /** Minutes of each class. */
    capacity: z.array(minutes),
    /** How much may be new in each class. */
    newPerClass: z.array(z.number().min(0).max(1000)),
    threads: z.array(WeaveThread).max(MOST_THREADS),
    /** What a review's minutes are multiplied by, class by class. */
    amount: z.array(z.number().min(0).max(100)).optional(),
    /** So many stages back when layers are added; without it, to the first. */
    stageBack: z.number().int().min(0).max(100).optional(),
    /** A stage is only gained by a review after at least half of its gap. */
    halfWait: z.boolean().optional(),
    /** The cost of each class a layer is introduced later, as a share of the priority. */
    late: z.number().min(0).max(100).optional(),
  })
  .superRefine((instance, context) => {
    const complain = (path: (string | number)[], message: string) =>
      context.addIssue({ code: 'custom', path, message });
    for (const field of ['capacity', 'newPerClass', 'amount'] as const) {
      const length = instance[field]?.length ?? instance.classes;
      if (length !== instance.classes) complain([field], `has ${length} entries for ${instance.classes} classes`);
    }
    const threads = new Map(instance.threads.map((thread) => [thread.id, thread]));
    instance.threads.forEach((thread, place) => {
      const at = (...path: (string | number)[]) => ['threads', place, ...path];
      if (threads.get(thread.id) !== thread) complain(at('id'), `“${thread.id}” is there twice`);
      if (thread.known > thread.layers) complain(at('known'), 'more is known than there are layers');
      const prices = thread.keep?.price.length ?? instance.classes;
      if (prices !== instance.classes)
        complain(at('keep', 'price'), `has ${prices} entries for ${instance.classes} classes`);
      for (const field of ['intro', 'weight', 'ideal'] as const) {
        const length = thread[field]?.length ?? thread.layers;
        if (length !== thread.layers) complain(at(field), `has ${length} entries for ${thread.layers} layers`);
      }
      if (thread.review.length !== thread.layers + 1) {
        complain(
          at('review'),
          `has ${thread.review.length} entries; ${thread.layers} layers want ${thread.layers + 1}`,
        );
      }
      thread.after.forEach((one, row) => {
        const other = threads.get(one.thread);
        if (!other) complain(at('after', row, 'thread'), `there is no thread “${one.thread}”`);
        else if (one.thread === thread.id) complain(at('after', row, 'thread'), 'a thread does not come after itself');
        else if (one.layers > other.layers) complain(at('after', row, 'layers'), 'the other thread has fewer layers');
        if (one.mine > thread.layers) complain(at('after', row, 'mine'), 'this thread has fewer layers');
      });
      for (const covered of Object.keys(thread.covers ?? {})) {
        if (covered === thread.id) complain(at('covers', covered), 'a thread does not cover itself');
        else if (!threads.has(covered)) complain(at('covers', covered), `there is no thread “${covered}”`);
      }
    });
  });
export type WeaveInstance = z.infer<typeof WeaveInstance>;

/** For each thread the classes in which it is practised, in their order. A thread that is left out may be missing. */
export const WeavePlan = z.record(z.string(), z.array(Practice));
export type WeavePlan = z.infer<typeof WeavePlan>;

export type WeavePin = NonNullable<WeaveThread['pins']>[number];

/** Whether a practice is what a pin asks for. */
export const honours = (pin: WeavePin, before: number, layers: number): boolean =>
  pin.layers === layers && (!pin.isNew || before < layers);

/** Whether a thread that nobody had begun is begun and left too early. */
export const stopsShort = ({ least = 0, known, standing }: WeaveThread, reached: number): boolean =>
  known === 0 && !standing && reached > 0 && reached < least;

/** Whether a path passes one of its thread's pins by. */
export const missesPin = ({ pins = [], known }: WeaveThread, path: readonly Practice[]): boolean =>
  pins.some(
    (pin) =>
      !path.some((one, place) => one.class === pin.class && honours(pin, path[place - 1]?.layers ?? known, one.layers)),
  );

export const gapsOf = ({ gaps }: WeaveThread): readonly number[] => gaps ?? GAPS;

/** How much is new where a thread goes from some layers to more. */
export function freshOf({ weight, kind }: WeaveThread, before: number, layers: number): number {
  if (weight) return weight.slice(before, layers).reduce((sum, one) => sum + one, 0);
  return kind === 'form' ? layers - before : Math.min(1, layers - before);
}

/** What introducing layers takes, in minutes. */
export const introOf = ({ intro }: WeaveThread, before: number, layers: number): number =>
  intro.slice(before, layers).reduce((sum, one) => sum + one, 0);

/** What a thread costs that ends with so many layers. */
export function unfinishedCost({ priority, layers, finish = 0 }: WeaveThread, reached: number): number {
  const missing = (layers - reached) / layers;
  return 10 * priority * ((missing > 0 ? finish : 0) + (1 - finish) * missing);
}

/** A pin that is missed costs so much: room for it is made before, so that it is only missed where two pins exclude each other. */
export const PIN_MISSED = 1000;
/** What was announced is moved only as a last resort. */
export const ANNOUNCED_MOVED = 1000;

/** What a plan costs for being otherwise than it was, in the classes from one up to another in which a thread is not practised. */
export function leftOutCost({ keep }: WeaveThread, from: number, upTo: number): number {
  if (!keep) return 0;
  return keep.practices.reduce(
    (sum, { class: at }) => (at >= from && at < upTo ? sum + (keep.price[at] ?? 0) : sum),
    0,
  );
}

/** The same for a class in which it is practised with so many layers. */
export function changedCost({ keep }: WeaveThread, at: number, layers: number): number {
  if (!keep) return 0;
  return keep.practices.some((one) => one.class === at && one.layers === layers) ? 0 : (keep.price[at] ?? 0);
}

/** What it costs that layers after `before` up to `layers` come in a class for which others of them were announced. */
export const announcedCost = ({ announced = [] }: WeaveThread, before: number, layers: number, at: number): number =>
  ANNOUNCED_MOVED * announced.filter((one) => one.layer > before && one.layer <= layers && one.class !== at).length;

/** What it costs that announced layers are never reached. */
export const unreachedCost = ({ announced = [] }: WeaveThread, reached: number): number =>
  ANNOUNCED_MOVED * announced.filter(({ layer: one }) => one > reached).length;

/** A known thread that is never practised costs this much of its priority. */
export const NEVER_PRACTISED = 3;
/** A layer introduced a class later costs this much of its priority, where the instance says nothing else. */
export const LATE = 0.02;
