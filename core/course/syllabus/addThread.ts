import type { Form } from '../../movement/schema/form';
import type { Course } from '../schema/course';
import type { CourseThread } from '../schema/thread';
import { bindThreads } from './bindThreads';

/** The threads of a course with one more, bound to what is usually taught before it; the others stay bound as they are. */
export function withThreadAdded({ threads }: Course, thread: CourseThread, forms: readonly Form[]): CourseThread[] {
  // One that waits for nothing by hand would be bound anew by all of them together.
  const bound = bindThreads([...threads, thread], forms).at(-1) ?? thread;
  return [...threads, bound];
}
