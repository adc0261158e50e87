import { parentPort, workerData } from 'node:worker_threads';
import loadHighs from 'highs';
import type { SolveProgramme } from '../../core/course/weave/programme';
import { weave } from '../../core/course/weave/weave';
import type { WeaveOrder } from './weaveInThread';

/** A thread of its own that weaves: it tells what it has so far a few times a second, and stops when the time is up. */

/** Milliseconds between two tellings. */
const TELL_EVERY = 250;
/** A solver that is given less time than this finds nothing. */
const LEAST_SECONDS = 0.1;

async function work({ instance, seconds, start }: WeaveOrder): Promise<void> {
  const highs = await loadHighs();
  const end = performance.now() + seconds * 1000;
  const secondsLeft = () => (end - performance.now()) / 1000;
  const solve: SolveProgramme = (programme, most) => {
    if (secondsLeft() < LEAST_SECONDS) return null;
    const limits = { time_limit: Math.min(most, secondsLeft()), mip_rel_gap: 0, mip_abs_gap: 1e-7 };
    const answer = highs.solve(programme, limits);
    if (answer.Status !== 'Optimal' && answer.Status !== 'Time limit reached') return null;
    const chosen = Object.entries(answer.Columns).flatMap(([name, column]) =>
      'Primal' in column && column.Primal > 0.5 ? [name] : [],
    );
    return chosen.length > 0 ? { chosen, isProven: answer.Status === 'Optimal' } : null;
  };
  let told = performance.now();
  for (const reached of weave(instance, { solve, ...(start && { start }) })) {
    const isOver = reached.isBest || secondsLeft() <= 0;
    if (isOver || performance.now() - told > TELL_EVERY) {
      told = performance.now();
      parentPort?.postMessage({ reached, isOver });
    }
    if (isOver) return;
  }
}

void work(workerData as WeaveOrder);
