import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { serve } from '@hono/node-server';
import { loadDemo } from '../demo/load';
import { readTraits } from '../server/ahead/traitsAhead';
import { setClock, today } from '../server/clock/clock';
import { standIns } from '../server/devices/standIns';
import { ENTRY, keyFor } from '../server/door/key';
import { type OpenHouse, openHouse } from '../server/openHouse';
import { readSettings } from '../server/settings';
import { shippedRepertoire } from '../server/shippedRepertoire';
import { lockFolder } from '../server/store/file/lockFolder';
import { builtVersion } from '../server/workedOut/builtVersion';

/** Milliseconds. */
const KEPT_ALIVE = 75_000;

const root = join(import.meta.dirname, '..');

function start(): void {
  const { port, dataFolder, startAt } = readSettings(process.env);
  if (startAt !== null) setClock(startAt);
  const { movements, forms } = shippedRepertoire();
  const unlock = lockFolder(dataFolder);
  const asked = process.argv.includes('--no-key') ? 'no-key' : process.argv.includes('--key') ? 'key' : null;
  const key = keyFor(dataFolder, asked);
  const built = join(root, 'dist', 'web');
  const house = openHouse(
    dataFolder,
    {
      movements,
      forms,
      devices: standIns(join(root, 'dist'), process.env),
      // Built beside this file; where it is not, as in development, they are worked out when they are first asked for.
      traitsAhead: readTraits(join(import.meta.dirname, 'traits.json')),
      pocketFile: join(root, 'dist', 'pocket', 'index.html'),
      webFolder: existsSync(join(built, 'index.html')) ? built : null,
      key,
      version: builtVersion(import.meta.filename, movements),
    },
    (empty) => {
      if (!process.argv.includes('--empty')) loadDemo(empty, movements, forms, today());
    },
  );

  const fetch: OpenHouse['app']['fetch'] = (...given) => house.app.fetch(...given);
  const server = serve({ fetch, hostname: '127.0.0.1', port }, ({ port: bound }) => {
    const entry = key ? `${ENTRY}?key=${key.once}` : '';
    void house.backUp();
    // What the lists show of each class is worked out in between, before anybody asks.
    const headers = { host: `127.0.0.1:${bound}`, ...(key && { authorization: `Bearer ${key.secret}` }) };
    for (const path of ['/api/sessions', '/api/movements/traits']) void house.app.request(path, { headers });
    console.log(`Vesperum is ready at http://127.0.0.1:${bound}${entry}`);
  });
  // A connection is kept for longer than a page or a script leaves it idle: one that is closed just as the next question is sent
  // is a question lost.
  if ('keepAliveTimeout' in server) server.keepAliveTimeout = KEPT_ALIVE;
  server.on('error', (error: NodeJS.ErrnoException) => {
    console.error(
      error.code === 'EADDRINUSE'
        ? `Port ${port} is taken. Is Vesperum already running? Otherwise set VESPERUM_PORT to another number.`
        : error.message,
    );
    process.exit(1);
  });
  const stop = () => {
    server.close();
    void house.close().then(() => {
      unlock();
      process.exit(0);
    });
  };
  if (process.argv.includes('--until-input-ends')) process.stdin.resume().on('end', stop).on('error', stop);
  process.on('SIGINT', stop);
  process.on('SIGTERM', stop);
}

try {
  start();
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  process.exit(1);
}
