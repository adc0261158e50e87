import { join } from 'node:path';
import type { Page } from 'puppeteer-core';
import '../scripts/testing/fixedDay';
import { launchChromium } from './browser/chromium';
import { click, go, openPage } from './house';
import { openHouse } from './runningHouse';

/** Takes one picture of each main view, from the demo data, for the README. Needs a built interface (npm run build). */

interface View {
  readonly name: string;
  readonly path: string;
  readonly light?: 'lamp' | 'dusk';
  readonly ready: string;
  readonly size?: readonly [number, number];
  readonly before?: (page: Page) => Promise<void>;
}

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

const take = async (page: Page) => {
  await page.focus('[data-line="main-3-cloud-hands"]');
  await page.waitForSelector('.why');
  await page.$eval('[data-line="main-0-raise-and-sink"]', (line) =>
    window.scrollTo(0, (line as HTMLElement).offsetTop - 190),
  );
};

const inHand = async (page: Page) => {
  await click(page, '[data-phase="cycle-0"]');
  await page.$eval('.editor-strip', (strip) => window.scrollTo(0, (strip as HTMLElement).offsetTop - 70));
};

const teach = async (page: Page) => {
  await click(page, '.teach-begin');
  await page.waitForSelector('main.teach[data-plan-ms]');
  for (let line = 0; line < 16; line += 1) {
    await page.keyboard.press('ArrowRight');
    await pause(60);
  }
  await page.waitForFunction(() => document.querySelector('.teach-call')?.textContent === 'Step out, shift');
  await pause(1800);
};

const pressed = async (page: Page, words: string) => {
  await page.evaluate((wanted: string) => {
    const all = [...document.querySelectorAll<HTMLElement>('button')];
    all.find((one) => one.textContent?.trim() === wanted)?.click();
  }, words);
};

const fit = async (page: Page) => {
  await pressed(page, 'Fit');
  await page.waitForSelector('.compose form');
  await pressed(page, '60');
  await page.$eval('.compose form button[type="submit"]', (one) => (one as HTMLElement).click());
  await page.waitForFunction(() => document.querySelectorAll('[data-fit]').length === 3);
};

const propose = async (page: Page) => {
  await pressed(page, 'Propose');
  await page.waitForSelector('.compose form');
  await page.$eval('.compose form button[type="submit"]', (one) => (one as HTMLElement).click());
  await page.waitForFunction(() => document.querySelectorAll('[data-proposal]').length === 3);
};

const needs = async (page: Page) => {
  await pressed(page, 'Who needs what');
  await page.waitForSelector('.needs-lines li');
};

const hall = async (page: Page) => {
  await pressed(page, 'In the hall');
  await page.waitForSelector('.hall-says');
  await pressed(page, '2 m less in front');
  await pause(1500);
};

const VIEWS: readonly View[] = [
  { name: 'today', path: '/', ready: '.today-next h2' },
  { name: 'repertoire', path: '/repertoire', ready: '.wall li' },
  { name: 'movement', path: '/repertoire/brush-knee', ready: '.movement-strip', light: 'dusk' },
  { name: 'form', path: '/repertoire/forms/lantern-form', ready: '.form-entries' },
  { name: 'editor', path: '/repertoire/golden-rooster/edit', ready: '[data-phase]', before: inHand },
  { name: 'sessions', path: '/sessions', ready: '.quiet-table-title' },
  { name: 'running-order', path: '/sessions/evening-week-4', ready: '[data-line]', before: take },
  {
    name: 'running-order-tablet',
    path: '/sessions/evening-week-4',
    ready: '[data-line]',
    before: take,
    size: [820, 1180],
  },
  {
    name: 'course',
    path: '/courses/evening-course',
    ready: '.weave-knot',
    before: (page) => click(page, '[data-knot="2-4"]'),
  },
  { name: 'courses', path: '/courses', ready: '.courses-list li', light: 'dusk' },
  { name: 'fit', path: '/sessions/evening-week-4', ready: '.tide canvas', before: fit },
  { name: 'propose', path: '/sessions/evening-week-4', ready: '.tide canvas', light: 'dusk', before: propose },
  { name: 'teach', path: '/teach/evening-week-4', ready: '.teach-begin', light: 'dusk', before: teach },
  { name: 'people', path: '/groups/tram-shed-morning/people', ready: '.people-list' },
  { name: 'needs', path: '/sessions/evening-week-4', ready: '[data-line]', light: 'dusk', before: needs },
  { name: 'hall', path: '/sessions/evening-week-4', ready: '[data-line]', before: hall },
  { name: 'settings', path: '/settings', ready: '.settings-backups' },
  { name: 'logbook', path: '/logbook', ready: '.logbook tbody a' },
  { name: 'record', path: '/logbook/evening-week-3-taught', ready: '.log-lines' },
];

const folder = join(import.meta.dirname, '..', 'docs', 'screenshots');
const only = process.argv.slice(2);
const [house, browser] = await Promise.all([openHouse(), launchChromium()]);
try {
  for (const { name, path, light = 'lamp', ready, size = [1280, 800], before } of VIEWS) {
    if (only.length > 0 && !only.includes(name)) continue;
    const profile = await browser.createBrowserContext();
    const { page } = await openPage(profile, { light });
    await page.setViewport({ width: size[0], height: size[1] });
    await go(page, house.url + path);
    await page.waitForSelector(ready);
    await before?.(page);
    await pause(400);
    await page.screenshot({ path: join(folder, `${name}.png`) as `${string}.png` });
    console.log(name);
    await profile.close();
  }
} finally {
  await browser.close();
  await house.close();
}
