import Papa from 'papaparse';
import { z } from 'zod';
import { withoutGuard } from '../formulaGuard';

/** A row of a course's table that says what is new in a class. */
const Row = z.object({
  class: z.coerce
    .number('a class is a number')
    .int('a class is a whole number')
    .min(1, 'classes are numbered from 1')
    .max(400),
  thread: z.string().trim().min(1, 'what is taught has a name').max(80),
  what: z.string().trim().max(40).default('new'),
  steps: z.string().trim().max(400).default(''),
});

export interface CsvProblem {
  /** The line of the file, from 1. */
  readonly line: number;
  readonly field: string;
  readonly message: string;
}

/** What a table says is new, a line a week, as a term is typed; or what of it cannot be read. */
export type ReadCourseCsv =
  | { readonly ok: true; readonly lines: string }
  | { readonly ok: false; readonly problems: readonly CsvProblem[] };

const MOST_ROWS = 4000;
const MOST_PROBLEMS = 20;

/** A name may not hold what parts typed things. */
const plain = (text: string): string => text.replaceAll(/[;\r\n]+/g, ' ');

/**
 * Reads a syllabus from a table with the columns class, thread, and where there are such what and steps: the table of a weave as it is
 * written here, or one made by hand. Only what is new counts; second showings and reviews are added when it is planned.
 */
export function readCourseCsv(text: string): ReadCourseCsv {
  const { data, meta } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (name) => name.trim().toLowerCase(),
    transform: withoutGuard,
  });
  const fail = (line: number, field: string, message: string): ReadCourseCsv => ({
    ok: false,
    problems: [{ line, field, message }],
  });
  const lacking = ['class', 'thread'].find((column) => !meta.fields?.includes(column));
  if (lacking) return fail(1, lacking, `there is no column “${lacking}”`);
  if (data.length > MOST_ROWS) return fail(MOST_ROWS + 2, 'class', `more than ${MOST_ROWS} rows`);
  const problems: CsvProblem[] = [];
  const classes = new Map<number, string[]>();
  data.forEach((raw, index) => {
    const row = Row.safeParse(raw);
    if (!row.success) {
      const [issue] = row.error.issues;
      if (issue && problems.length < MOST_PROBLEMS)
        problems.push({ line: index + 2, field: String(issue.path[0] ?? ''), message: issue.message });
      return;
    }
    const { class: number, thread, what, steps } = row.data;
    if (what !== '' && what.toLowerCase() !== 'new') return;
    // Where several steps come at once, the last of them says how far it goes.
    const step = plain(steps).split(',').at(-1)?.trim() ?? '';
    const thing = step === '' ? plain(thread) : `${plain(thread)}, ${step}`;
    classes.set(number, [...(classes.get(number) ?? []), thing]);
  });
  if (problems.length > 0) return { ok: false, problems };
  if (classes.size === 0) return fail(2, 'what', 'nothing in it is new');
  const lines = [...classes].toSorted(([a], [b]) => a - b).map(([number, things]) => `${number}: ${things.join('; ')}`);
  return { ok: true, lines: lines.join('\n') };
}
