import { readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { bin, ensureChromium, ensurePackages, run } from './prepare.mjs';

/**
 * Checks everything, and ends with a line "tests: N passed, N failed".
 * `node scripts/test.mjs unit` runs only the tests without a browser, `web` those of the interface among them, `e2e` the journeys in
 * a real browser; names after it narrow them further.
 */
const PARTS = ['unit', 'web', 'e2e'];
const [first = '', ...rest] = process.argv.slice(2);
const part = PARTS.includes(first) ? first : null;
const names = part ? rest : process.argv.slice(2);

ensurePackages();
const chromium = part === null || part === 'e2e' ? ensureChromium() : '';

const totals = { passed: 0, failed: 0 };
const check = (name, succeeded) => {
  console.log(`${succeeded ? 'ok  ' : 'FAIL'} ${name}`);
  if (!succeeded) totals.failed += 1;
};

/** Runs some of Jest's projects and adds up what they counted. A run without a report counts as one failure. */
function jest(projects, extra = []) {
  const report = join(tmpdir(), `vesperum-tests-${process.pid}.json`);
  const succeeded = run(
    bin('jest'),
    ['--selectProjects', ...projects, '--json', `--outputFile=${report}`, ...extra, ...names],
    { env: { ...process.env, VESPERUM_CHROMIUM: chromium }, stdio: ['ignore', 'ignore', 'inherit'] },
  );
  try {
    const counted = JSON.parse(readFileSync(report, 'utf8'));
    totals.passed += counted.numPassedTests;
    totals.failed += counted.numFailedTests + counted.numRuntimeErrorTestSuites;
    if (!succeeded && counted.numFailedTests + counted.numRuntimeErrorTestSuites === 0) totals.failed += 1;
  } catch {
    totals.failed += 1;
  }
  rmSync(report, { force: true });
}

if (part === null) {
  check('types', run(bin('tsc'), ['--noEmit', '-p', 'core']) && run(bin('tsc'), ['--noEmit']));
  check('lint and format', run(bin('biome'), ['check', '.']));
  check('nothing unused', run(bin('knip')));
}
if (part !== 'e2e') jest(part === 'web' ? ['web', 'page'] : ['core', 'house', 'web', 'page']);
if (part === null || part === 'e2e') {
  const { buildServer, buildWeb } = await import('./build.mjs');
  const built = buildWeb() && (await buildServer());
  check('the house builds', built);
  // Two journeys at a time: more than that wait for each other.
  if (built) jest(['browser'], ['--maxWorkers=2']);
}

console.log('');
console.log(`tests: ${totals.passed} passed, ${totals.failed} failed`);
process.exit(totals.failed === 0 && totals.passed > 0 ? 0 : 1);
