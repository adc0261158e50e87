import type { Page } from 'puppeteer-core';
import { graveFaults } from './browser/graveFaults';
import { stage } from './browser/stage';
import { click, go, openPage, reload, textOf } from './house';
import { openHouse } from './runningHouse';
import { openWithClock } from './teachingClock';

const on = stage();

const SCREENS: [string, string, string][] = [
  ['today', '/', '.today-next h2'],
  ['the repertoire', '/repertoire', '.wall li'],
  ['a movement', '/repertoire/brush-knee', '.movement-strip'],
  ['a form', '/repertoire/forms/ten-postures', '.form-entries'],
  ['a new movement', '/repertoire/new', '.editor-strip'],
  ['a movement being changed', '/repertoire/golden-rooster/edit', '[data-phase]'],
  ['the sessions', '/sessions', '.quiet-table-title'],
  ['a running order', '/sessions/evening-week-4', '[data-line]'],
  ['the logbook', '/logbook', '.logbook tbody a'],
  ['the courses', '/courses', '.courses-list li'],
  ['a course', '/courses/evening-course', '.weave-knot'],
  ['a new course', '/courses/new', '#course-group'],
  ['the groups', '/groups', '.groups-list li'],
  ['who comes', '/groups/tram-shed-evening/people', '.known-strip'],
  ['a record', '/logbook/evening-week-3-taught', '.log-lines'],
  ['the threshold of teaching', '/teach/evening-week-4', '.teach-begin'],
];

/** What there is to be said of a screen. */
interface Look {
  /** Grave faults by light; in dusk light of its contrast only, for nothing else differs. */
  readonly lamp: readonly string[];
  readonly dusk: readonly string[];
  readonly errors: readonly string[];
  /** How wide it is on a tablet held upright, of 820 pixels. */
  readonly tabletWidth: number;
  /** What can be pressed and changed its place after the screen stood and nobody had touched it, as the browser tells it. */
  readonly moved: readonly string[];
}

/** Has the browser tell what changes its place by itself, of all that can be pressed or typed into. */
const watchPlaces = (page: Page) =>
  page.evaluateOnNewDocument(() => {
    const moved: { at: number; value: number; what: string }[] = [];
    Object.assign(window, { moved });
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) {
        const { startTime, value, sources } = entry as PerformanceEntry & {
          value: number;
          sources: { node: Element | null; previousRect: DOMRect; currentRect: DOMRect }[];
        };
        const PRESSED = 'a, button, input, select, textarea, summary, [tabindex], [role="button"], [role="slider"]';
        const isPressed = ({ node }: { node: Element | null }) =>
          node?.nodeType === 1 && (node.matches(PRESSED) || node.querySelector(PRESSED) !== null);
        const what = sources
          .filter(isPressed)
          .map(
            ({ node, previousRect: was, currentRect: is }) =>
              `${node?.nodeName}.${node?.className} from ${was.x},${was.y} to ${is.x},${is.y}`,
          );
        if (what.length > 0) moved.push({ at: startTime, value, what: what.join('; ') });
      }
    }).observe({ type: 'layout-shift', buffered: true });
  });

/** Waits until what comes last has come, and answers what it moved: less than a hundredth of the screen is not felt. */
const movedSince = (page: Page, stoodAt: number): Promise<string[]> =>
  page.evaluate(async (from: number) => {
    for (let rest = 0; rest < 3; rest += 1) await new Promise((resolve) => requestIdleCallback(resolve));
    const { moved } = window as unknown as { moved: { at: number; value: number; what: string }[] };
    return moved.filter(({ at, value }) => at > from && value > 0.01).map(({ what }) => what);
  }, stoodAt);

const TABLET = { width: 820, height: 1180 };
const DESK = { width: 1280, height: 800 };

async function lookAt(path: string, ready: string): Promise<Look> {
  const { page, faults } = await openPage(on.browser);
  await page.setViewport(TABLET);
  await watchPlaces(page);
  await go(page, on.house.url + path);
  await page.waitForSelector(ready);
  const moved = await movedSince(page, await page.evaluate(() => performance.now()));
  const tabletWidth = await page.evaluate(() => document.documentElement.scrollWidth);
  await page.setViewport(DESK);
  const lamp = await graveFaults(page);
  const other = '[aria-label="Change to dusk light"]';
  if ((await page.$(other)) !== null) await click(page, other);
  else {
    await page.evaluate(() => localStorage.setItem('vesperum.light', 'dusk'));
    await reload(page);
    await page.waitForSelector(ready);
  }
  await page.waitForSelector('html[data-light="dusk"]');
  return { lamp, dusk: await graveFaults(page, 'html', true), errors: faults, tabletWidth, moved };
}

/** Each screen is opened once for all that is said of it. */
const looks = new Map<string, Promise<Look>>();
function lookOf(path: string, ready: string): Promise<Look> {
  const known = looks.get(path) ?? lookAt(path, ready);
  looks.set(path, known);
  return known;
}

describe.each(['lamp', 'dusk'] as const)('in %s light', (light) => {
  const faultsOf = (page: Page) => graveFaults(page, 'html', light === 'dusk');

  test.each(SCREENS)('%s has no grave fault for anyone, and no error', async (_name, path, ready) => {
    const look = await lookOf(path, ready);
    expect(look[light]).toEqual([]);
    expect(look.errors).toEqual([]);
  });

  test('teaching, a line in hand, offers while typing and the note of the first run have none either', async () => {
    const { page } = await openPage(on.browser, { light, firstRun: true });
    await go(page, `${on.house.url}/sessions/evening-week-4`);
    await page.waitForSelector('.shell-first');
    await page.focus('[data-line="main-3-cloud-hands"]');
    await page.waitForSelector('.why');
    expect(await faultsOf(page)).toEqual([]);
    await page.focus('#add-to-2');
    await page.keyboard.type('push 4');
    await page.waitForSelector('.add-offer');
    expect(await faultsOf(page)).toEqual([]);
    await go(page, `${on.house.url}/teach/evening-week-4`);
    await click(page, '.teach-begin');
    await page.waitForSelector('main.teach[data-plan-ms]');
    expect(await faultsOf(page)).toEqual([]);
  });
});

test.each(SCREENS)('%s fits a tablet held upright without scrolling sideways', async (_name, path, ready) => {
  const { tabletWidth } = await lookOf(path, ready);
  expect(tabletWidth).toBeLessThanOrEqual(TABLET.width);
});

test.each(SCREENS)('%s stands still once it is there', async (_name, path, ready) => {
  expect((await lookOf(path, ready)).moved).toEqual([]);
});

test('the first run says what this is and is not, once', async () => {
  const { page } = await openPage(on.browser, { firstRun: true });
  await go(page, on.house.url);
  expect(await textOf(page, '.shell-first')).toContain('does not diagnose or treat');
  await click(page, '.shell-first button');
  await reload(page);
  expect(await page.$('.shell-first')).toBeNull();
});

test('the repertoire is narrowed by what is wanted and found by any name', async () => {
  const { page } = await openPage(on.browser);
  await go(page, `${on.house.url}/repertoire`);
  await page.type('.repertoire header input', 'yunshou');
  await textOf(page, '.wall li:first-child h2', /Cloud Hands/);
  await go(page, `${on.house.url}/repertoire?role=closing&seated=yes`);
  const names = await page.$$eval('.wall h2', (titles) => titles.map(({ textContent }) => textContent));
  expect(names).toContain('Stillness');
  expect(names).not.toContain('Cloud Hands');
  await go(page, `${on.house.url}/repertoire?find=qqxxzz`);
  await textOf(page, '.notice', /No movement is like that/);
  await click(page, '.notice button');
  await page.waitForSelector('.wall li');
});

test('the other side of a movement is drawn as its mirror image', async () => {
  const { page } = await openPage(on.browser);
  await go(page, `${on.house.url}/repertoire/brush-knee`);
  const labels = () =>
    page.$$eval('.movement-strip .footprints svg', (pictures) =>
      pictures.map((picture) => picture.getAttribute('aria-label') ?? ''),
    );
  const left = await labels();
  await page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('.ant-segmented-item-label')]
      .find(({ textContent }) => textContent === 'Right side')
      ?.click(),
  );
  await page.waitForFunction(
    (before: string) =>
      document.querySelector('.movement-strip .footprints svg')?.getAttribute('aria-label') !== before,
    {},
    left[0] ?? '',
  );
  expect(left).toContain('bow stance, left front foot: left 70 percent, right 30 percent');
  expect(await labels()).toContain('bow stance, right front foot: left 30 percent, right 70 percent');
});

test('with motion reduced the horizon changes place only at the turn of the breath', async () => {
  const { page, forward } = await openWithClock(on, '/teach/depot-twenty', { isStill: true });
  await click(page, '.teach-begin');
  await page.waitForSelector('.horizon-land');
  const levels = new Set<string>();
  for (let look = 0; look < 12; look += 1) {
    levels.add((await page.$eval('.horizon-land', (land) => (land as HTMLElement).dataset.level)) ?? '');
    await forward(60);
  }
  expect(levels.size).toBe(1);
});

test('broken JSON over the wire to every route that writes changes nothing', async () => {
  const everything = async () => {
    const read = async (path: string) => (await fetch(on.house.url + path)).text();
    const sessions = JSON.parse(await read('/api/sessions')) as { id: string }[];
    return Promise.all([
      ...sessions.map(({ id }) => read(`/api/sessions/${id}`)),
      read('/api/logs'),
      read('/api/logs/evening-week-3-taught'),
      read('/api/library'),
      read('/api/groups'),
      read('/api/asides'),
      read('/api/passages'),
      read('/api/wording'),
    ]);
  };
  const before = await everything();
  const writes = [
    ['POST', '/api/sessions'],
    ['PUT', '/api/sessions/evening-week-4'],
    ['POST', '/api/logs'],
    ['PUT', '/api/logs/evening-week-3-taught'],
    ['POST', '/api/compute/timeline'],
    ['PUT', '/api/movements/cloud-hands'],
    ['POST', '/api/movements/file'],
    ['POST', '/api/sessions/file'],
    ['PUT', '/api/groups/tram-shed-evening/asked'],
    ['PUT', '/api/asides'],
    ['PUT', '/api/passages/loosening'],
    ['PUT', '/api/wording/cloud-hands'],
  ] as const;
  for (const [method, path] of writes) {
    for (const body of [
      '{"session": {',
      '[]',
      '{"session":{"id":"evening-week-4"},"revision":1,"notes":7}',
      '\u0000',
    ]) {
      const answer = await fetch(on.house.url + path, {
        method,
        headers: { 'content-type': 'application/json' },
        body,
      });
      expect([path, answer.headers.get('content-type'), answer.status >= 400 && answer.status < 500]).toEqual([
        path,
        'application/problem+json; charset=utf-8',
        true,
      ]);
    }
  }
  expect(await everything()).toEqual(before);
});

test('an address that leads nowhere says so and leads back', async () => {
  const { page } = await openPage(on.browser);
  await go(page, `${on.house.url}/nowhere/at/all`);
  await textOf(page, '.notice', /nothing at this address/);
  await click(page, '.notice button');
  await page.waitForSelector('.today-next');
});

test('started empty, every place says what it is for and offers one thing to do', async () => {
  const empty = await openHouse({ flags: ['--empty'] });
  try {
    const { page, faults } = await openPage(on.browser);
    await go(page, empty.url);
    await textOf(page, '.notice', /No class lies ahead/);
    await go(page, `${empty.url}/logbook`);
    await textOf(page, '.notice', /what was really done is written here/);
    await go(page, `${empty.url}/sessions`);
    await textOf(page, '.notice', /a running order that fills it/);
    await click(page, '.notice button');
    await textOf(page, '.slot-verdict', /Nothing planned yet for 50 minutes/);
    expect(faults).toEqual([]);
  } finally {
    await empty.close();
  }
});
