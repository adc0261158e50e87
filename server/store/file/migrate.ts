import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Database } from 'better-sqlite3';
import { atOnce } from './atOnce';

/** The file was written by a newer Vesperum; it has not been touched. */
export class NewerDatabaseError extends Error {
  constructor(found: number, known: number) {
    super(
      `This data was written by a newer version of Vesperum (its number is ${found}, this one knows up to ${known}). ` +
        'Nothing was changed. Start the newer version, or set VESPERUM_DATA to another folder.',
    );
  }
}

interface Migration {
  readonly number: number;
  readonly sql: string;
}

function readMigrations(folder: string): Migration[] {
  return readdirSync(folder)
    .filter((file) => /^\d{3}-.*\.sql$/.test(file))
    .sort()
    .map((file) => ({ number: Number(file.slice(0, 3)), sql: readFileSync(join(folder, file), 'utf8') }));
}

const OWN = join(import.meta.dirname, 'migrations');

/** The number of the newest migration this version knows. */
export const newestMigration = (folder = OWN): number => readMigrations(folder).at(-1)?.number ?? 0;

interface Migrating {
  /** Puts what it begins with into a database that had no migration yet, in the same transaction. */
  readonly fill?: (database: Database) => void;
  /** Only as far as this one. */
  readonly upTo?: number;
  readonly folder?: string;
}

/**
 * Brings a database up to date: every migration it has not seen, in order, all in one transaction.
 * The number of the last one is kept in the file's own `user_version`.
 * @returns whether it had none of them
 * @throws NewerDatabaseError, having touched nothing, when the file knows a migration that this version does not
 */
export function migrate(database: Database, { fill, upTo = Infinity, folder = OWN }: Migrating = {}): boolean {
  const migrations = readMigrations(folder);
  const known = newestMigration(folder);
  const found = Number(database.pragma('user_version', { simple: true }));
  if (found > known) throw new NewerDatabaseError(found, known);
  atOnce(database, () => {
    for (const { number, sql } of migrations.filter((one) => one.number > found && one.number <= upTo)) {
      database.exec(sql);
      database.pragma(`user_version = ${number}`);
    }
    if (found === 0) fill?.(database);
  })();
  return found === 0;
}
