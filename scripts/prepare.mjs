import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

export const root = join(import.meta.dirname, '..');

/** Runs a command with its output shown; answers whether it succeeded. */
export function run(command, args, options = {}) {
  return spawnSync(command, args, { cwd: root, stdio: 'inherit', ...options }).status === 0;
}

export const bin = (name) => join(root, 'node_modules', '.bin', name);

/** Installs the packages of the lock file where they are missing or have changed since. */
export function ensurePackages() {
  const lock = readFileSync(join(root, 'package-lock.json'), 'utf8');
  const mark = join(root, 'node_modules', '.vesperum-lock');
  if (existsSync(mark) && readFileSync(mark, 'utf8') === lock) return;
  console.log('Installing what Vesperum needs. The first time takes a few minutes: the database is compiled here.');
  // Not `npm ci`: it refuses a lock file in which a registry left out the packages of other kinds of machine.
  if (!run('npm', ['install', '--no-save', '--no-audit', '--no-fund'])) {
    console.error('The packages could not be installed. Is the npm registry within reach?');
    process.exit(1);
  }
  writeFileSync(mark, lock);
}

/** Finds a Chromium for the browser tests, installing Debian's where there is none. Answers its path. */
export function ensureChromium() {
  const places = [
    process.env.VESPERUM_CHROMIUM,
    '/usr/bin/chromium',
    '/usr/bin/chromium-browser',
    '/usr/bin/google-chrome',
  ];
  const find = () => places.find((place) => place && existsSync(place));
  const found = find();
  if (found) return found;
  console.log('Installing Chromium from Debian for the browser tests.');
  const sudo = process.getuid?.() === 0 ? [] : ['sudo', '-n'];
  const apt = (...args) => {
    const [command, ...rest] = [...sudo, 'apt-get', ...args];
    return run(command, rest, { env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } });
  };
  apt('update', '-qq');
  apt('install', '-y', '-qq', '--no-install-recommends', 'chromium');
  const installed = find();
  if (installed) return installed;
  console.error(
    'The browser tests need Chromium, and it could not be installed here. On Debian: apt-get install chromium. ' +
      'Elsewhere, install it and set VESPERUM_CHROMIUM to its path.',
  );
  process.exit(1);
}
