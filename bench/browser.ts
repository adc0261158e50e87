import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { createServer } from 'node:http';
import { tmpdir } from 'node:os';
import { extname, join } from 'node:path';
import react from '@vitejs/plugin-react';
import type { Browser, Page } from 'puppeteer-core';
import { build } from 'vite';
import { launchChromium } from '../e2e/browser/chromium';
import { go, openPage } from '../e2e/house';
import { openHouse } from '../e2e/runningHouse';
import { readRepertoire } from '../server/repertoire';
import { longPlan } from './longPlan';

/** Measures in a real browser: the wall, and ten figures moving at once. Needs a built interface (npm run build). */

const KINDS: Readonly<Record<string, string>> = { '.html': 'text/html', '.js': 'text/javascript', '.css': 'text/css' };

/** Counts frames and long tasks in the page. Sent as text: what runs in the browser must not be touched by this side's tools. */
const WATCHING = `
  window.seen = { frames: 0, long: [] };
  new PerformanceObserver((list) => list.getEntries().forEach(({ duration }) => window.seen.long.push(duration)))
    .observe({ type: 'longtask' });
  requestAnimationFrame(function frame() { window.seen.frames += 1; requestAnimationFrame(frame); });
`;

/** Presses + and - in turn, and watches the end of the class and the words of the tide. Sent as text, like the above. */
const KEYSTROKES = `(async () => {
  const ends = () => document.querySelector('[data-testid="ends"]').textContent;
  const tide = () => document.querySelector('.tide canvas').getAttribute('aria-label');
  const until = (changed) => new Promise((resolve) => {
    const look = () => (changed() || performance.now() > limit ? resolve(performance.now()) : requestAnimationFrame(look));
    look();
  });
  let limit = 0;
  const moved = [], judged = [];
  for (let press = 0; press < 24; press += 1) {
    const [before, drawn] = [ends(), tide()];
    const start = performance.now();
    limit = start + 3000;
    document.activeElement.dispatchEvent(
      new KeyboardEvent('keydown', { key: press % 2 === 0 ? '+' : '-', bubbles: true }),
    );
    moved.push((await until(() => ends() !== before)) - start);
    judged.push((await until(() => tide() !== drawn)) - start);
    await new Promise((resolve) => setTimeout(resolve, 700));
  }
  return { moved, judged };
})()`;

/** Frames drawn in a while, and the longest tasks meanwhile, in milliseconds. */
async function watch(page: Page, ms: number, meanwhile: () => Promise<void> = async () => {}) {
  await page.evaluate(WATCHING);
  const start = performance.now();
  await meanwhile();
  await new Promise((resolve) => setTimeout(resolve, Math.max(0, ms - (performance.now() - start))));
  const seconds = (performance.now() - start) / 1000;
  const { frames, long } = await page.evaluate(
    () => (window as unknown as { seen: { frames: number; long: number[] } }).seen,
  );
  return { perSecond: frames / seconds, long };
}

async function wall(browser: Browser): Promise<void> {
  const house = await openHouse();
  try {
    const times: number[] = [];
    let scrolled = { perSecond: 0, long: [] as number[] };
    for (let run = 0; run < 5; run += 1) {
      const { page } = await openPage(browser.defaultBrowserContext());
      await go(page, `${house.url}/sessions`);
      const start = performance.now();
      await page.click('a[href="/repertoire"]');
      await page.waitForFunction(() => document.querySelectorAll('.wall li svg.figure').length > 100, {
        polling: 'raf',
      });
      times.push(performance.now() - start);
      await page.waitForNetworkIdle();
      scrolled = await watch(page, 3000, async () => {
        for (let step = 0; step < 40; step += 1) {
          await page.mouse.wheel({ deltaY: 160 });
          await new Promise((resolve) => setTimeout(resolve, 40));
        }
      });
      await page.close();
    }
    times.sort((a, b) => a - b);
    console.log(`the wall stands ${(times[2] ?? 0).toFixed(0)} ms after it is asked for (median of 5)`);
    console.log(
      `  scrolled: ${scrolled.perSecond.toFixed(0)} frames a second; tasks over 50 ms: ${scrolled.long.map((ms) => ms.toFixed(0)).join(', ') || 'none'}`,
    );
  } finally {
    await house.close();
  }
}

async function tenFigures(browser: Browser): Promise<void> {
  const out = mkdtempSync(join(tmpdir(), 'vesperum-bench-'));
  await build({
    root: join(import.meta.dirname, 'page'),
    plugins: [react()],
    logLevel: 'error',
    configFile: false,
    build: { outDir: out, emptyOutDir: true },
  });
  const server = createServer((request, response) => {
    const path = join(out, request.url === '/' ? 'index.html' : (request.url ?? ''));
    response.setHeader('Content-Type', KINDS[extname(path)] ?? 'application/octet-stream');
    if (existsSync(path)) response.end(readFileSync(path));
    else response.writeHead(404).end();
  }).listen(0, '127.0.0.1');
  try {
    await new Promise((resolve) => server.once('listening', resolve));
    const address = server.address();
    const page = await browser.newPage();
    await page.goto(`http://127.0.0.1:${typeof address === 'object' ? address?.port : 0}/`);
    await page.waitForFunction(() => document.querySelectorAll('svg.figure').length === 10);
    const { perSecond, long } = await watch(page, 4000);
    console.log(`ten figures moving: ${perSecond.toFixed(0)} frames a second; tasks over 50 ms: ${long.length}`);
    // The figures are sent off first, so that nothing else is drawn meanwhile.
    await page.evaluate("document.getElementById('ten').remove()");
    const { first, cold, edited } = (await page.evaluate('window.judging(25)')) as Record<
      'first' | 'cold' | 'edited',
      number
    >;
    console.log(
      `judging a class of 60 items here: the first time ${first.toFixed(0)} ms; cold ${cold.toFixed(0)} ms, after one edit ${edited.toFixed(1)} ms (medians)`,
    );
  } finally {
    server.close();
    rmSync(out, { recursive: true });
  }
}

/** How long a keystroke takes in a class of 60 lines: until its minutes have moved, and until it has been judged anew. */
async function keystrokes(browser: Browser): Promise<void> {
  const house = await openHouse();
  try {
    const plan = longPlan(readRepertoire(join(import.meta.dirname, '..', 'repertoire')));
    const session = { ...plan, id: 'sixty-lines', title: 'Sixty', groupId: null, date: null, startsAt: '19:00' };
    await fetch(`${house.url}/api/sessions`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ session }),
    });
    const { page } = await openPage(browser.defaultBrowserContext());
    await go(page, `${house.url}/sessions/sixty-lines`);
    await page.waitForSelector('.noticed');
    await page.focus('[data-line="line-7"]');
    // As long as between two keys: taking the line in hand is not what is measured.
    await new Promise((resolve) => setTimeout(resolve, 700));
    const { moved, judged } = (await page.evaluate(KEYSTROKES)) as { moved: number[]; judged: number[] };
    const median = (of: number[]) => of.toSorted((a, b) => a - b)[Math.floor(of.length / 2)] ?? 0;
    console.log(
      `a keystroke in a class of 60 lines: minutes moved after ${median(moved).toFixed(0)} ms (worst ${Math.max(...moved).toFixed(0)}), tide drawn anew after ${median(judged).toFixed(0)} ms (worst ${Math.max(...judged).toFixed(0)}; medians of ${moved.length})`,
    );
    await page.close();
  } finally {
    await house.close();
  }
}

const browser = await launchChromium();
try {
  await wall(browser);
  await keystrokes(browser);
  await tenFigures(browser);
} finally {
  await browser.close();
}
