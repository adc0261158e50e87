import type { Browser } from 'puppeteer-core';
import HouseEnvironment from '../../scripts/testing/houseEnvironment';
import { launchChromium } from './chromium';

/** What a file of journeys shares with those that ran before it in the same worker. */
export interface Shared {
  /** The browser of this worker; started again where it has died. */
  readonly liveBrowser: () => Promise<Browser>;
}

let browser: Browser | null = null;

async function liveBrowser(): Promise<Browser> {
  if (!browser?.connected) browser = await launchChromium({ isStill: true });
  return browser;
}

/** The environment of journeys. It lives as long as its worker, and with it one browser for all its files. */
export default class BrowserEnvironment extends HouseEnvironment {
  override async setup(): Promise<void> {
    await super.setup();
    Object.assign(this.global, { shared: { liveBrowser } satisfies Shared });
  }
}
