import { z } from 'zod';
import { Tag } from '../../../movement/schema/teachingWords';

/**
 * When words are said in a line: so many seconds or breaths after it begins to move, or as a repetition or a round begins, counted
 * from 1. At a repetition they are said on each side.
 */
export const CueAt = z.discriminatedUnion('unit', [
  z.object({ unit: z.literal('seconds'), after: z.number().min(0).max(7200) }),
  z.object({ unit: z.literal('breaths'), after: z.number().min(0).max(1000) }),
  z.object({ unit: z.literal('repetitions'), at: z.number().int().min(1).max(3600) }),
  z.object({ unit: z.literal('rounds'), at: z.number().int().min(1).max(400) }),
]);
export type CueAt = z.infer<typeof CueAt>;

/** Words at a moment of a line; while nothing is written yet, nothing is said. */
export const LineCue = z.object({ at: CueAt, say: z.string().max(240) });
export type LineCue = z.infer<typeof LineCue>;

/** Where the instructor stands for a line, and how; where it says nothing, as the instructor usually does. */
export const Stands = z.object({
  faces: z.enum(['usual', 'class', 'back', 'side-on']).default('usual'),
  place: z.enum(['usual', 'nearer', 'back-row']).default('usual'),
});
export type Stands = z.infer<typeof Stands>;

export const USUALLY: Stands = { faces: 'usual', place: 'usual' };

/** A text read out while a line lasts: paragraphs, with pauses in brackets between them. */
export const Script = z.string().max(12_000);

/** What is said in a line besides its calls, and from where. */
export const LINE_WORDS = {
  cues: z.array(LineCue).max(40).default([]),
  /** What each round looks at; empty takes the movement's own. */
  focuses: z.array(z.string().max(80)).max(8).default([]),
  stands: Stands.default(USUALLY),
  /** What others of the class do at the same time: "the back row sits and follows the hands". */
  meanwhile: z.string().max(160).default(''),
  tags: z.array(Tag).max(12).default([]),
};
