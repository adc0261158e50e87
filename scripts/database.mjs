import { copyFileSync, existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { root, runBeside } from './prepare.mjs';

const NAME = 'better-sqlite3';
/** The part of the database that is compiled for this machine, within the folder its packages are in. */
const COMPILED = join('node_modules', NAME, 'build', 'Release', 'better_sqlite3.node');
const DATABASE = join(root, COMPILED);
/** A folder in which it is compiled before the other packages are there. */
const APART = join(root, '.cache', 'database');

let isToldOf = false;

/** What is compiled is for one version of Node: another does not load it. */
function isLoaded(file) {
  try {
    createRequire(import.meta.url)(file);
    return true;
  } catch {
    if (!isToldOf)
      console.log(`Node ${process.version} cannot load the database as it was compiled: it is compiled again.`);
    isToldOf = true;
    return false;
  }
}

export const isDatabaseThere = () => existsSync(DATABASE) && isLoaded(DATABASE);

/**
 * With all processors, and for what is in C, which is one file of nine megabytes, with the first grade of optimisation: the third takes
 * two to four times as long, and statements over one instructor's classes are not felt.
 */
const env = { ...process.env, JOBS: 'max', npm_config_jobs: 'max', CFLAGS: process.env.CFLAGS ?? '-O1' };

/**
 * Begins to fetch and compile the database, of the version in the lock file, beside whatever else is done: it takes as long as fetching
 * all other packages. Answers how to put it among them once they are there; where it did not succeed, that does nothing.
 */
export function beginDatabase() {
  if (isDatabaseThere()) return async () => undefined;
  const { packages } = JSON.parse(readFileSync(join(root, 'package-lock.json'), 'utf8'));
  const { version } = packages[`node_modules/${NAME}`];
  rmSync(APART, { recursive: true, force: true });
  mkdirSync(APART, { recursive: true });
  writeFileSync(join(APART, 'package.json'), JSON.stringify({ private: true, dependencies: { [NAME]: version } }));
  const install = ['install', '--prefix', APART, '--no-audit', '--no-fund', '--no-package-lock', '--loglevel=error'];
  const compiled = runBeside('npm', install, { cwd: APART, env });
  return async () => {
    await compiled;
    const made = join(APART, COMPILED);
    if (existsSync(made) && existsSync(join(root, 'node_modules', NAME))) {
      mkdirSync(dirname(DATABASE), { recursive: true });
      copyFileSync(made, DATABASE);
    }
    rmSync(APART, { recursive: true, force: true });
  };
}

/** Sees to it that the database is there, compiled where its package is if it was not before; answers whether it is. */
export async function makeDatabase() {
  if (isDatabaseThere()) return true;
  await runBeside('npm', ['rebuild', NAME, '--loglevel=error'], { env });
  if (isDatabaseThere()) return true;
  console.error('The database could not be compiled. It takes a C++ compiler, make and Python: see the README.');
  return false;
}
