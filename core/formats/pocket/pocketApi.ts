import { z } from 'zod';
import { ClassLog } from '../../record/classLog';
import { PocketRecord } from './pocketClass';

/** What a class that was carried gives back: the code that was read off it, or the file that was saved. */
export const BroughtRecord = z.union([
  z.object({ code: z.string().min(1).max(80) }),
  z.object({ record: PocketRecord }),
]);
export type BroughtRecord = z.infer<typeof BroughtRecord>;

/** The record as it is in the logbook now, and whether it was not there before. */
export const WrittenRecord = z.object({ log: ClassLog, isNew: z.boolean() });
export type WrittenRecord = z.infer<typeof WrittenRecord>;
