import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import type { Browser } from 'puppeteer-core';
import { launchChromium } from '../e2e/browser/chromium';
import { go, openPage } from '../e2e/house';
import { openHouse, type RunningHouse } from '../e2e/runningHouse';

/** Measures the hour in the hall, and what each place loads before it is shown. Needs a built interface (npm run build). */

const root = join(import.meta.dirname, '..');
/** How long frames are watched, milliseconds. */
const WATCHED = 60_000;
const FRAME_WITHIN = 25;
const MOST_SCRIPT = 400;

/** Every place with what says that it is shown. */
const PLACES: readonly (readonly [path: string, shown: string])[] = [
  ['', '.today-next'],
  ['repertoire', '.place'],
  ['repertoire/brush-knee', '.movement-strip'],
  ['groups', '.place'],
  ['groups/tram-shed-evening/people', '.people-list'],
  ['courses', '.place'],
  ['courses/evening-course', '.weave'],
  ['sessions', '.quiet-table'],
  ['sessions/evening-week-4', '.glance-line'],
  ['logbook', '.logbook'],
  ['teach/depot-twenty', '.teach-begin'],
  ['settings', '.place'],
];

/** Sent as text: what runs in the browser must not be touched by this side's tools. */
const FRAMES = `new Promise((resolve) => {
  const gaps = []; let last = performance.now(); const end = last + ${WATCHED};
  requestAnimationFrame(function frame() {
    const now = performance.now(); gaps.push(now - last); last = now;
    if (now < end) requestAnimationFrame(frame); else resolve(gaps);
  });
})`;

async function framesWithFigure(house: RunningHouse, browser: Browser): Promise<void> {
  const { page } = await openPage(browser.defaultBrowserContext());
  await go(page, `${house.url}/teach/evening-week-4`);
  await (await page.waitForSelector('.teach-begin'))?.click();
  await page.waitForSelector('main.teach[data-plan-ms]');
  for (let line = 0; line < 13; line += 1) await page.keyboard.press('ArrowRight');
  await page.waitForSelector('.teach-figure svg');
  const gaps = (await page.evaluate(FRAMES)) as number[];
  const within = gaps.filter((gap) => gap <= FRAME_WITHIN).length / gaps.length;
  console.log(
    `teaching with the figure moving: ${(100 * within).toFixed(1)} % of ${gaps.length} frames within ${FRAME_WITHIN} ms (aim 95), the longest ${Math.max(...gaps).toFixed(0)} ms`,
  );
  await page.close();
}

async function scriptOfPlaces(house: RunningHouse, browser: Browser): Promise<void> {
  for (const [path, shown] of PLACES) {
    const { page } = await openPage(browser.defaultBrowserContext());
    const sizes = new Map<string, number>();
    page.on('response', (response) => {
      const { pathname } = new URL(response.url());
      // What a worker runs is not what the page waits for.
      const isPage = pathname.endsWith('.js') && response.request().frame() !== null;
      if (isPage) sizes.set(pathname, gzipSync(readFileSync(join(root, 'dist/web', pathname))).length);
    });
    // A fresh browser has nothing kept, and is never idle before the page stands.
    await page.evaluateOnNewDocument(() => {
      Object.defineProperty(navigator, 'serviceWorker', { value: undefined });
      window.requestIdleCallback = () => 0;
    });
    await page.goto(`${house.url}/${path}`);
    await page.waitForSelector(shown);
    const kilobytes = [...sizes.values()].reduce((sum, size) => sum + size, 0) / 1000;
    const over = kilobytes > MOST_SCRIPT ? ', over' : '';
    console.log(`script before /${path} is shown: ${kilobytes.toFixed(0)} kB of ${MOST_SCRIPT} (gzip)${over}`);
    await page.close();
  }
}

async function main(): Promise<void> {
  const house = await openHouse();
  const browser = await launchChromium();
  try {
    await framesWithFigure(house, browser);
    await scriptOfPlaces(house, browser);
  } finally {
    await browser.close();
    await house.close();
  }
}

void main();
