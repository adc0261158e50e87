import { HallSound, Press, StandIn } from '../core/formats/devices';
import { openTestHouse, type TestHouse } from '../demo/testHouse';
import { deviceHub } from './devices/hub';

/** What goes between a class and the devices around it. */

let house: TestHouse;
beforeAll(() => {
  house = openTestHouse();
});
afterAll(() => house.close());

test('a press is told to everybody who listens, and to nobody who has left', () => {
  const hub = deviceHub();
  const told: string[] = [];
  const leave = hub.onPress((said) => told.push(said));
  hub.onSound(() => told.push('a sound'));
  expect(hub.press({ press: 'next' })).toBe(1);
  leave();
  expect(hub.press({ press: 'stay' })).toBe(0);
  expect(told.map((said) => Press.parse(JSON.parse(said)))).toEqual([{ press: 'next' }]);
});

test('what is sent is checked: there is no such press, and no such sound', async () => {
  expect(await (await house.ask('POST', '/api/devices/presses', { press: 'next' })).json()).toEqual({ listening: 0 });
  for (const body of [{ press: 'jump' }, {}, { press: 7 }])
    expect((await house.ask('POST', '/api/devices/presses', body)).status).toBe(422);
  expect((await house.ask('POST', '/api/devices/sounds', { sound: 'section', breath: null })).status).toBe(200);
  expect((await house.ask('POST', '/api/devices/sounds', { sound: 'gong', breath: null })).status).toBe(422);
  expect(HallSound.safeParse({ sound: 'breath', breath: 'in' }).success).toBe(true);
});

test('presses come as events while one listens', async () => {
  const line = await house.ask('GET', '/api/devices/presses');
  expect(line.headers.get('content-type')).toContain('text/event-stream');
  const reader = line.body?.getReader();
  const next = async () => new TextDecoder().decode((await reader?.read())?.value);
  expect(await next()).toMatch(/event: alive/);
  await house.ask('POST', '/api/devices/presses', { press: 'shorten' });
  expect(await next()).toMatch(/data: {"press":"shorten"}/);
  await reader?.cancel();
});

test('where no programs come along none can be started, and that is said', async () => {
  expect(StandIn.array().parse(await (await house.ask('GET', '/api/devices')).json())).toEqual([]);
  expect((await house.ask('POST', '/api/devices/page-turner/start')).status).toBe(503);
  expect((await house.ask('POST', '/api/devices/kettle/start')).status).toBe(422);
});
