import parsePdf from 'pdf-parse/lib/pdf-parse.js';
import type { Page } from 'puppeteer-core';
import { readClass } from '../core/formats/classJson';
import { forecastFor } from '../core/session/report/forecast';
import { graveFaults } from './browser/graveFaults';
import { stage } from './browser/stage';
import { collected, computed, find, press, stored, takeLine, unfoldFinding, withControl } from './desk';
import { click, go, openPage, reload, saved, testId, textOf } from './house';

/** From an empty class to a printed card: judged, mended, fitted, proposed, put on paper. */

const on = stage();

async function open(path: string): Promise<{ page: Page; faults: string[] }> {
  const opened = await openPage(on.browser, {});
  await opened.page.setViewport({ width: 1280, height: 900 });
  await go(opened.page, on.house.url + path);
  return opened;
}

const findings = (page: Page) =>
  page.$$eval('[data-finding]', (all) => all.map((one) => (one as HTMLElement).dataset.finding ?? ''));
const judged = (page: Page) => page.waitForSelector('.noticed');

/** Opens a finding and waits for what would mend it. */
async function remediesOf(page: Page, code: string): Promise<string[]> {
  await unfoldFinding(page, code);
  await page.$eval(`[data-finding="${code}"] details`, (one) => {
    (one as HTMLDetailsElement).open = true;
  });
  await page.waitForSelector(`[data-finding="${code}"] .remedies button:enabled`);
  return page.$$eval(`[data-finding="${code}"] .remedies button:enabled`, (all) =>
    all.map((one) => one.textContent ?? ''),
  );
}

/** Asks for a class of so many minutes. */
async function askToFit(page: Page, minutes: number): Promise<void> {
  await press(page, 'Fit');
  await page.waitForSelector('#fit-minutes');
  await page.focus('#fit-minutes');
  await withControl(page, 'a');
  await page.keyboard.type(String(minutes));
  await page.keyboard.press('Enter');
}

const grave = (page: Page) => page.$$eval('.noticed-stop, .noticed-warn', (all) => all.length);

test('what is grave in the morning class is mended remedy by remedy, each a step that can be undone', async () => {
  const { page, faults } = await open('/sessions/morning-eight-pieces');
  await judged(page);
  await textOf(page, '[data-finding="overhead-long"]', /Hands stay overhead for \d+ s/);
  const before = (await stored(on.house.url, 'morning-eight-pieces')).session;
  for (let step = 0; step < 12 && (await grave(page)) > 0; step += 1) {
    const code = await page.$eval('.noticed-stop, .noticed-warn', (one) => (one as HTMLElement).dataset.finding ?? '');
    const words = await textOf(page, `[data-finding="${code}"] > p`);
    const [first] = await remediesOf(page, code);
    expect(first).toBeTruthy();
    await page.$eval(`[data-finding="${code}"] .remedies button:enabled`, (one) => (one as HTMLElement).click());
    await page.waitForFunction(
      (gone: string) => ![...document.querySelectorAll('[data-finding] > p')].some((one) => one.textContent === gone),
      {},
      words,
    );
  }
  expect(await grave(page)).toBe(0);
  await saved(page);
  const mended = (await stored(on.house.url, 'morning-eight-pieces')).session;
  expect(mended).not.toEqual(before);
  await withControl(page, 'z', 12);
  await page.waitForSelector('[data-finding="overhead-long"]');
  await saved(page);
  expect((await stored(on.house.url, 'morning-eight-pieces')).session).toEqual(before);
  expect(faults).toEqual([]);
});

test('the evening class is mended by remedies until there is nothing to object to', async () => {
  const { page, faults } = await open('/sessions/evening-week-4');
  await judged(page);
  await textOf(page, '[data-finding="strained"]', /Push the Waves/);
  let steps = 0;
  for (; steps < 8 && (await findings(page)).length > 0; steps += 1) {
    const [code = ''] = await findings(page);
    const words = await textOf(page, `[data-finding="${code}"] > p`);
    await remediesOf(page, code);
    await page.$eval(`[data-finding="${code}"] .remedies button:enabled`, (one) => (one as HTMLElement).click());
    await page.waitForFunction(
      (gone: string) => ![...document.querySelectorAll('[data-finding] > p')].some((one) => one.textContent === gone),
      {},
      words,
    );
  }
  await textOf(page, '.noticed-nothing', /Nothing to object to/);
  await saved(page);
  await withControl(page, 'z', steps);
  await page.waitForSelector('[data-finding="strained"]');
  await saved(page);
  expect(faults).toEqual([]);
});

test('a finding is set aside with its reason, is still aside after a reload, and is brought back', async () => {
  const { page } = await open('/sessions/evening-week-4');
  await judged(page);
  await remediesOf(page, 'strained');
  await click(
    page,
    '[data-finding="strained"] .set-aside input[type="text"], [data-finding="strained"] .set-aside .ant-input',
  );
  await page.keyboard.type('They asked for it');
  await page.keyboard.press('Enter');
  await page.waitForFunction(() => !document.querySelector('[data-finding="strained"]'));
  await saved(page);
  await reload(page);
  await judged(page);
  await textOf(page, '.asides', /1 set aside/);
  expect(await findings(page)).not.toContain('strained');
  await click(page, '.asides summary');
  expect(await textOf(page, '.asides')).toContain('They asked for it');
  await press(page, 'Bring it back');
  await page.waitForSelector('[data-finding="strained"]');
  await saved(page);
});

test('the tide finds lines, and a gentler group is judged by its own ceiling', async () => {
  const { page } = await open('/sessions/evening-week-4');
  await page.waitForSelector('.tide canvas');
  const peak = async () => Number(/to (\d+) %/.exec(await textOf(page, '.tide ul', /thighs to \d+ %/))?.[1]);
  const steady = await peak();
  const box = await (await page.$('.tide canvas'))?.boundingBox();
  if (!box) throw new Error('the tide is drawn');
  // A good half along the slot the main part is under way.
  await page.mouse.move(box.x + box.width * 0.6, box.y + box.height / 2);
  await page.waitForSelector('.line--pointed');
  const pointed = await page.$eval('.line--pointed', (one) => (one as HTMLElement).dataset.line);
  expect(pointed).toMatch(/^main-/);
  await page.mouse.click(box.x + box.width * 0.6, box.y + box.height / 2);
  await page.waitForSelector(`.line--in-hand[data-line="${pointed}"]`);
  const asked = { strength: 'gentle', paceLeast: 4, paceMost: 9 };
  await fetch(`${on.house.url}/api/groups/tram-shed-evening/asked`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(asked),
  });
  await reload(page);
  await page.waitForSelector('.tide canvas');
  await textOf(page, '.tide-at', /gentle/);
  expect(await peak()).toBeGreaterThan(steady);
  await fetch(`${on.house.url}/api/groups/tram-shed-evening/asked`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ ...asked, strength: 'steady' }),
  });
});

test('fitted to an hour from door to door in three ways; one is taken, another kept as an edition beside it', async () => {
  const { page, faults } = await open('/sessions/evening-week-3');
  await askToFit(page, 60);
  await page.waitForFunction(() => document.querySelectorAll('[data-fit]').length === 3);
  expect(await graveFaults(page, '.ant-drawer')).toEqual([]);
  await page.$$eval('[data-fit="leave-out"] button', (all) => (all.at(-1) as HTMLElement).click());
  await textOf(page, '.ant-message', /Kept as an edition/);
  await page.$$eval('[data-fit="trim"] button', (all) => (all[0] as HTMLElement).click());
  await textOf(page, '.editions', /60 min/);
  await saved(page);
  const { session } = await stored(on.house.url, 'evening-week-3');
  expect(session.slotMinutes).toBe(60);
  const { safeMs } = forecastFor(session, computed(session), find);
  expect(Math.abs(safeMs / 1000 - 50 * 60)).toBeLessThanOrEqual(15);
  await click(page, '.editions a');
  await textOf(page, '.slot-verdict', /Fits|spare/);
  expect(faults).toEqual([]);
});

test('what cannot be fitted says what stands in the way', async () => {
  const { page } = await open('/sessions/evening-week-4');
  await askToFit(page, 10);
  expect(await textOf(page, '[data-fit="trim"]', /the nearest is/)).toContain('Talk and rests');
});

test('from an empty class to a printed card: a draft is proposed and taken, and its card has every line on two pages', async () => {
  const { page, faults } = await open('/sessions?new');
  await page.waitForSelector('.class-title');
  await press(page, 'Propose');
  await page.waitForSelector('.compose form');
  await page.$eval('.compose form button[type="submit"]', (one) => (one as HTMLElement).click());
  await page.waitForSelector('[data-proposal="draft"] button');
  await press(page, 'Take it');
  await page.waitForFunction(() => document.querySelectorAll('[data-line]').length > 10);
  await judged(page);
  await page.waitForFunction(() => document.querySelectorAll('.noticed-stop, .noticed-warn').length === 0);
  await saved(page);
  const id = new URL(page.url()).pathname.split('/').at(-1) ?? '';
  const { session } = await stored(on.house.url, id);

  const files = await collected(page);
  await press(page, 'Paper');
  await press(page, 'Card for the chair, A5');
  const [type, bytes] = await files(1);
  expect(type).toBe('application/pdf');
  const { numpages, text } = await parsePdf(bytes);
  expect(numpages).toBeLessThanOrEqual(2);
  const plain = text.replaceAll(/\s+/g, '');
  for (const item of session.sections.flatMap(({ items }) => items)) {
    const name = item.kind === 'movement' ? (find(item.movementId)?.names.english[0] ?? '') : '';
    expect(plain).toContain(name.replaceAll(/\s+/g, ''));
  }
  expect(plain).toContain('Painisastopsign');
  expect(faults).toEqual([]);
});

test('a call is said in own words, in every class and on its page, and then as it is written again', async () => {
  const { page, faults } = await open('/sessions/depot-twenty');
  const words = 'Float up like smoke';
  const say = async (call: string) => {
    await takeLine(page, 'main-0-lift-the-sky');
    await press(page, 'Say it my way');
    const field = await page.waitForSelector('[aria-label="Each time, call 1"]', { visible: true });
    expect(await graveFaults(page, '.ant-modal')).toEqual([]);
    await field?.focus();
    await withControl(page, 'a');
    await page.keyboard.press('Backspace');
    await page.keyboard.type(call);
    await press(page, 'Say it so in every class');
    await page.waitForFunction(() => document.querySelector('.wording') === null);
  };
  await takeLine(page, 'main-0-lift-the-sky');
  const written = await textOf(page, '.panel-strip li');
  await say(words);
  expect(await textOf(page, '.panel-strip li', new RegExp(words))).toBe(words);
  await go(page, `${on.house.url}/repertoire/lift-the-sky`);
  await textOf(page, '.movement-strip', new RegExp(words));
  await go(page, `${on.house.url}/sessions/depot-twenty`);
  await say('');
  await textOf(page, '.panel-strip li', new RegExp(written));
  expect(faults).toEqual([]);
});

test('a class is duplicated: the same lines, another class, without a day', async () => {
  const { page } = await open('/sessions');
  await page.waitForSelector('[aria-label="Duplicate Clouds and brush knee"]');
  await click(page, '[aria-label="Duplicate Clouds and brush knee"]');
  await page.waitForSelector('[data-line]');
  const id = new URL(page.url()).pathname.split('/').at(-1) ?? '';
  const [original, copy] = [await stored(on.house.url, 'evening-week-4'), await stored(on.house.url, id)];
  expect(copy.session).toEqual({
    ...original.session,
    id,
    title: 'Clouds and brush knee, again',
    date: null,
    course: null,
  });
});

test('two classes side by side: what both have, what differs, what only one has', async () => {
  const { page, faults } = await open('/sessions');
  for (const title of ['Clouds and waves, first time', 'Clouds and brush knee']) {
    await page.waitForSelector(`[aria-label="Choose ${title}"]`);
    await click(page, `[aria-label="Choose ${title}"]`);
  }
  await press(page, 'Compare the two');
  const table = await textOf(page, '.compare', /What differs/);
  expect(table).toMatch(/Part the Wild Horse's Mane.*added/);
  expect(await page.$$eval('.compare-same', (rows) => rows.length)).toBeGreaterThan(10);
  expect(faults).toEqual([]);
});

test('a form is typed in as far as it is known, in one step that one undo takes back', async () => {
  const { page } = await open('/sessions/depot-twenty');
  await page.waitForSelector('[data-line]');
  const count = () => page.$$eval('[data-line]', (all) => all.length);
  const before = await count();
  await page.focus('#add-to-2');
  await page.keyboard.type('lantern form 5');
  await textOf(page, '.add-offer', /the form as far as posture 5 of \d+/);
  await page.keyboard.press('Enter');
  await page.waitForFunction(
    (least: number) => document.querySelectorAll('[data-line]').length >= least + 3,
    {},
    before,
  );
  expect(await count()).toBeLessThanOrEqual(before + 5);
  await page.keyboard.press('Escape');
  await click(page, '[aria-label="Undo"]');
  await page.waitForFunction((least: number) => document.querySelectorAll('[data-line]').length === least, {}, before);
});

test('the full plan with its Chinese names, the calls, the order and the class itself, as files', async () => {
  const { page, faults } = await open('/sessions/morning-eight-pieces');
  const { session } = await stored(on.house.url, 'morning-eight-pieces');
  const files = await collected(page);
  const take = async (what: string, nth: number) => {
    await press(page, 'Paper');
    await press(page, what);
    return files(nth);
  };
  const [, plan] = await take('Full plan, for a folder', 1);
  const { text, info } = await parsePdf(plan);
  expect(info.Title).toBe(session.title);
  for (const letter of '托天') expect(text).toContain(letter);
  expect(text).toMatch(/left \(you: right\)/);
  const [, vtt] = await take('Calls and words, as WebVTT', 2);
  expect(vtt.toString()).toMatch(/^WEBVTT\n/);
  const [, markdown] = await take('The order, as Markdown', 3);
  expect(markdown.toString()).toContain(`# ${session.title}`);
  await press(page, 'Paper');
  await press(page, 'Say what stands there in the room …');
  await page.waitForSelector('#left');
  await page.type('#left', 'the windows');
  await page.type('#right', 'the big door');
  await press(page, 'Say it so');
  await page.waitForFunction(() => !document.querySelector('#left'));
  const [, placed] = await take('The order, as Markdown', 4);
  expect(placed.toString()).toContain('towards the windows (you: right)');
  const [, json] = await take('The class with its movements, as JSON', 5);
  expect(readClass(json.toString(), find, 'again')).toMatchObject({ ok: true, brings: [], renamed: [] });
  expect(faults).toEqual([]);

  const other = await openPage(on.browser, { elsewhere: true });
  await go(other.page, `${on.house.url}/sessions`);
  await bringFile(other.page, 'class.json', json.toString());
  expect(await textOf(other.page, '.ant-modal', /minutes/)).toContain('All its movements are here already');
  await press(other.page, 'Add this class');
  await other.page.waitForSelector('[data-line]');
  expect(await other.page.$$eval('[data-line]', (all) => all.length)).toBe(
    session.sections.reduce((sum, { items }) => sum + items.length, 0),
  );
  await go(other.page, `${on.house.url}/sessions`);
  await bringFile(other.page, 'broken.json', json.toString().replace('"rounds": 2', '"rounds": 222'));
  expect(await textOf(other.page, '.ant-modal', /rounds/)).toContain('Nothing was changed');
});

/** Puts a file into the field that opens classes. */
async function bringFile(page: Page, name: string, content: string): Promise<void> {
  await page.waitForSelector(testId('class-file'));
  await page.$eval(
    testId('class-file'),
    (input, [file, text]) => {
      const carried = new DataTransfer();
      carried.items.add(new File([text ?? ''], file ?? ''));
      (input as HTMLInputElement).files = carried.files;
      input.dispatchEvent(new Event('change', { bubbles: true }));
    },
    [name, content],
  );
}
