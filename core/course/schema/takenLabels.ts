import type { Taken } from './course';

/** How it went, in words. */
export const TAKEN_LABELS: Readonly<Record<Taken, string>> = {
  has: 'They have it',
  half: 'Half of them',
  again: 'Show it again',
};
