import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { GroupPeople, Mention } from '../core/formats/api/peopleApi';
import { openTestHouse, type TestHouse } from '../demo/testHouse';
import { backUpDay } from './store/keeping/dailyBackups';

/** Who comes to a group, who came to a class, and forgetting somebody. */

let house: TestHouse;
beforeEach(() => {
  house = openTestHouse();
});
afterEach(() => house.close());

const GROUP = 'tram-shed-evening';
const LOG = 'evening-week-2-taught';
const person = (id: string, called: string, more: object = {}) => ({
  id,
  groupId: GROUP,
  called,
  since: '2026-09-01',
  until: null,
  ...more,
});
const put = (one: ReturnType<typeof person>) => house.ask('PUT', `/api/people/${one.id}`, one);
const there = async () => GroupPeople.parse(await (await house.ask('GET', `/api/groups/${GROUP}/people`)).json());

test('somebody is added by what they are called, renamed, and listed by name with who came to what', async () => {
  const before = (await there()).people.length;
  expect((await put(person('person-zyx', 'Zyxa Quill'))).status).toBe(200);
  expect((await put(person('person-abc', 'Aabe Quill'))).status).toBe(200);
  expect((await put(person('person-zyx', 'Zyxa Quillan'))).status).toBe(200);
  const { people } = await there();
  expect(people).toHaveLength(before + 2);
  expect(people[0]?.called).toBe('Aabe Quill');
  expect(people.at(-1)?.called).toBe('Zyxa Quillan');
  expect((await house.ask('PUT', `/api/logs/${LOG}/people`, { people: ['person-zyx'] })).status).toBe(200);
  expect((await there()).came.find(({ logId }) => logId === LOG)?.people).toEqual(['person-zyx']);
});

test('whoever came without a name stays counted; more names than were counted raise the number', async () => {
  const countOf = async () => (await (await house.ask('GET', `/api/logs/${LOG}`)).json()).attendance as number;
  const noted = await countOf();
  await put(person('person-one', 'Onefold Marrow'));
  await house.ask('PUT', `/api/logs/${LOG}/people`, { people: ['person-one'] });
  expect(await countOf()).toBe(noted);
  const many = Array.from({ length: noted + 3 }, (_, i) => person(`person-many-${i}`, `Many ${i}`));
  for (const one of many) await put(one);
  await house.ask('PUT', `/api/logs/${LOG}/people`, { people: many.map(({ id }) => id) });
  expect(await countOf()).toBe(noted + 3);
});

test('what is wrong is named, and changes nothing', async () => {
  const before = house.contents();
  expect((await put(person('person-one', '   '))).status).toBe(422);
  expect((await put(person('person-one', 'One', { groupId: 'nobody' }))).status).toBe(422);
  const unknown = await house.ask('PUT', `/api/logs/${LOG}/people`, { people: ['nobody-here'] });
  expect(unknown.status).toBe(422);
  expect((await unknown.json()).errors).toEqual([
    { path: ['people', 0], message: expect.stringContaining('nobody-here') },
  ]);
  expect((await house.ask('PUT', '/api/logs/no-such-log/people', { people: [] })).status).toBe(404);
  expect((await house.ask('DELETE', '/api/people/nobody-here')).status).toBe(404);
  expect(house.contents()).toBe(before);
});

test('a person who is forgotten leaves no byte of their name, and what still holds it in words is named', async () => {
  const name = 'Xanthippulla';
  await put(person('person-x', name));
  await house.ask('PUT', `/api/logs/${LOG}/people`, { people: ['person-x'] });
  await backUpDay(house.database, house.folder, '2026-12-01');
  const log = await (await house.ask('GET', `/api/logs/${LOG}`)).json();
  await house.ask('PUT', `/api/logs/${LOG}`, { attendance: log.attendance, notes: `${name} felt the left knee.` });
  const mentions = Mention.array().parse(await (await house.ask('DELETE', '/api/people/person-x')).json());
  expect(mentions).toEqual([
    { where: 'record', name: log.plan.title },
    { where: 'backup', name: '2026-12-01.sqlite' },
  ]);
  // With the note rewritten and the backup deleted, as is offered, nothing is left.
  await house.ask('PUT', `/api/logs/${LOG}`, { attendance: log.attendance, notes: '' });
  expect((await house.ask('DELETE', '/api/backups/2026-12-01.sqlite')).status).toBe(204);
  house.database.pragma('wal_checkpoint(TRUNCATE)');
  for (const end of ['', '-wal']) {
    const bytes = readFileSync(join(house.folder, `vesperum.sqlite${end}`)).toString('latin1');
    expect(bytes.includes(name)).toBe(false);
  }
  expect((await there()).came.find(({ logId }) => logId === LOG)?.people).not.toContain('person-x');
});

test('a name is found wherever words are kept, however its letters are written', async () => {
  // One letter with its mark, and the letter and the mark by themselves, look the same.
  const [composed, apart] = ['Zo\u00eb', 'Zoe\u0308'];
  await put(person('person-zoe', composed));
  const aside = { code: 'cool-down-short', movement: '', reason: `${apart} stays on for tea` };
  const lines = { items: [{ kind: 'talk', id: 'a-talk', seconds: 30, note: `Ask ${apart}` }], blocks: [] };
  const movement = await (await house.ask('GET', '/api/movements/cloud-hands')).json();
  const about = `Clouds, as ${composed} likes them.`;
  const calls = [{ part: 'cycle', phase: 0, was: movement.parts.cycle[0].call, call: `Like ${composed}` }];
  const changes: [path: string, body: unknown][] = [
    ['/api/asides', aside],
    ['/api/passages/kept-one', { id: 'kept-one', name: 'Kept', role: 'main', version: 1, lines }],
    ['/api/wording/cloud-hands', { movementId: 'cloud-hands', calls }],
    ['/api/movements/cloud-hands', { basedOn: 'cloud-hands', movement: { ...movement, about } }],
  ];
  for (const [path, body] of changes) expect(`${path} ${(await house.ask('PUT', path, body)).ok}`).toBe(`${path} true`);
  const mentions = Mention.array().parse(await (await house.ask('DELETE', '/api/people/person-zoe')).json());
  expect(mentions.map(({ where }) => where).toSorted()).toEqual([
    'movement',
    'own words',
    'point left as it is',
    'saved lines',
  ]);
  // Another word that begins so is another name.
  await put(person('person-zo', 'Zo'));
  expect(await (await house.ask('DELETE', '/api/people/person-zo')).json()).toEqual([]);
});

test('somebody who cannot be read can be forgotten all the same, and is told of no more', async () => {
  await put(person('person-odd', 'Oddfellow Quern'));
  await put(person('person-even', 'Evenlode Quern'));
  house.database
    .prepare("UPDATE people SET document = json_set(document, '$.since', 'never') WHERE id = 'person-odd'")
    .run();
  await house.ask('PUT', '/api/logs/evening-week-2-taught', { attendance: 9, notes: 'Oddfellow Quern was late' });
  const unread = async () =>
    ((await (await house.ask('GET', '/api/unread')).json()) as { id: string }[]).map(({ id }) => id);
  expect(await unread()).toEqual(['person-odd']);
  const mentions = Mention.array().parse(await (await house.ask('DELETE', '/api/people/person-odd')).json());
  expect(mentions).toMatchObject([{ where: 'record' }]);
  expect(await unread()).toEqual([]);
  expect(house.contents()).not.toMatch(/never.*Oddfellow|Oddfellow.*never/);
  expect((await house.ask('DELETE', '/api/people/person-odd')).status).toBe(404);
});

test('no file that leaves holds a name', async () => {
  await put(person('person-x', 'Xanthippulla'));
  await house.ask('PUT', `/api/logs/${LOG}/people`, { people: ['person-x'] });
  for (const path of [
    '/api/sessions',
    '/api/sessions/evening-week-2',
    '/api/courses',
    '/api/courses/evening-course/calendar',
    '/api/logs',
    `/api/logs/${LOG}`,
  ]) {
    const answer = await house.ask('GET', path);
    expect(answer.status).toBe(200);
    expect(await answer.text()).not.toContain('Xanthippulla');
  }
});
