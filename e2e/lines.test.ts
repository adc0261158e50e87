import type { Page } from 'puppeteer-core';
import type { MovementItem } from '../core/session/plan/session';
import { graveFaults } from './browser/graveFaults';
import { stage } from './browser/stage';
import { addLine, computed, line, stored, takeLine } from './desk';
import { click, go, openPage, saved, testId, textOf } from './house';
import { goNext } from './teachingClock';

/** Lines as they are scribbled: how they are understood, how they end, how they are led, and what they cost. */

const on = stage();
const DEPOT = 'depot-twenty';

async function open(): Promise<{ page: Page; faults: string[] }> {
  const opened = await openPage(on.browser, {});
  await opened.page.setViewport({ width: 1280, height: 800 });
  await go(opened.page, `${on.house.url}/sessions/${DEPOT}`);
  await opened.page.waitForSelector('[data-line]');
  return opened;
}
const session = async () => (await stored(on.house.url, DEPOT)).session;
const lastOfMain = async () => (await session()).sections[2]?.items.at(-1) as MovementItem;

test('a range is typed, shown on its line, makes the end less certain, and Teach says it', async () => {
  const { page, faults } = await open();
  await addLine(page, 2, 'cloud hands 3');
  await saved(page);
  const certain = await textOf(page, testId('late'), /\d\d:\d\d/);
  await page.keyboard.down('Control');
  await page.keyboard.press('z');
  await page.keyboard.up('Control');
  await addLine(page, 2, 'cloud hands 3-9');
  await saved(page);
  const added = await lastOfMain();
  expect(added).toMatchObject({ movementId: 'cloud-hands', count: 6, range: { least: 3, most: 9 } });
  expect(await textOf(page, `${line(added.id)} .line-unit`, /3 to 9/)).toContain('3 to 9');
  await page.waitForFunction(
    (before: string) => (document.querySelector('[data-testid="late"]')?.textContent ?? '') > before,
    {},
    certain,
  );
  expect(await graveFaults(page)).toEqual([]);

  await go(page, `${on.house.url}/teach/${DEPOT}`);
  await click(page, '.teach-begin');
  await page.waitForSelector('main.teach[data-plan-ms]');
  for (let step = 0; step < 40; step += 1) {
    if (/Cloud Hands/.test((await page.$eval('.teach-name', (one) => one.textContent)) ?? '')) break;
    await goNext(page);
  }
  await textOf(page, testId('count'), /3 to 9/);
  expect(faults).toEqual([]);
});

test('a time for a counted movement ends by the clock, says so, and is changed in its panel', async () => {
  const { page } = await open();
  const before = computed(await session()).totalMs;
  await addLine(page, 2, 'lift the sky 2 min');
  await saved(page);
  const added = await lastOfMain();
  expect(added.ends).toEqual({ by: 'clock', seconds: 120 });
  const more = computed(await session()).totalMs - before;
  expect(more).toBeGreaterThanOrEqual(120_000);
  expect(more).toBeLessThan(150_000);
  await takeLine(page, added.id);
  await textOf(page, line(added.id), /seconds, to the end of a cycle/);
  await click(page, '[aria-label="What ends it"]');
  await page.waitForSelector('.ant-select-item-option');
  await page.evaluate(() => {
    const all = [...document.querySelectorAll<HTMLElement>('.ant-select-item-option')];
    all.find((one) => one.textContent === 'When I say')?.click();
  });
  await textOf(page, line(added.id), /until you end it/);
  await saved(page);
  expect((await lastOfMain()).ends).toEqual({ by: 'instructor' });
});

test('a piece is named by itself: its minutes say what naming and the last word take', async () => {
  const { page } = await open();
  await addLine(page, 2, 'push waves 4');
  await saved(page);
  const added = await lastOfMain();
  expect(added.manner).toBe('named');
  await takeLine(page, added.id);
  const why = await textOf(page, '.why', /A word at the end/);
  expect(why).toMatch(/Naming it.*A word at the end.*0:03/s);
});

test('where nothing is found it says what it did not understand, and Enter still does something', async () => {
  const { page } = await open();
  await page.focus('#add-to-2');
  await page.keyboard.type('zzz wobble 3');
  await textOf(page, '.add-offer', /3:00: “zzz wobble”/);
  await page.keyboard.press('Enter');
  await saved(page);
  expect((await session()).sections[2]?.items.at(-1)).toMatchObject({
    kind: 'talk',
    seconds: 180,
    note: 'zzz wobble',
  });
  expect(await page.$eval('#add-to-2', (field) => (field as HTMLInputElement).value)).toBe('');
});

test('forty seconds in the horse are held for forty seconds, and what getting in and out takes is said beside', async () => {
  const { page } = await open();
  await page.focus('#add-to-2');
  await page.keyboard.type('horse 40s');
  await textOf(page, '.add-offer', /Horse Stance.*40 seconds.*\d+ s in and out/);
  await page.keyboard.press('Enter');
  await saved(page);
  const held = (await session()).sections[2]?.items.at(-1);
  expect(held).toMatchObject({ kind: 'movement', movementId: 'horse-stance', count: 40 });
  const moves = computed(await session()).segments.filter(
    ({ itemId, part }) => itemId === held?.id && part === 'cycle',
  );
  expect(moves.reduce((sum, { lengthMs }) => sum + lengthMs, 0)).toBe(40_000);
});

test('minutes before and after the class are taken from it, and its clock begins after them', async () => {
  const { page } = await open();
  const first = async () => textOf(page, '[data-line] .line-time, [data-line]', /\d\d:\d\d/);
  expect(await first()).toMatch(/12:30/);
  await click(page, '[aria-label="Minutes before the class, coming in"]', { clickCount: 3 });
  await page.keyboard.type('4');
  await page.keyboard.press('Tab');
  await textOf(page, '[data-line]', /12:34/);
  await textOf(page, '.slot-verdict', /late, or later, in two of ten/);
  await saved(page);
  expect((await session()).doors).toEqual({ before: 4, after: 0 });
});
