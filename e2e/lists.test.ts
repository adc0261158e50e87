import { graveFaults } from './browser/graveFaults';
import { stage } from './browser/stage';
import { click, go, openPage, textOf } from './house';

/** Long lists: narrowed, by page, and only as far as they are looked at. */

const on = stage();

test('classes are narrowed by words, by when and by group; the address keeps it', async () => {
  const { page, faults } = await openPage(on.browser);
  await go(page, `${on.house.url}/sessions`);
  await page.waitForSelector('.quiet-table-title');
  const titles = () => page.$$eval('.quiet-table-title', (all) => all.map((one) => one.textContent ?? ''));
  const all = await titles();
  await page.type('.sessions-narrow input[aria-label="Words of the name"]', 'clouds');
  // Each letter narrows: what came of the first ones goes by.
  await page.waitForFunction(
    (many: number) => {
      const rows = [...document.querySelectorAll('.quiet-table-title')];
      return rows.length < many && rows.every(({ textContent }) => /clouds/i.test(textContent));
    },
    {},
    all.length,
  );
  expect(new URL(page.url()).searchParams.get('words')).toBe('clouds');
  await page.reload();
  await page.waitForSelector('.quiet-table-title');
  expect((await titles()).every((title) => /clouds/i.test(title))).toBe(true);
  await page.type('.sessions-narrow input[aria-label="Words of the name"]', ' that nobody teaches');
  await textOf(page, '.quiet-table', /No class is like that/);
  await go(page, `${on.house.url}/sessions?when=past`);
  await page.waitForSelector('.quiet-table-title');
  expect((await titles()).length).toBeLessThan(all.length);
  expect(await graveFaults(page)).toEqual([]);
  expect(faults).toEqual([]);
});

test('many classes come by the page, what comes first on the first', async () => {
  const stored = await (await fetch(`${on.house.url}/api/sessions/evening-week-4`)).json();
  for (let i = 0; i < 60; i += 1) {
    const session = { ...stored.session, id: `many-${i}`, title: `Many ${i}`, date: '2025-01-01', course: null };
    await fetch(`${on.house.url}/api/sessions`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ session }),
    });
  }
  const { page, faults } = await openPage(on.browser);
  await go(page, `${on.house.url}/sessions`);
  await textOf(page, '.quiet-table', /today/);
  expect(await page.$$eval('.quiet-table-title', (all) => all.length)).toBe(25);
  await click(page, '.ant-pagination-item-3');
  await page.waitForFunction(() => document.querySelectorAll('.quiet-table-title').length < 25);
  expect(new URL(page.url()).searchParams.get('page')).toBe('3');
  for (let i = 0; i < 60; i += 1) await fetch(`${on.house.url}/api/sessions/many-${i}`, { method: 'DELETE' });
  expect(faults).toEqual([]);
});

test('the wall is hung as far as it is looked at, and to its end by scrolling or a press', async () => {
  const { page, faults } = await openPage(on.browser);
  await go(page, `${on.house.url}/repertoire`);
  await page.waitForSelector('.wall-piece');
  const pieces = () => page.$$eval('.wall-piece', (all) => all.length);
  const first = await pieces();
  const said = await textOf(page, '.repertoire header', /\d+ of \d+ movements/);
  const all = Number(/(\d+) of/.exec(said)?.[1]);
  expect(first).toBeLessThan(all);
  for (let time = 0; time < 8 && (await pieces()) < all; time += 1) {
    const before = await pieces();
    await page.evaluate(() => window.scrollTo(0, document.body.scrollHeight));
    await page.waitForFunction((many: number) => document.querySelectorAll('.wall-piece').length > many, {}, before);
  }
  expect(await pieces()).toBe(all);
  expect(faults).toEqual([]);
});
