import { rmSync } from 'node:fs';
import type { Database } from 'better-sqlite3';
import { createApp } from '../server/app';
import { shippedRepertoire } from '../server/shippedRepertoire';
import { openDatabase } from '../server/store/file/open';
import { copyOfDemo } from './preparedDemo';

const { movements: repertoire, forms } = shippedRepertoire();

export { forms, repertoire };

export interface TestHouse {
  readonly database: Database;
  /** Asks the application without a network. A body is sent as JSON unless it is a string. */
  ask(method: string, path: string, body?: unknown, headers?: Record<string, string>): Promise<Response>;
  /** Starts the application anew on the same data. */
  reopen(): void;
  /** Sends an archive. */
  send(path: string, zip: Uint8Array): Promise<Response>;
  /** The folder its data is in. */
  readonly folder: string;
  /** Everything the database holds, as text, to see whether it changed. */
  contents(): string;
  close(): void;
}

/** A house of its own in a temporary folder, with the demo world. */
export function openTestHouse(): TestHouse {
  const folder = copyOfDemo();
  const { database } = openDatabase(folder);
  const open = () =>
    createApp({
      database,
      movements: repertoire,
      forms,
      webFolder: null,
      keeping: { dataFolder: folder, onReplaced: openAnew },
    });
  let app = open();
  function openAnew(): void {
    app = open();
  }
  return {
    database,
    ask: async (method, path, body, headers = {}) => {
      const text = typeof body === 'string' ? body : JSON.stringify(body);
      const sent = {
        host: '127.0.0.1:4780',
        ...(body === undefined ? {} : { 'content-type': 'application/json', 'content-length': String(text.length) }),
        ...headers,
      };
      return app.request(path, { method, headers: sent, ...(body === undefined ? {} : { body: text }) });
    },
    folder,
    reopen: openAnew,
    send: async (path, zip) =>
      app.request(path, {
        method: 'POST',
        headers: { host: '127.0.0.1:4780', 'content-type': 'application/zip', 'content-length': String(zip.length) },
        body: new Uint8Array(zip).buffer,
      }),
    contents: () => {
      // Read from the database itself: a table that is added is looked at from then on.
      const tables = database
        .prepare("SELECT name FROM sqlite_master WHERE type = 'table' ORDER BY name")
        .pluck()
        .all();
      return JSON.stringify(tables.map((table) => [table, database.prepare(`SELECT * FROM "${table}"`).all()]));
    },
    close: () => {
      database.close();
      rmSync(folder, { recursive: true });
    },
  };
}
