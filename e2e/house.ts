import type { BrowserContext, Locator, Page } from 'puppeteer-core';
import { aheadOfWall, shiftDate } from '../scripts/testing/shiftDate';
import { blame } from './browser/browserFaults';
import { keptPageOf } from './browser/keptPage';
import { newPage } from './browser/newPage';

// What never comes is told from what is late on a busy machine; how fast things are is the bench's business.
const PATIENCE_MS = Number(process.env.VESPERUM_PATIENCE_MS ?? 100_000);

interface Opening {
  readonly light?: 'lamp' | 'dusk';
  /** Leaves the note of the first run on the screen. */
  readonly firstRun?: boolean;
  /** In a profile of its own, as on another machine. */
  readonly elsewhere?: boolean;
  /** With motion; without it nothing is waited for. */
  readonly moves?: boolean;
  /** With the whole interface fetched to be kept on the machine: that takes longer than many a journey. */
  readonly keepsAll?: boolean;
  /** In a page of its own: its requests, its processor or its workers are interfered with. */
  readonly ownPage?: boolean;
}

/** What went wrong in a page so far, for whoever reads why a journey failed. */
const troubles = new WeakMap<Page, { readonly faults: readonly string[]; readonly unheard: readonly string[] }>();

const others: BrowserContext[] = [];

/** Ends the profiles of other machines that a test has opened. */
export const closeOthers = () => Promise.allSettled(others.splice(0).map((other) => other.close()));

/** A page as a journey begins in it; where it is nothing special, the one that journeys before it had. */
async function pageFor(profile: BrowserContext, { elsewhere, moves, keepsAll, ownPage }: Opening): Promise<Page> {
  const kept = elsewhere || moves || keepsAll || ownPage ? null : keptPageOf(profile);
  if (kept) return kept;
  const inside = elsewhere ? await profile.browser().createBrowserContext() : profile;
  if (elsewhere) others.push(inside);
  const page = await newPage(inside);
  if (moves) await page.emulateMediaFeatures([{ name: 'prefers-reduced-motion', value: 'no-preference' }]);
  return page;
}

/** A page whose errors are collected in `faults`. */
export async function openPage(
  profile: BrowserContext,
  opening: Opening = {},
): Promise<{ page: Page; faults: string[] }> {
  const { light = 'lamp', firstRun = false, keepsAll = false } = opening;
  const page = await pageFor(profile, opening);
  if (!keepsAll)
    await page.evaluateOnNewDocument(() => {
      if ('serviceWorker' in navigator) navigator.serviceWorker.register = () => new Promise(() => undefined);
    });
  // It is the same time there as here.
  await page.evaluateOnNewDocument(shiftDate, aheadOfWall());
  // A page in the background draws no frames, and every wait on it would be for ever.
  await page.bringToFront();
  page.setDefaultTimeout(PATIENCE_MS);
  const faults: string[] = [];
  const unheard: string[] = [];
  troubles.set(page, { faults, unheard });
  page.on('requestfailed', (request) => unheard.push(`${request.url()}: ${request.failure()?.errorText}`));
  page.on('response', (response) => {
    if (response.status() >= 400) unheard.push(`${response.url()}: ${response.status()}`);
  });
  page.on('error', (error) => {
    blame(`the process of a page died: ${error.message}`);
    // Whatever waits on it fails at once.
    void page.close().catch(() => undefined);
  });
  page.on('pageerror', (error) => faults.push(String(error)));
  page.on('console', (message) => {
    if (message.type() === 'error') faults.push(message.text());
  });
  await page.evaluateOnNewDocument(
    (wanted: { light: string; firstRun: boolean }) => {
      try {
        if (localStorage.getItem('vesperum.light') === null) localStorage.setItem('vesperum.light', wanted.light);
        if (!wanted.firstRun) localStorage.setItem('vesperum.first-note-read', 'yes');
      } catch {
        // Some journeys forbid storage.
      }
    },
    { light, firstRun },
  );
  return { page, faults };
}

/** Waits until a page stands: its place has something to show, and nothing of it is on its way any more. */
async function standing(page: Page): Promise<void> {
  const stands = () => {
    const place = document.querySelector('#place > *, main.teach > *');
    // What can only be read so far is not what is waited for.
    return place !== null && document.querySelector('.notice--late, #place > [aria-busy]') === null;
  };
  try {
    await page.waitForFunction(stands);
  } catch (late) {
    throw new Error(`${page.url()} does not stand: ${await whatStands(page)}`, { cause: late });
  }
}

/** What a page shows, what it has fetched and what went wrong, for whoever reads why a journey failed. */
async function whatStands(page: Page): Promise<string> {
  const told = page
    .evaluate(() => {
      const fetched = performance.getEntriesByType('resource') as PerformanceResourceTiming[];
      const unanswered = fetched.filter(({ responseEnd }) => responseEnd === 0).map(({ name }) => name);
      const text = document.body.textContent.slice(0, 400);
      const controlled = navigator.serviceWorker.controller?.state ?? 'by nobody';
      return { seen: document.visibilityState, text, fetched: fetched.length, unanswered, controlled };
    })
    .catch(String);
  const silence = new Promise<string>((resolve) => setTimeout(resolve, 10_000, 'the page does not answer at all'));
  return JSON.stringify({ stands: await Promise.race([told, silence]), ...troubles.get(page) });
}

/** Goes to an address, and waits until its page stands. */
export async function go(page: Page, address: string): Promise<void> {
  await page.bringToFront();
  await page.goto(address, { waitUntil: 'domcontentloaded' });
  await standing(page);
}

/**
 * Goes on to another place of a page that is open, as a link does: nothing is loaded again.
 * @param path from the root, such as `/teach/depot-twenty`
 * @param ready what only that place has
 */
export async function visit(page: Page, path: string, ready: string): Promise<void> {
  await page.evaluate((to: string) => {
    history.pushState(null, '', to);
    window.dispatchEvent(new PopStateEvent('popstate', { state: null }));
  }, path);
  await page.waitForSelector(ready);
}

/** Loads a page anew, and waits until it stands. */
export async function reload(page: Page): Promise<void> {
  await page.reload({ waitUntil: 'domcontentloaded' });
  await standing(page);
}

/** Waits until an element's text satisfies a condition, and answers it. */
export async function textOf(page: Page, selector: string, wanted: RegExp = /./): Promise<string> {
  // The text that satisfied is answered, not what stands there a moment later: the page may have gone on.
  const found = await page.waitForFunction(
    (at: string, pattern: string) => {
      const text = document.querySelector(at)?.textContent ?? '';
      return new RegExp(pattern, 's').test(text) ? { text } : null;
    },
    {},
    selector,
    wanted.source,
  );
  return (await found.jsonValue())?.text ?? '';
}

/**
 * Clicks what is there, in sight and at rest: a menu that still unfolds moves away under the pointer. A page that another has come
 * before, as one that was closed late may, draws nothing and is never at rest: it is brought to the front and tried once more.
 */
export async function click(
  page: Page,
  selector: string,
  options: Parameters<Locator<Element>['click']>[0] = {},
): Promise<void> {
  const within = (ms: number) => page.locator(selector).setTimeout(ms).click(options);
  try {
    await within(PATIENCE_MS / 4);
  } catch {
    await page.bringToFront();
    await within(PATIENCE_MS / 2);
  }
}

export const testId = (name: string): string => `[data-testid="${name}"]`;

/** Waits until the class on the desk is in the store. */
export const saved = (page: Page): Promise<unknown> => page.waitForSelector('[data-save-state="saved"]');
