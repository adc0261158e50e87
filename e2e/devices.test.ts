import { StandIn } from '../core/formats/devices';
import { graveFaults } from './browser/graveFaults';
import { stage } from './browser/stage';
import { press } from './desk';
import { go, openPage, textOf } from './house';
import { goNext } from './teachingClock';

/** The stand-ins for devices: started from Settings, and a class taught with the page-turner alone. */

const on = stage();
const running = async () => StandIn.array().parse(await (await fetch(`${on.house.url}/api/devices`)).json());

test('a class is taught with the page-turner alone, and the hall bell hears its sections', async () => {
  const { page, faults } = await openPage(on.browser);
  await go(page, `${on.house.url}/settings`);
  await textOf(page, '[aria-labelledby="settings-devices"]', /npm run page-turner/);
  expect(await graveFaults(page, '[aria-labelledby="settings-devices"]')).toEqual([]);
  await press(page, 'Start the page-turner');
  await textOf(page, '[aria-labelledby="settings-devices"]', /Stop the page-turner/);
  await press(page, 'Start the hall bell');
  await textOf(page, '[aria-labelledby="settings-devices"]', /Stop the hall bell/);
  const [turner, bell] = await running();
  const turned = (what: string) => fetch(`${turner?.address}press/${what}`, { method: 'POST' });
  // Nobody is teaching yet.
  expect(await (await turned('next')).json()).toEqual({ listening: 0 });

  await go(page, `${on.house.url}/teach/depot-twenty`);
  await press(page, 'Begin');
  await page.waitForSelector('main.teach[data-plan-ms]');
  await page.keyboard.press('.');
  await press(page, 'No devices');
  await press(page, 'Close');
  const segment = () => page.$eval('main.teach', (main) => Number((main as HTMLElement).dataset.segment));
  const first = await segment();
  // The page says when it listens: one press moves it on.
  await page.waitForSelector('main.teach[data-devices="listening"]');
  expect(await (await turned('next')).json()).toEqual({ listening: 1 });
  await page.waitForFunction(
    (before: number) => Number((document.querySelector('main.teach') as HTMLElement).dataset.segment) > before,
    {},
    first,
  );
  await turned('stay');
  await textOf(page, '.teach-call', /Paused/);
  await turned('stay');
  await turned('shorten');
  await textOf(page, '.teach-offer', /./);
  // To the end of the class, without a hand on the screen.
  while ((await page.$('main.teach[data-segment]')) !== null) await goNext(page, () => turned('next'));
  await textOf(page, '.teach-threshold', /The class is done/);
  const bellPage = await on.browser.newPage();
  await bellPage.goto(String(bell?.address));
  await bellPage.waitForFunction(() => /section/.test(document.querySelector('#heard')?.textContent ?? ''));
  await bellPage.close();

  await go(page, `${on.house.url}/settings`);
  await press(page, 'Stop the page-turner');
  await textOf(page, '[aria-labelledby="settings-devices"]', /Start the page-turner/);
  await expect(turned('next')).rejects.toThrow();
  expect(faults).toEqual([]);
});
