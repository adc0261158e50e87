import type { Page } from 'puppeteer-core';
import type { Stage } from './browser/stage';
import { go, openPage } from './house';

/** A page whose clocks can be moved forward; ones that stand still move in no other way. Only the wall clock goes on from page to page. */
export async function openWithClock(
  on: Stage,
  path: string,
  { isStill = false, moves = false } = {},
): Promise<{ page: Page; faults: string[]; forward: (ms: number) => Promise<void> }> {
  const { page, faults } = await openPage(on.browser, { moves });
  await page.evaluateOnNewDocument((stands: boolean) => {
    const WALL = 'test.wall-ahead';
    const [real, realWall] = [performance.now.bind(performance), Date.now.bind(Date)];
    const [start, startWall] = [real(), realWall()];
    let ahead = 0;
    const wallAhead = () => Number(sessionStorage.getItem(WALL) ?? 0);
    const moveWall = (ms: number) => sessionStorage.setItem(WALL, String(wallAhead() + ms));
    performance.now = () => (stands ? start : real()) + ahead;
    Date.now = () => (stands ? startWall : realWall()) + wallAhead();
    Object.assign(window, {
      moveWall,
      forward: (ms: number) => {
        ahead += ms;
        moveWall(ms);
      },
    });
  }, isStill);
  await go(page, on.house.url + path);
  const forward = async (ms: number) => {
    await page.evaluate((by: number) => (window as unknown as { forward: (ms: number) => void }).forward(by), ms);
    // Two frames: one that sees the new time, one that has drawn it.
    await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(resolve))));
  };
  return { page, faults, forward };
}

/** Begins the class at whose threshold the page is. */
export const begin = async (page: Page) => {
  await (await page.waitForSelector('.teach-begin'))?.click();
  await page.waitForSelector('main.teach[data-plan-ms]');
};

const segmentOf = (page: Page): Promise<number> =>
  page.$eval('main.teach', (face) => Number((face as HTMLElement).dataset.segment));

/** Goes on by what is done, such as the key for Next, and waits until the class has gone on. */
export async function goNext(page: Page, by: () => Promise<unknown> = () => page.keyboard.press('ArrowRight')) {
  const before = await segmentOf(page);
  await by();
  await page.waitForFunction(
    (was: number) => {
      const face = document.querySelector<HTMLElement>('main.teach[data-segment]');
      return face === null || Number(face.dataset.segment) > was;
    },
    {},
    before,
  );
}

/** Lets time pass until the class has come to a place of its plan: what waits to be ended on the way is waited for. */
export async function reach(page: Page, forward: (ms: number) => Promise<void>, planMs: number): Promise<void> {
  for (let tries = 0; tries < 60; tries += 1) {
    const now = await page.$eval('main.teach', (face) => Number((face as HTMLElement).dataset.planMs));
    if (now >= planMs - 0.5) return;
    await forward(planMs - now);
  }
  throw new Error(`the class does not come to ${planMs} ms of its plan`);
}
