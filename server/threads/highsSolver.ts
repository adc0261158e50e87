import loadHighs from 'highs';
import type { SolveProgramme } from '../../core/course/weave/programme';

/** A solver that is given less time than this finds nothing, seconds. */
const LEAST_SECONDS = 0.1;

/**
 * Loads the general solver of integer programmes.
 * @param secondsLeft how much longer it may take in all, asked each time
 */
export async function loadSolver(secondsLeft: () => number): Promise<SolveProgramme> {
  const highs = await loadHighs();
  return (programme, most) => {
    if (secondsLeft() < LEAST_SECONDS) return null;
    const limits = { time_limit: Math.min(most, secondsLeft()), mip_rel_gap: 0, mip_abs_gap: 1e-7 };
    const answer = highs.solve(programme, limits);
    if (answer.Status !== 'Optimal' && answer.Status !== 'Time limit reached') return null;
    const chosen = Object.entries(answer.Columns).flatMap(([name, column]) =>
      'Primal' in column && column.Primal > 0.5 ? [name] : [],
    );
    return chosen.length > 0 ? { chosen, isProven: answer.Status === 'Optimal' } : null;
  };
}
