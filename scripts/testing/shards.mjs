import { mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { durationOf } from './durations.mjs';

/** How many worlds the tests of the computation share. */
const SHARDS = 4;

/** What a file needs for itself: stand-ins for modules, another environment, clocks and hooks that hold for a whole file. */
const FOR_ITSELF = /jest\.(mock|setTimeout|useFakeTimers|spyOn)|@jest-environment/;

/** All files of tests in some folders, by their paths from the root. */
const testsIn = (root, folders) =>
  folders.flatMap((folder) =>
    readdirSync(join(root, folder), { recursive: true, encoding: 'utf8' })
      .filter((file) => file.endsWith('.test.ts'))
      .map((file) => `${folder}/${file}`),
  );

/** Files shared out so that all shards take about as long: the longest first, each to the one that has least so far. */
function sharedOut(files, durations) {
  const shards = Array.from({ length: SHARDS }, () => ({ files: [], seconds: 0 }));
  const longestFirst = files.toSorted(
    (a, b) => durationOf(durations, b) - durationOf(durations, a) || (a < b ? -1 : 1),
  );
  for (const file of longestFirst) {
    const shard = shards.reduce((least, one) => (one.seconds < least.seconds ? one : least));
    shard.files.push(file);
    shard.seconds += durationOf(durations, file);
  }
  return shards;
}

/**
 * Writes files that each load many files of tests into one world: what is worked out of a movement is worked out once for all of
 * them, and loading is paid once. Each stands under a `describe` of its path.
 * @returns the folder they are in, and the files that stay by themselves
 */
export function writeShards(root, folders, durations) {
  const into = join(root, '.cache', 'shards');
  rmSync(into, { recursive: true, force: true });
  mkdirSync(into, { recursive: true });
  const all = testsIn(root, folders);
  const single = all.filter((file) => FOR_ITSELF.test(readFileSync(join(root, file), 'utf8')));
  const shards = sharedOut(
    all.filter((file) => !single.includes(file)),
    durations,
  );
  for (const [index, { files }] of shards.entries()) {
    const blocks = files.toSorted().map((file) => {
      const path = relative(into, join(root, file));
      return `describe(${JSON.stringify(file)}, () => {\n  require(${JSON.stringify(path)});\n});\n`;
    });
    writeFileSync(join(into, `core-${index + 1}.test.js`), blocks.join('\n'));
  }
  return { folder: into, single };
}
