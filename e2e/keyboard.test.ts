import type { Page } from 'puppeteer-core';
import { classSeconds } from '../core/session/plan/slotTime';
import { forecastFor } from '../core/session/report/forecast';
import { stage } from './browser/stage';
import { computed, find, stored } from './desk';
import { go, openPage, saved, textOf } from './house';

/** Once through without a pointer: a class made, composed, mended with its neighbours, fitted, and put on paper. */

const on = stage();

/** Presses Tab (or Shift+Tab) until what has the keyboard answers to a selector and, where given, says so. */
async function tabTo(page: Page, selector: string, words: RegExp = /^/, backwards = false): Promise<void> {
  if (backwards) await page.keyboard.down('Shift');
  try {
    for (let press = 0; press < 120; press += 1) {
      const there = await page.evaluate(
        (wanted: string, pattern: string) => {
          const at = document.activeElement as HTMLElement | null;
          const said = at?.getAttribute('aria-label') ?? at?.textContent ?? '';
          return at?.matches(wanted) === true && new RegExp(pattern).test(said.trim());
        },
        selector,
        words.source,
      );
      if (there) return;
      await page.keyboard.press('Tab');
    }
  } finally {
    if (backwards) await page.keyboard.up('Shift');
  }
  throw new Error(`The keyboard does not come to ${selector} ${words}`);
}

async function add(page: Page, section: number, text: string): Promise<void> {
  const count = () => page.$$eval('[data-line]', (lines) => lines.length);
  const before = await count();
  await tabTo(page, `#add-to-${section}`);
  await page.keyboard.type(text);
  await page.waitForSelector('.add-offer');
  await page.keyboard.press('Enter');
  await page.waitForFunction((least: number) => document.querySelectorAll('[data-line]').length > least, {}, before);
}

const combined = async (page: Page, modifier: 'Shift' | 'Control' | 'Alt', key: 'ArrowDown' | 'ArrowUp' | 'z') => {
  await page.keyboard.down(modifier);
  await page.keyboard.press(key);
  await page.keyboard.up(modifier);
};

test('a class is made, grouped, fitted and printed by the keyboard alone', async () => {
  const { page, faults } = await openPage(on.browser, {});
  await page.setViewport({ width: 1280, height: 900 });
  await page.evaluateOnNewDocument(() => {
    const kinds: string[] = [];
    (window as unknown as { printed: string[] }).printed = kinds;
    const real = URL.createObjectURL.bind(URL);
    URL.createObjectURL = (blob: Blob | MediaSource) => {
      if (blob instanceof Blob) kinds.push(blob.type);
      return real(blob);
    };
  });
  await go(page, `${on.house.url}/sessions`);
  await tabTo(page, 'button', /New class/);
  await page.keyboard.press('Enter');
  await page.waitForSelector('.class-title');
  await tabTo(page, '.class-title');
  await page.keyboard.type('Made by keys');

  await add(page, 0, 'quiet standing 6');
  await add(page, 1, 'shoulder rolls 4');
  await add(page, 1, 'hip circles 5');
  await add(page, 2, 'lift the sky 8');
  await add(page, 2, 'yunshou 4');
  await add(page, 3, 'open the chest 10');
  await add(page, 3, 'neck tilts 25');
  await add(page, 3, 'rub the lower back 54');
  await add(page, 4, '收靜 9');

  // Back to the running order: one line of it can be reached by Tab, the arrows do the rest.
  await tabTo(page, '[data-line]', /^/, true);
  const at = () => page.evaluate(() => document.activeElement?.getAttribute('aria-label') ?? '');
  for (let press = 0; press < 8 && !(await at()).startsWith('Lift the Sky'); press += 1)
    await page.keyboard.press('ArrowUp');
  for (let press = 0; press < 8 && !(await at()).startsWith('Lift the Sky'); press += 1)
    await page.keyboard.press('ArrowDown');
  expect(await at()).toMatch(/^Lift the Sky, 8/);
  await page.keyboard.press('-');
  await page.waitForFunction(() => /Lift the Sky, 7/.test(document.activeElement?.getAttribute('aria-label') ?? ''));
  await page.keyboard.press('Space');
  await combined(page, 'Shift', 'ArrowDown');
  await page.keyboard.press('g');
  await textOf(page, '.block-words', /2 rounds/);
  await saved(page);
  const id = new URL(page.url()).pathname.split('/').at(-1) ?? '';
  const made = (await stored(on.house.url, id)).session;
  expect(made.title).toBe('Made by keys');
  expect(made.sections[2]?.blocks).toHaveLength(1);
  // What is uncertain, and coming in and clearing the hall.
  const minutes = Math.round((1.07 * computed(made).totalMs) / 60_000) + 11;

  await tabTo(page, 'button', /^Fit$/, true);
  await page.keyboard.press('Enter');
  await page.waitForSelector('#fit-minutes');
  await tabTo(page, '#fit-minutes');
  await page.keyboard.down('Control');
  await page.keyboard.press('a');
  await page.keyboard.up('Control');
  await page.keyboard.type(String(minutes));
  await page.keyboard.press('Enter');
  await page.waitForFunction(() => document.querySelectorAll('[data-fit]').length === 3);
  await tabTo(page, '[data-fit] button', /Take it/);
  await page.keyboard.press('Enter');
  await page.waitForFunction(() => !document.querySelector('.ant-drawer-open'));
  await saved(page);
  const fitted = (await stored(on.house.url, id)).session;
  expect(fitted.slotMinutes).toBe(minutes);
  const { safeMs } = forecastFor(fitted, computed(fitted), find);
  expect(Math.abs(safeMs - classSeconds(fitted) * 1000)).toBeLessThanOrEqual(15_000);

  await tabTo(page, 'button', /Paper/);
  await page.keyboard.press('Enter');
  // The menu takes the keyboard when it opens.
  await page.waitForFunction(() => document.activeElement?.closest('.ant-dropdown') !== null);
  for (let press = 0; press < 4; press += 1) {
    const words = await page.evaluate(
      () => document.querySelector('.ant-dropdown-menu-item-active')?.textContent ?? '',
    );
    if (words === 'Card for the chair, A5') break;
    await page.keyboard.press('ArrowDown');
  }
  await page.keyboard.press('Enter');
  await page.waitForFunction(() => (window as unknown as { printed: string[] }).printed.includes('application/pdf'));
  expect(faults).toEqual([]);
});
