import Papa from 'papaparse';
import { Movement } from '../movement/schema/movement';
import { FORMULAE, withoutGuard } from './formulaGuard';

/** Something wrong in a text that was read: where, and what. `line` counts from 1 with the heading as line 1. */
export interface ReadFault {
  readonly line: number;
  readonly field: string;
  readonly message: string;
}
export type ReadAnswer =
  | { readonly ok: true; readonly movements: readonly Movement[] }
  | { readonly ok: false; readonly faults: readonly ReadFault[] };

const list = (cell: string): string[] =>
  cell
    .split('|')
    .map((one) => one.trim())
    .filter(Boolean);

interface Column {
  readonly name: string;
  readonly write: (movement: Movement) => string;
  /** The cell laid into what will be read through the schema; `path` names the field a fault belongs to. */
  readonly read: (cell: string, into: Record<string, unknown>) => void;
  readonly path: string;
}

const deep = (into: Record<string, unknown>, key: string): Record<string, unknown> => {
  const copy = { ...(into[key] as Record<string, unknown>) };
  into[key] = copy;
  return copy;
};
const nested = (name: string, key: string, field: string, as: 'text' | 'list' | 'number'): Column => ({
  name,
  path: `${key}.${field}`,
  write: (movement) => {
    const value = ((movement as Record<string, unknown>)[key] as Record<string, unknown>)[field];
    return Array.isArray(value) ? value.join('|') : String(value);
  },
  read: (cell, into) => {
    deep(into, key)[field] = as === 'list' ? list(cell) : as === 'number' ? Number(cell) : cell.trim();
  },
});
const plain = (name: keyof Movement & string, as: 'text' | 'list' | 'number' | 'yes'): Column => ({
  name,
  path: name,
  write: (movement) => {
    const value = movement[name];
    if (as === 'yes') return value ? 'yes' : 'no';
    return Array.isArray(value) ? value.join('|') : String(value);
  },
  read: (cell, into) => {
    const text = cell.trim();
    into[name] =
      as === 'list'
        ? list(cell)
        : as === 'number'
          ? Number(text)
          : as === 'yes'
            ? text === 'yes'
              ? true
              : text === 'no'
                ? false
                : text
            : text;
  },
});

/** So many rows are read at once, and so many faults are named: the first say enough. */
const MOST_ROWS = 2000;
const MOST_FAULTS = 50;

/** The tabular part of a movement. Its postures and phases do not fit a table; they travel as JSON. */
const COLUMNS: readonly Column[] = [
  plain('id', 'text'),
  nested('english', 'names', 'english', 'list'),
  nested('pinyin', 'names', 'pinyin', 'list'),
  nested('chinese', 'names', 'chinese', 'list'),
  plain('tradition', 'text'),
  plain('roles', 'list'),
  plain('about', 'text'),
  plain('level', 'number'),
  plain('seated', 'yes'),
  nested('count unit', 'count', 'unit', 'text'),
  nested('least', 'count', 'least', 'number'),
  nested('usual', 'count', 'usual', 'number'),
  nested('most', 'count', 'most', 'number'),
  nested('step', 'count', 'step', 'number'),
  plain('cautions', 'list'),
];

/** The tabular part of movements as CSV, one line each. Several values in a cell are parted by |. */
export const movementsToCsv = (movements: readonly Movement[]): string =>
  Papa.unparse(
    {
      fields: COLUMNS.map(({ name }) => name),
      data: movements.map((movement) => COLUMNS.map(({ write }) => write(movement))),
    },
    { newline: '\n', escapeFormulae: FORMULAE },
  );

/**
 * Reads the tabular part back over the movements it belongs to, by their ids. Columns that are left out stay as they are.
 * @param find a movement by its id, whose phases are kept
 * @returns the changed movements; or every fault with its line and field, and nothing changed
 */
export function movementsFromCsv(text: string, find: (id: string) => Movement | undefined): ReadAnswer {
  const faults: ReadFault[] = [];
  const { data, errors, meta } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transform: withoutGuard,
  });
  for (const { row, message } of errors) faults.push({ line: (row ?? 0) + 2, field: '', message });
  const known = COLUMNS.filter(({ name }) => meta.fields?.includes(name));
  for (const field of meta.fields ?? [])
    if (!COLUMNS.some(({ name }) => name === field))
      faults.push({ line: 1, field, message: 'there is no such column' });
  if (!known.some(({ name }) => name === 'id'))
    faults.push({ line: 1, field: 'id', message: 'the column “id” is missing' });
  if (faults.length > 0) return { ok: false, faults };

  if (data.length > MOST_ROWS)
    return { ok: false, faults: [{ line: MOST_ROWS + 2, field: '', message: `at most ${MOST_ROWS} rows are read` }] };

  const seen = new Set<string>();
  const movements = data.flatMap((row, index): Movement[] => {
    if (faults.length >= MOST_FAULTS) return [];
    const line = index + 2;
    const id = (row.id ?? '').trim();
    const movement = find(id);
    if (!movement) {
      faults.push({ line, field: 'id', message: `there is no movement “${id}”; a new one needs its phases, as JSON` });
      return [];
    }
    if (seen.has(id)) {
      faults.push({ line, field: 'id', message: `“${id}” stands here twice` });
      return [];
    }
    seen.add(id);
    const into: Record<string, unknown> = { ...movement };
    for (const { name, read } of known) read(row[name] ?? '', into);
    const answer = Movement.safeParse(into);
    if (answer.success) return [answer.data];
    for (const { path, message } of answer.error.issues) {
      const at = path.join('.');
      const column = COLUMNS.find((one) => at === one.path || at.startsWith(`${one.path}.`));
      faults.push({ line, field: column?.name ?? at, message });
    }
    return [];
  });
  return faults.length > 0 ? { ok: false, faults } : { ok: true, movements };
}
