import { z } from 'zod';
import { PostureChange } from '../body/posture';

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

/** One part of a movement that goes with one breath half, a pause or free time, and ends in a posture. */
export const Phase = z
  .object({
    breath: Breath,
    length: PhaseLength,
    /** What changes in the posture by the end of the phase. */
    to: PostureChange.default({}),
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
