import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { Worker, type WorkerOptions } from 'node:worker_threads';

/**
 * Opens a thread of the server by the name of its file: as built beside the server's own, or from its source where the server
 * runs from its own.
 */
export function openThread(name: string, options: WorkerOptions = {}): Worker {
  const built = join(import.meta.dirname, `${name}.mjs`);
  if (existsSync(built)) return new Worker(built, options);
  // A thread does not learn to read TypeScript from its parent.
  const source = JSON.stringify(join(import.meta.dirname, `${name}.ts`));
  return new Worker(`import('tsx/esm/api').then(({ tsImport }) => tsImport(${source}, ${source}))`, {
    ...options,
    eval: true,
  });
}
