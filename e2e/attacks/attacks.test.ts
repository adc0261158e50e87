import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { sampled, times } from '../../core/testing/sweep';
import { limitSeconds } from '../../scripts/testing/slowness.mjs';
import { openHouse, type RunningHouse } from '../runningHouse';
import { crash } from './crash';
import { fuzz } from './fuzz';

/** A few of what `npm run fuzz` and `npm run crash` send by the thousand. */

jest.setTimeout(1000 * limitSeconds(times(7200, 300)));

let house: RunningHouse;
beforeEach(async () => {
  house = await openHouse();
});
afterEach(() => house.close());

test('five hundred requests, most of them spoiled: none is answered by a fault of the server, and most of what it can do is done', async () => {
  const many = times(100_000, 500);
  const { requests, statuses, reached, faults } = await fuzz(house, many, 20261127);
  expect(faults).toEqual([]);
  expect(requests).toBe(many);
  // Both kinds come: what is refused, and what does no harm.
  expect(statuses[422]).toBeGreaterThan(50);
  expect(reached.length).toBeGreaterThan(times(60, 40));
  expect((await fetch(`${house.url}/api/sessions`)).status).toBe(200);
});

test('killed in the middle of writing of all kinds, and of bringing a backup back, it comes back, and nothing it answered is lost', async () => {
  const kills = times(1000, 6);
  const { answered, lost, restores } = await crash(house, kills, 7);
  expect(lost).toEqual([]);
  expect(restores.tried).toBeGreaterThan(0);
  // Each time some writes were answered before.
  expect(answered).toBeGreaterThanOrEqual(3 * (kills - restores.tried));
});

test('killed in its first moments, before the demo is there, it has the demo the next time', async () => {
  await house.stop();
  for (const ms of sampled([30, 80, 120, 160, 250, 400, 600, 800, 1200, 1800], 2)) {
    for (const end of ['', '-wal', '-shm']) rmSync(join(house.folder, `vesperum.sqlite${end}`), { force: true });
    void house.start().catch(() => undefined);
    await new Promise((resolve) => setTimeout(resolve, ms));
    await house.kill();
    await house.start();
    expect(await (await fetch(`${house.url}/api/groups`)).json()).toHaveLength(4);
    await house.stop();
  }
});

test('a second server on the same data is refused with a sentence, and the first goes on', async () => {
  const said = await house.startSecond();
  expect(said).toMatch(/already running on the data in .*VESPERUM_DATA/);
  expect((await fetch(`${house.url}/api/health`)).status).toBe(200);
});
