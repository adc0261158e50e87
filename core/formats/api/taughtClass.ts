import { z } from 'zod';
import { ClassLog, recordFault } from '../../record/classLog';
import { Slug } from '../../words/ids';
import { TakenOf } from '../pocket/pocketClass';
import { Problem } from './api';

/** A class as it is written down at its end: its record, who of its group came, and how what was taught was taken. */
export const TaughtClass = z.object({
  log: ClassLog.superRefine((log, context) => {
    const fault = recordFault(log);
    if (fault) context.addIssue({ code: 'custom', path: [fault.field], message: fault.message });
  }),
  present: z.array(Slug).max(500).default([]),
  taken: z.array(TakenOf).max(60).default([]),
  /** The record of the same class that it takes the place of. */
  insteadOf: Slug.optional(),
});
export type TaughtClass = z.infer<typeof TaughtClass>;

/** The class is in the logbook already, from another device or with another end. */
export const RecordedOtherwise = Problem.extend({
  there: ClassLog.pick({ id: true, startedAt: true, endedAt: true }),
});
export type RecordedOtherwise = z.infer<typeof RecordedOtherwise>;
