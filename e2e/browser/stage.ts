import type { Browser, BrowserContext } from 'puppeteer-core';
import { limitSeconds } from '../../scripts/testing/slowness.mjs';
import { closeOthers } from '../house';
import { openHouse, type RunningHouse } from '../runningHouse';
import type { Shared } from './browserEnvironment';
import { beginAgainAfterCrash, blame } from './browserFaults';
import { cleaned, profileWithPage } from './keptPage';

declare global {
  /** What the environment of journeys brings along. */
  var shared: Shared;
}

// A journey takes its time, and more of it on a busy machine.
jest.setTimeout(1000 * limitSeconds(300));

/** What a file of journeys is played on. */
export interface Stage {
  readonly house: RunningHouse;
  /** The profile of this test in the worker's browser. */
  readonly browser: BrowserContext;
}

/** A house for all tests of a file, and for each test a browser profile in which nothing is left of those before it. */
export function stage(): Stage {
  const on: { house?: RunningHouse; browser?: Browser; profile?: BrowserContext } = {};
  const died = () => blame('the browser died');
  const sure = <Thing>(thing: Thing | undefined): Thing => {
    if (thing === undefined) throw new Error('The stage is set in beforeAll; use it inside a test.');
    return thing;
  };
  const openProfile = async () => {
    if (!on.browser?.connected) {
      on.browser = await globalThis.shared.liveBrowser();
      on.browser.on('disconnected', died);
    }
    const left = globalThis.shared.profile;
    globalThis.shared.profile = null;
    on.profile = left?.browser().connected ? left : await profileWithPage(on.browser);
  };
  const closeProfile = async () => {
    if (!on.profile || !on.house) return;
    if (await cleaned(on.profile, on.house.url)) globalThis.shared.profile = on.profile;
    else await on.profile.close();
  };
  beforeAll(async () => {
    on.house = await openHouse({ port: await globalThis.shared.port() });
  });
  beginAgainAfterCrash(() => sure(on.house).goBack());
  beforeEach(openProfile);
  afterEach(async () => {
    await Promise.allSettled([closeProfile(), closeOthers()]);
  });
  afterAll(async () => {
    on.browser?.off('disconnected', died);
    await on.house?.close();
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
