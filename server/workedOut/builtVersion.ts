import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import type { Movement } from '../../core/movement/schema/movement';

/**
 * Names everything that works figures out: what the server was built into, and the movements that come along.
 * @param program the file the server runs from
 * @returns null where that is a source file, which says nothing of the others it uses
 */
export const builtVersion = (program: string, movements: readonly Movement[]): string | null =>
  program.endsWith('.mjs')
    ? createHash('sha256').update(readFileSync(program)).update(JSON.stringify(movements)).digest('base64url')
    : null;
