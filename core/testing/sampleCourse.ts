import { Course } from '../course/schema/course';
import { usualRules } from '../course/schema/rules';
import type { CourseThread } from '../course/schema/thread';

/** For tests: threads and courses that need no repertoire. */

/** A thread in steps with so many layers of four minutes. */
export const sampleThread = (id: string, layers: number, more: Partial<CourseThread> = {}): CourseThread => ({
  id,
  title: id,
  kind: 'steps',
  taught: { kind: 'movement', id },
  wish: 'must',
  layers: Array.from({ length: layers }, (_, place) => ({ name: `step ${place + 1}`, minutes: 4, weight: 0.5 })),
  practise: Array.from({ length: layers }, () => 2),
  known: 0,
  every: 1,
  after: [],
  covers: {},
  pins: [],
  announced: [],
  ...more,
});

/** Tuesdays at 19:00 from 5 January 2027, so many of them. */
export const sampleCourse = (threads: readonly CourseThread[], count = 8, more: Partial<Course> = {}): Course =>
  Course.parse({
    id: 'evening-course',
    name: 'Evening course',
    groupId: 'evening',
    calendar: {
      firstDay: '2027-01-05',
      zone: 'Europe/London',
      meetings: [{ weekday: 2, startsAt: '19:00', minutes: 75 }],
      ends: { kind: 'classes', count },
    },
    rules: usualRules('steady'),
    threads,
    ...more,
  });
