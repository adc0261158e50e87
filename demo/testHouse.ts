import { rmSync } from 'node:fs';
import type { Database } from 'better-sqlite3';
import { openHouse } from '../server/openHouse';
import { shippedRepertoire } from '../server/shippedRepertoire';
import { keepingBeside } from '../server/threads/keepingInThread';
import { copyOfDemo } from './preparedDemo';

const { movements: repertoire, forms } = shippedRepertoire();

export { forms, repertoire };

/** One for all houses of a file: it takes longer to open than most tests do. */
const thread = keepingBeside();

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
  close(): Promise<void>;
}

/** A house of its own in a temporary folder, with the demo world. */
export function openTestHouse(): TestHouse {
  const folder = copyOfDemo();
  const house = openHouse(
    folder,
    { movements: repertoire, forms, webFolder: null, version: 'test' },
    undefined,
    thread,
  );
  return {
    get database() {
      return house.database;
    },
    ask: async (method, path, body, headers = {}) => {
      const text = typeof body === 'string' ? body : JSON.stringify(body);
      const sent = {
        host: '127.0.0.1:4780',
        ...(body === undefined ? {} : { 'content-type': 'application/json', 'content-length': String(text.length) }),
        ...headers,
      };
      return house.app.request(path, { method, headers: sent, ...(body === undefined ? {} : { body: text }) });
    },
    folder,
    reopen: house.reopen,
    send: async (path, zip) =>
      house.app.request(path, {
        method: 'POST',
        headers: { host: '127.0.0.1:4780', 'content-type': 'application/zip', 'content-length': String(zip.length) },
        body: new Uint8Array(zip).buffer,
      }),
    contents: () => {
      // Read from the database itself: a table that is added is looked at from then on.
      const tables = house.database
        .prepare("SELECT name FROM sqlite_master WHERE type = 'table' ORDER BY name")
        .pluck()
        .all();
      return JSON.stringify(tables.map((table) => [table, house.database.prepare(`SELECT * FROM "${table}"`).all()]));
    },
    close: async () => {
      await house.close();
      rmSync(folder, { recursive: true });
    },
  };
}
