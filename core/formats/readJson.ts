import type { z } from 'zod';

/** What is wrong in a file, and where. */
export interface FileProblem {
  readonly path: readonly (string | number)[];
  readonly message: string;
}

/** So many problems are named: the first say enough. */
const MOST_PROBLEMS = 20;

/** Reads text as JSON of a schema. Strict: a field that is wrong is named. */
export function readJson<Written>(
  text: string,
  schema: z.ZodType<Written>,
):
  | { readonly ok: true; readonly written: Written }
  | { readonly ok: false; readonly problems: readonly FileProblem[] } {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return { ok: false, problems: [{ path: [], message: 'This is not JSON that can be read.' }] };
  }
  const parsed = schema.safeParse(json);
  if (parsed.success) return { ok: true, written: parsed.data };
  const problems = parsed.error.issues.map(({ path, message }) => ({
    path: path.map((step) => (typeof step === 'symbol' ? String(step) : step)),
    message,
  }));
  return { ok: false, problems: problems.slice(0, MOST_PROBLEMS) };
}
