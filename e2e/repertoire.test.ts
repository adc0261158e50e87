import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { ElementHandle, Page } from 'puppeteer-core';
import type { Library } from '../core/formats/api/api';
import { movementsToCsv } from '../core/formats/movementCsv';
import { movementsToJson } from '../core/formats/movementJson';
import type { Movement } from '../core/movement/schema/movement';
import { stage } from './browser/stage';
import { find, stored, takeLine } from './desk';
import { click, go, openPage, reload, saved, testId, textOf } from './house';

const on = stage();

const open = async (path: string): Promise<{ page: Page; faults: string[] }> => {
  const opened = await openPage(on.browser);
  await go(opened.page, on.house.url + path);
  return opened;
};
const library = async (): Promise<Library> => (await (await fetch(`${on.house.url}/api/library`)).json()) as Library;
const press = async (page: Page, label: string) => {
  const [button] = await page.$$(`xpath/.//button[normalize-space()="${label}"]`);
  if (!button) throw new Error(`there is no button “${label}”`);
  await button.click();
};
const sure = (id: string): Movement => {
  const movement = find(id);
  if (!movement) throw new Error(`there is no movement “${id}”`);
  return movement;
};
const drawn = (page: Page, selector: string) =>
  page.$$eval(`${selector} svg.figure path`, (paths) => paths.map((path) => path.getAttribute('d')).join());

/** Waits until a figure is drawn otherwise than before. */
const drawnAnew = (page: Page, selector: string, before: string) =>
  page.waitForFunction(
    (paths: string, was: string) =>
      [...document.querySelectorAll(paths)].map((path) => path.getAttribute('d')).join() !== was,
    {},
    `${selector} svg.figure path`,
    before,
  );
/** Lets the browser draw so many times. */
const frames = (page: Page, count: number) =>
  page.evaluate(async (left: number) => {
    for (let frame = 0; frame < left; frame += 1) await new Promise((resolve) => requestAnimationFrame(resolve));
  }, count);

describe('the wall', () => {
  test('is narrowed by what a movement prepares, works and needs, as the engine finds it', async () => {
    const { page, faults } = await open('/repertoire?prepares=ankles&height=high');
    await page.waitForSelector('.wall li');
    const names = await page.$$eval('.wall h2', (titles) => titles.map(({ textContent }) => textContent));
    expect(names).toContain('Ankle Circles');
    expect(names).not.toContain('Neck Turns');
    await go(page, `${on.house.url}/repertoire?height=seated`);
    await page.waitForSelector('.wall li');
    const seated = await page.$$eval('.wall h2', (titles) => titles.map(({ textContent }) => textContent ?? ''));
    expect(seated.every((name) => name.startsWith('Seated'))).toBe(true);
    expect(faults).toEqual([]);
  });

  test('every piece has its figure, its feet and its breath', async () => {
    const { page } = await open('/repertoire');
    await page.waitForSelector('.wall li');
    // All of it is hung by going to its end.
    await page.waitForFunction(() => {
      const more = document.querySelector<HTMLElement>('.wall + .ant-btn');
      more?.click();
      return more === null;
    });
    const [pieces, figures, feet] = await Promise.all(
      ['.wall li', '.wall svg.figure', '.wall .footprints svg'].map((one) => page.$$eval(one, (found) => found.length)),
    );
    expect(pieces).toBeGreaterThanOrEqual(100);
    expect([figures, feet]).toEqual([pieces, pieces]);
  });
});

describe('a movement', () => {
  test('moves with its breath, and stands still when asked to', async () => {
    const { page } = await openPage(on.browser, { moves: true });
    await go(page, `${on.house.url}/repertoire/cloud-hands`);
    await page.waitForSelector('.movement-figure svg');
    const before = await drawn(page, '.movement-figure');
    await drawnAnew(page, '.movement-figure', before);
    await click(page, 'button[aria-label="Stand still"]');
    await page.waitForSelector('button[aria-label="Move"]');
    // What was on its way to be drawn is drawn.
    await frames(page, 2);
    const still = await drawn(page, '.movement-figure');
    await frames(page, 12);
    expect(await drawn(page, '.movement-figure')).toBe(still);
  });

  test('every drawing can be saved, all of it in one file with its words', async () => {
    const { page } = await open('/repertoire/cloud-hands');
    await page.waitForSelector('.saveable');
    // What would be downloaded is looked at instead.
    await page.evaluate(() => {
      Object.assign(window, { saved: [] });
      URL.createObjectURL = (blob: Blob | MediaSource) => {
        if (blob instanceof Blob)
          void blob
            .text()
            .then((text) =>
              (window as unknown as { saved: unknown[] }).saved.push([blob.type, blob.size, text.slice(0, 200_000)]),
            );
        return '#';
      };
    });
    const save = async (what: string, as: 'svg' | 'png') => {
      await page.evaluate(() => Object.assign(window, { saved: [] }));
      await click(page, `button[aria-label="Save ${what}"]`);
      const item = `.ant-dropdown:not(.ant-dropdown-hidden) [data-menu-id$="-${as}"]`;
      await page.waitForSelector(item, { visible: true });
      await click(page, item);
      await page.waitForFunction(() => (window as unknown as { saved: unknown[] }).saved.length > 0);
      await page.waitForFunction(() => !document.querySelector('.ant-dropdown:not(.ant-dropdown-hidden)'));
      return page.evaluate(() => (window as unknown as { saved: [string, number, string][] }).saved[0]);
    };
    const [type, , phases] = (await save('the phases', 'svg')) ?? ['', 0, ''];
    expect(type).toBe('image/svg+xml');
    expect(phases).toContain('Step out, shift');
    expect(phases.match(/<svg/g)?.length).toBeGreaterThanOrEqual(1 + 4 + 4 + 1);
    expect(phases).not.toContain('var(--');
    for (const what of ['the figure', 'where the feet go', 'what it asks']) {
      const [kind, size] = (await save(what, 'png')) ?? ['', 0];
      expect([what, kind]).toEqual([what, 'image/png']);
      expect(size).toBeGreaterThan(2000);
    }
  });

  test('does not move by itself where motion is unwanted', async () => {
    const { page } = await openPage(on.browser);
    await page.emulateMediaFeatures([{ name: 'prefers-reduced-motion', value: 'reduce' }]);
    await go(page, `${on.house.url}/repertoire/cloud-hands`);
    await page.waitForSelector('.movement-figure svg');
    const before = await drawn(page, '.movement-figure');
    await frames(page, 12);
    expect(await drawn(page, '.movement-figure')).toBe(before);
    expect(await page.$('button[aria-label="Move"]')).not.toBeNull();
  });

  test('shown as its variant on a chair, it is drawn and judged sitting', async () => {
    const { page } = await open('/repertoire/lift-the-sky');
    await click(page, '[aria-label="Which way of doing it is shown"]');
    await page.waitForSelector('.ant-select-dropdown:not(.ant-select-dropdown-hidden) .ant-select-item-option');
    // Pressed where it is, not where it was while the list unfolded.
    await page.evaluate(() => {
      const all = [...document.querySelectorAll<HTMLElement>('.ant-select-item-option')];
      all.find(({ textContent }) => textContent === 'On a chair')?.click();
    });
    await page.waitForFunction(() => document.querySelector('.movement-strip')?.textContent?.includes('seated'));
    const labels = await page.$$eval('.movement-strip .footprints svg', (feet) =>
      feet.map((one) => one.getAttribute('aria-label')),
    );
    expect(labels.every((label) => label?.includes('seat 80 percent'))).toBe(true);
  });

  test('a form is walked as far as it is known', async () => {
    const { page, faults } = await open('/repertoire/forms/ten-postures');
    await page.waitForSelector('.form-entry');
    const count = () => page.$$eval('.form-entry', (entries) => entries.length);
    const all = await count();
    await page.focus('.form-known [role="slider"]');
    for (let key = 0; key < 4; key += 1) await page.keyboard.press('ArrowLeft');
    await page.waitForFunction((n: number) => document.querySelectorAll('.form-entry').length === n, {}, all - 4);
    await click(page, 'button[aria-label="Move"]');
    await page.waitForSelector('.form-entry--now');
    expect(faults).toEqual([]);
  });
});

/** What a person does, counted: a key, a pointer action, a typed word are one each. */
function counting(page: Page) {
  let inputs = 0;
  return {
    get inputs() {
      return inputs;
    },
    click: async (selector: string) => {
      inputs += 1;
      await click(page, selector);
    },
    press: async (label: string) => {
      inputs += 1;
      await press(page, label);
    },
    type: async (text: string) => {
      inputs += text.split(' ').length;
      await page.keyboard.type(text);
    },
    key: async (key: Parameters<Page['keyboard']['press']>[0]) => {
      inputs += 1;
      await page.keyboard.press(key);
    },
  };
}

const PHASES = [
  'in weight middle raised sides: Open',
  'out hold ball right 90/10 right foot 45: Turn a foot out',
  'in weight right 92 knees 40: Over it',
  'out 40% bow left 8/92 knees 52: Step',
  'out 60% 70/30 parting left: Shift and part',
  'in 25/75 palms at chest: Sit back',
  'out 70/30 pushing front: Push',
  'in parallel 92/8 knees 24 hanging: Home',
];

describe('the editor', () => {
  test('an eight-phase movement is written in at most ninety inputs, and is in the repertoire', async () => {
    const { page, faults } = await open('/repertoire/new');
    await page.waitForSelector(testId('add-phase'));
    const person = counting(page);
    await person.click('.editor-name');
    await person.type('Lamp Lighter');
    await person.click('[aria-label="About it"]');
    await person.type('Open, step, part and push.');
    await person.click(testId('add-phase'));
    for (const [index, phase] of PHASES.entries()) {
      await person.type(phase);
      await person.key('Enter');
      await page.waitForSelector(`[data-phase="cycle-${index}"]`);
    }
    expect(
      await page.$$eval('.editor-strip [data-phase] .name', (names) => names.map(({ textContent }) => textContent)),
    ).toEqual(PHASES.map((phase) => phase.split(': ')[1]));
    // Nothing in its footwork or reach is objected to; that it bends the knees, and wants a caution for it, is said.
    const said = await page.$$eval('.editor-notes li:not(.editor-note--notice)', (notes) =>
      notes.map(({ textContent }) => textContent?.trim()),
    );
    expect(said.toSorted()).toEqual([
      'The caution “balance” belongs to it. Add it',
      'The caution “knees” belongs to it. Add it',
    ]);
    await person.press('Add it');
    await person.press('Add it');
    await page.waitForFunction(() => !document.querySelector('.editor-notes li:not(.editor-note--notice)'));
    await person.press('Write it');
    await page.waitForFunction(() => location.pathname === '/repertoire/lamp-lighter');
    console.log(`the eight-phase movement took ${person.inputs} inputs`);
    expect(person.inputs).toBeLessThanOrEqual(90);
    const written = (await library()).movements.find(({ id }) => id === 'lamp-lighter');
    expect(written?.parts.cycle).toHaveLength(8);
    expect(written?.parts.cycle[3]?.to).toMatchObject({
      stance: 'bow',
      side: 'left',
      load: { left: 8, right: 92 },
      sink: 52,
    });
    expect(faults).toEqual([]);
  });

  test('figure, findings and demand answer at once; undo goes back; a reload picks up again', async () => {
    const { page } = await open('/repertoire/golden-rooster/edit');
    await page.waitForSelector('[data-phase="cycle-0"]');
    await click(page, '[data-phase="cycle-0"]');
    const before = await drawn(page, '.editor-figure');
    await page.focus('[aria-label="Knees, as a number"]');
    await page.keyboard.down('Control');
    await page.keyboard.press('a');
    await page.keyboard.up('Control');
    await page.keyboard.type('75');
    await page.keyboard.press('Tab');
    await page.waitForFunction(() => document.querySelector('.editor-notes')?.textContent?.includes('ankle bends'));
    expect(await drawn(page, '.editor-figure')).not.toBe(before);
    await reload(page);
    await textOf(page, '.editor', /Picked up where you left it/);
    await page.waitForFunction(() => document.querySelector('.editor-notes')?.textContent?.includes('ankle bends'));
    await press(page, 'Begin afresh');
    await textOf(page, '.editor-sound', /Nothing to object to/);
  });

  test('a way into the movement is written as a part of its own, done once', async () => {
    const { page } = await open('/repertoire/new');
    await click(page, '.editor-add .ant-select');
    await click(page, '::-p-xpath(.//*[@class="ant-select-item-option-content" and .="Into it"])');
    await click(page, testId('add-phase'));
    await page.keyboard.type('in weight right 95: Over');
    await page.keyboard.press('Enter');
    await page.waitForSelector('[data-phase="entry-0"]');
    expect(await textOf(page, '[data-phase="entry-0"]')).toContain('into it');
    expect(await textOf(page, '.editor-missing')).toContain('at least one phase');
  });

  test('a hand is dragged, and the figure’s arm follows; Control Z puts it back', async () => {
    const { page } = await open('/repertoire/lift-the-sky/edit');
    await click(page, '[data-phase="cycle-1"]');
    const hand = await page.waitForSelector('.editor-hand');
    const box = await hand?.boundingBox();
    if (!box) throw new Error('the hand has a handle');
    const before = await drawn(page, '.editor-figure');
    await page.mouse.move(box.x + 12, box.y + 12);
    await page.mouse.down();
    await page.mouse.move(box.x - 40, box.y - 50, { steps: 6 });
    await page.mouse.up();
    await page.waitForFunction(
      (was: string) =>
        [...document.querySelectorAll('.editor-figure svg.figure path')]
          .map((path) => path.getAttribute('d'))
          .join() !== was,
      {},
      before,
    );
    const moved = await hand?.boundingBox();
    expect(Math.hypot((moved?.x ?? 0) - box.x + 52, (moved?.y ?? 0) - box.y + 62)).toBeLessThan(30);
    await page.keyboard.down('Control');
    await page.keyboard.press('z');
    await page.keyboard.up('Control');
    await page.waitForFunction(
      (was: string) =>
        [...document.querySelectorAll('.editor-figure svg.figure path')]
          .map((path) => path.getAttribute('d'))
          .join() === was,
      {},
      before,
    );
  });

  test('a class keeps the version it has until it is told to take the new one', async () => {
    const { page } = await open('/repertoire/cloud-hands/edit');
    await page.waitForSelector('[data-phase="cycle-3"]');
    await click(page, '[data-phase="cycle-3"]');
    await click(page, testId('add-phase'));
    await page.keyboard.type('free 2 breaths: Wait in the middle');
    await page.keyboard.press('Enter');
    await page.waitForSelector('[data-phase="cycle-4"]');
    await press(page, 'Write it');
    await page.waitForFunction(() => location.pathname === '/repertoire/cloud-hands@1');

    await go(page, `${on.house.url}/sessions/evening-week-4`);
    const ends = await textOf(page, testId('ends'));
    await takeLine(page, 'main-3-cloud-hands');
    await textOf(page, '.line-newer', /has been changed since/);
    expect(await textOf(page, testId('ends'))).toBe(ends);
    await press(page, 'Take the new version');
    await page.waitForFunction(
      (was: string) => document.querySelector('[data-testid="ends"]')?.textContent !== was,
      {},
      ends,
    );
    await saved(page);
    const { session } = await stored(on.house.url, 'evening-week-4');
    expect(JSON.stringify(session)).toContain('"movementId":"cloud-hands@1"');
  });
});

describe('files', () => {
  const folder = mkdtempSync(join(tmpdir(), 'vesperum-files-'));
  afterAll(() => rmSync(folder, { recursive: true }));
  const choose = async (page: Page, name: string, text: string) => {
    const path = join(folder, name);
    writeFileSync(path, text);
    const input = (await page.waitForSelector(testId('movement-file'))) as ElementHandle<HTMLInputElement>;
    await input.uploadFile(path);
  };

  test('a good file is read, a bad one is refused by line and field with nothing written', async () => {
    const { page } = await open('/repertoire');
    const one = {
      ...sure('crane-wings'),
      id: 'heron-wings',
      names: { english: ['Heron Wings'], pinyin: [], chinese: [] },
    };
    await choose(page, 'heron.json', movementsToJson([one]));
    await page.waitForFunction(() =>
      [...document.querySelectorAll('.wall h2')].some(({ textContent }) => textContent === 'Heron Wings'),
    );

    const before = JSON.stringify(await library());
    await choose(page, 'table.csv', movementsToCsv([one]).replace('qigong', 'waltz'));
    await textOf(page, '.ant-modal', /table\.csv was not read/);
    expect(await textOf(page, '.file-faults')).toMatch(/line 2, tradition/);
    expect(JSON.stringify(await library())).toBe(before);
  });
});
