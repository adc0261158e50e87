import type { Taken } from '../../../core/course/schema/course';

/** How a thing that was taught was taken, as it is said. */
export const TAKEN_WORDS: readonly { readonly value: Taken; readonly label: string }[] = [
  { value: 'has', label: 'They have it' },
  { value: 'half', label: 'Half of them' },
  { value: 'again', label: 'Show it again' },
];
