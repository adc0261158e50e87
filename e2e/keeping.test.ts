import type { Page } from 'puppeteer-core';
import { stage } from './browser/stage';
import { countOfFirst, press, takeLine, typeOver } from './desk';
import { click, go, openPage, reload, saved, textOf } from './house';

/** What a machine keeps until it has gone where it belongs: drafts of several windows, classes in hand, and nothing where it cannot. */

const on = stage();

const EVENING = 'evening-week-4';
const DEPOT = 'depot-twenty';

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
    const before = await countOfFirst(on.house.url, EVENING);
    const { page, faults } = await openPage(on.browser, { firstRun: true });
    await page.evaluateOnNewDocument(spoil);
    await go(page, on.house.url);
    await page.waitForSelector('.today-next h2');
    await go(page, `${on.house.url}/sessions/${EVENING}`);
    await takeLine(page, 'main-0-raise-and-sink');
    await page.keyboard.press('+');
    // Said as soon as the change could not be kept, and still once it is saved: how long saving takes does not matter.
    await textOf(page, '.save-state', /keeps nothing/);
    await saved(page);
    expect(await countOfFirst(on.house.url, EVENING)).toBe(before + 1);
    await go(page, `${on.house.url}/teach/${DEPOT}`);
    await click(page, '.teach-begin');
    await textOf(page, '.teach-unkept', /do not load this page again/);
    expect(faults).toEqual([]);
  });
});

describe('two windows of one class', () => {
  const rename = async (page: Page, name: string) => {
    await page.bringToFront();
    await typeOver(page, '.class-title', name);
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
    await second.waitForSelector('[data-save-state="away"]');
    await second.close();
    await rename(first, 'First, goes on');
    await first.waitForSelector('[data-save-state="away"]');
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
    // A browser without windows hides no page: out of sight it is told so, and draws no frames.
    await page.evaluate(() => {
      Object.defineProperty(document, 'hidden', { get: () => true });
      Object.defineProperty(document, 'visibilityState', { get: () => 'hidden' });
      window.requestAnimationFrame = () => 0;
      document.dispatchEvent(new Event('visibilitychange'));
    });
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
