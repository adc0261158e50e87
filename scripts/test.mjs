import { ensurePackages } from './packages.mjs';
import { ensureChromium } from './prepare.mjs';
import { runChecks } from './testing/checks.mjs';
import { keepDurations } from './testing/durations.mjs';
import { runJest } from './testing/jestRun.mjs';
import { runQuick } from './testing/quick.mjs';

/**
 * Checks everything, and ends with a line "tests: N passed, N failed".
 *
 * `npm test -- unit` runs only the tests without a browser, `web` those of the interface among them, `e2e` the journeys in a real
 * browser; names after it narrow them further. `--isolated` gives each file of the computation a world of its own, `--sweep` leaves
 * no sample out, `--quick` runs what depends on what changed for a minute, `--keep-durations` keeps how long each file took.
 */
const PROJECTS = { unit: ['core', 'core alone', 'house', 'web', 'page'], web: ['web', 'page'], e2e: ['browser'] };
const given = process.argv.slice(2);
const flags = new Set(given.filter((one) => one.startsWith('--')));
const words = given.filter((one) => !one.startsWith('--'));
const part = words[0] in PROJECTS ? words[0] : null;
const names = part ? words.slice(1) : words;
const projects = part ? PROJECTS[part] : [...PROJECTS.unit, ...PROJECTS.e2e];
const isWhole = part === null && names.length === 0;

await ensurePackages();
if (flags.has('--quick')) {
  process.exit(await runQuick());
}
const hasBrowser = projects.includes('browser');
const chromium = hasBrowser ? ensureChromium() : '';

let failed = 0;
for await (const { name, succeeded } of runChecks({ isWhole, isBuilt: hasBrowser })) {
  console.log(`${succeeded ? 'ok  ' : 'FAIL'} ${name}`);
  if (!succeeded) failed += 1;
}
const run = await runJest({
  projects,
  names,
  isShared: names.length === 0 && !flags.has('--isolated'),
  isSweep: flags.has('--sweep'),
  chromium,
});
if (isWhole && flags.has('--keep-durations')) keepDurations(run.seconds);
failed += run.failed;

console.log('');
// At the end, where they are found: what is above is long.
for (const { file, name, reason } of run.failures) console.log(`FAIL ${file}: ${name}\n${reason}\n`);
console.log(`tests: ${run.passed} passed, ${failed} failed`);
process.exit(failed === 0 && run.passed > 0 ? 0 : 1);
