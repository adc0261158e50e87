import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createApp } from './app';
import { openDatabase } from './store/file/open';

/** The built interface as it is handed out: one page for every place, files that never change, and nothing beyond the folder. */

const folder = mkdtempSync(join(tmpdir(), 'vesperum-web-'));
const built = join(folder, 'built');
mkdirSync(join(built, 'assets'), { recursive: true });
writeFileSync(join(built, 'index.html'), '<title>Vesperum</title>');
writeFileSync(join(built, 'assets', 'main-1a2b.js'), 'export {};');
writeFileSync(join(folder, 'secret.txt'), 'not for the web');
const { database } = openDatabase(folder);
const app = createApp({ database, movements: [], forms: [], webFolder: built });
const get = (path: string) => app.request(path, { headers: { host: '127.0.0.1:4780' } });

afterAll(() => {
  database.close();
  rmSync(folder, { recursive: true });
});

test.each(['/', '/sessions/evening-week-4', '/teach/depot-twenty'])('%s is answered with the page', async (path) => {
  const answer = await get(path);
  expect(await answer.text()).toContain('<title>Vesperum</title>');
  // The page names its files: an old one would ask for files that are gone.
  expect(answer.headers.get('cache-control')).toBe('no-cache');
});

test('a built file may be kept for good; one that is not there is not mistaken for the page', async () => {
  const answer = await get('/assets/main-1a2b.js');
  expect([answer.status, await answer.text()]).toEqual([200, 'export {};']);
  expect(answer.headers.get('cache-control')).toContain('immutable');
  const gone = await get('/assets/main-0000.js');
  expect(gone.status).toBe(404);
  expect(gone.headers.get('cache-control') ?? '').not.toContain('immutable');
  expect((await get('/api/nothing')).status).toBe(404);
});

test.each(['/../secret.txt', '/%2e%2e/secret.txt', '/assets/..%2f..%2fsecret.txt', '/..%5csecret.txt'])(
  '%s leads out of the folder for nobody',
  async (path) => expect(await (await get(path)).text()).not.toContain('not for the web'),
);
