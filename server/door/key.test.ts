import { mkdtempSync, readFileSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { forms, repertoire } from '../../demo/testHouse';
import { createApp } from '../app';
import { openDatabase } from '../store/file/open';
import { type HouseKey, keyFor } from './key';

/** A house on a computer that several people use: who has the key is let in, and nobody else. */

let folder: string;
let close: () => void;
let key: HouseKey;
let ask: (path: string, headers?: Record<string, string>) => Promise<Response>;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'vesperum-key-'));
  const { database } = openDatabase(folder);
  const made = keyFor(folder, 'key');
  if (!made) throw new Error('a key was asked for');
  key = made;
  const app = createApp({ database, movements: repertoire, forms, webFolder: null, key });
  ask = async (path, headers = {}) => app.request(path, { headers: { host: '127.0.0.1:4780', ...headers } });
  close = () => database.close();
});
afterEach(() => {
  close();
  rmSync(folder, { recursive: true });
});

test('without it the API answers 401 to all but its health, and a page says where to find the address', async () => {
  for (const path of ['/api/sessions', '/api/openapi.json', '/api/nothing']) expect((await ask(path)).status).toBe(401);
  expect((await ask('/api/health')).status).toBe(200);
  const page = await ask('/sessions');
  expect(page.status).toBe(401);
  expect(await page.text()).toMatch(/printed in the window it was started from/);
});

test('the address that is printed opens once, and changes what it carries for a cookie that scripts on pages cannot read', async () => {
  const entered = await ask(`/enter?key=${key.once}`);
  expect(entered.status).toBe(302);
  expect(entered.headers.get('location')).toBe('/');
  const cookie = entered.headers.get('set-cookie') ?? '';
  expect(cookie).toMatch(/HttpOnly/);
  expect(cookie).toMatch(/SameSite=Strict/);
  expect(cookie).not.toContain(key.secret);
  const [pair = ''] = cookie.split(';');
  expect((await ask('/api/sessions', { cookie: pair })).status).toBe(200);
  expect((await ask('/api/sessions', { cookie: `${pair}x` })).status).toBe(401);
  expect((await ask(`/enter?key=${key.once}`)).status).toBe(401);
  expect((await ask('/enter?key=')).status).toBe(401);
});

test('a script sends the key from its file, which only its owner may read', async () => {
  const file = join(folder, 'key');
  expect(readFileSync(file, 'utf8').trim()).toBe(key.secret);
  expect((statSync(file).mode & 0o777).toString(8)).toBe('600');
  expect((await ask('/api/sessions', { authorization: `Bearer ${key.secret}` })).status).toBe(200);
  expect((await ask('/api/sessions', { authorization: 'Bearer other' })).status).toBe(401);
});

test('it is remembered from start to start, and put away when that is asked', () => {
  expect(keyFor(folder, null)?.secret).toBe(key.secret);
  expect(keyFor(folder, null)?.once).not.toBe(key.once);
  expect(keyFor(folder, 'no-key')).toBeNull();
  expect(keyFor(folder, null)).toBeNull();
});
