import { createHash } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { z } from 'zod';
import type { Movement } from '../../core/movement/schema/movement';
import { MovementTraits, movementTraits } from '../../core/traits/movementTraits';

/**
 * The traits of the movements that come along, worked out when the server is built: simulating them takes seconds. Each is kept
 * under what its movement says, so that a movement that was changed since is simulated again.
 */

const File = z.record(z.string(), MovementTraits);

const contentOf = (movement: Movement): string =>
  createHash('sha256').update(JSON.stringify(movement)).digest('base64url');

/** The traits of some movements as a file. */
export const writeTraits = (movements: readonly Movement[]): string =>
  JSON.stringify(Object.fromEntries(movements.map((movement) => [contentOf(movement), movementTraits(movement)])));

/**
 * Reads such a file when it is first asked.
 * @param file its path; one that is not there, or cannot be read, knows no movement
 */
export function readTraits(file: string): (movement: Movement) => MovementTraits | undefined {
  let kept: z.infer<typeof File> | null = null;
  const read = (): z.infer<typeof File> => {
    if (!existsSync(file)) return {};
    try {
      return File.parse(JSON.parse(readFileSync(file, 'utf8')));
    } catch {
      return {};
    }
  };
  return (movement) => {
    kept ??= read();
    return kept[contentOf(movement)];
  };
}
