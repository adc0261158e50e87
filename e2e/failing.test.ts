import { join } from 'node:path';
import SQLite from 'better-sqlite3';
import type { Page } from 'puppeteer-core';
import { stage } from './browser/stage';
import { collected, countOfFirst, press, takeLine } from './desk';
import { click, go, openPage, reload, saved, textOf } from './house';

/** What goes wrong on this side of the wire, each seen happening once: none of it is silent, and nothing is lost. */

const on = stage();

const EVENING = 'evening-week-4';

/** Opens a class where requests can be refused: without the worker that would answer them from this machine. */
async function openRefusing(path: string, refuses: (url: string) => boolean): Promise<{ page: Page; let: () => void }> {
  const { page } = await openPage(on.browser, { ownPage: true });
  let isRefusing = true;
  await page.setBypassServiceWorker(true);
  await page.setRequestInterception(true);
  page.on('request', (request) => {
    if (isRefusing && refuses(request.url())) void request.abort();
    else void request.continue();
  });
  await page.goto(on.house.url + path, { waitUntil: 'domcontentloaded' });
  return {
    page,
    let: () => {
      isRefusing = false;
    },
  };
}

/** Waits until every part of the interface, and the class, are kept on this machine. */
const allKept = (page: Page, id: string) =>
  page.evaluate(async (address: string) => {
    await navigator.serviceWorker.ready;
    const isKept = async () => navigator.serviceWorker.controller && (await caches.match(address));
    while (!(await isKept())) await new Promise((resolve) => setTimeout(resolve, 50));
  }, `/api/sessions/${id}`);

describe('the server is away', () => {
  afterEach(() => on.house.stop().then(() => on.house.start()));

  test('parts that were never opened still open, and a class is taught', async () => {
    const { page } = await openPage(on.browser, { keepsAll: true });
    await go(page, `${on.house.url}/sessions/${EVENING}`);
    await page.waitForSelector('.noticed');
    await allKept(page, EVENING);
    await on.house.stop();
    await press(page, 'Fit');
    await page.waitForSelector('#fit-minutes');
    await page.keyboard.press('Escape');
    await click(page, 'nav a[href="/repertoire"]');
    await page.waitForSelector('.wall li');
    await textOf(page, '.shell-away', /server is away/);
    await page.goBack();
    await page.waitForSelector('[data-line]');
    await click(page, '.class-head-row .ant-btn-primary');
    await click(page, '.teach-begin');
    await page.waitForSelector('main.teach[data-plan-ms]');
  });

  test('a reload still opens the class with what was changed, and it is saved when the server is back', async () => {
    const before = await countOfFirst(on.house.url, EVENING);
    const { page } = await openPage(on.browser, { keepsAll: true });
    await go(page, `${on.house.url}/sessions/${EVENING}`);
    await allKept(page, EVENING);
    await on.house.stop();
    await takeLine(page, 'main-0-raise-and-sink');
    await page.keyboard.press('+');
    await page.waitForSelector('[data-save-state="away"]');
    await reload(page);
    await page.waitForSelector('[data-save-state="away"]');
    await page.waitForSelector('.noticed');
    await page.waitForSelector('.tide canvas');
    await on.house.start();
    await saved(page);
    expect(await countOfFirst(on.house.url, EVENING)).toBe(before + 1);
  });
});

test('a class that this version cannot read is named and its text can be saved; all the others are there', async () => {
  await on.house.stop();
  const database = new SQLite(join(on.house.folder, 'vesperum.sqlite'));
  const spoil = (minutes: number) =>
    database
      .prepare("UPDATE sessions SET document = json_set(document, '$.slotMinutes', ?) WHERE id = 'depot-twenty'")
      .run(minutes);
  spoil(-1);
  await on.house.start();
  const { page, faults } = await openPage(on.browser, { ownPage: true });
  await go(page, on.house.url);
  await textOf(page, '.unread-note', /One thing that was kept here cannot be read.*depot-twenty.*slotMinutes/);
  await textOf(page, '.today', /Clouds and brush knee/);
  const files = await collected(page);
  await press(page, 'Save their text');
  const [type, text] = await files(1);
  expect(type).toBe('application/json');
  expect(String(text)).toContain('Twenty minutes in the yard');
  await go(page, `${on.house.url}/sessions`);
  await textOf(page, '.sessions, main', /Six of the eight pieces/);
  expect(faults).toEqual([]);
  spoil(20);
  database.close();
});

test('a part that cannot be loaded says so in its place, and is tried again', async () => {
  const { page, let: allow } = await openRefusing(`/sessions/${EVENING}`, (url) => url.includes('TideChart'));
  await textOf(page, '.tide .notice', /The tide could not be loaded/);
  expect(await page.$$eval('[data-line]', (lines) => lines.length)).toBeGreaterThan(10);
  await press(page, 'Fit');
  await page.waitForSelector('#fit-minutes');
  await page.keyboard.press('Escape');
  allow();
  await click(page, '.tide .notice button');
  await page.waitForSelector('.tide canvas');
});

test('where nothing opens it is said instead of a white page, with a way to load it again', async () => {
  const { page, let: allow } = await openRefusing(`/sessions/${EVENING}`, (url) => /\/assets\/index-.*\.js/.test(url));
  await page.waitForSelector('.unopened', { visible: true });
  await textOf(page, '.unopened', /Nothing you have made is lost/);
  allow();
  await click(page, '.unopened a');
  await page.waitForSelector('[data-line]');
  expect(await page.$('.unopened')).toBeNull();
});

test('a page that cannot be loaded leaves the bar, and is tried again', async () => {
  const { page, let: allow } = await openRefusing('/', (url) => /\/assets\/Logbook-/.test(url));
  await page.waitForSelector('nav a[href="/logbook"]');
  await click(page, 'nav a[href="/logbook"]');
  await textOf(page, '.notice', /This page could not be loaded/);
  allow();
  await click(page, '.notice button');
  await page.waitForSelector('.logbook tbody a');
});

test('movements that did not come are asked for again by itself', async () => {
  const { page, let: allow } = await openRefusing(`/sessions/${EVENING}`, (url) => url.endsWith('/api/library'));
  await textOf(page, '.notice', /movements could not be fetched/);
  allow();
  await page.waitForSelector('[data-line]');
});

test('the part that judges did not come: it is said, the desk works, and it is asked for again by itself', async () => {
  const { page, let: allow } = await openRefusing(`/sessions/${EVENING}`, (url) => /\/assets\/judge-/.test(url));
  await textOf(page, '.session-failure', /could not be loaded/);
  await takeLine(page, 'main-0-raise-and-sink');
  allow();
  await page.waitForSelector('.tide canvas');
  await page.waitForFunction(() => document.querySelector('.session-failure') === null);
});

test('work that dies over a question says so, and can be asked once more', async () => {
  const { page } = await openPage(on.browser, { ownPage: true });
  await page.evaluateOnNewDocument(() => {
    // The first composer dies as soon as it is asked for something.
    let isDoomed = true;
    const Real = window.Worker;
    window.Worker = class extends Real {
      #asked = 0;
      readonly #dies: boolean;
      constructor(url: string | URL, options?: WorkerOptions) {
        super(url, options);
        this.#dies = isDoomed && String(url).includes('compose');
        if (this.#dies) isDoomed = false;
      }
      override postMessage(message: unknown, transfer?: unknown): void {
        this.#asked += 1;
        if (this.#dies && this.#asked > 2) setTimeout(() => this.terminate(), 30);
        else super.postMessage(message, transfer as Transferable[]);
      }
    };
  });
  await go(page, `${on.house.url}/sessions/${EVENING}`);
  await press(page, 'Fit');
  await page.waitForSelector('#fit-minutes');
  await click(page, '.compose-ask button[type=submit]');
  await textOf(page, '.compose [role=alert]', /stopped of itself/);
  await click(page, '.compose-ask button[type=submit]');
  await page.waitForSelector('.compose-choice');
});

test('letters typed into the repertoire while its page is still settling are all there', async () => {
  const { page } = await openPage(on.browser, { ownPage: true });
  await page.goto(`${on.house.url}/repertoire`, { waitUntil: 'domcontentloaded' });
  await page.waitForSelector('.repertoire header input');
  await page.emulateCPUThrottling(6);
  await page.type('.repertoire header input', 'yun shou');
  await textOf(page, '.wall li:first-child h2', /Cloud Hands/);
  expect(await page.$eval('.repertoire header input', (field) => (field as HTMLInputElement).value)).toBe('yun shou');
  expect(await textOf(page, '.repertoire header p')).toMatch(/^\d+ of \d+ movements$/);
  await page.emulateCPUThrottling(null);
});
