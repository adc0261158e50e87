import { z } from 'zod';
import { Course } from '../../course/schema/course';
import { WeaveInstance, WeavePlan } from '../../course/weave/graph/instance';
import { Slug } from '../../words/ids';
import { Problem } from './api';

/** What is to be woven, and for how long at most. */
export const WeaveRequest = z.object({
  instance: WeaveInstance,
  seconds: z.number().min(0.1).max(120).default(5),
  /** A plan to begin with: what of it does not hold is woven anew. */
  start: WeavePlan.optional(),
});
export const WeaveReply = z.object({
  /** For each thread the classes it is practised in, and with how many layers after each. */
  plan: WeavePlan,
  cost: z.number(),
  /** No legal plan costs less. */
  bound: z.number(),
});

/** A course as the store holds it. `revision` counts its saves from 1. */
export const StoredCourse = z.object({
  course: Course,
  revision: z.number().int().min(1),
  changedAt: z.iso.datetime(),
});
export type StoredCourse = z.infer<typeof StoredCourse>;

export const NewCourse = z.object({ course: Course });
/** A save: the course and the revision it was made from. */
export const CourseSave = z.object({ course: Course, revision: z.number().int().min(1) });
export type CourseSave = z.infer<typeof CourseSave>;

/** The text of a file with a course, the id it is added under, and the group it is for. */
export const CourseFileText = z.object({ text: z.string().min(1), id: Slug, groupId: z.string().max(60) });
export type CourseFileText = z.infer<typeof CourseFileText>;

/** Where another page has saved over the same revision: what is stored now, and what was sent. */
export const CourseConflict = Problem.extend({ stored: StoredCourse, sent: Course });
