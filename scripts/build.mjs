import { cpSync } from 'node:fs';
import { join } from 'node:path';
import { build as bundle } from 'esbuild';
import { bin, root, runBeside } from './prepare.mjs';

const vite = (...more) => runBeside(bin('vite'), ['build', '--logLevel', 'warn', ...more]);

/** Builds the interface into `dist/web`, and the file a class is carried in into `dist/pocket`. */
export async function buildWeb() {
  const built = await Promise.all([vite(), vite('--config', 'vite.pocket.config.ts')]);
  return built.every(Boolean);
}

/** Builds the server into files of its own: it starts in a fraction of the time it takes from its sources. */
export async function buildServer() {
  try {
    await bundle({
      // What weaves and what lays out run in threads of their own, the stand-ins for devices as programs of their own.
      entryPoints: [
        'scripts/serve.ts',
        'scripts/buildTraits.ts',
        'server/threads/weaveWorker.ts',
        'server/threads/layOutWorker.ts',
        'server/threads/facesWorker.ts',
        'server/threads/keepingWorker.ts',
        'devices/pageTurner.ts',
        'devices/hallBell.ts',
      ].map((file) => join(root, file)),
      outdir: join(root, 'dist'),
      entryNames: '[name]',
      outExtension: { '.js': '.mjs' },
      bundle: true,
      platform: 'node',
      format: 'esm',
      target: 'node20',
      // Packages of plain script come along: looking hundreds of files up takes a third of a start. Those with a binary beside them stay.
      external: ['better-sqlite3', 'highs', 'subset-font'],
      banner: {
        js: "import { createRequire as requireFrom } from 'node:module'; const require = requireFrom(import.meta.url);",
      },
      minifySyntax: true,
      minifyWhitespace: true,
      logLevel: 'error',
    });
    // Beside the file, where it looks for them.
    cpSync(join(root, 'server/store/file/migrations'), join(root, 'dist/migrations'), { recursive: true });
    return await runBeside(process.execPath, [join(root, 'dist/buildTraits.mjs')]);
  } catch {
    return false;
  }
}

if (import.meta.filename === process.argv[1]) process.exit((await buildWeb()) && (await buildServer()) ? 0 : 1);
