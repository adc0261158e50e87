import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { beginDatabase, makeDatabase } from './database.mjs';
import { root, run } from './prepare.mjs';

/** Which packages are there: those that starting needs, or those that testing needs as well. */
const MARK = join(root, 'node_modules', '.vesperum-lock');

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

/** Installs everything that tests need, the database with it. */
export async function ensurePackages() {
  const putDatabase = beginDatabase();
  if (installPackages({ forTests: true })) console.log('The packages are installed.');
  await putDatabase();
  if (!(await makeDatabase())) process.exit(1);
}
