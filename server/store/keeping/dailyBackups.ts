import { existsSync, readdirSync, renameSync, statSync } from 'node:fs';
import { join } from 'node:path';
import SQLite, { type Database } from 'better-sqlite3';
import dayjs from 'dayjs';
import { removeFile } from '../file/journals';
import { keepFilePrivate, makePrivateFolder } from '../file/keepPrivate';
import { backupFolder } from './backupFolder';
import { fingerprintOf } from './contents';
import { layCopy, NoBackupError } from './examineBackup';
import { halfBackup } from './halfFiles';

/** Kept: each of so many days, the last of so many weeks, the last of so many months. */
const DAYS = 7;
const WEEKS = 4;
const MONTHS = 12;

const DAILY = /^\d{4}-\d{2}-\d{2}\.sqlite$/;
const dayOf = (name: string): string => name.slice(0, 10);

/** A backup as it lies in the folder. */
export interface Backup {
  readonly name: string;
  readonly bytes: number;
  readonly madeAt: string;
}

/** The backups of a data folder, the latest first. */
export function backupsIn(dataFolder: string): Backup[] {
  const folder = backupFolder(dataFolder);
  // A file in its place is no folder with backups: that they fail is told elsewhere.
  if (!existsSync(folder) || !statSync(folder).isDirectory()) return [];
  return readdirSync(folder)
    .filter((name) => name.endsWith('.sqlite') && !name.startsWith('.'))
    .map((name): Backup => {
      const { size, mtime } = statSync(join(folder, name));
      return { name, bytes: size, madeAt: mtime.toISOString() };
    })
    .toSorted((a, b) => b.madeAt.localeCompare(a.madeAt) || b.name.localeCompare(a.name));
}

/** The latest backup of a day; null where there is none. */
export const newestDaily = (dataFolder: string): Backup | null =>
  backupsIn(dataFolder).find(({ name }) => DAILY.test(name)) ?? null;

/** The Monday of the week a day lies in. */
const weekOf = (day: string): string => {
  const date = dayjs(day);
  return date.subtract((date.day() + 6) % 7, 'day').format('YYYY-MM-DD');
};

/** Of some days the ones whose backups are kept: the last seven, the last of four weeks, the last of twelve months. */
export function daysKept(days: readonly string[]): Set<string> {
  const latest = days.toSorted((a, b) => b.localeCompare(a));
  const kept = new Set(latest.slice(0, DAYS));
  for (const [of, most] of [
    [weekOf, WEEKS],
    [(day: string) => day.slice(0, 7), MONTHS],
  ] as const) {
    const seen = new Set<string>();
    for (const day of latest) {
      if (seen.has(of(day)) || seen.size >= most) continue;
      seen.add(of(day));
      kept.add(day);
    }
  }
  return kept;
}

function fingerprintOfFile(file: string): string | null {
  try {
    const database = new SQLite(file, { readonly: true });
    try {
      return fingerprintOf(database);
    } finally {
      database.close();
    }
  } catch {
    // A backup that cannot be read is as good as none; the next one takes its place.
    return null;
  }
}

/** Lays a copy that was read through. One that cannot be read was made from data that is damaged. */
async function checkedCopy(raw: string, checked: string): Promise<void> {
  try {
    await layCopy(raw, checked);
  } catch (error) {
    if (!(error instanceof NoBackupError)) throw error;
    throw new Error(
      'The file with your data is damaged: a copy of it cannot be read. Stop Vesperum and bring back an earlier backup.',
    );
  }
}

/**
 * Backs up a day, where anything changed since the last backup. It is read through before it takes its name, and those that are too
 * many are taken away.
 * @param today the local day, YYYY-MM-DD
 * @returns the backup's name; null where nothing had changed
 */
export async function backUpDay(database: Database, dataFolder: string, today: string): Promise<string | null> {
  const folder = backupFolder(dataFolder);
  makePrivateFolder(folder);
  const newest = newestDaily(dataFolder);
  if (newest && fingerprintOfFile(join(folder, newest.name)) === fingerprintOf(database)) return null;
  const [raw, checked] = [halfBackup(dataFolder, 'raw'), halfBackup(dataFolder, 'checked')];
  try {
    keepFilePrivate(raw);
    await database.backup(raw);
    await checkedCopy(raw, checked);
    const name = `${today}.sqlite`;
    renameSync(checked, join(folder, name));
    const days = backupsIn(dataFolder).flatMap((one) => (DAILY.test(one.name) ? [dayOf(one.name)] : []));
    const kept = daysKept(days);
    for (const day of days) if (!kept.has(day)) removeFile(join(folder, `${day}.sqlite`));
    return name;
  } finally {
    for (const file of [raw, checked]) removeFile(file);
  }
}
