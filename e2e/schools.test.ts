import type { Page } from 'puppeteer-core';
import type { Group } from '../core/group/group';
import { USUAL_SCHOOLS } from '../core/movement/adapt/schools';
import { graveFaults } from './browser/graveFaults';
import { stage } from './browser/stage';
import { press, stored, takeLine, withControl } from './desk';
import { go, openPage, saved, textOf } from './house';

/** Where schools disagree: answered for a class, for a line, and for a group from then on. */

const on = stage();
const ID = 'evening-week-4';
const BRUSH_KNEE = 'main-6-brush-knee';

const open = async (path: string): Promise<{ page: Page; faults: string[] }> => {
  const opened = await openPage(on.browser, {});
  await go(opened.page, on.house.url + path);
  await opened.page.waitForSelector('.class-head');
  return opened;
};
const answer = async (page: Page, label: string) => {
  await press(page, /^Schools/);
  await page.waitForSelector('.schools-form');
  await page.evaluate((wanted: string) => {
    const all = [...document.querySelectorAll<HTMLElement>('.schools-form .ant-radio-button-wrapper')];
    all.find(({ textContent }) => textContent === wanted)?.click();
  }, label);
};
/** How the weight stands after the push of Brush Knee, as its footprints say it. */
const pushed = (page: Page) =>
  page.$eval('.panel-strip li:nth-child(2) svg', (svg) => svg.getAttribute('aria-label') ?? '');
const choose = async (page: Page, field: string, option: RegExp) => {
  await page.focus(`[aria-label="${field}"]`);
  await page.keyboard.press('ArrowDown');
  await page.waitForSelector('.ant-select-dropdown:not(.ant-select-dropdown-hidden) .ant-select-item-option');
  await page.evaluate((pattern: string) => {
    const shown = '.ant-select-dropdown:not(.ant-select-dropdown-hidden) .ant-select-item-option';
    const all = [...document.querySelectorAll<HTMLElement>(shown)];
    all.find(({ textContent }) => new RegExp(pattern).test(textContent ?? ''))?.click();
  }, option.source);
};

test('an answer of the class moves the weight of its bows, a line may answer for itself, and both are undone', async () => {
  const { page, faults } = await open(`/sessions/${ID}`);
  await takeLine(page, BRUSH_KNEE);
  await page.waitForSelector('.panel-strip');
  expect(await pushed(page)).toMatch(/left 70 percent/);

  await answer(page, '80 %');
  await page.waitForFunction(() => /left 80 percent/.test(document.querySelector('.panel-strip')?.innerHTML ?? ''));
  expect(await pushed(page)).toMatch(/left 80 percent/);
  expect(await graveFaults(page, '.ant-popover')).toEqual([]);
  await saved(page);
  expect((await stored(on.house.url, ID)).session.schools).toEqual({ ...USUAL_SCHOOLS, frontShare: 80 });
  await page.keyboard.press('Escape');

  await takeLine(page, BRUSH_KNEE);
  await choose(page, 'Front leg in a bow stance', /^60 %/);
  await page.waitForFunction(() => /left 60 percent/.test(document.querySelector('.panel-strip')?.innerHTML ?? ''));
  await textOf(page, `[data-line="${BRUSH_KNEE}"] .line-notes`, /Front leg in a bow stance: 60 %/);

  await takeLine(page, BRUSH_KNEE);
  await withControl(page, 'z', 2);
  await page.waitForFunction(() => /left 70 percent/.test(document.querySelector('.panel-strip')?.innerHTML ?? ''));
  await saved(page);
  expect((await stored(on.house.url, ID)).session.schools).toEqual(USUAL_SCHOOLS);
  expect(faults).toEqual([]);
});

test('a group is taught a way from then on: its new classes begin so, and another class is told apart', async () => {
  const { page, faults } = await open(`/sessions/${ID}`);
  await answer(page, 'The front toes rise');
  await press(page, 'Teach Tram Shed evening course this way');
  await textOf(page, '.ant-message', /New classes of Tram Shed evening course begin like this one/);
  const groups = (await (await fetch(`${on.house.url}/api/groups`)).json()) as Group[];
  expect(groups.filter(({ schools }) => schools.toesRise).map(({ id }) => id)).toEqual(['tram-shed-evening']);

  await go(page, `${on.house.url}/sessions?new`);
  await textOf(page, '.class-head', /Schools: as usual/);
  await choose(page, 'Group', /^Tram Shed evening/);
  await textOf(page, '.class-head', /Rocking back: the front toes rise/);
  await saved(page);
  const id = new URL(page.url()).pathname.split('/').at(-1) ?? '';
  expect((await stored(on.house.url, id)).session.schools.toesRise).toBe(true);

  await go(page, `${on.house.url}/sessions/compare/${id}/morning-eight-pieces`);
  expect(await textOf(page, '.compare', /where schools disagree/)).toMatch(
    /Rocking back: the front toes rise.*as usual/,
  );
  expect(await textOf(page, '.compare', /settling/)).toMatch(/no settling.*after each, Hands home/);
  expect(faults).toEqual([]);
});
