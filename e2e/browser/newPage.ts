import type { BrowserContext, Page } from 'puppeteer-core';

/** A page that is asked by the clock and not at each frame: one in the background draws nothing. */
export async function newPage(profile: BrowserContext): Promise<Page> {
  const page = await profile.newPage();
  const waitByFrames = page.waitForFunction.bind(page) as Page['waitForFunction'];
  page.waitForFunction = ((asked, options = {}, ...given) =>
    waitByFrames(asked, { polling: 50, ...options }, ...given)) as Page['waitForFunction'];
  return page;
}
