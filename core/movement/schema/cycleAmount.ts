import type { CountUnit } from './count';
import type { Phase } from './phase';

/**
 * How much of a count one cycle uses up: 1 repetition, or its natural breaths, beats or seconds added up.
 * A cycle of eight beats counted in beats answers 8, so a count of 16 is two cycles.
 */
export function cycleAmount(cycle: readonly Phase[], unit: CountUnit): number {
  switch (unit) {
    case 'repetitions':
      return 1;
    case 'breaths':
      return cycle.reduce((sum, { length }) => {
        if (length.kind === 'breaths') return sum + length.breaths;
        return length.kind === 'span' ? sum + length.share / 2 : sum;
      }, 0);
    case 'beats':
      return cycle.reduce((sum, { length }) => (length.kind === 'beats' ? sum + length.beats : sum), 0);
    case 'seconds':
      return cycle.reduce((sum, { length }) => (length.kind === 'seconds' ? sum + length.seconds : sum), 0);
  }
}
