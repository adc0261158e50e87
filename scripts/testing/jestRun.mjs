import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { bin, root } from '../prepare.mjs';
import { runContained } from './runContained.mjs';

/** Two at a time: more of them wait for each other. */
const WORKERS = 2;
/** What has not ended by then never will: a day, milliseconds. */
const LONGEST_MS = 86_400_000;

/** How long each file took, seconds; in a shard, each of those it loads. */
function secondsOf(files) {
  const seconds = {};
  for (const { file, seconds: whole, tests } of files) {
    if (!file.startsWith('.cache')) seconds[file] = whole;
    else for (const { under, seconds: one } of tests) seconds[under[0]] = (seconds[under[0]] ?? 0) + one;
  }
  return seconds;
}

/**
 * Runs some of Jest's projects in one run, and counts.
 * @param names what is looked for in the paths of files; all, if there are none
 * @param isShared files of the computation share a few worlds
 * @param isSweep no sample is taken: everything is gone through
 * @param inOrder the files in the order they are to run in; the longest first, if not given
 * @param withinMs when it is stopped; what was not done by then is neither passed nor failed
 * @returns how many tests passed and failed, the failures with their reasons, which files are done, and how long each took
 */
export async function runJest({ projects, names = [], isShared, isSweep = false, chromium = '', inOrder, withinMs }) {
  const folder = join(root, '.cache', `run-${process.pid}`);
  mkdirSync(folder, { recursive: true });
  const [tally, order] = ['tally.jsonl', 'order.json'].map((name) => join(folder, name));
  if (inOrder) writeFileSync(order, JSON.stringify(inOrder));
  const env = {
    ...process.env,
    VESPERUM_CHROMIUM: chromium,
    VESPERUM_SHARDS: isShared ? '1' : '0',
    VESPERUM_SWEEP: isSweep ? '1' : '0',
    VESPERUM_TALLY: tally,
    ...(inOrder && { VESPERUM_ORDER: order }),
  };
  const { exited, stop } = runContained(
    bin('jest'),
    [`--maxWorkers=${WORKERS}`, '--selectProjects', ...projects, '--', ...names],
    { cwd: root, env, output: ['ignore', 'inherit'] },
  );
  let isStopped = false;
  const late = setTimeout(() => {
    isStopped = true;
    stop();
  }, withinMs ?? LONGEST_MS);
  const code = await exited;
  clearTimeout(late);
  const files = existsSync(tally)
    ? readFileSync(tally, 'utf8')
        .split('\n')
        .filter(Boolean)
        .map((line) => JSON.parse(line))
    : [];
  rmSync(folder, { recursive: true });
  const sum = (key) => files.reduce((total, one) => total + one[key], 0);
  const failed = sum('failed');
  return {
    passed: sum('passed'),
    // A run that ended badly without a test that failed has failed, and so has one in which nothing ran.
    failed: failed === 0 && !isStopped && (code !== 0 || files.length === 0) ? 1 : failed,
    failures: files.flatMap(({ file, failures }) => failures.map((one) => ({ file, ...one }))),
    done: files.map(({ file }) => file),
    seconds: secondsOf(files),
  };
}
