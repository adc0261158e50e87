import { OwnPractice } from '../core/practice/ownPractice';
import { EMPTY_TALLY } from '../core/practice/tally';
import { openTestHouse, type TestHouse } from '../demo/testHouse';

/** What the instructor practises by themselves is counted where it is kept. */

let house: TestHouse;
beforeEach(() => {
  house = openTestHouse();
});
afterEach(() => house.close());

const DAY = '2026-11-27';
const swings = { id: 'arm-swings', title: 'Arm swings', aim: { by: 'times', daily: 300 }, tally: EMPTY_TALLY };
const PATH = '/api/own-practice/arm-swings';
const all = async () => OwnPractice.array().parse(await (await house.ask('GET', '/api/own-practice')).json());
const act = (body: unknown) => house.ask('POST', `${PATH}/tally`, body);

test('two pages that count at once count together, and the last press can be taken back', async () => {
  await house.ask('PUT', PATH, swings);
  await act({ do: 'add', day: DAY, many: 36 });
  await act({ do: 'add', day: DAY, many: 9 });
  expect((await all())[0]?.tally.days).toEqual({ [DAY]: 45 });
  await act({ do: 'undo' });
  expect((await all())[0]?.tally.days).toEqual({ [DAY]: 36 });
});

test('another name or aim leaves the tally as it is kept, whatever the page had', async () => {
  await house.ask('PUT', PATH, swings);
  await act({ do: 'add', day: DAY, many: 9 });
  await house.ask('PUT', PATH, { ...swings, title: 'Swings', aim: { by: 'minutes', from: 1, to: 10 } });
  expect((await all())[0]).toMatchObject({ title: 'Swings', aim: { to: 10 }, tally: { days: { [DAY]: 9 } } });
});

test('a time is measured from its beginning to its end', async () => {
  await house.ask('PUT', PATH, { ...swings, aim: { by: 'minutes', from: 1, to: 10 } });
  await act({ do: 'begin', at: 1_000_000 });
  await act({ do: 'stop', day: DAY, at: 1_064_000 });
  expect((await all())[0]?.tally).toMatchObject({ days: { [DAY]: 64 }, since: null });
});

test('what is not there, has another id or grows downwards is refused, and nothing changes', async () => {
  const before = house.contents();
  expect((await act({ do: 'undo' })).status).toBe(404);
  expect((await house.ask('DELETE', PATH)).status).toBe(404);
  expect((await house.ask('PUT', '/api/own-practice/other', swings)).status).toBe(422);
  const shrinking = { ...swings, aim: { by: 'minutes', from: 10, to: 1 } };
  expect((await house.ask('PUT', PATH, shrinking)).status).toBe(422);
  expect(house.contents()).toBe(before);
});
