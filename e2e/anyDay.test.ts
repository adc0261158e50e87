import dayjs from 'dayjs';
import { ClassLog } from '../core/record/classLog';
import { sampled } from '../core/testing/sweep';
import { shiftDate } from '../scripts/testing/shiftDate';
import { stage } from './browser/stage';
import { click, textOf, visit } from './house';
import { openHouse } from './runningHouse';
import { begin, openWithClock } from './teachingClock';

/** Days that are unlike others: all other journeys take place on the same Tuesday. */

const on = stage();

const Usual = Date;
afterEach(() => {
  globalThis.Date = Usual;
});
const travelTo = (moment: string): void => shiftDate(Date.parse(moment) - Date.now());

const DAYS = [
  ['29 February', '2028-02-29T18:05'],
  ['Christmas week', '2026-12-24T10:15'],
  ['the last evening of the year', '2026-12-31T23:50'],
  ['the night the clocks go forward', '2027-03-28T00:50'],
  ['the night the clocks go back', '2027-10-31T01:45'],
  ['five to midnight in summer', '2027-06-15T23:55'],
] as const;

/** The house is started and the page opened within so many seconds, also on a busy machine: the clock goes on meanwhile. */
const TO_GET_READY = 240;

/** How many of them are gone through in every run. */
const SAMPLED_DAYS = 3;

test.each(sampled(DAYS, SAMPLED_DAYS))(
  '%s: today is today, a class is taught and recorded on its day, and the weeks ahead keep their hour',
  async (_name, moment) => {
    travelTo(moment);
    const house = await openHouse({ isFresh: true });
    try {
      const { page, forward, faults } = await openWithClock({ house, browser: on.browser }, '/', { isStill: true });
      await textOf(page, '.today-when', /^today, 19:00 to/);
      const calendar = await (await fetch(`${house.url}/api/courses/evening-course/calendar`)).text();
      const starts = [...calendar.matchAll(/^DTSTART[^:]*TZID[^:]*:(\d{8})T(\d{6})/gm)];
      expect(starts.length).toBeGreaterThan(8);
      expect(new Set(starts.map(([, , hour]) => hour))).toEqual(new Set(['190000']));
      const days = starts.map(([, day]) => dayjs(day));
      expect(new Set(days.map((day) => day.day()))).toEqual(new Set([dayjs(moment).day()]));

      await visit(page, '/teach/depot-twenty', '.teach-begin');
      await begin(page);
      for (let minute = 0; minute < 25 && (await page.$('main.teach[data-segment]')) !== null; minute += 1)
        await forward(60_000);
      await textOf(page, '.teach-threshold', /The class is done/);
      await click(page, '.teach-begin');
      await page.waitForSelector('.log-lines');
      const id = new URL(page.url()).pathname.split('/').at(-1) ?? '';
      const log = ClassLog.parse(await (await fetch(`${house.url}/api/logs/${id}`)).json());
      const late = dayjs(log.startedAt).diff(moment, 'second');
      expect(late).toBeGreaterThanOrEqual(0);
      expect(late).toBeLessThan(TO_GET_READY);
      // Twenty minutes of teaching are twenty minutes, whatever the clock on the wall makes of them.
      const took = Date.parse(log.endedAt) - Date.parse(log.startedAt);
      const taught = log.items.reduce((sum, { actualMs }) => sum + actualMs, 0);
      expect(Math.abs(took - taught)).toBeLessThan(1000);
      expect(took / 60_000).toBeGreaterThan(15);
      expect(took / 60_000).toBeLessThan(25);
      // Over midnight it was yesterday's class.
      const day = dayjs(log.endedAt).isSame(log.startedAt, 'day') ? 'today' : 'yesterday';
      const [from, to] = [log.startedAt, log.endedAt].map((one) => dayjs(one).format('HH:mm'));
      await textOf(page, '.log', new RegExp(`${day}, ${from} to ${to}`, 'i'));
      expect(faults).toEqual([]);
    } finally {
      await house.close();
    }
  },
);

test('Today is left open over midnight: what was today’s is asked after, and the next class comes forward', async () => {
  travelTo('2026-12-01T23:58');
  const { page, forward, faults } = await openWithClock(on, '/', { isStill: true });
  await textOf(page, '.today-when', /^today/);
  const title = await textOf(page, '.today-next h2');
  await forward(5 * 60_000);
  // The page is looked at again.
  await page.evaluate(() => document.dispatchEvent(new Event('visibilitychange')));
  await textOf(page, '[aria-label="Not written down"]', new RegExp(`yesterday.*${title}`));
  await textOf(page, '.today-when', /^(today|tomorrow|\w+day \d)/);
  expect(await textOf(page, '.today-next h2')).not.toBe(title);
  expect(faults).toEqual([]);
});
