import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { root, run, runBeside } from './prepare.mjs';

/** Which packages are there: those that starting needs, or those that testing needs as well. */
const MARK = join(root, 'node_modules', '.vesperum-lock');
const DATABASE = join(root, 'node_modules', 'better-sqlite3', 'build', 'Release', 'better_sqlite3.node');

const lockFile = () => readFileSync(join(root, 'package-lock.json'), 'utf8');

/** What was installed last: `{ isForTests, isCurrent }`; null where nothing was. */
function installed() {
  if (!existsSync(MARK)) return null;
  const [kind, ...rest] = readFileSync(MARK, 'utf8').split('\n');
  return { isForTests: kind === 'for tests', isCurrent: rest.join('\n') === lockFile() };
}

/**
 * Installs the packages of the lock file where they are missing or have changed since, without compiling anything yet.
 * @param forTests with those that only tests need
 * @returns whether something was installed
 */
export function installPackages({ forTests }) {
  const before = installed();
  if (before?.isCurrent && (before.isForTests || !forTests)) return false;
  // What is there for tests stays.
  const all = forTests || before?.isForTests === true;
  // Not `npm ci`: it refuses a lock file in which a registry left out the packages of other kinds of machine.
  const install = ['install', '--no-save', '--no-audit', '--no-fund', '--ignore-scripts', '--loglevel=error'];
  if (!run('npm', all ? install : [...install, '--omit=dev'])) {
    console.error('The packages could not be installed. Is the npm registry within reach?');
    process.exit(1);
  }
  writeFileSync(MARK, `${all ? 'for tests' : 'to start'}\n${lockFile()}`);
  return true;
}

export const isDatabaseThere = () => existsSync(DATABASE);

/** Fetches or compiles the database with all processors; answers whether it is there. */
export async function makeDatabase() {
  if (isDatabaseThere()) return true;
  const env = { ...process.env, JOBS: 'max', npm_config_jobs: 'max' };
  await runBeside('npm', ['rebuild', 'better-sqlite3', '--loglevel=error'], { env });
  if (isDatabaseThere()) return true;
  console.error('The database could not be compiled. It takes a C++ compiler, make and Python: see the README.');
  return false;
}

/** Installs everything that tests need, the database with it. */
export async function ensurePackages() {
  if (installPackages({ forTests: true })) console.log('The packages are installed.');
  if (!(await makeDatabase())) process.exit(1);
}
