import { join } from 'node:path';
import type { Form } from '../core/movement/schema/form';
import type { FindMovement, Movement } from '../core/movement/schema/movement';
import { readForms, readRepertoire } from './repertoire';

interface Repertoire {
  readonly movements: readonly Movement[];
  readonly forms: readonly Form[];
  readonly find: FindMovement;
}

let kept: Repertoire | null = null;

/** The movements and forms that come along, read once in a process: everybody has the same objects, and what is known of them. */
export function shippedRepertoire(): Repertoire {
  if (kept) return kept;
  const folder = join(import.meta.dirname, '..', 'repertoire');
  const movements = readRepertoire(folder);
  const byId = new Map(movements.map((movement) => [movement.id, movement]));
  kept = { movements, forms: readForms(join(folder, 'forms')), find: (id) => byId.get(id) };
  return kept;
}
