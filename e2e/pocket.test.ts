import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import type { Page } from 'puppeteer-core';
import { PocketRecord } from '../core/formats/pocket/pocketClass';
import { DEMO_DAY } from '../demo/demoDay';
import { demoPeople } from '../demo/people';
import { graveFaults } from './browser/graveFaults';
import { stage } from './browser/stage';
import { collected, press } from './desk';
import { click, go, openPage, textOf } from './house';

/** A class that is carried in one file: opened from the file system with the network off, and brought back. */

const on = stage();
let folder = '';
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'carried-'));
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** Saves a class as its file, and answers where that is and what is in it. */
async function carried(id: string): Promise<{ address: string; text: string }> {
  const { page, faults } = await openPage(on.browser);
  await go(page, `${on.house.url}/sessions/${id}`);
  await page.waitForSelector('[data-line]');
  const nth = await collected(page);
  await press(page, 'Paper');
  await press(page, /To carry: one file/);
  const [type, bytes] = await nth(1);
  expect(type).toBe('text/html');
  const file = join(folder, `${id}.html`);
  writeFileSync(file, bytes);
  expect(faults).toEqual([]);
  await page.close();
  return { address: pathToFileURL(file).href, text: bytes.toString('utf8') };
}

/** A page that only has the file: whatever it would fetch fails, and is told. */
async function openFile(address: string, scripts = true): Promise<{ page: Page; fetched: string[] }> {
  const page = await on.browser.newPage();
  await page.setViewport({ width: 390, height: 844 });
  await page.setOfflineMode(true);
  await page.setJavaScriptEnabled(scripts);
  const fetched: string[] = [];
  page.on('request', (request) => {
    const url = request.url();
    if (url !== address && !url.startsWith('data:') && !url.startsWith('blob:')) fetched.push(url);
  });
  await page.goto(address);
  return { page, fetched };
}

test('a class is taught from its file to the end, left and taken up in the middle, and its record given back by file and by code', async () => {
  const { address, text } = await carried('depot-twenty');
  expect(text.length).toBeLessThan(1_500_000);
  for (const { called } of demoPeople(DEMO_DAY)) expect(text).not.toMatch(new RegExp(`\\b${called}\\b`));
  const { page, fetched } = await openFile(address);
  await textOf(page, '.teach-threshold', /This device keeps how far you are/);
  await press(page, 'Begin');
  await page.waitForSelector('main.teach[data-plan-ms]');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('x');
  const segment = () => page.$eval('main.teach', (main) => Number((main as HTMLElement).dataset.segment));
  await page.waitForFunction(() => Number((document.querySelector('main.teach') as HTMLElement).dataset.segment) > 0);
  expect(await graveFaults(page, 'main.teach')).toEqual([]);
  const at = await segment();
  // It is what the server's teaching shows at this place: a figure, a call, a count.
  await page.waitForSelector('.teach-count');
  await page.reload();
  await press(page, /^Go on, /);
  await page.waitForSelector('main.teach[data-plan-ms]');
  expect(await segment()).toBeGreaterThanOrEqual(at);
  // To its end by the key, line by line.
  for (let presses = 0; presses < 60 && (await page.$('.pocket-code')) === null; presses += 1)
    await page.keyboard.press('ArrowRight');
  await textOf(page, '.teach-threshold', /The class is done/);
  await page.type('.teach-marks input', 'a shoe came off');
  await page.type('.teach-came', '9');
  const code = await textOf(page, '.pocket-code', /[0-9A-Z]{4} /);
  expect(code.replaceAll(' ', '').length).toBeLessThanOrEqual(36);
  const nth = await collected(page);
  await press(page, 'Save the record');
  const [, bytes] = await nth(1);
  const record = PocketRecord.parse(JSON.parse(bytes.toString('utf8')));
  expect(record.log.attendance).toBe(9);
  expect(record.log.notes).toMatch(/a shoe came off/);
  expect(fetched).toEqual([]);
  await page.close();

  const { page: house, faults } = await openPage(on.browser);
  await go(house, `${on.house.url}/logbook`);
  await house.waitForSelector('.bring-back');
  expect(await graveFaults(house, '.bring-back')).toEqual([]);
  await house.type('#bring-code', 'ABCD 1234');
  await press(house, 'Write it down');
  await textOf(house, '#bring-refused', /not here, or has other lines now|mistyped/);
  const file = join(folder, 'record.json');
  writeFileSync(file, bytes);
  const input = await house.$('.bring-back input[type="file"]');
  await (input as unknown as { uploadFile: (path: string) => Promise<void> }).uploadFile(file);
  await house.waitForSelector('.log-lines');
  const written = new URL(house.url()).pathname;
  expect(written).toBe(`/logbook/${record.log.id}`);
  await go(house, `${on.house.url}/logbook`);
  const rows = () => house.$$eval('.logbook .quiet-table tbody tr', (all) => all.length);
  await house.waitForSelector('.logbook .quiet-table tbody tr');
  const many = await rows();
  // By its code it is the same record: nothing doubles.
  await house.type('#bring-code', code.toLowerCase());
  await press(house, 'Write it down');
  await textOf(house, '.ant-message', /written down before; nothing is doubled/);
  expect(new URL(house.url()).pathname).toBe(written);
  await go(house, `${on.house.url}/logbook`);
  await house.waitForSelector('.logbook .quiet-table tbody tr');
  expect(await rows()).toBe(many);
  // One of them was refused, as it should be.
  expect(faults.filter((fault) => !fault.includes('422'))).toEqual([]);
});

test('where no script runs the file is a card: the running order with figures, counts and minutes', async () => {
  const { address } = await carried('morning-eight-pieces');
  const { page, fetched } = await openFile(address, false);
  const card = await textOf(page, '#card', /Six of the eight pieces/);
  expect(card).toMatch(/Warm-up.*Lift the Sky.*Cool-down/);
  expect(card).toMatch(/Pain is a stop sign/);
  expect(await page.$$eval('#card svg', (all) => all.length)).toBeGreaterThan(15);
  expect(fetched).toEqual([]);
  await page.close();
});

test('a device that keeps nothing says so before anything is begun', async () => {
  const { address } = await carried('depot-twenty');
  const page = await on.browser.newPage();
  await page.evaluateOnNewDocument(() => {
    Object.defineProperty(window, 'localStorage', {
      get: () => {
        throw new Error('forbidden');
      },
    });
  });
  await page.goto(address);
  await textOf(page, '.teach-threshold', /This device keeps nothing: do not close this page/);
  await click(page, '.teach-begin');
  await textOf(page, '.teach-unkept', /keeps nothing/);
  await page.close();
});

test('with practice for at home comes a tally, counted, taken back and kept', async () => {
  const { page: house } = await openPage(on.browser);
  await go(house, `${on.house.url}/groups/tram-shed-evening/people`);
  await press(house, /Practice between classes/);
  await house.waitForSelector('.slip-lines li');
  const nth = await collected(house);
  await press(house, 'As one file');
  const [, bytes] = await nth(1);
  const file = join(folder, 'practice.html');
  writeFileSync(file, bytes);
  const text = readFileSync(file, 'utf8');
  for (const { called } of demoPeople(DEMO_DAY)) expect(text).not.toMatch(new RegExp(`\\b${called}\\b`));
  const { page, fetched } = await openFile(pathToFileURL(file).href);
  await page.waitForSelector('.tally-tap');
  await press(page, 'by 36');
  await click(page, '.tally-tap');
  await click(page, '.tally-tap');
  await press(page, 'by 9');
  await click(page, '.tally-tap');
  await textOf(page, '.tally-tap', /^81of 300 today/);
  await press(page, 'Take back');
  await textOf(page, '.tally-tap', /^72of 300 today/);
  expect(await graveFaults(page)).toEqual([]);
  await page.reload();
  await textOf(page, '.tally-tap', /^72of 300 today/);
  await press(page, 'Begin');
  await page.waitForSelector('main.teach[data-plan-ms]');
  await press(page, 'End');
  await textOf(page, '.teach-threshold', /Done.*practised/);
  expect(fetched).toEqual([]);
  await page.close();
});
