import parsePdf from 'pdf-parse/lib/pdf-parse.js';
import { ClassLog } from '../core/record/classLog';
import { collected, press, stored } from './desk';
import { click, go, stage, testId, textOf } from './house';
import { begin, openWithClock } from './teachingClock';

/** One whole evening: from who is here to what the next class opens with. */

const on = stage();

test('an evening: who is here, a late start made up, a mark, ended in time, how it was taken, what was left, what was learnt, a slip', async () => {
  const { page, forward, faults } = await openWithClock(on, '/teach/evening-week-4');
  await begin(page);
  // Who is here, a touch each, while the welcome goes on.
  await page.keyboard.press('w');
  await page.waitForSelector('.teach-people');
  await press(page, 'Ada');
  await press(page, 'Bram');
  await press(page, 'Close');
  // The welcome takes six minutes and not two: late, and ended by hand.
  await page.keyboard.press('Space');
  await forward(4 * 60_000);
  await page.keyboard.press('Space');
  await forward(115_000);
  await page.keyboard.press('ArrowRight');
  for (let talk = 0; talk < 6; talk += 1) {
    await forward(40_000);
    await page.keyboard.press('ArrowRight');
  }
  await page.keyboard.press('x');
  await forward(12 * 60_000);
  await page.keyboard.press('s');
  const offer = await textOf(page, '.teach-offer', /Ends|It fits/);
  if (/Ends/.test(offer)) {
    await page.keyboard.press('s');
    await textOf(page, '.teach-offer', /Shortened/);
  }
  await page.waitForFunction(() => !/over/.test(document.querySelector('.teach-clock')?.textContent ?? 'over'));
  expect(await textOf(page, testId('gone'), /\d/)).toMatch(/^\d+:\d\d$/);
  await forward(70 * 60_000);
  await textOf(page, '.teach-threshold', /The class is done/);
  await click(page, '.teach-begin');
  await page.waitForSelector('.log-lines');
  const id = new URL(page.url()).pathname.split('/').at(-1) ?? '';
  const log = ClassLog.parse(await (await fetch(`${on.house.url}/api/logs/${id}`)).json());
  expect(log.notes).toMatch(/something here/);
  expect(log.attendance).toBe(2);
  // In time: the slot is sixty-five minutes between the doors.
  expect(log.items.reduce((sum, { actualMs }) => sum + actualMs, 0)).toBeLessThanOrEqual(65 * 60_000 + 1000);
  await textOf(page, '.log-lines', /seen.*assumed|partly.*assumed/);
  await page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('.log-taken label')]
      .find(({ textContent }) => textContent === 'Half of them')
      ?.click(),
  );
  await page.waitForSelector('.log-taken .ant-radio-button-wrapper-checked');

  // A class next week of the same group opens with what this one left.
  const { session } = await stored(on.house.url, 'evening-week-4');
  const left = log.items.find(({ outcome, section }) => outcome !== 'done' && section !== 'opening');
  const next = { ...session, id: 'next-evening', title: 'Next week', course: null, date: '2099-01-01' };
  await fetch(`${on.house.url}/api/sessions`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ session: next }),
  });
  for (const id_ of ['morning-eight-pieces', 'depot-twenty'])
    await fetch(`${on.house.url}/api/sessions/${id_}`, { method: 'DELETE' });
  await go(page, on.house.url);
  await textOf(page, '.today-next', /Next week/);
  await textOf(page, '.today-last', /something here/);
  if (left) await textOf(page, '.today-last', new RegExp(left.title.split(':')[0] ?? left.title));

  // What it was kept for: a slip for at home.
  await go(page, `${on.house.url}/groups/tram-shed-evening/people`);
  await press(page, /Practice between classes/);
  await page.waitForSelector('.slip-lines li');
  const nth = await collected(page);
  await press(page, 'Print, A5');
  const [, slip] = await nth(1);
  expect((await parsePdf(slip)).text).toMatch(/Practice between classes/);
  expect(faults).toEqual([]);
});
