import parsePdf from 'pdf-parse/lib/pdf-parse.js';
import { graveFaults } from './browser/graveFaults';
import { stage } from './browser/stage';
import { collected, fieldHolds, press } from './desk';
import { click, go, openPage, textOf } from './house';

/** Who comes, who came, and somebody forgotten. */

const on = stage();

test('eight people are written down as quickly as they say what they are called, and one is renamed', async () => {
  const { page, faults } = await openPage(on.browser);
  await go(page, `${on.house.url}/groups`);
  await click(page, '[aria-label="Who comes: Reading room, on the chair"]');
  await textOf(page, '.people', /Nobody is written down yet/);
  await page.focus('.people-add input');
  const names = ['Amos', 'Bela', 'Cato', 'Dilys', 'Ewan', 'Fenn', 'Gwil', 'Hetty'];
  for (const name of names) {
    await page.keyboard.type(name);
    await page.keyboard.press('Enter');
    await page.waitForSelector(`[aria-label="What ${name} is called"]`);
    await page.waitForFunction(() => (document.querySelector('.people-add input') as HTMLInputElement).value === '');
  }
  await textOf(page, '.people header', /8 belong to it; about 6 are to be expected/);
  await click(page, '[aria-label="Hetty comes no more"]');
  await textOf(page, '.people header', /7 belong to it/);
  expect(await graveFaults(page)).toEqual([]);
  expect(faults).toEqual([]);
});

test('who came is noted by a tap each on the record, and the course says who has not seen what', async () => {
  const { page, faults } = await openPage(on.browser);
  await go(page, `${on.house.url}/courses/evening-course`);
  await textOf(page, '.class-contents', /Not seen yet by some.*Dov/);
  // What they missed is known without asking.
  await press(page, 'Catch up');
  await page.focus('#missed-by');
  await page.keyboard.press('ArrowDown');
  await page.waitForFunction(() => {
    const all = [...document.querySelectorAll<HTMLElement>('.ant-select-item-option')];
    const wanted = all.find(({ textContent }) => textContent === 'Dov');
    wanted?.click();
    return wanted !== undefined;
  });
  await textOf(page, '.catch-up', /Slow Walking.*in class 2/);
  await go(page, on.house.url);
  await textOf(page, '.today-next', /About 12 of 14 are to be expected/);
  await go(page, `${on.house.url}/logbook/evening-week-3-taught`);
  await textOf(page, '.who-came', /13 of 14/);
  await press(page, /^Dov$/);
  await textOf(page, '.who-came', /14 of 14/);
  await fieldHolds(page, '#log-attendance', '14');
  expect(await graveFaults(page, '.who-came')).toEqual([]);
  await go(page, `${on.house.url}/groups/tram-shed-evening/people`);
  await page.waitForSelector('.attendance');
  // By the keys: from one cell to the next, and a press.
  await page.focus('[data-cell="3-2"]');
  expect(await page.evaluate(() => document.activeElement?.getAttribute('aria-pressed'))).toBe('true');
  await page.keyboard.press('Space');
  await page.waitForSelector('[data-cell="3-2"][aria-pressed="false"]');
  await page.keyboard.press('ArrowLeft');
  expect(await page.evaluate(() => document.activeElement?.getAttribute('data-cell'))).toBe('3-1');
  expect(faults).toEqual([]);
});

test('somebody is forgotten: what still holds the name is named, and the backups that do are deleted', async () => {
  await fetch(`${on.house.url}/api/backups`, { method: 'POST' });
  const { page, faults } = await openPage(on.browser);
  await go(page, `${on.house.url}/groups/tram-shed-evening/people`);
  await click(page, '[aria-label="Forget Joss"]');
  await textOf(page, '.ant-modal', /Forget Joss/);
  await press(page, /^Forget$/);
  await textOf(page, '.ant-modal', /still stands here.*The backup/);
  await press(page, /^Delete (that backup|those \d+ backups)$/);
  await textOf(page, '.ant-modal', /finds the name nowhere else/);
  await press(page, /^Close$/);
  await page.waitForFunction(() => document.querySelector('[aria-label="Forget Joss"]') === null);
  expect(await (await fetch(`${on.house.url}/api/groups/tram-shed-evening/people`)).text()).not.toContain('Joss');
  expect(faults).toEqual([]);
});

test('a slip for at home is proposed of what they have, as long as is asked, printed and read: nothing on it is about anybody', async () => {
  const { page, faults } = await openPage(on.browser);
  await go(page, `${on.house.url}/groups/tram-shed-evening/people`);
  const files = await collected(page);
  await press(page, 'Practice between classes …');
  await textOf(page, '.ant-modal', /(9:4[5-9]|9:5\d|10:0\d|10:1[0-5]) in all/);
  expect((await page.$$('.slip-lines > li')).length).toBeLessThanOrEqual(3);
  expect(await graveFaults(page, '.ant-modal')).toEqual([]);
  await page.focus('[aria-label="For whom"]');
  await page.keyboard.press('ArrowDown');
  await page.waitForFunction(() => {
    const all = [...document.querySelectorAll<HTMLElement>('.ant-select-item-option')];
    const wanted = all.find(({ textContent }) => textContent === 'Celia');
    wanted?.click();
    return wanted !== undefined;
  });
  await textOf(page, '.ant-modal', /in all/);
  await press(page, 'Print, A5');
  const [, pdf] = await files(1);
  const { text, numpages } = await parsePdf(pdf);
  expect(numpages).toBe(1);
  expect(text).toMatch(/Practice between classes/);
  expect(text.replaceAll(/\s+/g, ' ')).toMatch(/Pain is a stop sign/);
  expect(text).not.toMatch(/Celia|higher stance|twist under load/);
  expect(faults).toEqual([]);
});
