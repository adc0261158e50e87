import type { Course } from '../schema/course';
import type { CourseThread } from '../schema/thread';

/** A course with a thread changed, or with one more behind the others. */
export function withThread(course: Course, thread: CourseThread): Course {
  const isThere = course.threads.some(({ id }) => id === thread.id);
  const threads = isThere
    ? course.threads.map((one) => (one.id === thread.id ? thread : one))
    : [...course.threads, thread];
  return { ...course, threads };
}

/** A course without a thread: nothing waits for it any more, and nothing of it is planned. What was seen of it goes too. */
export function withoutThread(course: Course, id: string): Course {
  const { [id]: _, ...plan } = course.plan;
  return {
    ...course,
    threads: course.threads
      .filter((one) => one.id !== id)
      .map((one) => {
        const { [id]: __, ...covers } = one.covers;
        return { ...one, covers, after: one.after.filter(({ thread }) => thread !== id) };
      }),
    plan,
    seen: course.seen.filter(({ thread }) => thread !== id),
  };
}
