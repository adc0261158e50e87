import { z } from 'zod';
import { Course } from '../../course/schema/course';
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
  ...new Set(threads.flatMap(({ taught }) => (taught.kind === 'movement' ? [taught.id] : []))),
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
    ...course.threads.flatMap(({ taught }, place): FileProblem[] => {
      const path = ['course', 'threads', place, 'taught', 'id'];
      if (taught.kind === 'form' && !forms.some((form) => form.id === taught.id))
        return [{ path, message: `the form "${taught.id}" is not here` }];
      if (taught.kind === 'movement' && !inFile.has(taught.id) && !find(taught.id))
        return [{ path, message: `there is no movement "${taught.id}", neither in the file nor here` }];
      return [];
    }),
  );
  if (problems.length > 0) return { ok: false, problems };
  const { brings, renamed, nameOf } = broughtMovements(movements, find);
  const threads = course.threads.map((thread) => {
    const { taught } = thread;
    return taught.kind === 'movement' ? { ...thread, taught: { ...taught, id: nameOf(taught.id) } } : thread;
  });
  return { ok: true, course: { ...course, id, groupId, threads }, brings, renamed };
}
