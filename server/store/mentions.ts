import { join } from 'node:path';
import SQLite, { type Database } from 'better-sqlite3';
import { z } from 'zod';
import type { Mention } from '../../core/formats/api/peopleApi';
import { nameIn } from '../../core/words/nameIn';
import { backupFolder } from './keeping/backupFolder';
import { type Row, rowsOf, tablesOf } from './keeping/contents';
import { backupsIn } from './keeping/dailyBackups';

/** What the rows of a table are, where somebody may have written a name in words. */
const WHERE: Readonly<Record<string, Mention['where']>> = {
  groups: 'group',
  sessions: 'class',
  class_bases: 'class',
  class_logs: 'record',
  felt: 'record',
  courses: 'course',
  halls: 'hall',
  passages: 'saved lines',
  movements: 'movement',
  wording: 'own words',
  aside_rules: 'point left as it is',
  own_practice: 'practice',
};

const Titled = z.object({ title: z.string().optional(), name: z.string().optional() });

/** What a row is called: its title or name, or what tells it from others. */
function titleOf({ name, document, plan, id, session_id, base_id, movement_id, code }: Row): string {
  if (typeof name === 'string') return name;
  const own = String(id ?? session_id ?? base_id ?? movement_id ?? code ?? '');
  const text = typeof document === 'string' ? document : plan;
  if (typeof text !== 'string') return own;
  try {
    const read = Titled.safeParse(JSON.parse(text)).data;
    return read?.title ?? read?.name ?? own;
  } catch {
    return own;
  }
}

/** Tells whether a text has the name that is looked for. */
type HasName = (text: string) => boolean;

const isNamed = (row: Row, hasName: HasName): boolean =>
  Object.values(row).some((value) => typeof value === 'string' && hasName(value));

function inBackup(file: string, hasName: HasName): boolean {
  try {
    const database = new SQLite(file, { readonly: true });
    try {
      return tablesOf(database).some((table) => {
        for (const row of rowsOf(database, table)) if (isNamed(row, hasName)) return true;
        return false;
      });
    } finally {
      database.close();
    }
  } catch {
    // One that cannot be read may hold it: better named than passed over.
    return true;
  }
}

/** Where a name still stands because somebody wrote it in words, and which backups hold it. */
export function mentionsOf(database: Database, dataFolder: string | null, name: string): Mention[] {
  const hasName = nameIn(name);
  const found = tablesOf(database).flatMap((table): Mention[] => {
    const where = WHERE[table.name];
    if (!where) return [];
    return [...rowsOf(database, table)].flatMap((row) =>
      isNamed(row, hasName) ? [{ where, name: titleOf(row) }] : [],
    );
  });
  const backups = dataFolder === null ? [] : backupsIn(dataFolder);
  const holding = backups
    .filter((backup) => inBackup(join(backupFolder(dataFolder ?? ''), backup.name), hasName))
    .map((backup): Mention => ({ where: 'backup', name: backup.name }));
  const seen = new Set<string>();
  return [...found, ...holding].filter((one) => {
    const key = `${one.where} ${one.name}`;
    const isNew = !seen.has(key);
    seen.add(key);
    return isNew;
  });
}
