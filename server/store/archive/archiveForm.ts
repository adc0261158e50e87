import { z } from 'zod';

/**
 * Everything in one open file: a zip with a JSON file for each table, every row as it is kept, and CSV for a spreadsheet. Read again
 * it is the same to the letter.
 */

export const FORMAT = 'vesperum-archive';
/** What an archive says of itself. */
export const Manifest = z.object({
  format: z.literal(FORMAT),
  version: z.literal(1),
  migration: z.number().int().min(1),
  tables: z.array(z.string().regex(/^[a-z_]+$/)).max(100),
});

export const MANIFEST_FILE = 'vesperum.json';
/** The file of a table's rows. */
export const rowsFile = (table: string): string => `tables/${table}.json`;
