import type { Browser, BrowserContext, Page, Protocol } from 'puppeteer-core';
import { newPage } from './newPage';

/**
 * The page of a worker. Loading the application costs half as much in a page that has loaded it before, so journeys have it one after
 * the other; before each it is made as good as new.
 */
interface KeptPage {
  readonly page: Page;
  /** What journeys have had put into every document of it, by the browser's names. */
  readonly scripts: string[];
  isTaken: boolean;
}

const kept = new WeakMap<BrowserContext, KeptPage>();

/** Everything a site may leave on a machine, apart from what it was made of. */
const LEFT_BEHIND: Protocol.Storage.StorageType[] = [
  'cookies',
  'local_storage',
  'indexeddb',
  'cache_storage',
  'service_workers',
  'file_systems',
];
const LISTENED = ['request', 'requestfailed', 'response', 'error', 'pageerror', 'console', 'dialog'] as const;
const SIZE = { width: 1280, height: 800 };
/** A page that is made as good as new answers within moments. */
const PATIENCE_MS = 10_000;

/** A profile with a page that is kept. */
export async function profileWithPage(browser: Browser): Promise<BrowserContext> {
  const profile = await browser.createBrowserContext();
  const page = await newPage(profile);
  const scripts: string[] = [];
  const put = page.evaluateOnNewDocument.bind(page) as Page['evaluateOnNewDocument'];
  page.evaluateOnNewDocument = (async (...given: Parameters<typeof put>) => {
    const script = await put(...given);
    scripts.push(script.identifier);
    return script;
  }) as typeof put;
  kept.set(profile, { page, scripts, isTaken: false });
  return profile;
}

/** The page that is kept in a profile, for the first who asks; null for whoever asks after that. */
export function keptPageOf(profile: BrowserContext): Page | null {
  const one = kept.get(profile);
  if (!one || one.isTaken || one.page.isClosed()) return null;
  one.isTaken = true;
  return one.page;
}

async function clean(profile: BrowserContext, { page, scripts }: KeptPage, url: string): Promise<void> {
  for (const other of await profile.pages()) if (other !== page) await other.close();
  for (const event of LISTENED) page.removeAllListeners(event);
  for (const script of scripts.splice(0)) await page.removeScriptToEvaluateOnNewDocument(script);
  // The application ends before its storage goes: it may keep something as it ends. The process of the page stays.
  const answer = await page.goto(`${url}/api/health`, { timeout: PATIENCE_MS });
  if (!answer?.ok()) throw new Error('The server does not answer.');
  await page.evaluate(() => sessionStorage.clear());
  const session = await page.createCDPSession();
  await session.send('Storage.clearDataForOrigin', { origin: url, storageTypes: LEFT_BEHIND.join(',') });
  await session.send('Page.resetNavigationHistory');
  await session.detach();
  await page.setViewport(SIZE);
}

/**
 * Makes a profile and its page as good as new, and answers whether that went well; one in which a server died or a page was closed is
 * better closed.
 * @param url of the server whose pages it showed
 */
export async function cleaned(profile: BrowserContext, url: string): Promise<boolean> {
  const one = kept.get(profile);
  if (!one || one.page.isClosed()) return false;
  try {
    await clean(profile, one, url);
    one.isTaken = false;
    return true;
  } catch {
    return false;
  }
}
