import SQLite, { type Database } from 'better-sqlite3';
import { strFromU8, unzipSync } from 'fflate';
import { z } from 'zod';
import { atOnce } from '../file/atOnce';
import { removeFile } from '../file/journals';
import { keepFilePrivate } from '../file/keepPrivate';
import { migrate, NewerDatabaseError, newestMigration } from '../file/migrate';
import { insertInto, type Row, tablesOf } from '../keeping/contents';
import { NoBackupError } from '../keeping/examineBackup';
import { type OnProgress, ROWS_BETWEEN_REPORTS } from '../keeping/progress';
import { MANIFEST_FILE, Manifest, rowsFile } from './archiveForm';
import { NoListError, rowTexts } from './rowTexts';

const WrittenRow = z.record(z.string(), z.unknown());

/** So much is unpacked at most, in all and of one table: a small file can hold a very large one. Ten years of use are a quarter of it. */
const MOST_BYTES = 400 * 1_048_576;
const MOST_OF_TABLE = 200 * 1_048_576;
const MOST_FILES = 400;
const MOST_OF_MANIFEST = 65_536;
const MOST_ROWS = 1_000_000;
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

/** What a JSON text says, by a schema. */
function readJson<Written>(name: string, text: string, schema: z.ZodType<Written>): Written {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return refuse(`${name} is not JSON`);
  }
  const parsed = schema.safeParse(json);
  return parsed.success ? parsed.data : refuse(`${name}: ${parsed.error.issues[0]?.message ?? 'it is not understood'}`);
}

function manifestIn(zip: Uint8Array): z.infer<typeof Manifest> {
  const bytes = unpack(zip, MANIFEST_FILE);
  if (bytes.length > MOST_OF_MANIFEST) refuse(`${MANIFEST_FILE} is too large`);
  return readJson(MANIFEST_FILE, strFromU8(bytes), Manifest);
}

/** The rows of one file, read one after the other; each comes with the share of the file that is behind it. */
function* rowsIn(zip: Uint8Array, name: string): Generator<{ readonly row: Row; readonly share: number }> {
  const bytes = unpack(zip, name);
  let [rows, behind] = [0, 0];
  try {
    for (const text of rowTexts(bytes, MOST_DEEP)) {
      rows += 1;
      behind += text.length;
      if (rows > MOST_ROWS) refuse(`${name} has more than ${MOST_ROWS} rows`);
      yield { row: readJson(name, text, WrittenRow), share: behind / bytes.length };
    }
  } catch (error) {
    if (error instanceof NoListError) refuse(`${name}: ${error.message}`);
    throw error;
  }
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
    const size = sizes.get(file) ?? 0;
    let rows = 0;
    for (const { row, share } of rowsIn(zip, file)) {
      insert(withValues(row, closed));
      rows += 1;
      if (rows % ROWS_BETWEEN_REPORTS === 0) onProgress(before + size * share, all);
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
  const { migration, tables } = manifestIn(zip);
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
