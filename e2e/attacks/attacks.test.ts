import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { openHouse, type RunningHouse } from '../runningHouse';
import { crash } from './crash';
import { fuzz } from './fuzz';

/** A few of what `npm run fuzz` and `npm run crash` send by the thousand. */

let house: RunningHouse;
beforeEach(async () => {
  house = await openHouse();
});
afterEach(() => house.close());

test('five hundred mutated requests: none is answered by a fault of the server', async () => {
  const { requests, statuses, faults } = await fuzz(house, 500, 20261127);
  expect(faults).toEqual([]);
  expect(requests).toBe(500);
  // Both kinds come: what is refused, and what does no harm.
  expect(statuses[422]).toBeGreaterThan(100);
  expect(statuses[200]).toBeGreaterThan(10);
  expect((await fetch(`${house.url}/api/sessions`)).status).toBe(200);
});

test('killed ten times in the middle of writing, it comes back, and nothing it answered is lost', async () => {
  const { answered, lost } = await crash(house, 10, 7);
  expect(lost).toEqual([]);
  // Each time some writes were answered before.
  expect(answered).toBeGreaterThanOrEqual(30);
});

test('killed in its first moments, before the demo is there, it has the demo the next time', async () => {
  await house.stop();
  for (const ms of [30, 80, 120, 160, 250, 400]) {
    rmSync(join(house.folder, 'vesperum.sqlite'), { force: true });
    void house.start().catch(() => undefined);
    await new Promise((resolve) => setTimeout(resolve, ms));
    await house.kill();
    await house.start();
    expect(await (await fetch(`${house.url}/api/groups`)).json()).toHaveLength(4);
    await house.stop();
    for (const end of ['', '-wal', '-shm']) rmSync(join(house.folder, `vesperum.sqlite${end}`), { force: true });
  }
});

test('a second server on the same data is refused with a sentence, and the first goes on', async () => {
  const said = await house.startSecond();
  expect(said).toMatch(/already running on the data in .*VESPERUM_DATA/);
  expect((await fetch(`${house.url}/api/health`)).status).toBe(200);
});
