import type { Browser, BrowserContext, Page } from 'puppeteer-core';
import { limitSeconds } from '../../scripts/testing/slowness.mjs';
import { clearProfile } from '../house';
import { openHouse, type RunningHouse } from '../runningHouse';
import type { Shared } from './browserEnvironment';
import { beginAgainAfterCrash, blame } from './browserFaults';

declare global {
  /** What the environment of journeys brings along. */
  var shared: Shared;
}

// A journey takes its time, and more of it on a busy machine.
jest.setTimeout(1000 * limitSeconds(300));

/** What a file of journeys is played on. */
export interface Stage {
  readonly house: RunningHouse;
  /** A profile of its own in the worker's browser. */
  readonly browser: BrowserContext;
}

/** A house and a browser profile for all tests of a file; after each, pages are closed and what they kept is forgotten. */
export function stage(): Stage {
  const on: { house?: RunningHouse; browser?: Browser; profile?: BrowserContext; keeper?: Page } = {};
  const died = () => blame('the browser died');
  const openProfile = async () => {
    on.browser = await globalThis.shared.liveBrowser();
    on.browser.on('disconnected', died);
    on.profile = await on.browser.createBrowserContext();
  };
  /** A page that stays, from which what the others kept is cleared. */
  const openKeeper = async () => {
    on.keeper = await sure(on.profile).newPage();
    on.keeper.on('error', () => void on.keeper?.close().catch(() => undefined));
    await on.keeper.goto(`${sure(on.house).url}/mark.svg`);
  };
  const sure = <Thing>(thing: Thing | undefined): Thing => {
    if (thing === undefined) throw new Error('The stage is set in beforeAll; use it inside a test.');
    return thing;
  };
  beforeAll(async () => {
    // Each is at hand for `afterAll` as soon as it is there, also where the other never comes.
    const [house, profile] = await Promise.allSettled([
      openHouse().then((opened) => {
        on.house = opened;
      }),
      openProfile(),
    ]);
    for (const one of [house, profile]) if (one.status === 'rejected') throw one.reason;
    await openKeeper();
  });
  beginAgainAfterCrash(() => sure(on.house).goBack());
  beforeEach(async () => {
    if (!on.browser?.connected) await openProfile();
    if (on.keeper?.isClosed() !== false) await openKeeper();
  });
  afterEach(async () => {
    if (on.keeper?.isClosed() === false && on.house) await clearProfile(on.keeper, on.house.url);
  });
  afterAll(async () => {
    on.browser?.off('disconnected', died);
    await Promise.allSettled([on.profile?.close(), on.house?.close()]);
  });
  return {
    get house() {
      return sure(on.house);
    },
    get browser() {
      return sure(on.profile);
    },
  };
}
