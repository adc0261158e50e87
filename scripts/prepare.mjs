import { spawn, spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { join } from 'node:path';

export const root = join(import.meta.dirname, '..');

/** Runs a command with its output shown; answers whether it succeeded. */
export function run(command, args, options = {}) {
  return spawnSync(command, args, { cwd: root, stdio: 'inherit', ...options }).status === 0;
}

/** The same beside other work. */
export function runBeside(command, args, options = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { cwd: root, stdio: 'inherit', ...options });
    child.on('error', () => resolve(false));
    child.on('exit', (code) => resolve(code === 0));
  });
}

export const bin = (name) => join(root, 'node_modules', '.bin', name);

/** Finds a Chromium for the browser tests, installing Debian's without a window where there is none. Answers its path. */
export function ensureChromium() {
  const places = [
    process.env.VESPERUM_CHROMIUM,
    '/usr/bin/chromium-headless-shell',
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
  const install = (name) => apt('install', '-y', '-qq', '--no-install-recommends', name);
  if (!install('chromium-headless-shell')) install('chromium');
  const installed = find();
  if (installed) return installed;
  console.error(
    'The browser tests need Chromium, and it could not be installed here. On Debian: apt-get install chromium. ' +
      'Elsewhere, install it and set VESPERUM_CHROMIUM to its path.',
  );
  process.exit(1);
}
