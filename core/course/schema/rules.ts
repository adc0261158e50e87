import { z } from 'zod';
import type { Strength } from '../../demand/ceilings';

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
});
export type CourseRules = z.infer<typeof CourseRules>;

/** How much may be new in a class. Figures good teachers use: beginners 1 to 1.5, steady 2, seated or mixed 1. */
const NEW_PER_CLASS: Readonly<Record<Strength, number>> = { gentle: 1, steady: 1.5, strong: 2 };

/** The rules a course of a group begins with. */
export const usualRules = (strength: Strength): CourseRules => ({
  newPerClass: NEW_PER_CLASS[strength],
  consolidateEvery: 4,
  lastWithoutNew: 2,
  mainShare: 0.5,
  amountFrom: 0.8,
  amountTo: 1,
});

/** Of the first and the last class, so many minutes go to beginning and to ending the course. */
export const FIRST_CLASS_LESS = 8;
export const LAST_CLASS_LESS = 10;
/** After so many days without a class nothing new is begun. */
export const AFTER_PAUSE_DAYS = 14;
/** What is new fills at most this share of what the rules would give: someone is always away. */
export const NEW_SHARE = 0.75;
/** A first practice after an introduction shows it again: this share of its minutes. */
export const SECOND_SHOWING = 0.6;
/** The part of what an unfinished thread costs that is not shared out: two half-taught pieces are worth less than one. */
export const FINISH = 0.4;
/** What was introduced is done again before the cool-down, for so many minutes. */
export const AGAIN_MINUTES = 2;
/** What is practised is stretched, or cut, to fill a class: from this to that times its usual minutes. */
export const STRETCH = { least: 0.6, most: 4 } as const;
