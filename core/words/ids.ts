import { z } from 'zod';

/** A name that no object has by itself: ids are looked up by it. */
const isFree = (id: string): boolean => !(id in {});
const TAKEN = 'this name means something else; take another';

/** Words that stand in addresses where an id would: what is called so could not be asked for. */
const IN_ADDRESSES: readonly string[] = [
  'carried',
  'file',
  'learnt',
  'new',
  'over-time',
  'page',
  'presses',
  'put-away',
  'sounds',
  'traits',
];

/** Whether an id says nothing else where it stands in an address, or is looked up by. */
export const isFreeInAddress = (id: string): boolean => isFree(id) && !IN_ADDRESSES.includes(id);

/** What names a class, a group, a passage or a record in an address. */
export const Slug = z
  .string()
  .regex(/^[a-z0-9-]{3,60}$/)
  .refine(isFreeInAddress, TAKEN);

/** What names a line or a block within its class. */
export const LineId = z.string().min(1).max(60).refine(isFree, TAKEN);

/** What names a movement, with its version. */
export const MovementId = z.string().min(1).max(80).refine(isFree, TAKEN);
