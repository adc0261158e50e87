import { z } from 'zod';
import { Course } from '../../course/schema/course';
import { contentOf } from '../../course/schema/topicContent';
import type { Form } from '../../movement/schema/form';
import { type FindMovement, Movement } from '../../movement/schema/movement';
import { broughtMovements } from '../broughtMovements';
import { type FileProblem, readJson } from '../readJson';
import { twinProblems } from '../twinProblems';

/** A course in a file of its own, with every movement it names: its calendar, threads, rules, plan and what was seen. */
export const CourseFile = z.object({
  format: z.literal('vesperum-course'),
  version: z.literal(1),
  course: Course,
  movements: z.array(Movement).max(100),
});

const taughtMovements = ({ threads }: Course): string[] => [
  ...new Set(threads.flatMap((thread) => contentOf(thread).movementId ?? [])),
];

export const writeCourse = (course: Course, find: FindMovement): string => {
  const movements = taughtMovements(course).flatMap((id) => find(id) ?? []);
  return `${JSON.stringify({ format: 'vesperum-course', version: 1, course, movements }, null, 2)}\n`;
};

/** What a file would bring, before anything is written. */
export type ReadCourse =
  | {
      readonly ok: true;
      /** The course as it would be added: a new id, for a group that is here, the movements by the names they will have here. */
      readonly course: Course;
      readonly brings: readonly Movement[];
      readonly renamed: readonly { readonly from: string; readonly to: string }[];
    }
  | { readonly ok: false; readonly problems: readonly FileProblem[] };

/**
 * Reads a course from the text of a file. Strict: a field that is wrong is named, and nothing is brought. Nothing that is here is
 * overwritten.
 * @param find what is here by its id
 * @param id of the course as it is added
 * @param groupId of the group it is for here
 */
export function readCourse(
  text: string,
  find: FindMovement,
  forms: readonly Pick<Form, 'id'>[],
  id: string,
  groupId: string,
): ReadCourse {
  const read = readJson(text, CourseFile);
  if (!read.ok) return read;
  const { course, movements } = read.written;
  const inFile = new Set(movements.map((movement) => movement.id));
  const problems = twinProblems(movements);
  problems.push(
    ...course.threads.flatMap((thread, place): FileProblem[] => {
      const { form, movementId } = contentOf(thread);
      const path = ['course', 'threads', place, 'taught', 'id'];
      if (form && !forms.some(({ id: one }) => one === form.id))
        return [{ path, message: `the form "${form.id}" is not here` }];
      if (movementId !== null && !inFile.has(movementId) && !find(movementId))
        return [{ path, message: `there is no movement "${movementId}", neither in the file nor here` }];
      return [];
    }),
  );
  if (problems.length > 0) return { ok: false, problems };
  const { brings, renamed, nameOf } = broughtMovements(movements, find);
  const threads = course.threads.map((thread) => ({ ...thread, taught: contentOf(thread).renamed(nameOf) }));
  return { ok: true, course: { ...course, id, groupId, threads }, brings, renamed };
}
