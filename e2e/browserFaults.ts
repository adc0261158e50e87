import type { Page } from 'puppeteer-core';

/** Faults of the browser itself, told from those of a page. */

const journeyName = (): string => expect.getState().currentTestName ?? '';

/** The journeys in which a page died, drew nothing or lost its parts: the browser's own fault, a few times in ten thousand pages. */
const crashed = new Set<string>();

/** Notes that the browser itself failed in this journey, and tells how. */
export function blame(how: string): void {
  crashed.add(journeyName());
  console.warn(`The browser failed (${how}) in: ${journeyName()}`);
}

/** How long a page that is in front, and answers, may be without drawing a frame. */
const FRAME_MS = 5000;

/** Looks whether a page that still answers has stopped drawing: then whatever waited for it to come to rest waited for ever. */
export async function blameBrowser(page: Page | undefined): Promise<void> {
  if (!page || page.isClosed()) return;
  const draws = async () => {
    await page.bringToFront();
    return page.evaluate(
      (most: number) =>
        new Promise<boolean>((resolve) => {
          requestAnimationFrame(() => resolve(true));
          setTimeout(resolve, most, false);
        }),
      FRAME_MS,
    );
  };
  // A page that does not answer at all is a page's own fault, and its journey has failed.
  const silence = new Promise<boolean>((resolve) => setTimeout(resolve, 2 * FRAME_MS, true).unref());
  if (!(await Promise.race([draws().catch(() => true), silence]))) blame('a page in front draws no frames');
}

/**
 * A journey in which the browser itself died is begun once more, and that is told; one that failed otherwise has failed. What the
 * first try has left on the server would mislead the second, so the data is put by before each and gone back to.
 */
export function beginAnewAfterCrash(house: () => { keep(): void; goBack(): Promise<void> }): void {
  let last = '';
  jest.retryTimes(1, { logErrorsBeforeRetry: true, retryImmediately: true });
  beforeEach(async () => {
    const isRetry = last === journeyName();
    last = journeyName();
    if (isRetry && !crashed.has(last)) throw new Error('This journey failed, and not because the browser died.');
    if (isRetry) await house().goBack();
    else house().keep();
  });
}
