import dayjs from 'dayjs';
import { ClassLog } from '../core/record/classLog';
import { passedSince } from '../core/testing/passedSince';
import { graveFaults } from './browser/graveFaults';
import { stage } from './browser/stage';
import { find, press, stored } from './desk';
import { click, go, openPage, reload, textOf } from './house';

/** What is written down after a class, what comes of it, and how long things really take. */

const on = stage();
const JSON_HEADERS = { 'content-type': 'application/json' };

const ask = (path: string, method: string, body: unknown) =>
  fetch(`${on.house.url}/api/${path}`, { method, headers: JSON_HEADERS, body: JSON.stringify(body) });
const logOf = async (id: string) => ClassLog.parse(await (await fetch(`${on.house.url}/api/logs/${id}`)).json());

test('talks that ran on are told, taken over into the minutes of the classes to come, and taken back', async () => {
  const log = await logOf('evening-week-2-taught');
  // Every talk of a class was ended by hand, at half as long again.
  const items = log.items.map((item) => ({
    ...item,
    parts: [{ kind: 'talk', plannedMs: 60_000, actualMs: 90_000, by: 'person' }],
  }));
  const [startedAt, endedAt] = [log.startedAt, log.endedAt].map((at) => dayjs(at).add(1, 'day').toISOString());
  const ranOn = { ...log, id: 'ran-on', startedAt, endedAt, items };
  expect((await ask('logs', 'POST', { log: ranOn })).status).toBe(201);
  const { page, faults } = await openPage(on.browser);
  await go(page, `${on.house.url}/logbook`);
  const told = await textOf(page, '.learnt', /Talk takes 1\.\d\d times as long as reckoned/);
  const times = /takes (1\.\d\d)/.exec(told)?.[1] ?? '';
  expect(await graveFaults(page)).toEqual([]);
  await press(page, 'Reckon so from now on');
  await textOf(page, '.ant-message', /\d+ to come have other minutes/);
  await textOf(page, '.learnt', new RegExp(`Its classes are reckoned with ${times}`));
  expect((await stored(on.house.url, 'evening-week-4')).session.takes).toEqual({ talk: Number(times) });
  // Its why says so.
  await go(page, `${on.house.url}/sessions/evening-week-4`);
  await page.waitForSelector('.line--talk');
  await click(page, '.line--talk .line-minutes');
  await textOf(page, '.why', new RegExp(`${times} times as long as usual, as measured`));
  await go(page, `${on.house.url}/logbook`);
  await press(page, 'As usual again');
  await textOf(page, '.ant-message', /Reckoned as usual again/);
  await page.waitForFunction(() => !/are reckoned with/.test(document.querySelector('.learnt')?.textContent ?? ''));
  expect((await stored(on.house.url, 'evening-week-4')).session.takes).toEqual({});
  expect(faults).toEqual([]);
});

test('what the last class left open waits at the next one: put in and taken back, let go and gone', async () => {
  const { session, revision } = await stored(on.house.url, 'evening-week-4');
  const sections = session.sections.map((section) => ({
    ...section,
    items: section.items.filter((item) => item.kind !== 'movement' || item.movementId !== 'shaking'),
  }));
  await ask(`sessions/${session.id}`, 'PUT', { session: { ...session, sections }, revision });
  const { page, faults } = await openPage(on.browser);
  await go(page, on.house.url);
  await textOf(page, '.today-last', /Shaking was left out/);
  expect(await graveFaults(page)).toEqual([]);
  await press(page, 'Put it in');
  await textOf(page, '.ant-message', /Shaking: put it in/);
  const shakes = async () =>
    (await stored(on.house.url, session.id)).session.sections
      .flatMap(({ items }) => items)
      .filter((item) => item.kind === 'movement' && item.movementId === 'shaking').length;
  expect(await shakes()).toBe(1);
  await press(page, 'Undo');
  await page.waitForFunction(() => document.querySelector('.ant-message-notice') === null);
  expect(await shakes()).toBe(0);
  // Taken back it is open again, until it is let go.
  await reload(page);
  await textOf(page, '.today-last', /Shaking was left out.*Put it in/);
  await press(page, 'Let it go');
  await page.waitForFunction(() => !/Shaking/.test(document.querySelector('.today-last')?.textContent ?? 'Shaking'));
  await reload(page);
  await textOf(page, '.today-last', /Two late from work/);
  expect(await page.$eval('.today-last', ({ textContent }) => textContent)).not.toMatch(/Shaking/);
  expect(faults).toEqual([]);
});

test('what was changed for one group is offered to another that has the same piece: taken over, taken back, left', async () => {
  const { session } = await stored(on.house.url, 'morning-eight-pieces');
  for (const [daysAgo, count] of [
    [8, 9],
    [1, 12],
  ] as const) {
    const made = passedSince(session, find, daysAgo, { 'open-the-chest': { count } });
    await ask('sessions', 'POST', { session: made.session });
    expect((await ask('logs', 'POST', { log: made.log })).status).toBe(201);
  }
  const { page, faults } = await openPage(on.browser);
  await go(page, on.house.url);
  const note = '[aria-label="Changed for another group"]';
  await textOf(page, note, /Open the Chest: 12 instead of 8, as with Tram Shed morning.*yesterday/);
  expect(await graveFaults(page)).toEqual([]);
  const chest = async () =>
    (await stored(on.house.url, 'evening-week-4')).session.sections
      .flatMap(({ items }) => items)
      .flatMap((item) => (item.kind === 'movement' && item.movementId === 'open-the-chest' ? [item.count] : []));
  const noteGone = () => page.waitForFunction((at: string) => document.querySelector(at) === null, {}, note);
  await press(page, 'Take it over');
  await textOf(page, '.ant-message', /Open the Chest: 12 instead of 8/);
  await noteGone();
  expect(await chest()).toEqual([12]);
  await press(page, 'Undo');
  await textOf(page, note, /Open the Chest/);
  expect(await chest()).toEqual([8]);
  await press(page, 'Leave it');
  await noteGone();
  expect(faults).toEqual([]);
});

test('a class taught without the tablet is written down in a minute: as planned but what was left out', async () => {
  const { session, revision } = await stored(on.house.url, 'evening-week-4');
  const yesterday = dayjs().subtract(1, 'day').format('YYYY-MM-DD');
  await ask(`sessions/${session.id}`, 'PUT', { session: { ...session, date: yesterday, course: null }, revision });
  const { page, faults } = await openPage(on.browser);
  await go(page, on.house.url);
  await textOf(page, '[aria-label="Not written down"]', /Clouds and brush knee/);
  // Counted: the class, a line, how many came, and the one press that writes it.
  await click(page, '[aria-label="Not written down"] a');
  await page.waitForSelector('.written-after');
  expect(await graveFaults(page)).toEqual([]);
  await page.evaluate(() => {
    const boxes = [...document.querySelectorAll<HTMLElement>('.written-after label')];
    boxes.find(({ textContent }) => textContent === 'Hip Circles')?.click();
  });
  await page.type('#after-came', '11');
  await press(page, 'Write it down');
  await page.waitForSelector('.log-lines');
  await textOf(page, '.log-line--left-out', /Hip Circles/);
  const log = await logOf(new URL(page.url()).pathname.split('/').at(-1) ?? '');
  expect(log.attendance).toBe(11);
  expect(log.items.filter(({ outcome }) => outcome !== 'done').map(({ title }) => title)).toEqual(['Hip Circles']);
  await textOf(page, '.log-lines', /assumed/);
  expect(faults).toEqual([]);
});

test('over time: four pictures with their tables, what was practised and not for long, and a side followed through the notes', async () => {
  const { page, faults } = await openPage(on.browser);
  await go(page, `${on.house.url}/logbook`);
  await press(page, 'Over time');
  await page.waitForSelector('.over-time canvas');
  expect(await page.$$eval('.over-time canvas', (all) => all.length)).toBe(4);
  await page.$$eval('.over-time-table summary', (all) => {
    for (const one of all) (one as HTMLElement).click();
  });
  const { items } = await logOf('evening-week-1-taught');
  const minutes = Math.round(items.reduce((sum, { actualMs }) => sum + actualMs, 0) / 6000) / 10;
  await textOf(page, '.over-time-table', new RegExp(String(minutes).replace('.', '\\.')));
  await textOf(page, '.over-time', /Movement.*Classes.*Weeks ago/);
  await page.type('[aria-label="Notes with these words"]', 'left');
  await page.waitForFunction(() => document.querySelectorAll('.over-time-noted li').length === 1);
  await textOf(page, '.over-time-noted', /One knee grumbled in the bow, left/);
  expect(await graveFaults(page)).toEqual([]);
  expect(faults).toEqual([]);
});

test('what was felt is written in a record row by row, and followed side by side over the weeks', async () => {
  const { page, faults } = await openPage(on.browser);
  await go(page, `${on.house.url}/logbook/evening-week-3-taught`);
  const choose = async (label: string, option: string) => {
    await click(page, `[aria-label="${label}"]`);
    await page.waitForFunction(
      (wanted: string) =>
        [...document.querySelectorAll('.ant-select-item-option')].some(({ textContent }) => textContent === wanted),
      {},
      option,
    );
    await page.evaluate((wanted: string) => {
      const all = [...document.querySelectorAll<HTMLElement>('.ant-select-item-option')];
      all.find(({ textContent }) => textContent === wanted)?.click();
    }, option);
  };
  await textOf(page, '.felt', /Something was felt/);
  await press(page, 'Something was felt');
  await choose('Which side 1', 'left');
  await choose('Where 1', 'hips');
  await choose('Whose 1', 'Ada');
  await press(page, 'Write down what was felt');
  await page.waitForFunction(
    () => !/Write down what was felt/.test(document.querySelector('.felt')?.textContent ?? ''),
  );
  expect(await graveFaults(page)).toEqual([]);
  await go(page, `${on.house.url}/logbook`);
  await press(page, 'Over time');
  await page.waitForSelector('[aria-label="How often it was felt, class by class and side by side"]');
  await page.$$eval('.over-time-table summary', (all) => (all.at(-1) as HTMLElement).click());
  await textOf(page, '.over-time', /tight, left hips/);
  expect(faults).toEqual([]);
});

test('own practice is tallied: tapped, taken back, kept over a reload, let go and brought back', async () => {
  const { page, faults } = await openPage(on.browser);
  await go(page, `${on.house.url}/logbook`);
  await page.waitForSelector('.own-practice');
  await page.type('[aria-label="What I practise"]', 'Arm swings');
  await press(page, 'Keep a tally');
  await page.waitForSelector('.tally-tap');
  await press(page, 'by 36');
  await click(page, '.tally-tap');
  await click(page, '.tally-tap');
  await textOf(page, '.tally-tap', /^72of 300 today/);
  await press(page, 'Take back');
  await textOf(page, '.tally-tap', /^36of 300 today/);
  expect(await graveFaults(page)).toEqual([]);
  await reload(page);
  await textOf(page, '.tally-tap', /^36of 300 today/);
  await press(page, 'Keep it no longer');
  await page.waitForFunction(() => document.querySelector('.tally-tap') === null);
  await press(page, 'Undo');
  await textOf(page, '.tally-tap', /^36of 300 today/);
  expect(faults).toEqual([]);
});
