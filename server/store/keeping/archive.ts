import SQLite, { type Database } from 'better-sqlite3';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import Papa from 'papaparse';
import { z } from 'zod';
import { FORMULAE } from '../../../core/formats/formulaGuard';
import { atOnce } from '../file/atOnce';
import { removeFile } from '../file/journals';
import { keepFilePrivate } from '../file/keepPrivate';
import { migrate, NewerDatabaseError, newestMigration } from '../file/migrate';
import { insertInto, type Row, rowsOf, type Table, tablesOf } from './contents';
import { NoBackupError } from './examineBackup';
import { isDeeperThan } from './tooDeep';

/**
 * Everything in one open file: a zip with a JSON file for each table, every row as it is kept, and CSV for a spreadsheet. Read again
 * it is the same to the letter.
 */

const FORMAT = 'vesperum-archive';
const Manifest = z.object({
  format: z.literal(FORMAT),
  version: z.literal(1),
  migration: z.number().int().min(1),
  tables: z.array(z.string().regex(/^[a-z_]+$/)).max(100),
});
const Rows = z.array(z.record(z.string(), z.unknown())).max(1_000_000);

/** So much is unpacked at most, in all and of one table: a small file can hold a very large one. Ten years of use are a quarter of it. */
const MOST_BYTES = 400 * 1_048_576;
const MOST_OF_TABLE = 200 * 1_048_576;
const MOST_FILES = 400;
/** Brackets within each other: a class has eight, and what it was drawn up from two more. */
const MOST_DEEP = 60;

const README = `Everything you keep in Vesperum.

tables/*.json   every row as it is kept; this is what is read again
*.csv           the same for a spreadsheet, to look at

To bring it back: Settings, "Bring back from an archive".
`;

/** A text that is JSON is written as what it says, where that comes back to the letter. */
function opened(value: unknown): unknown {
  if (typeof value !== 'string' || !/^[[{]/.test(value)) return value;
  try {
    const parsed: unknown = JSON.parse(value);
    return JSON.stringify(parsed) === value ? parsed : value;
  } catch {
    return value;
  }
}
const closed = (value: unknown): unknown =>
  typeof value === 'object' && value !== null ? JSON.stringify(value) : value;

const withValues = (row: Row, change: (value: unknown) => unknown): Row =>
  Object.fromEntries(Object.entries(row).map(([column, value]) => [column, change(value)]));

/** A table for a spreadsheet: its plain columns, and what is plain in its document. */
function sheetOf({ columns: own }: Table, rows: readonly Row[]): string {
  const flat = rows.map((row) => {
    const cells = Object.entries(row).flatMap(([column, value]): [string, unknown][] =>
      typeof value === 'object' && value !== null && !Array.isArray(value)
        ? Object.entries(value)
        : [[column, value] as [string, unknown]],
    );
    return Object.fromEntries(cells.filter(([, value]) => typeof value !== 'object'));
  });
  const found = [...new Set(flat.flatMap((row) => Object.keys(row)))];
  const columns = found.length > 0 ? found : [...own];
  return Papa.unparse(flat, { columns, newline: '\r\n', escapeFormulae: FORMULAE });
}

/** Everything a database holds, as a zip. */
export function writeArchive(database: Database): Uint8Array {
  const tables = tablesOf(database);
  const files: Record<string, Uint8Array> = {
    'vesperum.json': strToU8(
      JSON.stringify(
        { format: FORMAT, version: 1, migration: newestMigration(), tables: tables.map(({ name }) => name) },
        null,
        2,
      ),
    ),
    'README.txt': strToU8(README),
  };
  for (const table of tables) {
    const rows = [...rowsOf(database, table)].map((row) => withValues(row, opened));
    files[`tables/${table.name}.json`] = strToU8(JSON.stringify(rows, null, 1));
    files[`${table.name}.csv`] = strToU8(sheetOf(table, rows));
  }
  return zipSync(files, { level: 6 });
}

/** The files of an archive that are read again. */
const READ = /^(?:vesperum|tables\/[a-z_]+)\.json$/;

const refuse = (why: string): never => {
  throw new NoBackupError(`This is not an archive of Vesperum that can be read: ${why}. Nothing was changed.`);
};

function readJsonFile<Written>(files: Record<string, Uint8Array>, name: string, schema: z.ZodType<Written>): Written {
  const bytes = files[name];
  if (!bytes) return refuse(`${name} is missing`);
  if (isDeeperThan(bytes, MOST_DEEP)) return refuse(`${name} goes deeper than anything Vesperum writes`);
  let json: unknown;
  try {
    json = JSON.parse(strFromU8(bytes));
  } catch {
    return refuse(`${name} is not JSON`);
  }
  const parsed = schema.safeParse(json);
  return parsed.success ? parsed.data : refuse(`${name}: ${parsed.error.issues[0]?.message ?? 'it is not understood'}`);
}

function unpack(zip: Uint8Array): Record<string, Uint8Array> {
  let [bytes, files] = [0, 0];
  try {
    return unzipSync(zip, {
      filter: ({ name, originalSize }) => {
        files += 1;
        // What is only there to be looked at is not unpacked.
        if (!READ.test(name)) return false;
        bytes += originalSize;
        if (files > MOST_FILES || bytes > MOST_BYTES || originalSize > MOST_OF_TABLE) throw new Error('too large');
        return true;
      },
    });
  } catch {
    return refuse('it is damaged, too large, or no zip');
  }
}

/**
 * Lays what an archive holds into a database of its own, brought up to date.
 * @param copy where it goes; it must not be there
 * @throws NoBackupError or NewerDatabaseError, having left nothing
 */
export function layArchive(zip: Uint8Array, copy: string): void {
  const files = unpack(zip);
  const { migration, tables } = readJsonFile(files, 'vesperum.json', Manifest);
  if (migration > newestMigration()) throw new NewerDatabaseError(migration, newestMigration());
  keepFilePrivate(copy);
  const database = new SQLite(copy);
  try {
    database.pragma('foreign_keys = ON');
    migrate(database, { upTo: migration });
    atOnce(database, () => {
      database.pragma('defer_foreign_keys = ON');
      for (const table of tablesOf(database)) {
        if (!tables.includes(table.name)) continue;
        database.prepare(`DELETE FROM "${table.name}"`).run();
        const insert = insertInto(database, table);
        for (const row of readJsonFile(files, `tables/${table.name}.json`, Rows)) insert(withValues(row, closed));
      }
    })();
    migrate(database);
    database.close();
  } catch (error) {
    database.close();
    removeFile(copy);
    if (error instanceof NoBackupError) throw error;
    throw new NoBackupError(
      `A row of this archive does not fit (${error instanceof Error ? error.message : String(error)}). Nothing was changed.`,
    );
  }
}
