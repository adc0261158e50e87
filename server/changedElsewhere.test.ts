import { Group } from '../core/group/group';
import { Person } from '../core/group/person';
import { Hall } from '../core/hall/hall';
import { contentTag } from '../core/words/contentTag';
import { openTestHouse, type TestHouse } from '../demo/testHouse';

/** Two windows change the same group, person or hall: the second is told, and nothing of the first is lost. */

let house: TestHouse;
beforeAll(() => {
  house = openTestHouse();
});
afterAll(() => house.close());

const person = Person.parse({
  id: 'person-zy',
  groupId: 'depot-yard',
  called: 'Zyla',
  since: '2026-09-01',
  until: null,
  needs: [],
  formSeen: null,
});
const hall = Hall.parse({
  id: 'goods-office',
  name: 'Goods office',
  length: 9,
  breadth: 6,
  front: 'short',
  chairs: 5,
  wall: 3,
});
const groups = async () => Group.array().parse(await (await house.ask('GET', '/api/groups')).json());

const KINDS = [
  ['a group', 'groups', async () => (await groups())[0] as Group, { about: 'first' }, { about: 'second' }],
  ['a person', 'people', async () => person, { called: 'Zyla B' }, { called: 'Zyla C' }],
  ['a hall', 'halls', async () => hall, { chairs: 6 }, { chairs: 7 }],
] as const;

test.each(KINDS)(
  '%s: what was made from an older version is refused with what is there',
  async (_, path, find, first, second) => {
    const opened = await find();
    const put = (change: object, headers: Record<string, string>) =>
      house.ask('PUT', `/api/${path}/${opened.id}`, { ...opened, ...change }, headers);
    if (path !== 'groups') expect((await put({}, { 'if-none-match': '*' })).status).toBe(200);
    const made = { 'if-match': contentTag(opened) };
    expect((await put(first, made)).status).toBe(200);
    const before = house.contents();
    const late = await put(second, made);
    expect(late.status).toBe(409);
    const { stored, title } = (await late.json()) as { stored: object; title: string };
    expect(stored).toMatchObject(first);
    expect(title).toMatch(/changed elsewhere/);
    expect(house.contents()).toBe(before);
    // Told of it, it may be saved over what is there.
    expect((await put(second, { 'if-match': contentTag(stored) })).status).toBe(200);
  },
);

test('what is new is not written over what has its id', async () => {
  expect((await house.ask('PUT', '/api/halls/goods-office', hall, { 'if-none-match': '*' })).status).toBe(409);
});

test('what was deleted elsewhere is not quietly made again', async () => {
  await house.ask('DELETE', '/api/people/person-zy');
  const late = await house.ask('PUT', '/api/people/person-zy', person, { 'if-match': contentTag(person) });
  expect(late.status).toBe(409);
  expect(await late.json()).toMatchObject({ stored: null, title: 'This person was deleted elsewhere.' });
});
