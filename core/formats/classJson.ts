import { z } from 'zod';
import { Movement } from '../movement/schema/movement';
import { Session } from '../session/plan/session';
import { movementIdsOf } from '../session/schedule/settleItem';
import { missingMovements, planProblems } from '../session/schedule/timeline';
import { broughtMovements } from './broughtMovements';
import { type FileProblem, readJson } from './readJson';
import { twinProblems } from './twinProblems';

/** A class in a file of its own, with every movement it names, so that it opens on another machine. */
export const ClassFile = z.object({
  format: z.literal('vesperum-class'),
  version: z.literal(1),
  session: Session,
  movements: z.array(Movement).max(500),
});
export type ClassFile = z.infer<typeof ClassFile>;

export const writeClass = (session: Session, find: (id: string) => Movement | undefined): string => {
  const movements = movementIdsOf(session.sections).flatMap((id) => find(id) ?? []);
  return `${JSON.stringify({ format: 'vesperum-class', version: 1, session, movements }, null, 2)}\n`;
};

/** What a file would bring, before anything is written. */
export type ReadClass =
  | {
      readonly ok: true;
      /** The class as it would be added: a new id, no group, the movements by the names they will have here. */
      readonly session: Session;
      /** Movements that are not here yet. */
      readonly brings: readonly Movement[];
      /** Movements that are here under the same name but differ: they come along under another name. */
      readonly renamed: readonly { readonly from: string; readonly to: string }[];
    }
  | { readonly ok: false; readonly problems: readonly FileProblem[] };

/**
 * Reads a class from the text of a file. Strict: a field that is wrong is named, and nothing is brought. Nothing that is here
 * is overwritten.
 * @param find what is here by its id
 * @param id of the class as it is added
 */
export function readClass(text: string, find: (id: string) => Movement | undefined, id: string): ReadClass {
  const read = readJson(text, ClassFile);
  if (!read.ok) return read;
  const { session, movements } = read.written;
  const inFile = new Map(movements.map((movement) => [movement.id, movement]));
  const findEither = (movementId: string) => inFile.get(movementId) ?? find(movementId);
  const missing = missingMovements(session, findEither).map(({ path, message }) => ({
    path,
    message: `${message}, neither in the file nor here`,
  }));
  const problems = [
    ...twinProblems(movements),
    ...(missing.length > 0 ? missing : planProblems(session, findEither)).map(
      ({ path, message }): FileProblem => ({ path: ['session', ...path], message }),
    ),
  ];
  if (problems.length > 0) return { ok: false, problems };

  const { brings, renamed, nameOf } = broughtMovements(movements, find);
  const named = <Line extends { readonly movementId: string }>(line: Line): Line => ({
    ...line,
    movementId: nameOf(line.movementId),
  });
  const sections = session.sections.map((section) => ({
    ...section,
    items: section.items.map((item) => (item.kind === 'movement' ? named(item) : item)),
    settle: section.settle && { ...section.settle, lines: section.settle.lines.map(named) },
  }));
  return {
    ok: true,
    session: { ...session, id, sections, groupId: null, course: null, family: null },
    brings,
    renamed,
  };
}
