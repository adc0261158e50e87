import type { Browser, BrowserContext } from 'puppeteer-core';
import HouseEnvironment from '../../scripts/testing/houseEnvironment';
import { freePort } from '../freePort';
import { launchChromium } from './chromium';

/** What a file of journeys shares with those that ran before it in the same worker. */
export interface Shared {
  /** The browser of this worker; started again where it has died. */
  readonly liveBrowser: () => Promise<Browser>;
  /** The port of the servers of this worker, one after the other: what its browser has fetched from one it has for the next. */
  readonly port: () => Promise<number>;
  /** The profile that the last journey left as good as new, if it did. */
  profile: BrowserContext | null;
}

let browser: Browser | null = null;

async function liveBrowser(): Promise<Browser> {
  if (!browser?.connected) browser = await launchChromium({ isStill: true });
  return browser;
}

let port: Promise<number> | null = null;

const shared: Shared = {
  liveBrowser,
  port: () => {
    port ??= freePort();
    return port;
  },
  profile: null,
};

/** The environment of journeys. It lives as long as its worker, and with it one browser for all its files. */
export default class BrowserEnvironment extends HouseEnvironment {
  override async setup(): Promise<void> {
    await super.setup();
    Object.assign(this.global, { shared });
  }
}
