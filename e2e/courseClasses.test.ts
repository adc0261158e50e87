import type { Page } from 'puppeteer-core';
import { heldClasses } from '../core/course/calendar/courseClasses';
import type { StoredCourse } from '../core/formats/api/courseApi';
import { graveFaults } from './browser/graveFaults';
import { stage } from './browser/stage';
import { courseIn, courseKept, drawnIn, putJson } from './courseDesk';
import { press, stored } from './desk';
import { click, go, openPage, reload, textOf } from './house';

/** What becomes of the classes of a course: drawn up, again, all at once; taken, missed; and the groups they are for. */

const on = stage();

const courseOf = (id: string): Promise<StoredCourse> => courseIn(on.house.url, id);
const kept = (isSo: (stored: StoredCourse) => boolean): Promise<void> =>
  courseKept(on.house.url, 'evening-course', isSo);
const open = async (path: string): Promise<{ page: Page; faults: string[] }> => {
  const opened = await openPage(on.browser);
  await go(opened.page, on.house.url + path);
  return opened;
};
test('after a class, one press says how a thing was taken, and the course keeps it', async () => {
  const { page, faults } = await open('/logbook/evening-week-3-taught');
  await textOf(page, '.log-taken', /Raise and Sink/);
  expect(await graveFaults(page)).toEqual([]);
  const place = await page.$$eval('.log-taken li', (all) =>
    all.findIndex(({ textContent }) => /Raise and Sink/.test(textContent)),
  );
  await click(page, `.log-taken li:nth-child(${place + 1}) .ant-radio-button-wrapper:nth-child(3)`);
  await page.waitForSelector(`.log-taken li:nth-child(${place + 1}) .ant-radio-button-wrapper-checked`);
  // Two presses, one right after the other, are both kept.
  await page.evaluate(() => {
    for (const line of [1, 3]) {
      document
        .querySelector<HTMLElement>(`.log-taken li:nth-child(${line}) .ant-radio-button-wrapper:nth-child(1)`)
        ?.click();
    }
  });
  await page.waitForFunction(
    () => document.querySelectorAll('.log-taken .ant-radio-button-wrapper-checked').length === 3,
  );
  // Of the third class, beside what was seen in the two before.
  await kept(({ course: { seen, calendar } }) => {
    const third = heldClasses(calendar, '2100-01-01')[2]?.id;
    const marks = seen.filter(({ classId }) => classId === third);
    return marks.length === 3 && marks.some(({ thread, taken }) => thread === 'raise-and-sink' && taken === 'again');
  });
  await reload(page);
  await page.waitForSelector(`.log-taken li:nth-child(${place + 1}) .ant-radio-button-wrapper-checked`);
  expect(faults).toEqual([]);
});

test('a class changed by hand is drawn up again: what was changed stays, what the plan wants otherwise is seen first', async () => {
  const { page, faults } = await open('/courses/evening-course');
  await click(page, '.weave thead th:nth-child(9) .weave-class');
  await textOf(page, '.course-class', /Class 8/);
  await press(page, 'Draw up this class');
  await page.waitForSelector('[data-line]');
  const id = new URL(page.url()).pathname.split('/').at(-1) ?? '';
  await page.goto('about:blank');
  const { session, revision } = await stored(on.house.url, id);
  const lines = session.sections.find(({ kind }) => kind === 'main')?.items ?? [];
  const mine = lines.find(({ origin }) => origin?.role === 'review');
  const gone = lines.find(({ origin }) => origin && origin.thread !== mine?.origin?.thread)?.origin?.thread ?? '';
  const changed = structuredClone(session);
  for (const { items } of changed.sections) {
    for (const item of items) if (item.id === mine?.id) item.note = 'with the fan, by the window';
  }
  await putJson(`${on.house.url}/api/sessions/${id}`, { session: changed, revision });
  const before = await courseOf('evening-course');
  const plan = {
    ...before.course.plan,
    [gone]: (before.course.plan[gone] ?? []).filter(({ classId }) => classId !== session.course?.classId),
  };
  await putJson(`${on.house.url}/api/courses/evening-course`, {
    course: { ...before.course, plan },
    revision: before.revision,
  });

  await go(page, `${on.house.url}/courses/evening-course`);
  await click(page, '.weave thead th:nth-child(9) .weave-class');
  await press(page, 'Draw up again');
  await textOf(page, '.ant-modal .long-list', /no longer in it/);
  expect(await graveFaults(page, '.ant-modal')).toEqual([]);
  await press(page, 'Keep it');
  await textOf(page, '.ant-message', /as you left it/);
  const after = (await stored(on.house.url, id)).session;
  const all = after.sections.flatMap(({ items }) => items);
  expect(all.find((item) => item.id === mine?.id)?.note).toBe('with the fan, by the window');
  expect(all.some(({ origin }) => origin?.thread === gone)).toBe(false);
  expect(faults).toEqual([]);
});

test('the classes of a term are drawn up while one is elsewhere, and no further than one lets them', async () => {
  const { page, faults } = await open('/courses/depot-rota');
  await press(page, /^Draw up all \d/);
  await textOf(page, '.draw-term', /is being drawn up, 0 of \d done/);
  await click(page, 'nav a[href="/groups"]');
  await textOf(page, '.groups-list', /Depot/);
  await click(page, 'nav a[href="/courses"]');
  await click(page, 'a[href="/courses/depot-rota"]');
  await textOf(page, '.draw-term', /, [1-9] of \d done/);
  await press(page, 'Cancel');
  await textOf(page, '.draw-term', /drawn up, of \d/);
  const drawn = await drawnIn(on.house.url, 'depot-rota');
  expect(drawn.length).toBeGreaterThanOrEqual(1);
  expect(new Set(drawn.map(({ course }) => course?.classId)).size).toBe(drawn.length);
  expect(faults).toEqual([]);
});

test('somebody missed a class: what was new in it, and what they need before the next', async () => {
  const { page, faults } = await open('/courses/evening-course');
  await press(page, 'Catch up');
  await page.waitForSelector('#missed-classes');
  expect(await graveFaults(page, '.ant-modal')).toEqual([]);
  await page.focus('#missed-classes');
  await page.keyboard.press('ArrowDown');
  await page.waitForSelector('.ant-select-item-option');
  await page.keyboard.press('Enter');
  await textOf(page, '.catch-up', /Raise and Sink: Arms only, 4 min in class 1, shown again in class 2/);
  expect(faults).toEqual([]);
});

test('a group is made, changed, put away and brought back', async () => {
  const { page, faults } = await open('/groups');
  await press(page, 'Make a group');
  await page.waitForSelector('#group-name');
  await press(page, 'Save');
  await textOf(page, '#group-name-fault', /a group needs a name/);
  expect(await graveFaults(page)).toEqual([]);
  await page.type('#group-name', 'Weir Street walkers');
  await press(page, 'Save');
  await textOf(page, '.groups-list', /Weir Street walkers/);
  await click(page, '[aria-label="Change Weir Street walkers"]');
  await page.type('#group-place', 'The weir house');
  // Where the server is away nothing that was typed is lost.
  await on.house.stop();
  await press(page, 'Save');
  await textOf(page, '.ant-message', /could not be asked|does not answer/);
  expect(await page.$eval('#group-place', (field) => (field as HTMLInputElement).value)).toBe('The weir house');
  await on.house.start();
  await press(page, 'Save');
  await textOf(page, '.groups-list', /The weir house. Tuesdays at 19:00 for 60 min/);
  await click(page, '[aria-label="Put away Weir Street walkers"]');
  await textOf(page, '.groups-away', /Weir Street walkers/);
  await click(page, '[aria-label="Bring back Weir Street walkers"]');
  await page.waitForSelector('[aria-label="Change Weir Street walkers"]');
  // That the server was away is the only thing that was said.
  expect(faults.filter((fault) => !/ERR_CONNECTION_REFUSED|when fetching the script/.test(fault))).toEqual([]);
});
