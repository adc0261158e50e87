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

/** So many faults are named: the first say enough. */
const MOST_FAULTS = 50;

/** The line each id stands on first, from 1, found in one pass over the text. */
function linesOfIds(text: string): ReadonlyMap<string, number> {
  const lines = new Map<string, number>();
  text.split('\n').forEach((line, index) => {
    for (const [, id] of line.matchAll(/"id":\s*"([^"\\]*)"/g)) {
      if (id !== undefined && !lines.has(id)) lines.set(id, index + 1);
    }
  });
  return lines;
}

const idOf = (written: unknown): string =>
  typeof written === 'object' && written !== null && 'id' in written ? String(written.id) : '';

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
  const lines = linesOfIds(text);
  const movements = written.flatMap((one, index): Movement[] => {
    if (faults.length >= MOST_FAULTS) return [];
    const line = lines.get(idOf(one)) ?? 1;
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
