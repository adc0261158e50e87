import { z } from 'zod';
import { Unread } from './api';

/** What travels about keeping the data: where it is, its backups, what bringing one back would change. */

/** A backup that lies in the folder. */
export const BackupSummary = z.object({ name: z.string(), bytes: z.number().int(), madeAt: z.iso.datetime() });
export type BackupSummary = z.infer<typeof BackupSummary>;

export const Keeping = z.object({
  /** The folder the data is in, and how large its file is. */
  folder: z.string(),
  bytes: z.number().int(),
  /** Whether a key is wanted to come in. */
  hasKey: z.boolean(),
  backups: z.array(BackupSummary),
  /** Why the last backup could not be made, and when that was; null where it could. */
  failure: z.object({ at: z.iso.datetime(), why: z.string() }).nullable(),
});
export type Keeping = z.infer<typeof Keeping>;

/** How the rows of one table differ between what is here and a backup: only here, only there, in both but not alike. */
export const TableDifference = z.object({
  table: z.string(),
  here: z.number().int(),
  there: z.number().int(),
  differ: z.number().int(),
});
export type TableDifference = z.infer<typeof TableDifference>;

/** What would change if other data took the place of what is here. */
export const Comparison = z.object({
  /** The tables that differ. */
  tables: z.array(TableDifference),
  /** What of it this version cannot read: it is kept word for word, and shows nowhere. */
  unread: z.array(Unread),
});
export type Comparison = z.infer<typeof Comparison>;

/** What is being done with all of the data, which takes a while: what it is doing now, and how much of that is done, from 0 to 1. */
export const WORK_STEPS = ['waiting', 'packing', 'unpacking', 'copying', 'comparing', 'reading'] as const;
export const KeepingProgress = z.object({ step: z.enum(WORK_STEPS), share: z.number().min(0).max(1) });
export type KeepingProgress = z.infer<typeof KeepingProgress>;
/** Null where nothing is being done. */
export const Underway = z.object({ underway: KeepingProgress.nullable() });
export type Underway = z.infer<typeof Underway>;
/** Where it is asked how far that is, and cancelled. */
export const UNDERWAY_PATH = '/api/keeping/underway';

/** How many rows that cannot be read were seen and agreed to, in the address. */
export const AGREED = 'unread';

/** What was done: the name of the copy of what was there before. */
export const BroughtBack = z.object({ kept: z.string() });
export type BroughtBack = z.infer<typeof BroughtBack>;

/** Everything as an archive, and back. */
export const ARCHIVE_PATH = '/api/archive';
export const ARCHIVE_TYPE = 'application/zip';
