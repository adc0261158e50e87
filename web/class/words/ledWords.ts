import type { LedBy } from '../../../core/session/plan/line/ledBy';

/** What leads a section or a line while it is taught, as it is chosen. */
export const LED_WORDS: { value: LedBy; label: string }[] = [
  { value: 'breath', label: 'by the breath' },
  { value: 'clock', label: 'by the clock' },
];
