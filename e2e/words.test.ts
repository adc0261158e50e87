import type { Page } from 'puppeteer-core';
import { graveFaults } from './browser/graveFaults';
import { stage } from './browser/stage';
import { press, stored, takeLine, unfoldFinding } from './desk';
import { click, go, openPage, reload, saved, textOf } from './house';
import { goNext } from './teachingClock';

/** Words besides the calls: in a line, in a movement, while teaching; and a depth that is kept. */

const on = stage();
const ID = 'evening-week-4';
const CLOUDS = 'main-3-cloud-hands';
const POST = 'main-9-standing-post';

const open = async (path: string): Promise<{ page: Page; faults: string[] }> => {
  const opened = await openPage(on.browser);
  await go(opened.page, on.house.url + path);
  return opened;
};

const unfold = (page: Page) => click(page, '.line-words:not([open]) > summary');
/** Writes a text into a field of the panel at once, as if it were pasted. */
const paste = async (page: Page, field: string, text: string) => {
  await click(page, `[aria-label="${field}"]`);
  const session = await page.createCDPSession();
  await session.send('Input.insertText', { text });
};

test('words on the way and a text to be read are kept, and said where there is no time for them', async () => {
  const { page, faults } = await open(`/sessions/${ID}`);
  await takeLine(page, 'main-0-raise-and-sink');
  await unfold(page);
  await press(page, 'Say something on the way');
  await paste(page, 'Words 1', 'Let the wrists float');
  await textOf(page, '[data-line="main-0-raise-and-sink"] .line-notes', /says 1 thing on the way/);
  await paste(page, 'What is read out', `${'Slowly and with care. '.repeat(40)}`);
  await textOf(page, '.script-time--long', /too little/);
  await textOf(page, '[data-line="main-0-raise-and-sink"] .line-says--long', /too long/);
  await textOf(page, '[data-finding="words-long"]', /take \d+:\d\d longer than it lasts/);
  expect(await graveFaults(page, '.line-panel')).toEqual([]);
  await saved(page);
  const { session } = await stored(on.house.url, ID);
  const item = session.sections[2]?.items[0];
  expect(item?.kind === 'movement' && item.cues).toEqual([
    { at: { unit: 'repetitions', at: 2 }, say: 'Let the wrists float' },
  ]);
  await reload(page);
  await textOf(page, '[data-line="main-0-raise-and-sink"] .line-notes', /says 1 thing on the way/);
  expect(faults).toEqual([]);
});

test('a depth found once is kept: what goes lower says so, and stands higher', async () => {
  const { page } = await open(`/sessions/${ID}`);
  const { session } = await stored(on.house.url, ID);
  const squats = session.sections[1]?.items.find(
    (item) => item.kind === 'movement' && item.movementId === 'small-squats',
  );
  if (!squats) throw new Error('the warm-up tests the depth');
  await takeLine(page, squats.id);
  await click(page, '[aria-label="Keep the depth found here for the rest of the class"]');
  await page.waitForSelector('[aria-label="Degrees of knee bend that nobody is led beyond"]');
  await click(page, '[aria-label="Degrees of knee bend that nobody is led beyond"]', { count: 3 });
  await page.keyboard.type('20');
  await page.keyboard.press('Tab');
  await textOf(page, `[data-line="${CLOUDS}"] .line-notes`, /no lower than 20° today/);
  await saved(page);
  const kept = (await stored(on.house.url, ID)).session.sections[1]?.items.find(({ id }) => id === squats.id);
  expect(kept?.kind === 'movement' && kept.depth).toEqual({ deepest: 20, less: null });
});

test('while teaching, what to watch stands under the call, and a text is read paragraph by paragraph', async () => {
  const { page } = await open(`/teach/${ID}`);
  await click(page, '.teach-begin');
  await page.waitForSelector('main.teach[data-plan-ms]');
  const forward = async (until: string) => {
    for (let press = 0; press < 80 && !(await page.$(until)); press += 1) await goNext(page);
    await page.waitForSelector(until);
  };
  await forward('.teach-beside');
  await forward('.teach-script');
  await textOf(page, '.teach-name', /Embracing Post/);
  await textOf(page, '.teach-script li[aria-current="true"]', /edge of a high stool/);
  expect(await page.$$eval('.teach-script li', (all) => all.length)).toBe(4);
  expect(await graveFaults(page, 'main.teach')).toEqual([]);
});

test('a line says where the instructor stands, and the side is said that way while it is taught', async () => {
  const { page } = await open(`/sessions/${ID}`);
  await textOf(page, '[data-line="main-6-brush-knee"] .line-notes', /back to the class/);
  await takeLine(page, POST);
  await textOf(page, `[data-line="${POST}"] .line-says`, /reads \d:\d\d/);
});

test('points to watch and how the breath is taken are written in the editor and shown on the movement’s page', async () => {
  const { page, faults } = await open('/repertoire/seated-opening/edit');
  await click(page, '[data-phase="cycle-1"]');
  await page.waitForSelector('[aria-label="Breathed through"]');
  await page.focus('[aria-label="Breathed through"]');
  await page.keyboard.press('ArrowDown');
  await page.waitForSelector('.ant-select-dropdown:not(.ant-select-dropdown-hidden) .ant-select-item-option');
  await page.evaluate(() => {
    const all = [...document.querySelectorAll<HTMLElement>('.ant-select-item-option')];
    all.find(({ textContent }) => textContent === 'With a sound')?.click();
  });
  await paste(page, 'Which sound', 'ah');
  await press(page, 'A point to watch');
  const points = await page.$$('[aria-label^="Point "]');
  await paste(page, `Point ${points.length}`, 'The chair bears the weight');
  expect(await graveFaults(page, '.editor')).toEqual([]);
  await press(page, 'Write it');
  await textOf(page, '.movement-words', /The chair bears the weight/);
  await textOf(page, '.movement-strip', /sounded “ah”/);
  await page.waitForSelector('.movement-strip, .breath-manner');
  expect(await page.$$eval('.breath-manner circle', (all) => all.length)).toBeGreaterThan(0);
  expect(faults).toEqual([]);
});

test('what stands in the way of a warm-up is one press from one that is proposed', async () => {
  const { page } = await open('/sessions?new');
  await page.waitForSelector('#add-to-2');
  await page.focus('#add-to-2');
  await page.keyboard.type('draw the bow 8');
  await page.waitForSelector('.add-offer');
  await page.keyboard.press('Enter');
  await page.waitForSelector('[data-finding="not-ready"]');
  await unfoldFinding(page, 'not-ready');
  await click(page, '[data-finding="not-ready"] summary');
  await press(page, /^Propose a warm-up/);
  await page.waitForSelector('.compose .ant-segmented-item-selected');
  expect(await textOf(page, '.compose .ant-segmented-item-selected')).toBe('A warm-up');
});

test('a movement and a form can be looked at from behind, as the class sees an instructor who turns the back to it', async () => {
  for (const path of ['/repertoire/cloud-hands', '/repertoire/forms/lantern-form']) {
    const { page } = await open(path);
    await page.waitForSelector('.movement-figure svg, .form-stage svg, .movement-stage svg');
    await press(page, 'Behind');
    await page.waitForFunction(() => document.querySelector('.ant-segmented-item-selected')?.textContent === 'Behind');
    await page.close();
  }
});
