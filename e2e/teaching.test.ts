import type { Page } from 'puppeteer-core';
import { ClassLog } from '../core/record/classLog';
import { isRoutine } from '../core/session/schedule/settleItem';
import { segmentAt } from '../core/session/timeline/segmentAt';
import { graveFaults } from './browser/graveFaults';
import { stage } from './browser/stage';
import { addLine, computed, find, press, stored, typeOver } from './desk';
import { click, go, openPage, reload, saved, testId, textOf } from './house';
import { begin, openWithClock, reach } from './teachingClock';

const on = stage();

/** What the teaching screen says of itself at one instant. */
const reading = (page: Page) =>
  page.$eval('main.teach', (element) => {
    const { planMs, clock, segment, breath } = (element as HTMLElement).dataset;
    return { planMs: Number(planMs), clock: Number(clock), segment: Number(segment), breath };
  });

test('after 60 simulated minutes the phase is within 50 ms of the timeline, in leaps and in steps', async () => {
  const { session } = await stored(on.house.url, 'evening-week-4');
  // A longer class, so that an hour in it is still being taught.
  const main = session.sections[2];
  if (!main) throw new Error('the demo class has a main part');
  const talk = { kind: 'talk' as const, id: 'long-talk', seconds: 1200, note: '' };
  const longer = {
    ...session,
    id: 'long-evening',
    course: null,
    sections: session.sections.with(0, { ...session.sections[0], items: [talk] } as typeof main),
  };
  const headers = { 'content-type': 'application/json' };
  await fetch(`${on.house.url}/api/sessions`, { method: 'POST', headers, body: JSON.stringify({ session: longer }) });
  const timeline = computed(longer);

  const { page, forward, faults } = await openWithClock(on, '/teach/long-evening');
  await begin(page);
  const first = await reading(page);
  const check = async () => {
    const now = await reading(page);
    const expected = first.planMs + (now.clock - first.clock);
    expect(Math.abs(now.planMs - expected)).toBeLessThan(50);
    const segment = timeline.segments[segmentAt(timeline, now.planMs)];
    expect([now.segment, now.breath]).toEqual([segmentAt(timeline, now.planMs), segment?.breath ?? 'none']);
    return now;
  };
  for (let step = 0; step < 30; step += 1) {
    await forward(60_000 + step * 37);
    await check();
  }
  await forward(30 * 60_000);
  const last = await check();
  expect(last.clock - first.clock).toBeGreaterThan(3_600_000);
  expect(faults).toEqual([]);
});

/** Where something stands on the screen, and the height of the screen. */
const standing = (page: Page, selector: string) =>
  page.$eval(selector, (element) => {
    const { top, bottom } = element.getBoundingClientRect();
    return { top, bottom, font: Number.parseFloat(getComputedStyle(element).fontSize), screen: innerHeight };
  });

test('at every size of screen the three things are read from afar, in every light, and the horizon crosses nothing', async () => {
  const { page, faults, forward } = await openWithClock(on, '/teach/evening-week-4', { isStill: true });
  await begin(page);
  const { session } = await stored(on.house.url, 'evening-week-4');
  const clouds = computed(session).segments.find(
    ({ movementId, kind, side }) => movementId === 'cloud-hands' && kind === 'move' && side === 'left',
  );
  await reach(page, forward, (clouds?.startMs ?? 0) + 400);
  await page.waitForSelector('.teach-side-word');
  for (const [width, height] of [
    [1280, 800],
    [820, 1180],
    [390, 844],
  ] as const) {
    await page.setViewport({ width, height });
    await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(resolve))));
    // Capitals are two thirds of what a letter is set in: they are a twentieth of the screen.
    for (const one of ['.teach-call', '.teach-number', '.teach-side-word']) {
      const { font, screen } = await standing(page, one);
      expect([one, width, (font * 0.64) / screen >= 0.05]).toEqual([one, width, true]);
    }
    // From empty to full the line stays between the call and what is under it.
    const way = await standing(page, '.horizon');
    expect(way.top).toBeGreaterThanOrEqual((await standing(page, '.teach-call')).bottom);
    expect(way.bottom).toBeLessThanOrEqual((await standing(page, '.teach-middle')).top);
    const land = await standing(page, '.horizon-land');
    expect([land.top >= way.top, land.top <= way.bottom]).toEqual([true, true]);
    // Nothing is off the screen.
    expect(await page.evaluate(() => document.documentElement.scrollWidth <= innerWidth)).toBe(true);
    expect((await standing(page, '.teach-bottom')).bottom).toBeLessThanOrEqual(height);
  }
  await page.setViewport({ width: 1280, height: 800 });
  for (const light of ['dusk', 'day', 'lamp']) {
    await page.waitForSelector(`html[data-light="${light}"]`);
    expect(await graveFaults(page, 'main.teach', true)).toEqual([]);
    await page.keyboard.press('l');
  }
  expect(faults).toEqual([]);
});

test('the screen is three keys a hand wide, and the figure stands as the class sees it, from behind, or not at all', async () => {
  const { page, faults } = await openWithClock(on, '/teach/evening-week-4', { isStill: true });
  await begin(page);
  const at = async () => (await reading(page)).segment;
  const first = await at();
  await page.mouse.click(1100, 300);
  await page.waitForFunction(
    (before: number) => Number((document.querySelector('main.teach') as HTMLElement).dataset.segment) > before,
    {},
    first,
  );
  await page.mouse.click(150, 300);
  await textOf(page, '.teach-call', /Paused/);
  await page.mouse.click(150, 300);
  await page.mouse.click(640, 300);
  await textOf(page, '.teach-offer', /./);
  await page.waitForSelector('.teach-figure[data-view="front"] svg path');
  await page.keyboard.press('f');
  await page.waitForSelector('.teach-figure[data-view="back"]');
  await page.keyboard.press('f');
  await page.waitForFunction(() => document.querySelector('.teach-figure') === null);
  expect(faults).toEqual([]);
});

test('where the wall clock jumps the class stands and asks; what is said of the time in between is what passes', async () => {
  const { page, faults, forward } = await openWithClock(on, '/teach/evening-week-4', { isStill: true });
  const wall = (ms: number) =>
    page.evaluate((by: number) => (window as unknown as { moveWall: (ms: number) => void }).moveWall(by), ms);
  await begin(page);
  await forward(60_000);
  const before = await reading(page);
  // It slept for five minutes: the monotonic clock knows nothing of it.
  await wall(300_000);
  await textOf(page, '[role="alertdialog"]', /jumped ahead by 5 min/);
  expect(await graveFaults(page, 'main.teach')).toEqual([]);
  await forward(4000);
  expect((await reading(page)).planMs).toBe(before.planMs);
  await press(page, 'We waited where we were');
  await page.waitForFunction(() => document.querySelector('[role="alertdialog"]') === null);
  expect((await reading(page)).planMs).toBeCloseTo(before.planMs, 0);
  expect(await textOf(page, testId('gone'))).toBe('6:04');
  await wall(120_000);
  await press(page, 'The class went on for 2 min');
  await textOf(page, testId('gone'), /8:04/);
  expect((await reading(page)).planMs - before.planMs).toBeCloseTo(120_000, -2);
  await wall(-3_600_000);
  await press(page, 'Go on: only the clock was set');
  await textOf(page, testId('gone'), /8:04/);
  expect(faults).toEqual([]);
});

test('a reload in mid-class resumes on the same breath', async () => {
  const { page, forward } = await openWithClock(on, '/teach/morning-eight-pieces');
  await begin(page);
  await forward(700_000);
  await page.keyboard.press('Space');
  await textOf(page, '.teach-call', /Paused/);
  const before = await reading(page);
  await reload(page);
  await page.waitForSelector('main.teach[data-plan-ms]');
  const after = await reading(page);
  expect([after.segment, after.planMs]).toEqual([before.segment, before.planMs]);
  await textOf(page, '.teach-call', /Paused/);

  await page.keyboard.press('Space');
  await forward(20_000);
  const left = Date.now();
  const running = await reading(page);
  await reload(page);
  await page.waitForSelector('main.teach[data-plan-ms]');
  const resumed = await reading(page);
  expect(resumed.planMs).toBeGreaterThanOrEqual(running.planMs);
  // No further than the class went on meanwhile, however long the page took to load.
  expect(resumed.planMs - running.planMs).toBeLessThan(Date.now() - left + 1000);
});

test('the side is said for the class and for the instructor, and the last repetition is called', async () => {
  const { page, forward } = await openWithClock(on, '/teach/evening-week-4', { isStill: true });
  await begin(page);
  const { session } = await stored(on.house.url, 'evening-week-4');
  const { segments } = computed(session);
  const go = async (wanted: (segment: (typeof segments)[number]) => boolean) => {
    const target = segments.find(wanted);
    if (!target) throw new Error('no such moment');
    await reach(page, forward, target.startMs + 400);
    return target;
  };
  await go(({ movementId, kind, side }) => movementId === 'cloud-hands' && kind === 'move' && side === 'left');
  expect(await textOf(page, testId('side'), /left/)).toContain('the class’s left, your right');
  expect(await textOf(page, testId('count'))).toMatch(/^4/);
  await page.keyboard.press('m');
  expect(await textOf(page, testId('side'), /and yours/)).toContain('the class’s left and yours');
  await page.keyboard.press('m');
  await go(
    ({ movementId, repetition, of, side }) =>
      movementId === 'cloud-hands' && repetition === of && of !== null && side === 'right',
  );
  expect(await textOf(page, '.teach-call')).toBe('Last one');
  expect(await textOf(page, testId('count'))).toContain('last one');
  expect(await textOf(page, testId('side'))).toContain('the class’s right, your left');
  expect(await textOf(page, '.teach-next')).toBe('Next: Rest');
});

test('steering: slower, faster, once more, back, skip, and the clock says how far behind', async () => {
  const { page, forward } = await openWithClock(on, '/teach/depot-twenty', { isStill: true });
  await begin(page);
  await forward(10_000);
  const usual = await textOf(page, testId('pace'), /a minute/);
  await page.keyboard.press('-');
  await page.waitForFunction(
    (pace: string) => document.querySelector('[data-testid="pace"]')?.textContent !== pace,
    {},
    usual,
  );
  await page.keyboard.press('+');
  await textOf(page, testId('pace'), new RegExp(`^${usual.replace('.', '\\.')}$`));
  const count = async () => Number(/^\d+/.exec(await textOf(page, testId('count')))?.[0]);
  const [left, { planMs }] = [await count(), await reading(page)];
  await page.keyboard.press('o');
  await page.waitForFunction(
    (before: number) => Number((document.querySelector('main.teach') as HTMLElement).dataset.planMs) < before - 3000,
    {},
    planMs,
  );
  expect(await count()).toBe(left + 1);
  await page.keyboard.press('Space');
  await forward(95_000);
  await page.keyboard.press('Space');
  expect(await textOf(page, testId('standing'), /behind/)).toMatch(/^1 min 4\d s behind$/);
  await page.keyboard.press('ArrowRight');
  await textOf(page, '.teach-name', /Swinging Hands/);
  await forward(10_000);
  await page.keyboard.press('ArrowRight');
  await textOf(page, '.teach-name', /Shoulder Rolls/);
  await page.keyboard.press('ArrowLeft');
  await textOf(page, '.teach-name', /Swinging Hands/);
});

test('what settles a line is taught by its own name and count, without the rounds of the line', async () => {
  const { session } = await stored(on.house.url, 'morning-eight-pieces');
  const { segments } = computed(session);
  const first = segments.find((segment) => isRoutine(segment));
  const line = segments.find(({ itemId }) => itemId === first?.itemId);
  const { page, forward, faults } = await openWithClock(on, '/teach/morning-eight-pieces', { isStill: true });
  await begin(page);
  await reach(page, forward, line?.startMs ?? 0);
  expect(await textOf(page, '.teach-name')).toMatch(/^Lift the Sky/);
  await reach(page, forward, (first?.startMs ?? 0) + 100);
  expect(await textOf(page, '.teach-name')).toMatch(/^Belly Breathing/);
  expect(await textOf(page, '.teach-middle')).toMatch(/^3breaths to go(?!.*round)/);
  expect(faults).toEqual([]);
});

test('a new class from nothing is built, taught, written down, and found again after a restart', async () => {
  const { page, forward, faults } = await openWithClock(on, '/sessions', { isStill: true });
  await click(page, '.sessions header .ant-btn-primary');
  await page.waitForSelector('.class-title');
  await typeOver(page, '.class-title', 'Yard, wet day');
  await addLine(page, 0, 'quiet 3');
  await addLine(page, 1, 'ankle circles 8');
  await addLine(page, 2, 'yunshou 3 2 rounds');
  await addLine(page, 3, 'rest 20');
  await addLine(page, 4, '收靜 4');
  await saved(page);
  const id = new URL(page.url()).pathname.split('/').at(-1) ?? '';
  const { session } = await stored(on.house.url, id);
  const { totalMs } = computed(session);
  expect(session.title).toBe('Yard, wet day');
  expect(
    session.sections
      .flatMap(({ items }) => items)
      .map((item) => (item.kind === 'movement' ? item.movementId : item.kind)),
  ).toEqual(['quiet-standing', 'ankle-circles', 'cloud-hands', 'rest', 'stillness']);

  await go(page, `${on.house.url}/teach/${id}`);
  await begin(page);
  await forward(computed(session).items[1]?.startMs ?? 0);
  await page.keyboard.press('ArrowRight');
  await textOf(page, '.teach-name', /Cloud Hands/);
  await forward(totalMs);
  await textOf(page, 'main.teach h1', /The class is done/);
  await click(page, '.teach-begin');
  await textOf(page, '.log h1', /Yard, wet day/);
  const logId = new URL(page.url()).pathname.split('/').at(-1);
  const log = ClassLog.parse(await (await fetch(`${on.house.url}/api/logs/${logId}`)).json());
  expect(
    log.items.map(({ title, outcome, doneTimes, plannedTimes }) => `${title}: ${outcome} ${doneTimes}/${plannedTimes}`),
  ).toEqual([
    'Quiet Standing: done 3/3',
    // Eight circles are sixteen beats: two rounds of the cycle on each foot, each way.
    'Ankle Circles: left out 0/8',
    'Cloud Hands: done 12/12',
    'Rest: done 1/1',
    // It is open, and there was time: so it went on to the end of its range.
    'Stillness: done 6/4',
  ]);
  await page.type('#log-attendance', '8');
  await page.type('#log-words', 'Wet yard, all inside.');
  await click(page, '.log-notes button[type=submit]');
  await textOf(page, '.log-save', /Written\./);

  await on.house.stop();
  await on.house.start();
  await go(page, `${on.house.url}/logbook`);
  expect(await textOf(page, '.logbook tbody', /Yard, wet day/)).toMatch(/Yard, wet day.*8/s);
  await go(page, `${on.house.url}/sessions/${id}`);
  expect(await page.$$eval('[data-line]', (lines) => lines.length)).toBe(5);
  expect(faults).toEqual([]);
  expect(find('cloud-hands')).toBeDefined();
});

test('the server being away at the end keeps the class until it can be written', async () => {
  const { page, forward } = await openWithClock(on, '/teach/depot-twenty', { isStill: true });
  await page.evaluate(() => localStorage.removeItem('vesperum.teaching.depot-twenty'));
  await reload(page);
  await begin(page);
  await forward(60_000);
  await on.house.stop();
  await page.keyboard.press('e');
  await textOf(page, 'main.teach h1', /End the class here/);
  await click(page, '.teach-begin');
  await textOf(page, '[role=alert]', /does not answer/);
  await on.house.start();
  await click(page, '.teach-begin');
  await textOf(page, '.log h1', /Twenty minutes/);
  expect(await page.evaluate(() => localStorage.getItem('vesperum.teaching.depot-twenty'))).toBeNull();
});

test('a class that runs late is shortened with one key and taken back with another, marked, led by the clock, and its record holds the plan', async () => {
  const { page, faults, forward } = await openWithClock(on, '/teach/evening-week-4');
  await begin(page);
  await page.keyboard.press('s');
  await textOf(page, '.teach-offer', /It fits as it is/);
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('x');
  // Somebody is helped for twenty minutes.
  await page.keyboard.press('Space');
  await textOf(page, '.teach-call', /Paused/);
  await forward(20 * 60_000);
  await page.keyboard.press('Space');
  await page.waitForSelector('.teach-late');
  const total = () => page.$eval('.teach-clock', ({ textContent }) => textContent);
  const late = await total();
  await page.keyboard.press('s');
  const offer = await textOf(page, '.teach-offer', /Ends \d\d:\d\d, cool-down \d+:\d\d: .*(shorter|left out)/);
  expect(offer).toMatch(/Shorten takes it, Stay leaves it/);
  await page.keyboard.press('s');
  await textOf(page, '.teach-offer', /Shortened. Stay takes it back/);
  expect(await total()).not.toBe(late);
  await page.waitForFunction(() => !/over/.test(document.querySelector('.teach-clock')?.textContent ?? ''));
  await page.keyboard.press('Space');
  await page.waitForFunction(() => /over/.test(document.querySelector('.teach-clock')?.textContent ?? ''));
  await page.keyboard.press('s');
  await textOf(page, '.teach-offer', /Ends/);
  await page.keyboard.press('s');
  await textOf(page, '.teach-offer', /Shortened/);
  // A reload goes on with the class as it was shortened.
  await reload(page);
  await page.waitForSelector('main.teach[data-plan-ms]');
  expect(await page.$eval('.teach-clock', ({ textContent }) => textContent)).not.toMatch(/over/);
  await page.keyboard.press('c');
  await textOf(page, '.teach-crib', /cool-down by \d\d:\d\d/);
  expect(await page.$('.horizon')).toBeNull();
  await page.keyboard.press('c');
  await page.keyboard.press('e');
  await page.evaluate(() => document.querySelector<HTMLElement>('.teach-begin')?.click());
  await page.waitForSelector('.log-lines');
  const { session } = await stored(on.house.url, 'evening-week-4');
  const id = new URL(page.url()).pathname.split('/').at(-1) ?? '';
  const log = ClassLog.parse(await (await fetch(`${on.house.url}/api/logs/${id}`)).json());
  expect(log.items).toHaveLength(session.sections.flatMap(({ items }) => items).length);
  expect(log.notes).toMatch(/\d\d:\d\d, .*: something here/);
  expect(faults).toEqual([]);
});

test('what is open waits to be ended, a talk a while, and each line is led as it is planned', async () => {
  const { session } = await stored(on.house.url, 'depot-twenty');
  const [opening, warmUp] = session.sections;
  const open = opening?.items.find((item) => item.kind === 'movement');
  if (open?.kind !== 'movement' || !warmUp) throw new Error('the demo class has an opening');
  const talk = { kind: 'talk', id: 'knees', seconds: 20, note: 'the knees', ledBy: 'clock' };
  const items = [
    { ...open, id: 'open', count: 3, ends: { by: 'instructor' }, range: { least: 2, most: 5 }, manner: 'quiet' },
    talk,
  ];
  const waiting = {
    ...session,
    id: 'waiting',
    course: null,
    sections: [{ ...opening, items }, ...session.sections.slice(1)],
  };
  await fetch(`${on.house.url}/api/sessions`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ session: waiting }),
  });
  const { page, forward, faults } = await openWithClock(on, '/teach/waiting', { isStill: true });
  await begin(page);
  const length = computed(waiting as typeof session).items[0]?.lengthMs ?? 0;
  await forward(length + length / 6);
  expect(await textOf(page, testId('count'), /done/)).toMatch(/^3breaths done, 2 to 5, until you say/);
  await page.keyboard.press('ArrowRight');
  // The talk is led by the clock, without a metronome.
  await textOf(page, '.teach-crib', /Talk: the knees/);
  await forward(25_000);
  expect(await textOf(page, testId('count'), /waits for you/)).toMatch(/^0:05/);
  await page.keyboard.press('ArrowRight');
  await page.waitForSelector('.horizon');
  expect(faults).toEqual([]);
});

test('no control moves when the class stays, goes on, or is turned to', async () => {
  const { page } = await openPage(on.browser);
  await go(page, `${on.house.url}/teach/depot-twenty`);
  await begin(page);
  const places = () =>
    page.$$eval('.teach-controls > *', (all) =>
      all.map((one) => {
        const { x, y, width } = one.getBoundingClientRect();
        return [x, y, width].map(Math.round).join(' ');
      }),
    );
  const before = await places();
  // At the size of most tablets all stand in one row.
  expect(
    new Set(await page.$$eval('.teach-press', (all) => all.map((one) => Math.round(one.getBoundingClientRect().y))))
      .size,
  ).toBe(1);
  await page.keyboard.press('Space');
  await textOf(page, '.teach-controls', /Go on/);
  expect(await places()).toEqual(before);
  await page.keyboard.press('m');
  await textOf(page, '.teach-controls', /Back to them/);
  expect(await places()).toEqual(before);
});
