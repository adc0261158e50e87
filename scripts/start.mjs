import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { beginDatabase, isDatabaseThere, makeDatabase } from './database.mjs';
import { installPackages } from './packages.mjs';
import { root } from './prepare.mjs';

/** Does a step of getting ready, and says how long it is likely to take and how long it took. */
async function step(what, usually, work) {
  console.log(`${what} (${usually}) ...`);
  const begin = performance.now();
  const succeeded = await work();
  if (!succeeded) process.exit(1);
  console.log(`  ${Math.round((performance.now() - begin) / 1000)} s`);
}

async function build() {
  const { buildServer, buildWeb } = await import('./build.mjs');
  return (await Promise.all([buildWeb(), buildServer()])).every(Boolean);
}

const putDatabase = beginDatabase();
await step('Packages', 'half a minute to two minutes the first time, then none', () => {
  installPackages({ forTests: false });
  return true;
});
if (isDatabaseThere()) await step('Building the interface', 'ten to thirty seconds', build);
else
  await step(
    'Compiling the rest of the database, and building the interface meanwhile',
    'half a minute to two minutes, this once',
    async () => (await Promise.all([putDatabase().then(makeDatabase), build()])).every(Boolean),
  );

const server = spawn(process.execPath, [join(root, 'dist/serve.mjs'), ...process.argv.slice(2)], {
  cwd: root,
  stdio: 'inherit',
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
