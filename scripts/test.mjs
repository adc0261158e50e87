import { readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { bin, ensureChromium, ensurePackages, run } from './prepare.mjs';

const only = process.argv.slice(2);

ensurePackages();
const chromium = ensureChromium();

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
    ['--selectProjects', ...projects, '--json', `--outputFile=${report}`, ...extra, ...only],
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

check('types', run(bin('tsc'), ['--noEmit', '-p', 'core']) && run(bin('tsc'), ['--noEmit']));
check('lint and format', run(bin('biome'), ['check', '.']));
jest(['core', 'house']);
const built = run(bin('vite'), ['build', '--logLevel', 'warn']);
check('the interface builds', built);
if (built) jest(['browser'], ['--runInBand']);

console.log('');
console.log(`tests: ${totals.passed} passed, ${totals.failed} failed`);
process.exit(totals.failed === 0 && totals.passed > 0 ? 0 : 1);
