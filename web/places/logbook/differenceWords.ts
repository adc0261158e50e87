import { inWords } from '../../app/words';

const seconds = (ms: number): number => Math.round(ms / 1000);

/**
 * How much longer or shorter than planned, in words. Reckoned from the seconds that are shown, so that a reader who
 * subtracts them comes to the same answer. `differenceWords(90000, 60000)` is "30 s longer".
 */
export function differenceWords(actualMs: number, plannedMs: number): string {
  const difference = seconds(actualMs) - seconds(plannedMs);
  if (difference === 0) return 'as planned';
  return `${inWords(difference * 1000)} ${difference > 0 ? 'longer' : 'shorter'}`;
}
