import type { Page } from 'puppeteer-core';
import type { launchChromium } from '../../e2e/browser/chromium';
import { go, openPage } from '../../e2e/house';
import type { RunningHouse } from '../../e2e/runningHouse';

/** How soon each place of a house can be used, and of how many nodes it is. */

const PLACES: readonly (readonly [path: string, ready: string])[] = [
  ['/', '.today, .place'],
  ['/sessions', '.quiet-table-title'],
  ['/logbook', '.quiet-table-title'],
  ['/repertoire', '.wall-piece'],
  ['/groups', '.groups-list'],
  ['/courses', '.place'],
];
/** Each is opened so often, after it was opened once. */
const TIMES = 5;

export interface PageFigure {
  /** Milliseconds until it stands and a frame was drawn after it: the median. */
  readonly ms: number;
  readonly nodes: number;
}

async function open(page: Page, url: string, ready: string): Promise<PageFigure> {
  const begin = performance.now();
  await go(page, url);
  await page.waitForSelector(ready);
  await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve, 0))));
  const ms = performance.now() - begin;
  return { ms, nodes: await page.evaluate(() => document.querySelectorAll('*').length) };
}

/** Every place of some houses, opened in turn, so that a busy moment falls on all of them. */
export async function pageFigures(
  houses: readonly RunningHouse[],
  browser: Awaited<ReturnType<typeof launchChromium>>,
): Promise<ReadonlyMap<string, readonly PageFigure[]>> {
  const { page } = await openPage(browser.defaultBrowserContext());
  const figures = new Map<string, readonly PageFigure[]>();
  for (const [path, ready] of PLACES) {
    const found: PageFigure[][] = houses.map(() => []);
    for (let time = 0; time <= TIMES; time += 1)
      for (const [at, { url }] of houses.entries()) {
        const figure = await open(page, url + path, ready);
        if (time > 0) found[at]?.push(figure);
      }
    figures.set(
      path,
      found.map((of) => of.toSorted((a, b) => a.ms - b.ms)[Math.floor(TIMES / 2)] as PageFigure),
    );
  }
  await page.close();
  return figures;
}
