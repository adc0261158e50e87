import SQLite, { type Database } from 'better-sqlite3';
import { strFromU8, unzipSync } from 'fflate';
import { z } from 'zod';
import { atOnce } from '../file/atOnce';
import { removeFile } from '../file/journals';
import { keepFilePrivate } from '../file/keepPrivate';
import { migrate, NewerDatabaseError, newestMigration } from '../file/migrate';
import { insertInto, type Row, tablesOf } from '../keeping/contents';
import { NoBackupError } from '../keeping/examineBackup';
import { countRows, type OnProgress } from '../keeping/progress';
import { MANIFEST_FILE, Manifest, rowsFile } from './archiveForm';
import { isDeeperThan } from './tooDeep';

const Rows = z.array(z.unknown()).max(1_000_000);
const WrittenRow = z.record(z.string(), z.unknown());

/** So much is unpacked at most, in all and of one table: a small file can hold a very large one. Ten years of use are a quarter of it. */
const MOST_BYTES = 400 * 1_048_576;
const MOST_OF_TABLE = 200 * 1_048_576;
const MOST_FILES = 400;
/** Brackets within each other: a class has eight, and what it was drawn up from two more. */
const MOST_DEEP = 60;

const closed = (value: unknown): unknown =>
  typeof value === 'object' && value !== null ? JSON.stringify(value) : value;

const withValues = (row: Row, change: (value: unknown) => unknown): Row =>
  Object.fromEntries(Object.entries(row).map(([column, value]) => [column, change(value)]));

/** The files of an archive that are read again. */
const READ = /^(?:vesperum|tables\/[a-z_]+)\.json$/;

const refuse = (why: string): never => {
  throw new NoBackupError(`This is not an archive of Vesperum that can be read: ${why}. Nothing was changed.`);
};

/** The sizes of the files that are read, once it is certain that they are not too many, nor too large. */
function sizesIn(zip: Uint8Array): ReadonlyMap<string, number> {
  const sizes = new Map<string, number>();
  let [bytes, files] = [0, 0];
  try {
    unzipSync(zip, {
      filter: ({ name, originalSize }) => {
        files += 1;
        // What is only there to be looked at is not unpacked.
        if (READ.test(name)) {
          sizes.set(name, originalSize);
          bytes += originalSize;
        }
        if (files > MOST_FILES || bytes > MOST_BYTES || originalSize > MOST_OF_TABLE) throw new Error('too large');
        return false;
      },
    });
  } catch {
    return refuse('it is damaged, too large, or no zip');
  }
  return sizes;
}

/** Unpacks one file; the others stay packed, so that no more than one table is in memory. */
function unpack(zip: Uint8Array, wanted: string): Uint8Array {
  try {
    return unzipSync(zip, { filter: ({ name }) => name === wanted })[wanted] ?? refuse(`${wanted} is missing`);
  } catch (error) {
    if (error instanceof NoBackupError) throw error;
    return refuse('it is damaged, too large, or no zip');
  }
}

function readJsonFile<Written>(zip: Uint8Array, name: string, schema: z.ZodType<Written>): Written {
  const bytes = unpack(zip, name);
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

/** Puts the rows of all tables of an archive in the place of those of a database. */
function layRows(database: Database, zip: Uint8Array, tables: readonly string[], onProgress: OnProgress): void {
  const sizes = sizesIn(zip);
  const all = [...sizes.values()].reduce((sum, size) => sum + size, 0);
  let before = 0;
  for (const table of tablesOf(database)) {
    if (!tables.includes(table.name)) continue;
    database.prepare(`DELETE FROM "${table.name}"`).run();
    const insert = insertInto(database, table);
    const file = rowsFile(table.name);
    const rows = readJsonFile(zip, file, Rows);
    const size = sizes.get(file) ?? 0;
    const onRow = countRows(rows.length, (done, of) => onProgress(before + (size * done) / of, all));
    for (const row of rows) {
      insert(withValues(WrittenRow.parse(row), closed));
      onRow();
    }
    before += size;
  }
}

/**
 * Lays what an archive holds into a database of its own, brought up to date.
 * @param copy where it goes; it must not be there
 * @throws NoBackupError or NewerDatabaseError, having left nothing
 */
export function layArchive(zip: Uint8Array, copy: string, onProgress: OnProgress = () => undefined): void {
  sizesIn(zip);
  const { migration, tables } = readJsonFile(zip, MANIFEST_FILE, Manifest);
  if (migration > newestMigration()) throw new NewerDatabaseError(migration, newestMigration());
  keepFilePrivate(copy);
  const database = new SQLite(copy);
  try {
    database.pragma('foreign_keys = ON');
    migrate(database, { upTo: migration });
    atOnce(database, () => {
      database.pragma('defer_foreign_keys = ON');
      layRows(database, zip, tables, onProgress);
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
