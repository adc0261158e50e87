import { parentPort, workerData } from 'node:worker_threads';
import { weave } from '../../core/course/weave/weave';
import { loadSolver } from './highsSolver';
import type { WeaveOrder } from './weaveInThread';

/** A thread of its own that weaves: it tells what it has so far a few times a second, and stops when the time is up. */

/** Milliseconds between two tellings. */
const TELL_EVERY = 250;

async function work({ instance, seconds, start }: WeaveOrder): Promise<void> {
  const end = performance.now() + seconds * 1000;
  const secondsLeft = () => (end - performance.now()) / 1000;
  const solve = await loadSolver(secondsLeft);
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
