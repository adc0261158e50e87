import { z } from 'zod';
import { PostureChange } from '../../body/written/posture';
import { Overlay } from './overlay';

/** In or out; a retention (stopped breath, full or empty); or natural, uncounted breathing. */
export const Breath = z.enum(['in', 'out', 'retained-full', 'retained-empty', 'natural']);
export type Breath = z.infer<typeof Breath>;

/**
 * How long a phase lasts.
 * - `span`: this share of its breath half (1 is the whole in-breath or out-breath)
 * - `breaths`: so many natural breaths at the pace of the moment
 * - `beats`: so many beats at a tempo in beats per minute
 * - `seconds`: by the clock
 */
export const PhaseLength = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('span'), share: z.number().positive().max(1) }),
  z.object({ kind: z.literal('breaths'), breaths: z.number().positive().max(100) }),
  z.object({
    kind: z.literal('beats'),
    beats: z.number().int().positive().max(500),
    tempo: z.number().min(10).max(300),
  }),
  z.object({ kind: z.literal('seconds'), seconds: z.number().positive().max(1800) }),
]);
export type PhaseLength = z.infer<typeof PhaseLength>;

/** The stretch of a phase, as shares of it, in which something changes. */
export const Span = z
  .tuple([z.number().min(0).max(1), z.number().min(0).max(1)])
  .refine(([from, to]) => from < to, { message: 'a window ends after it begins' });
export type Span = readonly [from: number, to: number];

/** When within a phase each channel changes; the whole phase where nothing is said. Hips first and the arm late, say. */
export const Windows = z.object({
  load: Span.optional(),
  feet: Span.optional(),
  hips: Span.optional(),
  trunk: Span.optional(),
  arms: Span.optional(),
  head: Span.optional(),
});
export type Windows = z.infer<typeof Windows>;

/** How the breath is taken: through what, into where, and the sound it is let out with. */
export const BreathManner = z.object({
  route: z.enum(['nose', 'mouth', 'sounded']).default('nose'),
  into: z.enum(['belly', 'ribs', 'reverse']).default('belly'),
  sound: z.string().trim().max(16).default(''),
});
export type BreathManner = z.infer<typeof BreathManner>;

/** One part of a movement that goes with one breath half, a pause or free time, and ends in a posture. */
export const Phase = z
  .object({
    breath: Breath,
    length: PhaseLength,
    /** What changes in the posture by the end of the phase. */
    to: PostureChange.default({}),
    windows: Windows.default({}),
    /** Which way hands travel that have far to go: before the body, or out to the sides. */
    handPath: z.enum(['front', 'side']).default('front'),
    overlays: z.array(Overlay).max(6).default([]),
    manner: BreathManner.optional(),
    /** The few words said for it. */
    call: z.string().min(1).max(80),
  })
  .superRefine((phase, context) => {
    const drawn = phase.breath === 'in' || phase.breath === 'out';
    if (phase.length.kind === 'span' && !drawn) {
      context.addIssue({ code: 'custom', path: ['length'], message: 'a span needs an in-breath or an out-breath' });
    }
    if (phase.length.kind === 'breaths' && phase.breath !== 'natural') {
      context.addIssue({ code: 'custom', path: ['length'], message: 'whole breaths need natural breathing' });
    }
  });
export type Phase = z.infer<typeof Phase>;
