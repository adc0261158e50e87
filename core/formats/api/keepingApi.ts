import { z } from 'zod';

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

/** What was done: the name of the copy of what was there before. */
export const BroughtBack = z.object({ kept: z.string() });
export type BroughtBack = z.infer<typeof BroughtBack>;

/** Everything as an archive, and back. */
export const ARCHIVE_PATH = '/api/archive';
export const ARCHIVE_TYPE = 'application/zip';
