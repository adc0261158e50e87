import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { ElementHandle } from 'puppeteer-core';
import { graveFaults } from './browser/graveFaults';
import { stage } from './browser/stage';
import { collected, press } from './desk';
import { go, openPage, textOf } from './house';
import { openHouse } from './runningHouse';

/** Where the data is and how it is kept. */

const on = stage();

const rename = async (name: string): Promise<string> => {
  const [group] = await (await fetch(`${on.house.url}/api/groups`)).json();
  await fetch(`${on.house.url}/api/groups/${group.id}`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ ...group, name }),
  });
  return group.name;
};
const names = async (): Promise<string[]> =>
  (await (await fetch(`${on.house.url}/api/groups`)).json()).map(({ name }: { name: string }) => name);

test('a backup is made, what bringing it back would change is said, it is brought back, and the copy from before is there', async () => {
  const { page, faults } = await openPage(on.browser);
  await go(page, `${on.house.url}/settings`);
  await press(page, 'Back up now');
  await textOf(page, '.ant-message', /Backed up|Nothing has changed/);
  const before = await rename('Renamed by mistake');
  await press(page, /Bring back …/);
  await textOf(page, '.ant-modal', /Groups: 1 becomes as then\./);
  expect(await graveFaults(page, '.ant-modal')).toEqual([]);
  await press(page, 'Bring it back');
  await textOf(page, '.settings', /It is back.*As it was before something was brought back/);
  expect(await names()).toContain(before);
  expect(await names()).not.toContain('Renamed by mistake');
  await textOf(page, '.settings', new RegExp(on.house.folder.split('/').at(-1) ?? '-'));
  expect(await graveFaults(page)).toEqual([]);
  expect(faults).toEqual([]);
});

test('everything goes out as an archive and comes back; a file that is none is refused in words, and nothing changes', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'vesperum-archive-'));
  const { page, faults } = await openPage(on.browser);
  await go(page, `${on.house.url}/settings`);
  const saved = await collected(page);
  await press(page, 'Save archive');
  const [type, bytes] = await saved(1);
  expect(type).toBe('application/zip');
  const zip = join(folder, 'all.zip');
  writeFileSync(zip, bytes);
  const before = await rename('After the archive');
  const give = async (path: string) => {
    const input = await page.waitForSelector('input[type="file"]');
    await (input as ElementHandle<HTMLInputElement>).uploadFile(path);
  };
  const none = join(folder, 'none.zip');
  writeFileSync(none, 'this is no zip');
  await give(none);
  await textOf(page, '.ant-modal [role="alert"]', /not an archive of Vesperum.*Nothing was changed/);
  await press(page, 'Leave everything as it is');
  expect(await names()).toContain('After the archive');
  await give(zip);
  await textOf(page, '.ant-modal', /Groups: 1 becomes as then\./);
  await press(page, 'Bring it back');
  await textOf(page, '.settings', /It is back/);
  expect(await names()).toContain(before);
  rmSync(folder, { recursive: true });
  expect(faults.filter((fault) => !fault.includes('422'))).toEqual([]);
});

test('a house with a key: without it a page says where the address is, with it the browser is known', async () => {
  const house = await openHouse({ flags: ['--key'] });
  try {
    const { page } = await openPage(on.browser);
    // It is no page of the house: there is nothing to wait for.
    await page.goto(house.url);
    await textOf(page, 'body', /This house has a key.*printed in the window/);
    expect((await fetch(`${house.url}/api/sessions`)).status).toBe(401);
    const key = readFileSync(join(house.folder, 'key'), 'utf8').trim();
    const asScript = await fetch(`${house.url}/api/sessions`, { headers: { authorization: `Bearer ${key}` } });
    expect(asScript.status).toBe(200);
    await go(page, house.entry());
    await textOf(page, 'h1', /Good|today|Today|evening|morning|afternoon/i);
    await go(page, `${house.url}/settings`);
    await textOf(page, '.settings', /This house has a key/);
  } finally {
    await house.close();
  }
});
