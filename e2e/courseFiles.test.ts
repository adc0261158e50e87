import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import parsePdf from 'pdf-parse/lib/pdf-parse.js';
import type { ElementHandle, Page } from 'puppeteer-core';
import { graveFaults } from './browser/graveFaults';
import { stage } from './browser/stage';
import { courseIn } from './courseDesk';
import { collected, press } from './desk';
import { click, go, openPage, textOf } from './house';

/** What of a course goes out as files, and comes in from them. */

const on = stage();
const courseOf = (id: string) => courseIn(on.house.url, id);
const open = async (path: string): Promise<{ page: Page; faults: string[] }> => {
  const opened = await openPage(on.browser);
  await go(opened.page, on.house.url + path);
  return opened;
};
/** Gives a file to a field; the field is another one after each file. */
const give = async (page: Page, field: string, path: string) => {
  const input = await page.waitForSelector(field);
  await (input as ElementHandle<HTMLInputElement>).uploadFile(path);
};

test('a course goes out as files, and a class drawn up and taken away is drawn up again', async () => {
  const { page, faults } = await open('/courses/evening-course');
  await press(page, 'Files');
  await textOf(page, '.ant-dropdown', /Calendar.*Table of the weave.*a line a week/);
  const address = await page.$eval('.ant-dropdown a[download]', (link) => (link as HTMLAnchorElement).href);
  expect(await (await fetch(address)).text()).toContain('BEGIN:VCALENDAR');
  for (const time of [1, 2]) {
    await go(page, `${on.house.url}/courses/evening-course`);
    await click(page, '.weave thead th:nth-child(7) .weave-class');
    await press(page, 'Draw up this class');
    await page.waitForSelector('[data-line]');
    const id = new URL(page.url()).pathname.split('/').at(-1) ?? '';
    if (time === 1) await fetch(`${on.house.url}/api/sessions/${id}`, { method: 'DELETE' });
  }
  expect(faults).toEqual([]);
});

test('closures are read from a calendar file: the course makes room, and a file that is none is refused', async () => {
  const { page, faults } = await open('/courses/evening-course');
  await page.waitForSelector('.weave-knot');
  const { course } = await courseOf('evening-course');
  const closed = course.plan['raise-and-sink']?.at(-2)?.classId.slice(0, 10).replaceAll('-', '') ?? '';
  const folder = mkdtempSync(join(tmpdir(), 'vesperum-closures-'));
  const file = (name: string, ...lines: string[]) => {
    writeFileSync(join(folder, name), [...lines, ''].join('\r\n'));
    return join(folder, name);
  };
  // The field is another one after each file.
  const give = async (path: string) => {
    const input = await page.waitForSelector('.course-acts input[type="file"]:not([data-used])');
    await input?.evaluate((one) => one.setAttribute('data-used', ''));
    await (input as ElementHandle<HTMLInputElement>).uploadFile(path);
  };
  await give(file('none.ics', 'once upon a time'));
  await textOf(page, '.ant-message', /not a calendar file/);
  await give(
    file(
      'closed.ics',
      'BEGIN:VCALENDAR',
      'VERSION:2.0',
      'BEGIN:VEVENT',
      'UID:1',
      'SUMMARY:Market day',
      `DTSTART;VALUE=DATE:${closed}`,
      'END:VEVENT',
      'END:VCALENDAR',
    ),
  );
  await page.waitForSelector('.long-list li');
  await press(page, 'Keep it');
  await page.waitForFunction(() => document.querySelector('.ant-modal-wrap')?.checkVisibility() !== true);
  await textOf(page, '.ant-message', /plan is kept/);
  const after = (await courseOf('evening-course')).course;
  expect(after.calendar.closures.map(({ why }) => why)).toContain('Market day');
  rmSync(folder, { recursive: true });
  expect(faults).toEqual([]);
});

test('the term on one page, the scheme of work, and the whole course, which comes back for another group', async () => {
  const { page, faults } = await open('/courses/evening-course');
  const { course } = await courseOf('evening-course');
  const files = await collected(page);
  const take = async (what: string, nth: number) => {
    await press(page, 'Files');
    await press(page, what);
    return files(nth);
  };
  const sheet = await parsePdf((await take('Term sheet (PDF)', 1))[1]);
  expect(sheet.numpages).toBe(1);
  for (const { title } of course.threads) expect(sheet.text.replaceAll(/\s+/g, ' ')).toContain(title);
  const scheme = await parsePdf((await take('Scheme of work (PDF)', 2))[1]);
  for (const head of ['Aim', 'Content', 'Adaptations']) expect(scheme.text).toContain(head);
  const [type, bytes] = await take('The whole course (JSON)', 3);
  expect(type).toBe('application/json');

  const folder = mkdtempSync(join(tmpdir(), 'vesperum-course-'));
  const path = join(folder, 'course.json');
  writeFileSync(path, bytes);
  await go(page, `${on.house.url}/courses`);
  await give(page, '.courses input[type="file"]', path);
  await textOf(page, '.ant-modal', /8 things are taught in it/);
  expect(await graveFaults(page, '.ant-modal')).toEqual([]);
  await press(page, 'Add it');
  await page.waitForSelector('.weave');
  const id = new URL(page.url()).pathname.split('/').at(-1) ?? '';
  const { course: brought } = await courseOf(id);
  expect(id).not.toBe('evening-course');
  expect(brought).toEqual({ ...course, id, groupId: brought.groupId });
  await go(page, `${on.house.url}/courses`);
  writeFileSync(path, JSON.stringify({ ...JSON.parse(bytes.toString()), version: 9 }));
  await give(page, '.courses input[type="file"]', path);
  await textOf(page, '.ant-modal', /This file cannot be read.*version/);
  rmSync(folder, { recursive: true });
  expect(faults).toEqual([]);
});

test('a syllabus is read from a table; what cannot be read is said by its line and loses nothing', async () => {
  const { page, faults } = await open('/courses/new');
  await click(page, '.new-course-ready .ant-radio-wrapper:last-child');
  const folder = mkdtempSync(join(tmpdir(), 'vesperum-table-'));
  const file = (name: string, text: string) => {
    writeFileSync(join(folder, name), text);
    return join(folder, name);
  };
  const field = '.typed-syllabus input[type="file"]';
  await give(page, field, file('good.csv', 'class,thread,what,steps\n1,Raise and Sink,new,\n2,Slow Walking,new,\n'));
  await page.waitForFunction(() =>
    /1: Raise and Sink\n2: Slow Walking/.test((document.querySelector('#course-typed') as HTMLTextAreaElement).value),
  );
  await textOf(page, '#course-typed-read', /Understood: Raise and Sink.*Slow Walking/);
  await give(page, field, file('bad.csv', 'class,thread\n1,Clouds\nsoon,Waves\n'));
  await textOf(page, '.typed-syllabus [role="alert"]', /Line 3 of the file, class/);
  expect(await page.$eval('#course-typed', (typed) => (typed as HTMLTextAreaElement).value)).toContain('Slow Walking');
  rmSync(folder, { recursive: true });
  expect(faults).toEqual([]);
});
