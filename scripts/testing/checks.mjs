import { spawn } from 'node:child_process';
import { bin, root } from '../prepare.mjs';

/** Runs a command and shows what it said where it failed. */
const succeeds = (command, args) =>
  new Promise((resolve) => {
    const child = spawn(command, args, { cwd: root, stdio: ['ignore', 'pipe', 'pipe'] });
    let said = '';
    for (const stream of [child.stdout, child.stderr])
      stream.on('data', (chunk) => {
        said += chunk;
      });
    child.on('error', () => resolve(false));
    child.on('exit', (code) => {
      if (code !== 0) console.log(said);
      resolve(code === 0);
    });
  });

const build = async () => {
  const { buildServer, buildWeb } = await import('../build.mjs');
  return (await buildWeb()) && (await buildServer());
};

/**
 * What is looked at before any test runs, each told when it is known: types, lint and unused code for a whole run, and the build
 * where journeys follow. The build goes on beside the rest.
 */
export async function* runChecks({ isWhole, isBuilt }) {
  const built = isBuilt ? build() : null;
  const checks = isWhole
    ? [
        ['types', () => succeeds(bin('tsc'), ['--build', '--singleThreaded'])],
        ['lint and format', () => succeeds(bin('biome'), ['check', '.'])],
        ['nothing unused', () => succeeds(bin('knip'), [])],
      ]
    : [];
  for (const [name, check] of checks) yield { name, succeeded: await check() };
  if (built) yield { name: 'the house builds', succeeded: await built };
}
