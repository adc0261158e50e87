import type { Page } from 'puppeteer-core';
import { press, stored, takeLine } from './desk';
import { click, go, openPage, reload, saved, stage, textOf } from './house';

/** What goes wrong on this side of the wire, each seen happening once: none of it is silent, and nothing is lost. */

const on = stage();

const EVENING = 'evening-week-4';
const DEPOT = 'depot-twenty';

/** Opens a class where requests can be refused: without the worker that would answer them from this machine. */
async function openRefusing(path: string, refuses: (url: string) => boolean): Promise<{ page: Page; let: () => void }> {
  const { page } = await openPage(on.browser);
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

const countOfFirst = async () => {
  const { session } = await stored(on.house.url, EVENING);
  const item = session.sections[2]?.items[0];
  return item?.kind === 'movement' ? item.count : 0;
};

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
    const { page } = await openPage(on.browser);
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
    const before = await countOfFirst();
    const { page } = await openPage(on.browser);
    await go(page, `${on.house.url}/sessions/${EVENING}`);
    await allKept(page, EVENING);
    await on.house.stop();
    await takeLine(page, 'main-0-raise-and-sink');
    await page.keyboard.press('+');
    await page.waitForSelector('[data-standing="away"]');
    await reload(page);
    await page.waitForSelector('[data-standing="away"]');
    await page.waitForSelector('.noticed');
    await page.waitForSelector('.tide canvas');
    await on.house.start();
    await saved(page);
    expect(await countOfFirst()).toBe(before + 1);
  });
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
  const { page } = await openPage(on.browser);
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

describe('what this machine can keep', () => {
  const fill = () => {
    Storage.prototype.setItem = () => {
      throw new DOMException('no room', 'QuotaExceededError');
    };
  };
  const forbid = () => {
    for (const name of ['localStorage', 'sessionStorage'])
      Object.defineProperty(window, name, {
        get: () => {
          throw new DOMException('forbidden', 'SecurityError');
        },
      });
  };

  test.each([
    ['full', fill],
    ['forbidden', forbid],
  ])('with storage %s, changes are still saved, and a class is still taught', async (_name, spoil) => {
    const before = await countOfFirst();
    const { page, faults } = await openPage(on.browser, { firstRun: true });
    await page.evaluateOnNewDocument(spoil);
    await go(page, on.house.url);
    await page.waitForSelector('.today-next h2');
    await go(page, `${on.house.url}/sessions/${EVENING}`);
    await takeLine(page, 'main-0-raise-and-sink');
    await page.keyboard.press('+');
    await page.waitForSelector('[data-standing="unsaved"], [data-standing="saving"]');
    expect(await textOf(page, '.save-state')).toMatch(/keeps nothing/);
    await saved(page);
    expect(await countOfFirst()).toBe(before + 1);
    await go(page, `${on.house.url}/teach/${DEPOT}`);
    await click(page, '.teach-begin');
    await textOf(page, '.teach-unkept', /do not load this page again/);
    expect(faults).toEqual([]);
  });
});

describe('two windows of one class', () => {
  const rename = async (page: Page, name: string) => {
    await page.bringToFront();
    await click(page, '.class-title', { clickCount: 3 });
    await page.keyboard.type(name);
  };
  const openTwo = async () => {
    const pages = [await openPage(on.browser), await openPage(on.browser)].map(({ page }) => page);
    for (const page of pages) {
      await page.bringToFront();
      await go(page, `${on.house.url}/sessions/${DEPOT}`);
    }
    return pages as [Page, Page];
  };
  const titles = async () => {
    const all = (await (await fetch(`${on.house.url}/api/sessions`)).json()) as { title: string }[];
    return all.map(({ title }) => title);
  };

  test('one is closed while the server is away, the other saves: what the closed one kept is offered', async () => {
    const [first, second] = await openTwo();
    await on.house.stop();
    await rename(second, 'Second, then closed');
    await second.waitForSelector('[data-standing="away"]');
    await second.close();
    await rename(first, 'First, goes on');
    await first.waitForSelector('[data-standing="away"]');
    await on.house.start();
    await saved(first);
    expect(await titles()).toContain('First, goes on');
    await reload(first);
    await textOf(first, '.conflict-choices', /Second, then closed.*First, goes on/);
    await press(first, 'Keep the other one');
    await first.waitForFunction(() => document.querySelector('.conflict-choices') === null);
    expect(await titles()).toEqual(
      expect.arrayContaining(['First, goes on', expect.stringMatching(/^Second, then closed \(put aside /)]),
    );
    await reload(first);
    await saved(first);
    expect(await first.$('.conflict-choices')).toBeNull();
  });

  test('one asks which to keep while the other saves once more: neither is forgotten', async () => {
    const [first, second] = await openTwo();
    await rename(first, 'By the first');
    await saved(first);
    await rename(second, 'By the second');
    await textOf(second, '.conflict-choices', /By the second.*By the first/);
    await rename(first, 'By the first, again');
    await saved(first);
    await second.close();
    await reload(first);
    await textOf(first, '.conflict-choices', /By the second.*By the first, again/);
  });
});

describe('a class in hand', () => {
  const begin = async (page: Page) => {
    await go(page, `${on.house.url}/teach/${DEPOT}`);
    await click(page, '.teach-begin');
    await page.waitForSelector('main.teach[data-plan-ms]');
  };

  test('is shown under Today, and is asked about once its plan has been changed', async () => {
    const { page } = await openPage(on.browser);
    await begin(page);
    await go(page, on.house.url);
    await textOf(page, '.today-in-hand', /begun today at \d\d:\d\d/);
    await go(page, `${on.house.url}/sessions/${DEPOT}`);
    await takeLine(page, await page.$eval('[data-line]', (one) => (one as HTMLElement).dataset.line ?? ''));
    await page.keyboard.press('+');
    await saved(page);
    await go(page, `${on.house.url}/teach/${DEPOT}`);
    await textOf(page, '.teach-threshold', /is still open.*Its plan has been changed since/);
    await press(page, 'Begin a new one');
    await click(page, '.teach-begin');
    await page.waitForSelector('main.teach[data-plan-ms]');
    // The one from before is not lost with it.
    await go(page, on.house.url);
    await page.waitForFunction(() => document.querySelectorAll('.today-in-hand li').length === 2);
    await click(page, '.today-in-hand li:last-child a');
    await press(page, 'Write that one in the logbook');
    await textOf(page, 'main.teach h1', /End the class here/);
  });

  test('left long ago is not gone on with by itself', async () => {
    const { page } = await openPage(on.browser);
    await begin(page);
    await go(page, on.house.url);
    await page.evaluate(() => {
      for (const key of Object.keys(localStorage).filter((one) => one.startsWith('vesperum.teaching.'))) {
        const kept = JSON.parse(localStorage.getItem(key) ?? '{}');
        localStorage.setItem(key, JSON.stringify({ ...kept, seenAt: kept.seenAt - 16 * 60_000 }));
      }
    });
    await go(page, `${on.house.url}/teach/${DEPOT}`);
    await textOf(page, '.teach-threshold h1', /is still open/);
    await press(page, 'Go on with that one, by the plan it had');
    await page.waitForSelector('main.teach[data-plan-ms]');
  });

  test('goes on out of sight', async () => {
    const { page } = await openPage(on.browser);
    await begin(page);
    const planMs = () => page.$eval('main.teach', (face) => Number((face as HTMLElement).dataset.planMs));
    const { page: other } = await openPage(on.browser);
    await other.bringToFront();
    await page.waitForFunction(() => document.hidden, { polling: 100 });
    const before = await planMs();
    await page.waitForFunction(
      (least: number) => Number((document.querySelector('main.teach') as HTMLElement).dataset.planMs) > least,
      { polling: 100 },
      before + 1000,
    );
  });

  test('whose record was written but not answered for is one record, however often it is written', async () => {
    const { page } = await openPage(on.browser);
    await page.evaluateOnNewDocument(() => {
      const real = window.fetch;
      let isLost = true;
      window.fetch = async (input, init) => {
        const answer = await real(input, init);
        const { method, url } = input instanceof Request ? input : new Request(input, init);
        if (!isLost || method !== 'POST' || !url.endsWith('/api/logs')) return answer;
        isLost = false;
        throw new TypeError('the answer was lost');
      };
    });
    const logs = async () => ((await (await fetch(`${on.house.url}/api/logs`)).json()) as unknown[]).length;
    const before = await logs();
    await begin(page);
    await page.keyboard.press('e');
    await textOf(page, 'main.teach h1', /End the class here/);
    await click(page, '.teach-begin');
    await textOf(page, '[role=alert]', /does not answer/);
    await click(page, '.teach-begin');
    await page.waitForSelector('.log h1');
    expect(await logs()).toBe(before + 1);
  });
});

test('letters typed into the repertoire while its page is still settling are all there', async () => {
  const { page } = await openPage(on.browser);
  await page.goto(`${on.house.url}/repertoire`, { waitUntil: 'domcontentloaded' });
  await page.waitForSelector('.repertoire header input');
  await page.emulateCPUThrottling(6);
  await page.type('.repertoire header input', 'yun shou');
  await textOf(page, '.wall li:first-child h2', /Cloud Hands/);
  expect(await page.$eval('.repertoire header input', (field) => (field as HTMLInputElement).value)).toBe('yun shou');
  expect(await textOf(page, '.repertoire header p')).toMatch(/^\d+ of \d+ movements$/);
  await page.emulateCPUThrottling(null);
});
