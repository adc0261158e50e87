import { StoredCourse } from '../core/formats/api/courseApi';
import { GroupPeople } from '../core/formats/api/peopleApi';
import { RecordedOtherwise } from '../core/formats/api/taughtClass';
import { ClassLog } from '../core/record/classLog';
import { openTestHouse, type TestHouse } from '../demo/testHouse';

/** One class is recorded once, whichever device wrote it, with everything that is said of it at its end. */

let house: TestHouse;
beforeEach(() => {
  house = openTestHouse();
});
afterEach(() => house.close());

const MINUTE = 60_000;
const later = (at: string, minutes: number) => new Date(Date.parse(at) + minutes * MINUTE).toISOString();
/** Tonight's class as a tablet taught it; it has no record yet. */
async function tonight(id: string): Promise<ClassLog> {
  const log = ClassLog.parse(await (await house.ask('GET', '/api/logs/evening-week-3-taught')).json());
  const stored = (await (await house.ask('GET', '/api/sessions/evening-week-4')).json()) as { session: never };
  return { ...log, id, sessionId: 'evening-week-4', plan: stored.session, notes: '', attendance: null };
}
const record = (body: unknown) => house.ask('POST', '/api/logs', body);
const ids = async () => ((await (await house.ask('GET', '/api/logs')).json()) as { id: string }[]).map(({ id }) => id);

test('who came and how what was taught was taken are written with the class, all in one', async () => {
  const log = await tonight('tablet');
  const people = GroupPeople.parse(
    await (await house.ask('GET', '/api/groups/tram-shed-evening/people')).json(),
  ).people;
  const present = people.slice(0, 3).map(({ id }) => id);
  const taken = [{ thread: 'clouds-in-place', taken: 'half' }];
  expect((await record({ log, present, taken })).status).toBe(201);
  const after = GroupPeople.parse(await (await house.ask('GET', '/api/groups/tram-shed-evening/people')).json());
  expect(after.came.find(({ logId }) => logId === 'tablet')?.people).toEqual(present.toSorted());
  const { course } = StoredCourse.parse(await (await house.ask('GET', '/api/courses/evening-course')).json());
  expect(course.seen).toContainEqual({ classId: log.plan.course?.classId, ...taken[0] });
});

test('another device that stood in the same hall is told of the record there is, and writes none beside it', async () => {
  const log = await tonight('tablet');
  await record({ log });
  const phone = { ...log, id: 'phone', startedAt: later(log.startedAt, 2), endedAt: later(log.endedAt, 1) };
  const before = house.contents();
  const refused = await record({ log: phone });
  expect(refused.status).toBe(409);
  const { there } = RecordedOtherwise.parse(await refused.json());
  expect(there).toEqual({ id: 'tablet', startedAt: log.startedAt, endedAt: log.endedAt });
  expect(house.contents()).toBe(before);
});

test('the later record takes the place of the other when that is said, and what was said of that goes along', async () => {
  const log = await tonight('tablet');
  await record({ log });
  await house.ask('PUT', '/api/logs/tablet', { attendance: 9, notes: 'A cold hall' });
  const felt = [{ id: 'a', what: 'tight', region: 'hips', side: 'left', itemId: null, personId: null, words: '' }];
  await house.ask('PUT', '/api/logs/tablet/felt', felt);
  const phone = { ...log, id: 'phone', startedAt: later(log.startedAt, 2), notes: 'Knees' };
  expect((await record({ log: phone, insteadOf: 'something-else' })).status).toBe(409);
  expect((await record({ log: phone, insteadOf: 'tablet' })).status).toBe(201);
  expect(await ids()).not.toContain('tablet');
  const now = ClassLog.parse(await (await house.ask('GET', '/api/logs/phone')).json());
  expect(now).toMatchObject({ attendance: 9, notes: 'Knees\nA cold hall' });
  expect(await (await house.ask('GET', '/api/felt')).json()).toMatchObject([{ id: 'a', logId: 'phone' }]);
});

test('the same plan taught again on another evening is another class', async () => {
  const log = await tonight('tablet');
  await record({ log });
  const week = { ...log, id: 'again', startedAt: later(log.startedAt, 10_080), endedAt: later(log.endedAt, 10_080) };
  expect((await record({ log: week })).status).toBe(201);
});

test('that it was stopped is kept with the second and the line, and nothing else', async () => {
  const log = await tonight('tablet');
  const stops = [{ itemId: 'cloud-hands', atMs: 1_830_000 }];
  await record({ log: { ...log, stops } });
  expect(ClassLog.parse(await (await house.ask('GET', '/api/logs/tablet')).json()).stops).toEqual(stops);
});
