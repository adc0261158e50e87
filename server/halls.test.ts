import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { GroupPeople } from '../core/formats/api/peopleApi';
import type { Group } from '../core/group/group';
import { Hall, NOTHING_LESS, withLess } from '../core/hall/hall';
import { openTestHouse, type TestHouse } from '../demo/testHouse';

/** Halls, and what must be minded for people: kept, refused where wrong, and in no file. */

let house: TestHouse;
beforeEach(() => {
  house = openTestHouse();
});
afterEach(() => house.close());

const hall = Hall.parse({
  id: 'goods-office',
  name: 'The goods office',
  length: 9,
  breadth: 6,
  front: 'short',
  chairs: 5,
  wall: 3,
});
const put = (one: unknown, id = hall.id) => house.ask('PUT', `/api/halls/${id}`, one);
const halls = async () => Hall.array().parse(await (await house.ask('GET', '/api/halls')).json());
const groupOf = async (id: string): Promise<Group> => {
  const groups: Group[] = await (await house.ask('GET', '/api/groups')).json();
  const group = groups.find((one) => one.id === id);
  if (!group) throw new Error(`${id} is in the demo`);
  return group;
};

test('a hall is written down, changed with tonight’s floor, and listed by name', async () => {
  expect((await put(hall)).status).toBe(200);
  const tonight = withLess(hall, '2026-11-27', { ...NOTHING_LESS, front: 2 });
  expect((await put(tonight)).status).toBe(200);
  const all = await halls();
  expect(all.map(({ name }) => name)).toEqual(all.map(({ name }) => name).toSorted((a, b) => a.localeCompare(b)));
  expect(all.find(({ id }) => id === hall.id)?.nights).toEqual(tonight.nights);
});

test.each([
  ['the breadth is the longer one', { ...hall, breadth: 12 }, ['breadth']],
  ['it has no name', { ...hall, name: ' ' }, ['name']],
  ['a length is no number', { ...hall, length: 'long' }, ['length']],
  ['a length is of no hall', { ...hall, length: 1e9 }, ['length']],
  ['the address names another', { ...hall, id: 'another-hall' }, ['id']],
])('where %s the field is named, and nothing is changed', async (_why, wrong, path) => {
  const before = house.contents();
  const answer = await put(wrong);
  expect(answer.status).toBe(422);
  const { errors } = await answer.json();
  expect(errors.map((error: { path: string[] }) => error.path)).toContainEqual(path);
  expect(house.contents()).toBe(before);
});

test('a group names a hall that is there; where the hall goes, the group stays and has none', async () => {
  await put(hall);
  const group = await groupOf('depot-yard');
  expect((await house.ask('PUT', '/api/groups/depot-yard', { ...group, hallId: 'nowhere-at-all' })).status).toBe(422);
  expect((await house.ask('PUT', '/api/groups/depot-yard', { ...group, hallId: hall.id })).status).toBe(200);
  expect((await house.ask('DELETE', `/api/halls/${hall.id}`)).status).toBe(204);
  expect((await groupOf('depot-yard')).hallId).toBeNull();
  expect((await house.ask('DELETE', `/api/halls/${hall.id}`)).status).toBe(404);
});

const need = {
  kind: 'no-twist',
  side: 'left',
  askedOn: '2026-11-20',
  agreedOn: '2026-11-20',
  askAgainBy: '2027-02-12',
};
const person = (needs: unknown[]) => ({
  id: 'person-zy',
  groupId: 'tram-shed-evening',
  called: 'Zyxa',
  since: '2026-09-01',
  until: null,
  needs,
});

test('what to mind is kept with its days; without the day it was agreed to it is refused, and so is the same twice', async () => {
  const { agreedOn, ...unasked } = need;
  expect(agreedOn).toBe('2026-11-20');
  const refused = await house.ask('PUT', '/api/people/person-zy', person([unasked]));
  expect(refused.status).toBe(422);
  expect((await refused.json()).errors[0].path).toEqual(['needs', 0, 'agreedOn']);
  expect((await house.ask('PUT', '/api/people/person-zy', person([need, need]))).status).toBe(422);
  expect((await house.ask('PUT', '/api/people/person-zy', person([need]))).status).toBe(200);
  const there = GroupPeople.parse(await (await house.ask('GET', '/api/groups/tram-shed-evening/people')).json());
  expect(there.people.find(({ id }) => id === 'person-zy')?.needs).toEqual([{ ...need, reason: '' }]);
});

test('a reason that somebody wanted written goes with them when they are forgotten, to the last byte', async () => {
  const reason = 'Quvixelbrond';
  await house.ask('PUT', '/api/people/person-zy', person([{ ...need, reason }]));
  await house.ask('DELETE', '/api/people/person-zy');
  house.database.pragma('wal_checkpoint(TRUNCATE)');
  for (const end of ['', '-wal']) {
    const bytes = readFileSync(join(house.folder, `vesperum.sqlite${end}`)).toString('latin1');
    expect(bytes.includes(reason)).toBe(false);
  }
});

test('no answer but that of the people holds what must be minded for anybody', async () => {
  const reason = 'Quvixelbrond';
  await house.ask('PUT', '/api/people/person-zy', person([{ ...need, reason }]));
  for (const path of [
    '/api/sessions',
    '/api/sessions/evening-week-4',
    '/api/groups',
    '/api/halls',
    '/api/courses',
    '/api/courses/evening-course/calendar',
    '/api/logs',
  ]) {
    const text = await (await house.ask('GET', path)).text();
    expect(text).not.toContain(reason);
    expect(text).not.toMatch(/"no-twist"|"askAgainBy"/);
  }
});
