import { Problem, StoredSession } from '../core/formats/api/api';
import { writeClass } from '../core/formats/classJson';
import type { Group } from '../core/group/group';
import { USUAL_SCHOOLS } from '../core/movement/adapt/schools';
import { openTestHouse, repertoire, type TestHouse } from '../demo/testHouse';

let house: TestHouse;
beforeEach(() => {
  house = openTestHouse();
});
afterEach(() => house.close());

const tonight = async () => StoredSession.parse(await (await house.ask('GET', '/api/sessions/evening-week-4')).json());
const shipped = (id: string) => repertoire.find((movement) => movement.id === id);
const bring = (text: string, id = 'brought') => house.ask('POST', '/api/sessions/file', { text, id });

test('a class written to a file comes back as another class, with nothing else changed', async () => {
  const { session } = await tonight();
  const answer = await bring(writeClass(session, shipped));
  expect(answer.status).toBe(201);
  const stored = StoredSession.parse(await answer.json());
  expect(stored.session).toEqual({ ...session, id: 'brought', groupId: null, course: null });
  expect(await tonight()).toMatchObject({ session, revision: 1 });
});

test('a movement that differs comes along under another name, and the one that is here stays', async () => {
  const { session } = await tonight();
  const changed = (id: string) => {
    const movement = shipped(id);
    return movement && id === 'cloud-hands'
      ? { ...movement, about: 'Drawn much smaller in the other hall.' }
      : movement;
  };
  const answer = await bring(writeClass(session, changed));
  expect(answer.status).toBe(201);
  expect(await (await house.ask('GET', '/api/movements/cloud-hands-2')).json()).toMatchObject({
    about: 'Drawn much smaller in the other hall.',
  });
  expect(await (await house.ask('GET', '/api/movements/cloud-hands')).json()).toEqual(shipped('cloud-hands'));
});

test('a file that is wrong is refused with the place, and nothing is written', async () => {
  const before = house.contents();
  const { session } = await tonight();
  const answer = await bring(writeClass(session, shipped).replace('"rounds": 3', '"rounds": 300'));
  expect(answer.status).toBe(422);
  const { errors } = Problem.parse(await answer.json());
  expect(errors?.[0]?.path.slice(-1)).toEqual(['rounds']);
  expect((await bring('no class at all')).status).toBe(422);
  expect(house.contents()).toBe(before);
});

test('an id that is taken is refused, and its movements do not come either', async () => {
  const before = house.contents();
  const { session } = await tonight();
  const own = (id: string) => {
    const movement = shipped(id);
    return movement && { ...movement, about: 'Every one of them is a little different here.' };
  };
  expect((await bring(writeClass(session, own), 'evening-week-4')).status).toBe(409);
  expect(house.contents()).toBe(before);
});

test('what may be asked of a group is changed, and nonsense refused', async () => {
  const asked = { strength: 'gentle', paceLeast: 5, paceMost: 9 };
  const answer = await house.ask('PUT', '/api/groups/depot-yard/asked', asked);
  expect(await answer.json()).toMatchObject({ id: 'depot-yard', asked });
  const refuse = async (body: object, path = 'depot-yard') =>
    (await house.ask('PUT', `/api/groups/${path}/asked`, body)).status;
  expect(await refuse({ ...asked, paceMost: 4 })).toBe(422);
  expect(await refuse({ ...asked, strength: 'fierce' })).toBe(422);
  expect(await refuse(asked, 'nobody')).toBe(404);
});

test('how a group is taught where schools disagree is kept, what is not said is as usual, and nonsense is refused', async () => {
  const answer = await house.ask('PUT', '/api/groups/depot-yard/schools', { frontShare: 80, head: 'with-the-breath' });
  const schools = { ...USUAL_SCHOOLS, frontShare: 80, head: 'with-the-breath' };
  expect(await answer.json()).toMatchObject({ id: 'depot-yard', schools });
  const groups = (await (await house.ask('GET', '/api/groups')).json()) as Group[];
  expect(groups.map((group) => [group.id, group.schools.frontShare])).toEqual([
    ['depot-yard', 80],
    ['reading-room', 70],
    ['tram-shed-evening', 70],
    ['tram-shed-morning', 70],
  ]);
  const refuse = async (body: object, path = 'depot-yard') =>
    (await house.ask('PUT', `/api/groups/${path}/schools`, body)).status;
  expect(await refuse({ frontShare: 45 })).toBe(422);
  expect(await refuse({ toesRise: 'yes' })).toBe(422);
  expect(await refuse({}, 'nobody')).toBe(404);
});

test('a kind of finding is set aside for good, and speaks again', async () => {
  const rule = { code: 'overhead-long', movement: 'lift-the-sky', reason: 'They are used to it.' };
  expect(await (await house.ask('PUT', '/api/asides', rule)).json()).toEqual([rule]);
  const said = { ...rule, reason: 'Said better.' };
  expect(await (await house.ask('PUT', '/api/asides', said)).json()).toEqual([said]);
  expect((await house.ask('PUT', '/api/asides', { ...rule, reason: ' ' })).status).toBe(422);
  expect(await (await house.ask('DELETE', '/api/asides', { code: rule.code, movement: rule.movement })).json()).toEqual(
    [],
  );
  expect((await house.ask('DELETE', '/api/asides', { code: rule.code, movement: '' })).status).toBe(404);
});
