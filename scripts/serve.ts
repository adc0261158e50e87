import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { serve } from '@hono/node-server';
import dayjs from 'dayjs';
import { loadDemo } from '../demo/load';
import { createApp } from '../server/app';
import { standIns } from '../server/devices/standIns';
import { ENTRY, keyFor } from '../server/door/key';
import { readForms, readRepertoire } from '../server/repertoire';
import { readSettings } from '../server/settings';
import { backUpDay } from '../server/store/file/dailyBackups';
import { lockFolder } from '../server/store/file/lockFolder';
import { openDatabase } from '../server/store/file/open';

/** Milliseconds. */
const KEPT_ALIVE = 75_000;

const root = join(import.meta.dirname, '..');

function start(): void {
  const { port, dataFolder } = readSettings(process.env);
  const movements = readRepertoire(join(root, 'repertoire'));
  const forms = readForms(join(root, 'repertoire', 'forms'));
  const unlock = lockFolder(dataFolder);
  const { database } = openDatabase(dataFolder, (empty) => {
    if (!process.argv.includes('--empty')) loadDemo(empty, movements, forms, dayjs().format('YYYY-MM-DD'));
  });
  const asked = process.argv.includes('--no-key') ? 'no-key' : process.argv.includes('--key') ? 'key' : null;
  const key = keyFor(dataFolder, asked);
  const built = join(root, 'dist', 'web');
  const backUp = () => {
    backUpDay(database, dataFolder, dayjs().format('YYYY-MM-DD')).catch((error: unknown) => {
      console.error(`The backup of today could not be made: ${error instanceof Error ? error.message : error}`);
    });
  };
  const devices = standIns(join(root, 'dist'), process.env);
  const open = () =>
    createApp({
      database,
      movements,
      forms,
      devices,
      pocketFile: join(root, 'dist', 'pocket', 'index.html'),
      webFolder: existsSync(join(built, 'index.html')) ? built : null,
      key,
      // What was read of the data is forgotten with the application that read it.
      keeping: { dataFolder, onReplaced: openAnew },
      onRecorded: backUp,
    });
  let app = open();
  function openAnew(): void {
    app = open();
  }

  const fetch: typeof app.fetch = (...asked) => app.fetch(...asked);
  const server = serve({ fetch, hostname: '127.0.0.1', port }, ({ port: bound }) => {
    const entry = key ? `${ENTRY}?key=${key.once}` : '';
    backUp();
    // What the lists show of each class is worked out in between, before anybody asks.
    const headers = { host: `127.0.0.1:${bound}`, ...(key && { authorization: `Bearer ${key.secret}` }) };
    for (const path of ['/api/sessions', '/api/movements/traits']) void app.request(path, { headers });
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
    database.close();
    unlock();
    process.exit(0);
  };
  process.on('SIGINT', stop);
  process.on('SIGTERM', stop);
}

try {
  start();
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  process.exit(1);
}
