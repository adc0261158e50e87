import { createHash } from 'node:crypto';
import type { Database } from 'better-sqlite3';
import { countRows, type OnProgress } from './progress';

/** A table as it is written: its columns without those that are worked out from others, and those that tell its rows apart. */
export interface Table {
  readonly name: string;
  readonly columns: readonly string[];
  readonly keys: readonly string[];
}

export type Row = Readonly<Record<string, unknown>>;

interface ColumnInfo {
  readonly name: string;
  readonly pk: number;
  readonly hidden: number;
}

/** The tables of a database, by their names. @param of `main`, or the name another file is attached by */
export function tablesOf(database: Database, of = 'main'): Table[] {
  const names = database
    .prepare(`SELECT name FROM ${of}.sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' ORDER BY name`)
    .pluck()
    .all()
    .map(String);
  return names.map((name) => {
    const columns = database.prepare(`SELECT name, pk, hidden FROM pragma_table_xinfo(?, ?)`).all(name, of);
    const written = (columns as ColumnInfo[]).filter(({ hidden }) => hidden === 0);
    const keys = written.filter(({ pk }) => pk > 0).toSorted((a, b) => a.pk - b.pk);
    return {
      name,
      columns: written.map((column) => column.name),
      keys: (keys.length > 0 ? keys : written).map((column) => column.name),
    };
  });
}

const quoted = (names: readonly string[]): string => names.map((name) => `"${name}"`).join(', ');

/** The rows of a table in the order of their keys. */
export function* rowsOf(database: Database, { name, columns, keys }: Table, of = 'main'): Generator<Row> {
  const rows = database.prepare(`SELECT ${quoted(columns)} FROM ${of}."${name}" ORDER BY ${quoted(keys)}`);
  for (const row of rows.iterate()) yield row as Row;
}

/** Writes rows into a table. */
export function insertInto(database: Database, { name, columns }: Table): (row: Row) => void {
  const places = columns.map((column) => `@${column}`).join(', ');
  const insert = database.prepare(`INSERT INTO "${name}" (${quoted(columns)}) VALUES (${places})`);
  return (row) => void insert.run(row);
}

/** What all of a database holds, in short: two with the same hold the same, to the letter. */
export function fingerprintOf(database: Database): string {
  const hash = createHash('sha256');
  for (const table of tablesOf(database)) {
    hash.update(table.name);
    for (const row of rowsOf(database, table)) hash.update(JSON.stringify(row));
  }
  return hash.digest('hex');
}

/** How many rows some tables have. @param of `main`, or the name another file is attached by */
export const rowsIn = (database: Database, tables: readonly Table[], of = 'main'): number =>
  tables.reduce(
    (sum, { name }) => sum + Number(database.prepare(`SELECT count(*) FROM ${of}."${name}"`).pluck().get()),
    0,
  );

/** How the rows of a table differ between what is here and another file. */
export interface TableDifference {
  readonly table: string;
  /** Rows that are only here, only there, and in both but not alike. */
  readonly here: number;
  readonly there: number;
  readonly differ: number;
}

/** What a row holds, in short. */
const inShort = (row: Row): string => createHash('sha1').update(JSON.stringify(row)).digest('base64');

/** Marks a row that is in both. */
const FOUND = '';

/** What would change if an attached file took the place of what is here: the tables that differ. */
export function differenceTo(
  database: Database,
  of: string,
  onProgress: OnProgress = () => undefined,
): TableDifference[] {
  const tables = tablesOf(database);
  const onRow = countRows(rowsIn(database, tables) + rowsIn(database, tables, of), onProgress);
  return tables.flatMap((table): TableDifference[] => {
    const keyOf = (row: Row): string => JSON.stringify(table.keys.map((key) => row[key]));
    const ours = new Map<string, string>();
    for (const row of rowsOf(database, table)) {
      ours.set(keyOf(row), inShort(row));
      onRow();
    }
    let [there, differ] = [0, 0];
    for (const row of rowsOf(database, table, of)) {
      const key = keyOf(row);
      const our = ours.get(key);
      if (our === undefined) there += 1;
      else if (our !== FOUND && our !== inShort(row)) differ += 1;
      if (our !== undefined) ours.set(key, FOUND);
      onRow();
    }
    const here = [...ours.values()].filter((our) => our !== FOUND).length;
    return here + there + differ > 0 ? [{ table: table.name, here, there, differ }] : [];
  });
}
