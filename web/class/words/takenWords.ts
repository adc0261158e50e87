import type { Taken } from '../../../core/course/schema/course';
import { TAKEN_LABELS } from '../../../core/course/schema/takenLabels';

const ORDER: readonly Taken[] = ['has', 'half', 'again'];

/** How a thing that was taught was taken, as it is said. */
export const TAKEN_WORDS: readonly { readonly value: Taken; readonly label: string }[] = ORDER.map((value) => ({
  value,
  label: TAKEN_LABELS[value],
}));
