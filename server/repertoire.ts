import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { z } from 'zod';
import { Form } from '../core/movement/schema/form';
import { Movement } from '../core/movement/schema/movement';

/** Every fault found while reading movement files, each as "file: path: reason". */
export class RepertoireError extends Error {
  constructor(readonly faults: readonly string[]) {
    super(`The repertoire cannot be read:\n${faults.map((fault) => `  ${fault}`).join('\n')}`);
  }
}

function readFile<Thing extends { id: string }>(
  folder: string,
  file: string,
  schema: z.ZodType<Thing>,
  faults: string[],
): Thing[] {
  let content: unknown;
  try {
    content = JSON.parse(readFileSync(join(folder, file), 'utf8'));
  } catch (error) {
    faults.push(`${file}: not JSON: ${error instanceof Error ? error.message : String(error)}`);
    return [];
  }
  const answer = schema.safeParse(content);
  if (!answer.success) {
    faults.push(
      ...answer.error.issues.map(({ path, message }) => `${file}: ${path.join('.') || 'whole file'}: ${message}`),
    );
    return [];
  }
  if (`${answer.data.id}.json` !== file) faults.push(`${file}: id: "${answer.data.id}" must be the name of the file`);
  return [answer.data];
}

function readFolder<Thing extends { id: string }>(folder: string, schema: z.ZodType<Thing>): Thing[] {
  const faults: string[] = [];
  const files = readdirSync(folder).filter((file) => file.endsWith('.json'));
  const things = files.sort().flatMap((file) => readFile(folder, file, schema, faults));
  if (faults.length > 0) throw new RepertoireError(faults);
  return things;
}

/**
 * Reads all movements of a folder through the schema, in alphabetical order of their files.
 * @throws RepertoireError naming every bad file with path and reason
 */
export const readRepertoire = (folder: string): Movement[] => readFolder(folder, Movement);

/** Reads all forms of a folder, as {@link readRepertoire} reads movements. */
export const readForms = (folder: string): Form[] => readFolder(folder, Form);
