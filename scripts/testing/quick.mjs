import { execFileSync } from 'node:child_process';
import { dirname, relative } from 'node:path';
import { bin, root, runBeside } from '../prepare.mjs';
import { durationOf, keptDurations } from './durations.mjs';
import { runJest } from './jestRun.mjs';

/** When it stops, seconds after it began. */
const LIMIT_SECONDS = 60;
/** Nobody reads more names than that. */
const NAMED = 12;

const lines = (command, args, env = {}) =>
  execFileSync(command, args, { cwd: root, encoding: 'utf8', env: { ...process.env, ...env }, maxBuffer: 2 ** 26 })
    .split('\n')
    .filter(Boolean);

/** What is changed and not committed; where nothing is, what the last commit changed. */
function changedFiles() {
  const changed = lines('git', ['diff', '--name-only', '--diff-filter=d', 'HEAD']);
  const fresh = lines('git', ['ls-files', '--others', '--exclude-standard']);
  const open = [...changed, ...fresh];
  return open.length > 0 ? open : lines('git', ['diff', '--name-only', '--diff-filter=d', 'HEAD~1', 'HEAD']);
}

/** The tests that depend on some files: those that changed first, then those beside what changed, then the rest; the shorter before the longer. */
function relatedTests(files) {
  const code = files.filter((file) => /\.(tsx?|json|sql|mjs|cjs)$/.test(file));
  if (code.length === 0) return [];
  const folders = new Set(code.map((file) => dirname(file)));
  const durations = keptDurations();
  const nearness = (file) => (code.includes(file) ? 0 : folders.has(dirname(file)) ? 1 : 2);
  return lines(bin('jest'), ['--listTests', '--findRelatedTests', ...code])
    .map((file) => relative(root, file))
    .toSorted((a, b) => nearness(a) - nearness(b) || durationOf(durations, a) - durationOf(durations, b));
}

const named = (files) =>
  `${files.slice(0, NAMED).join(', ')}${files.length > NAMED ? ` and ${files.length - NAMED} more` : ''}`;

/**
 * Types, and the tests without a browser that depend on what changed, for a minute; names what it did not come to.
 * @returns what to exit with
 */
export async function runQuick() {
  const end = performance.now() + LIMIT_SECONDS * 1000;
  const changed = changedFiles();
  const types = runBeside(bin('tsc'), ['--build', '--singleThreaded']);
  const related = relatedTests(changed);
  const journeys = related.filter((file) => file.startsWith('e2e/'));
  const tests = related.filter((file) => !file.startsWith('e2e/'));
  console.log(`${changed.length} files changed; ${tests.length} files of tests depend on them.`);
  const isTyped = await types;
  console.log(`${isTyped ? 'ok  ' : 'FAIL'} types`);
  const run =
    tests.length === 0
      ? { passed: 0, failed: 0, done: [] }
      : await runJest({
          projects: ['core', 'house', 'web', 'page'],
          names: tests,
          isShared: false,
          inOrder: tests,
          withinMs: end - performance.now(),
        });
  const skipped = tests.filter((file) => !run.done.includes(file));
  const failed = run.failed + (isTyped ? 0 : 1);
  console.log('');
  if (skipped.length > 0) console.log(`skipped, the minute was over: ${named(skipped)}`);
  if (journeys.length > 0) console.log(`skipped, they need a browser: ${named(journeys)}`);
  console.log(`tests: ${run.passed} passed, ${failed} failed`);
  return failed === 0 ? 0 : 1;
}
