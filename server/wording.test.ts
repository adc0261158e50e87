import type { Library } from '../core/formats/api/api';
import { openTestHouse, type TestHouse } from '../demo/testHouse';

let house: TestHouse;
beforeEach(() => {
  house = openTestHouse();
});
afterEach(() => house.close());

const library = async (): Promise<Library> => (await house.ask('GET', '/api/library')).json() as Promise<Library>;
const callOf = async (id: string) => (await library()).movements.find((one) => one.id === id)?.parts.cycle[0]?.call;
const say = (movementId: string, calls: object[], id = movementId) =>
  house.ask('PUT', `/api/wording/${id}`, { movementId, calls });

test('a call said in own words is said so wherever the movement is, until it is said as written again', async () => {
  const { movements } = await library();
  const lift = movements.find(({ id }) => id === 'lift-the-sky');
  const was = lift?.parts.cycle[0]?.call ?? '';
  const own = { part: 'cycle', phase: 0, was, call: 'Up like morning' };
  expect((await say('lift-the-sky', [own])).status).toBe(200);
  expect(await callOf('lift-the-sky')).toBe('Up like morning');
  expect(await (await house.ask('GET', '/api/movements/lift-the-sky')).json()).toMatchObject({
    parts: { cycle: [{ call: 'Up like morning' }, ...Array(lift ? lift.parts.cycle.length - 1 : 0).fill({})] },
  });
  expect(await (await house.ask('GET', '/api/movements/file')).text()).toContain('Up like morning');
  expect(await (await say('lift-the-sky', [])).json()).toEqual([]);
  expect(await callOf('lift-the-sky')).toBe(was);
});

test('what is wrong is refused and changes nothing', async () => {
  const own = { part: 'cycle', phase: 0, was: 'x', call: 'y' };
  expect((await say('no-such-movement', [own])).status).toBe(404);
  expect((await say('lift-the-sky', [own], 'cloud-hands')).status).toBe(422);
  expect((await say('lift-the-sky', [own, own])).status).toBe(422);
  expect((await say('lift-the-sky', [{ ...own, call: '' }])).status).toBe(422);
  expect(await (await house.ask('GET', '/api/wording')).json()).toEqual([]);
});
