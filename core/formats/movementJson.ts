import { z } from 'zod';
import { Movement } from '../movement/schema/movement';
import type { ReadAnswer, ReadFault } from './movementCsv';

/** The format of a file of movements. It is counted up when an older reader would misread a newer file. */
export const MOVEMENT_FORMAT = 'vesperum-movements/1';

const File = z.object({ format: z.literal(MOVEMENT_FORMAT), movements: z.array(z.unknown()).max(2000) });

/** The published schema of one movement, as JSON Schema. */
export const movementSchema = (): object => ({
  ...z.toJSONSchema(Movement, { io: 'input', unrepresentable: 'any' }),
  title: 'A Vesperum movement',
});

/** Movements as a file: the format's name, then the movements whole. */
export const movementsToJson = (movements: readonly Movement[]): string =>
  `${JSON.stringify({ format: MOVEMENT_FORMAT, movements }, null, 2)}\n`;

/** The line a movement's id stands on, from 1; the first line where it has none that can be found. */
function lineOf(text: string, written: unknown): number {
  const id = typeof written === 'object' && written !== null && 'id' in written ? JSON.stringify(written.id) : null;
  const at = id === null ? -1 : text.search(new RegExp(`"id":\\s*${id.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}`));
  return at < 0 ? 1 : text.slice(0, at).split('\n').length;
}

/**
 * Reads a file of movements, or one movement by itself.
 * @returns the movements; or every fault with its line and field, and nothing read
 */
export function movementsFromJson(text: string): ReadAnswer {
  let content: unknown;
  try {
    content = JSON.parse(text);
  } catch (error) {
    const message = error instanceof Error ? error.message : 'not JSON';
    const position = Number(/position (\d+)/.exec(message)?.[1] ?? 0);
    return {
      ok: false,
      faults: [{ line: text.slice(0, position).split('\n').length, field: '', message: `not JSON: ${message}` }],
    };
  }
  const file = File.safeParse(content);
  const single = typeof content === 'object' && content !== null && 'parts' in content;
  if (!file.success && !single) {
    const faults = file.error.issues.map(({ path, message }) => ({ line: 1, field: path.join('.'), message }));
    return { ok: false, faults };
  }
  const written: readonly unknown[] = file.success ? file.data.movements : [content];
  const faults: ReadFault[] = [];
  const seen = new Set<string>();
  const movements = written.flatMap((one, index): Movement[] => {
    const line = lineOf(text, one);
    const answer = Movement.safeParse(one);
    if (!answer.success) {
      faults.push(
        ...answer.error.issues.map(({ path, message }) => ({
          line,
          field: ['movements', index, ...path].join('.'),
          message,
        })),
      );
      return [];
    }
    if (seen.has(answer.data.id)) faults.push({ line, field: 'id', message: `“${answer.data.id}” stands here twice` });
    seen.add(answer.data.id);
    return [answer.data];
  });
  return faults.length > 0 ? { ok: false, faults } : { ok: true, movements };
}
