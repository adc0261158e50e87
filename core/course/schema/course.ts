import { z } from 'zod';
import { LineId, Slug } from '../../words/ids';
import { CourseCalendar } from '../calendar/calendar';
import { PieceFamily } from './family';
import { CourseRules } from './rules';
import { CourseThread } from './thread';
import { topicKind } from './topicKinds';

/** A class in which a thread is practised, by the class's identity, and with how many layers after it. */
export const CoursePractice = z.object({ classId: LineId, layers: z.number().int().min(1).max(60) });
export type CoursePractice = z.infer<typeof CoursePractice>;

/** For each thread the classes it is practised in, in their order. */
export const CoursePlan = z.record(LineId, z.array(CoursePractice).max(400));
export type CoursePlan = z.infer<typeof CoursePlan>;

/** How a thing that was taught was taken: they have it, half of them do, or it is shown again. */
export const Taken = z.enum(['has', 'half', 'again']);
export type Taken = z.infer<typeof Taken>;

/** A term of classes for one group: when they are, what is taught through them, and what is taught in which. */
export const Course = z
  .object({
    id: Slug,
    name: z.string().trim().min(1, 'a course needs a name').max(120),
    groupId: z.string().max(60),
    calendar: CourseCalendar,
    rules: CourseRules,
    threads: z.array(CourseThread).max(60),
    plan: CoursePlan.default({}),
    /** What its warm-ups are made from; null where that is worked out from what is taught. */
    warmUp: PieceFamily.nullable().default(null),
    /** The same for its cool-downs. */
    coolDown: PieceFamily.nullable().default(null),
    /** What the instructor saw after a class, thing by thing: being taught is not being learnt. */
    seen: z
      .array(z.object({ classId: LineId, thread: LineId, taken: Taken }))
      .max(4000)
      .default([]),
  })
  .superRefine(({ threads, plan, rules, calendar }, context) => {
    const complain = (path: (string | number)[], message: string) =>
      context.addIssue({ code: 'custom', path, message });
    if (rules.rota > 1) {
      if (calendar.ends.kind !== 'open') complain(['rules', 'rota'], 'only a course without an end comes round');
      threads.forEach(({ title, kind, known, layers }, place) => {
        const isWhole = topicKind({ kind }).isKept || known >= layers.length;
        if (!isWhole)
          complain(['threads', place, 'kind'], `“${title}” is learnt in steps: people who may come once cannot`);
      });
    }
    const ids = new Set(threads.map(({ id }) => id));
    if (ids.size < threads.length) complain(['threads'], 'two threads share an id');
    threads.forEach(({ id, after, covers }, place) => {
      after.forEach(({ thread, layers }, row) => {
        const other = threads.find((one) => one.id === thread);
        const at = ['threads', place, 'after', row, 'thread'];
        if (!other || thread === id) complain(at, `there is no other thread “${thread}”`);
        else if (layers > other.layers.length) complain(at, `“${other.title}” has fewer layers`);
      });
      for (const other of Object.keys(covers)) {
        if (!ids.has(other) || other === id)
          complain(['threads', place, 'covers', other], 'there is no such other thread');
      }
    });
    for (const id of Object.keys(plan)) if (!ids.has(id)) complain(['plan', id], 'there is no such thread');
  });
export type Course = z.infer<typeof Course>;
