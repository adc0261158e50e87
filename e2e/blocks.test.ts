import type { Page } from 'puppeteer-core';
import { graveFaults } from './browser/graveFaults';
import { stage } from './browser/stage';
import { computed, endOf, find, line, press, stored, takeLine, typeOver, withControl } from './desk';
import { click, go, openPage, saved, testId, textOf } from './house';

/** Several lines at once: rounds, chains, carrying from class to class, kept passages, and the steps between lines. */

const on = stage();
const EVENING = 'evening-week-4';
const DEPOT = 'depot-twenty';

async function open(id: string): Promise<{ page: Page; faults: string[] }> {
  const opened = await openPage(on.browser, {});
  await opened.page.setViewport({ width: 1280, height: 900 });
  await go(opened.page, `${on.house.url}/sessions/${id}`);
  await opened.page.waitForSelector('[data-line]');
  return opened;
}
const session = async (id: string) => (await stored(on.house.url, id)).session;
const blocks = async (id: string) => (await session(id)).sections.flatMap((section) => section.blocks);

/** Chooses a line and the ones after it by the keyboard alone. */
async function choose(page: Page, first: string, more: number): Promise<void> {
  await takeLine(page, first);
  await page.keyboard.press('Space');
  await page.keyboard.down('Shift');
  for (let step = 0; step < more; step += 1) await page.keyboard.press('ArrowDown');
  await page.keyboard.up('Shift');
  await textOf(page, '.chosen-bar', new RegExp(`${more + 1} lines? chosen`));
}

const undo = (page: Page) => withControl(page, 'z');

test('lines chosen by the keyboard become rounds, with their minutes reckoned, and come apart again', async () => {
  const { page, faults } = await open(DEPOT);
  const before = computed(await session(DEPOT)).totalMs;
  await choose(page, 'main-1-pushing-waves', 1);
  await page.keyboard.press('g');
  await textOf(page, '.block-words', /2 rounds, 20 s rest between/);
  await saved(page);
  const grouped = await session(DEPOT);
  const after = computed(grouped).totalMs;
  expect(after).toBeGreaterThan(before + 60_000);
  expect(grouped.sections[2]?.blocks).toMatchObject([{ rounds: 2, roundRest: 20 }]);
  expect(await page.$$eval('.line--blocked', (all) => all.length)).toBe(2);

  await click(page, '.block-words');
  await page.waitForSelector('.block-form');
  await typeOver(page, '[aria-label="Rounds of the block"]', '3');
  await page.keyboard.press('Enter');
  await textOf(page, '.block-words', /3 rounds/);
  await press(page, 'Take the block apart');
  await page.waitForFunction(() => !document.querySelector('.block-words'));
  await saved(page);
  expect(computed(await session(DEPOT)).totalMs).toBe(before);
  await undo(page);
  await textOf(page, '.block-words', /3 rounds/);
  for (let step = 0; step < 2; step += 1) await undo(page);
  await page.waitForFunction(() => !document.querySelector('.block-words'));
  await saved(page);
  expect(faults).toEqual([]);
});

test('a chain is done all on one side and then mirrored', async () => {
  const { page } = await open(DEPOT);
  await choose(page, 'main-1-pushing-waves', 1);
  await press(page, 'As a chain');
  await textOf(page, '.block-words', /all on the left side, then all on the right/);
  await saved(page);
  const moved = computed(await session(DEPOT)).segments.filter(
    ({ kind, itemId }) => kind === 'move' && itemId === 'main-1-pushing-waves',
  );
  const sides = moved.map(({ side }) => side);
  expect(sides.indexOf('right')).toBeGreaterThan(sides.lastIndexOf('left'));
  await undo(page);
  await saved(page);
});

test('lines are moved and taken out together; each is one step back', async () => {
  const { page } = await open(DEPOT);
  const order = () => page.$$eval('[data-line]', (all) => all.map((one) => (one as HTMLElement).dataset.line ?? ''));
  const before = await order();
  await choose(page, 'main-0-lift-the-sky', 1);
  await page.keyboard.down('Alt');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.up('Alt');
  await page.waitForFunction(
    () =>
      (document.querySelectorAll('[data-line]')[7] as HTMLElement | undefined)?.dataset.line ===
      'main-2-parting-clouds',
  );
  await press(page, 'Take out');
  await page.waitForFunction(
    (n: number) => document.querySelectorAll('[data-line]').length === n,
    {},
    before.length - 2,
  );
  await undo(page);
  await undo(page);
  await page.waitForFunction((n: number) => document.querySelectorAll('[data-line]').length === n, {}, before.length);
  expect(await order()).toEqual(before);
  await saved(page);
});

test('lines are carried into another class with their block, under names of their own', async () => {
  const { page } = await open(EVENING);
  await choose(page, 'main-6-brush-knee', 1);
  await press(page, 'Carry');
  await go(page, `${on.house.url}/sessions/${DEPOT}`);
  await page.waitForSelector('.put-in');
  await page.$$eval('.put-in', (all) => (all[2] as HTMLElement).click());
  await press(page, /^2 carried from “Clouds and brush knee”$/);
  await textOf(page, '.block-words', /Two of the form.*4 rounds/);
  await saved(page);
  const main = (await session(DEPOT)).sections[2];
  const last = main?.items.slice(-2) ?? [];
  expect(last.map((item) => (item.kind === 'movement' ? item.movementId : item.kind))).toEqual([
    'brush-knee',
    'part-the-mane',
  ]);
  expect(last.map(({ id }) => id)).not.toContain('main-6-brush-knee');
  await undo(page);
  await saved(page);
});

test('a passage is kept, put into another class, changed there, and taken over where it was', async () => {
  const { page, faults } = await open(DEPOT);
  await choose(page, 'warm-up-1-shoulder-rolls', 1);
  await press(page, 'Keep as a passage');
  await page.waitForSelector('[aria-label="Name of the passage"]');
  await page.type('[aria-label="Name of the passage"]', 'Shoulders and neck');
  await press(page, 'Keep it');
  await textOf(page, '.block-head', /Shoulders and neck/);
  await saved(page);

  await go(page, `${on.house.url}/sessions/${EVENING}`);
  await page.waitForSelector('.put-in');
  await page.$$eval('.put-in', (all) => (all[1] as HTMLElement).click());
  await press(page, /^Shoulders and neck, 2 lines$/);
  await page.waitForFunction(() => document.querySelectorAll('.block-head').length === 2);
  const added = (
    await (async () => {
      await saved(page);
      return session(EVENING);
    })()
  ).sections[1]?.items.at(-1);
  // Nothing has been changed yet, so there is nothing to keep.
  expect(await textOf(page, '.order')).not.toContain('Keep as the passage');
  await takeLine(page, added?.id ?? '');
  await page.keyboard.press('+');
  await press(page, 'Keep as the passage');
  await textOf(page, '.ant-message', /is kept as it is here/);
  await saved(page);
  const count = (await session(EVENING)).sections[1]?.items.at(-1);

  await go(page, `${on.house.url}/sessions/${DEPOT}`);
  await press(page, /has changed since: take it over$/);
  await page.waitForFunction(() => !/has changed since/.test(document.body.textContent ?? ''));
  await saved(page);
  const taken = (await session(DEPOT)).sections[1]?.items.find(
    (item) => item.kind === 'movement' && item.movementId === 'neck-turns',
  );
  expect(taken).toMatchObject({ count: count?.kind === 'movement' ? count.count : 0 });
  expect((await blocks(DEPOT))[0]?.origin?.version).toBe(2);
  expect(await graveFaults(page)).toEqual([]);
  expect(faults).toEqual([]);
});

test('the steps into a line are said, and can be given by hand', async () => {
  const { page } = await open(EVENING);
  await takeLine(page, 'warm-up-4-knee-circles');
  await textOf(page, '.panel-steps', /bring the left foot in.*0:04 more/);
  const before = computed(await session(EVENING)).totalMs;
  await click(page, '[aria-label="Steps into it"]');
  await page.waitForSelector('.ant-select-item-option');
  await page.evaluate(() => {
    const all = [...document.querySelectorAll<HTMLElement>('.ant-select-item-option')];
    all.find((one) => one.textContent === 'As I say')?.click();
  });
  await page.waitForSelector('[aria-label="Breath halves for the steps into it"]');
  await saved(page);
  const after = await session(EVENING);
  const item = after.sections[1]?.items.find(({ id }) => id === 'warm-up-4-knee-circles');
  expect(item).toMatchObject({
    bridge: { halves: 3, call: 'Weight right, bring the left foot in, weight to the middle' },
  });
  expect(computed(after).totalMs).toBeGreaterThan(before);
  expect(find('knee-circles')).toBeDefined();
  await undo(page);
  await saved(page);
});

test('how chosen lines are settled is said once for all of them, as one step', async () => {
  const { page } = await open(DEPOT);
  await choose(page, 'main-0-lift-the-sky', 2);
  await press(page, 'For all …');
  await press(page, 'Only once, at the end');
  await saved(page);
  const settled = async () =>
    (await session(DEPOT)).sections[2]?.items
      .slice(0, 3)
      .map((item) => (item.kind === 'movement' && item.settle.kind === 'still' ? item.settle.seconds : 0));
  expect(await settled()).toEqual([0, 0, 15]);
  await page.keyboard.press('Escape');
  await undo(page);
  await saved(page);
  expect(await settled()).toEqual([0, 0, 0]);
});

test('a movement is taught in its steps: a line for each with minutes of its own, as one step back', async () => {
  const { page, faults } = await open(EVENING);
  const cloud = find('cloud-hands');
  const names = cloud?.layers.map(({ name }) => name) ?? [];
  await takeLine(page, 'main-3-cloud-hands');
  await press(page, `Teach it in ${names.length} steps`);
  await textOf(page, '.passage--main .block-head', /Cloud Hands, in steps/);
  await saved(page);
  const taught = await session(EVENING);
  const [block] = taught.sections[2]?.blocks.filter(({ name }) => name === 'Cloud Hands, in steps') ?? [];
  const lines = taught.sections[2]?.items.filter((item) => item.block === block?.id) ?? [];
  expect(lines).toHaveLength(names.length + 1);
  for (const [step, { id }] of lines.slice(0, -1).entries()) {
    expect(await textOf(page, `${line(id)} .line-notes`)).toContain(`step: ${names[step]}`);
    expect(await textOf(page, `${line(id)} .line-minutes`)).toMatch(/^\d+:\d\d/);
  }
  await undo(page);
  await page.waitForFunction(() => !/in steps/.test(document.querySelector('.order')?.textContent ?? ''));
  await saved(page);
  expect(faults).toEqual([]);
});

test('a section is settled after each of its lines, and the class lasts as long as the engine says', async () => {
  const { page, faults } = await open(DEPOT);
  const before = computed(await session(DEPOT)).totalMs;
  await page.$$eval('.passage-settle', (all) => (all[2] as HTMLElement).click());
  await press(page, 'After each');
  await textOf(page, '.passage--main .passage-settle', /^after each, /);
  await saved(page);
  expect(await graveFaults(page, '.ant-popover')).toEqual([]);
  const settled = await session(DEPOT);
  const { totalMs } = computed(settled);
  expect(totalMs).toBeGreaterThan(before + 60_000);
  await textOf(page, testId('ends'), new RegExp(endOf(settled)));
  const name = (await textOf(page, '.passage--main .passage-settle')).replace('after each, ', '');
  const notes = await page.$$eval('.passage--main .line-notes', (all) => all.map((one) => one.textContent ?? ''));
  expect(notes.every((note) => note.includes(`then ${name}`))).toBe(true);
  await page.keyboard.press('Escape');
  await undo(page);
  await textOf(page, '.passage--main .passage-settle', /^no settling$/);
  await saved(page);
  expect(computed(await session(DEPOT)).totalMs).toBe(before);
  expect(faults).toEqual([]);
});

test('a part of a form is typed by its places', async () => {
  const { page } = await open(DEPOT);
  const before = await page.$$eval('[data-line]', (all) => all.length);
  await page.focus('#add-to-2');
  await page.keyboard.type('lantern 3-6');
  await textOf(page, '.add-offer', /postures 3 to 6 of \d+/);
  await page.keyboard.press('Enter');
  await page.waitForFunction((n: number) => document.querySelectorAll('[data-line]').length > n, {}, before);
  // It stands together under its name, and can be done again as one.
  await textOf(page, '.passage--main .block-words', /^.*Lantern.*one way, as it is taught$/);
  await saved(page);
  const placed = (await session(DEPOT)).sections[2];
  expect(new Set(placed?.items.slice(-4).map(({ block }) => block))).toEqual(new Set([placed?.blocks[0]?.id]));
  await undo(page);
  await page.waitForFunction((n: number) => document.querySelectorAll('[data-line]').length === n, {}, before);
  await saved(page);
});
