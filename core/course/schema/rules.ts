import { z } from 'zod';
import type { Strength } from '../../demand/ceilings';

const GAPS_IN_COURSE = [1, 2, 3, 4, 6];

/** The figures a course is planned by; all may be changed. */
export const CourseRules = z.object({
  /** How much may be new in a class, by layer and weight. */
  newPerClass: z.number().min(0).max(6),
  /** Every so many classes one consolidates: nothing new. 0: none does. */
  consolidateEvery: z.number().int().min(0).max(12),
  /** Nothing new in the last so many classes. */
  lastWithoutNew: z.number().int().min(0).max(6),
  /** The main part's share of a class. */
  mainShare: z.number().min(0.2).max(0.8),
  /** Practising grows from this share of its usual minutes in the first class to that in the last. */
  amountFrom: z.number().min(0.2).max(2),
  amountTo: z.number().min(0.2).max(3),
  /** The class comes to rest after a piece: so many seconds in the first class, so many in the last; under two it is chained. */
  settleFrom: z.number().min(0).max(60).default(10),
  settleTo: z.number().min(0).max(60).default(2),
  /** So often a thing is named once it is new, and so often said while moving before that too may fall silent. */
  namedFor: z.number().int().min(0).max(20).default(2),
  saidFor: z.number().int().min(0).max(40).default(4),
  /** A first practice after an introduction shows it again: this share of its minutes. */
  secondShowing: z.number().min(0).max(1).default(0.6),
  /** Of the first and the last class, so many minutes go to beginning and to ending the course. */
  firstLess: z.number().min(0).max(30).default(8),
  lastLess: z.number().min(0).max(30).default(10),
  /** After so many days without a class nothing new is begun. */
  pauseDays: z.number().int().min(2).max(90).default(14),
  /** What is new fills at most this share of what the rules would give: someone is always away. */
  newShare: z.number().min(0.2).max(1).default(0.75),
  /** Every must is practised within the last so many classes. */
  mustWithin: z.number().int().min(1).max(8).default(2),
  /** A course without an end comes round after so many classes, each whole by itself: A B C A B C. 0: it does not. */
  rota: z.number().int().min(0).max(6).default(0),
  /** A piece taught in steps comes again after so many classes at most, the first time, the second time and so on. */
  gaps: z
    .array(z.number().int().min(1).max(12))
    .min(1, 'a piece comes again after some classes')
    .max(8)
    .default(GAPS_IN_COURSE),
});
export type CourseRules = z.infer<typeof CourseRules>;

/** How much may be new in a class. Figures good teachers use: beginners 1 to 1.5, steady 2, seated or mixed 1. */
const NEW_PER_CLASS: Readonly<Record<Strength, number>> = { gentle: 1, steady: 1.5, strong: 2 };

/** The rules a course of a group begins with. */
export const usualRules = (strength: Strength): CourseRules =>
  CourseRules.parse({
    newPerClass: NEW_PER_CLASS[strength],
    consolidateEvery: 4,
    lastWithoutNew: 2,
    mainShare: 0.5,
    amountFrom: 0.8,
    amountTo: 1,
  });

/** The part of what an unfinished thread costs that is not shared out: two half-taught pieces are worth less than one. */
export const FINISH = 0.4;
/** What is only wanted is begun where this share of its layers can be reached. */
export const BEGUN_SHARE = 0.75;
/** What was introduced is done again before the cool-down, for so many minutes. */
export const AGAIN_MINUTES = 2;
/** Where there is nothing else to do, what is new is shown, and done again, for up to so many times as long. */
export const LINGER = { shown: 1.5, again: 2.5 } as const;
/** What is practised is stretched, or cut, to fill a class: from this to that times its usual minutes. */
export const STRETCH = { least: 0.6, most: 4 } as const;
