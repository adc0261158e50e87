import { z } from 'zod';
import { Meeting } from '../course/calendar/calendar';
import { STRENGTHS } from '../demand/ceilings';
import { Schools } from '../movement/adapt/schools';
import { Doors, USUAL_DOORS } from '../session/plan/slotTime';
import { Takes } from '../session/plan/takes';
import { MovementId, Slug } from '../words/ids';

/** How much may be asked of a group: which ceilings it is judged by, and the breath paces it is at ease with. */
export const GroupAsked = z
  .object({
    strength: z.enum(STRENGTHS),
    /** Breaths per minute. */
    paceLeast: z.number().min(2).max(30),
    paceMost: z.number().min(2).max(30),
  })
  .refine(({ paceLeast, paceMost }) => paceLeast < paceMost, {
    path: ['paceMost'],
    message: 'the quickest pace must be quicker than the slowest',
  });
export type GroupAsked = z.infer<typeof GroupAsked>;

/** Who is taught, where and when they usually meet. */
export const Group = z.object({
  id: Slug,
  name: z.string().trim().min(1, 'a group needs a name').max(120),
  place: z.string().max(120),
  /** When they meet, in the instructor's own words. */
  meets: z.string().max(120),
  /** On which days of the week, at what time and for how long: what a course of theirs begins with. */
  meetings: z.array(Meeting).max(7).default([]),
  about: z.string().max(400),
  asked: GroupAsked,
  /** How it is taught where schools disagree: what its new classes begin with. */
  schools: Schools,
  /** Movements it knows besides those that were taught here, by the instructor's word. */
  knows: z.array(MovementId).max(200).default([]),
  /** The hall they meet in, where it is written down. */
  hallId: Slug.nullable().default(null),
  /** Where their forms and contacts are kept: on paper, with whoever provides the class. */
  papers: z.string().max(200).default(''),
  /** What of its slot is not class: what its new classes begin with. */
  doors: Doors.default(USUAL_DOORS),
  /** How long its parts really take, as far as that was agreed to: what its new classes are reckoned with. */
  takes: Takes.default({}),
});
export type Group = z.infer<typeof Group>;

/** What is asked of a class that is nobody's yet. Conventions. */
export const USUAL_ASKED: GroupAsked = { strength: 'steady', paceLeast: 3, paceMost: 10 };
