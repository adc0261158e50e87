import { z } from 'zod';

/** The regions of the body that demand and readiness are reckoned for, from the top down. */
export const Region = z.enum([
  'neck',
  'shoulders',
  'elbows',
  'wrists',
  'upper-back',
  'low-back',
  'hips',
  'thighs',
  'knees',
  'calves',
  'ankles',
]);
export type Region = z.infer<typeof Region>;
