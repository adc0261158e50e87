import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { build } from 'esbuild';
import { root } from './prepare.mjs';

/** Measures: everything, or only what is named. `npm run bench -- years weave` */
const ALL = ['main', 'compose', 'hall', 'teach', 'weave', 'terms', 'years', 'browser'];
const named = process.argv.slice(2).filter((name) => ALL.includes(name));
const numbers = process.argv.slice(2).filter((one) => /^\d+$/.test(one));
const FOLDER = join(root, '.cache', 'bench');

/** In one file each module would believe itself where that file is. */
const keepsPlaces = {
  name: 'keeps-places',
  setup({ onLoad }) {
    onLoad({ filter: /\/(?:bench|core|demo|e2e|repertoire|scripts|server)\/.*\.ts$/ }, ({ path }) => ({
      contents: readFileSync(path, 'utf8').replaceAll('import.meta.dirname', JSON.stringify(dirname(path))),
      loader: 'ts',
    }));
  },
};

// Put together as what is shipped is: run file by file, every function would also carry its name, and that costs as much as it does.
await build({
  entryPoints: ALL.map((name) => join(root, 'bench', `${name}.ts`)),
  outdir: FOLDER,
  outExtension: { '.js': '.mjs' },
  bundle: true,
  splitting: false,
  packages: 'external',
  platform: 'node',
  format: 'esm',
  logLevel: 'error',
  plugins: [keepsPlaces],
});
for (const name of named.length > 0 ? named : ALL)
  spawnSync(process.execPath, [join(FOLDER, `${name}.mjs`), ...numbers], { cwd: root, stdio: 'inherit' });
