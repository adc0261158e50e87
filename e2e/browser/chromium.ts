import { existsSync } from 'node:fs';
import puppeteer, { type Browser } from 'puppeteer-core';

const PATH = [process.env.VESPERUM_CHROMIUM, '/usr/bin/chromium-headless-shell', '/usr/bin/chromium'].find(
  (place) => place && existsSync(place),
);

const ARGUMENTS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--autoplay-policy=no-user-gesture-required',
  // Pages of the browser's own, loaded with every window, for an address field nobody sees: a fifth of what a page costs.
  '--disable-features=WebUIOmniboxPopup,WebUIOmniboxAimPopup',
];

/**
 * Starts Chromium without a window. It is talked to by a pipe, so that it ends with whoever started it, however that ends.
 * @param isStill pages are told that motion is reduced, unless they are told otherwise
 */
export async function launchChromium({ isStill = false } = {}): Promise<Browser> {
  if (!PATH) throw new Error('There is no Chromium; npm test installs it, or set VESPERUM_CHROMIUM to its path.');
  const browser = await puppeteer.launch({
    executablePath: PATH,
    // The one that has no windows at all takes a fifth less of the processor for each page.
    headless: PATH.includes('headless-shell') ? 'shell' : true,
    pipe: true,
    args: isStill ? [...ARGUMENTS, '--force-prefers-reduced-motion'] : ARGUMENTS,
    defaultViewport: { width: 1280, height: 800 },
  });
  // Nobody waits for it to end.
  const child = browser.process();
  child?.unref();
  for (const stream of child?.stdio ?? []) (stream as { unref?: () => void } | null)?.unref?.();
  return browser;
}
