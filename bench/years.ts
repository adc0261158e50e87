import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import dayjs from 'dayjs';
import type { Page } from 'puppeteer-core';
import { loadDemo } from '../demo/load';
import { demoLog } from '../demo/log';
import { demoSessions } from '../demo/sessions';
import { launchChromium } from '../e2e/browser/chromium';
import { go, openPage } from '../e2e/house';
import { openHouse, type RunningHouse } from '../e2e/runningHouse';
import { readForms, readRepertoire } from '../server/repertoire';
import { openDatabase } from '../server/store/file/open';
import { movementStore } from '../server/store/movements';
import { logStore } from '../server/store/record/logs';
import { sessionStore } from '../server/store/sessions';

/**
 * A house after years of use beside one with the demo: 600 classes, 600 records, 1,500 versions of own movements. How long the lists
 * take, how soon each place can be used, how many nodes it has, how much memory the server holds. Needs a built interface.
 */

const CLASSES = 600;
const OWN = 300;
const VERSIONS = 5;
const root = join(import.meta.dirname, '..');
const movements = readRepertoire(join(root, 'repertoire'));
const forms = readForms(join(root, 'repertoire', 'forms'));
const find = (id: string) => movements.find((movement) => movement.id === id);

/** Fills a folder with the demo, and with years besides. */
function fill(folder: string): void {
  const today = dayjs().format('YYYY-MM-DD');
  const { database } = openDatabase(folder, (empty) => loadDemo(empty, movements, forms, today));
  const now = new Date().toISOString();
  const own = movementStore(database, movements);
  const base = movements.slice(0, OWN);
  for (let version = 0; version < VERSIONS; version += 1) {
    own.write(
      Array.from({ length: OWN }, (_, i) => {
        const movement = base[i % base.length] as (typeof base)[number];
        const names = { ...movement.names, english: [`My own ${i} ${movement.names.english[0]}`.slice(0, 80)] };
        return { ...movement, id: `my-own-${i}`, names, about: `${movement.about.slice(0, 360)} Version ${version}.` };
      }),
      now,
    );
  }
  const classes = demoSessions(today, find);
  const [sessions, logs] = [sessionStore(database), logStore(database)];
  const taught = classes.map((one) => demoLog(one, find)).find((log) => log !== null);
  for (let i = 0; i < CLASSES; i += 1) {
    const session = classes[i % classes.length] as (typeof classes)[number];
    const date = dayjs(today)
      .subtract(i * 2, 'day')
      .format('YYYY-MM-DD');
    const other = { ...session, id: `years-${i}`, title: `${session.title} ${i}`, date, course: null };
    sessions.add(other, now);
    if (taught) logs.add({ ...taught, id: `years-log-${i}`, sessionId: other.id });
  }
  database.close();
}

const median = (values: readonly number[]): number =>
  values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

async function answerMs(url: string, path: string): Promise<{ first: number; after: number; bytes: number }> {
  const times: number[] = [];
  let bytes = 0;
  for (let time = 0; time < 6; time += 1) {
    const begin = performance.now();
    bytes = (await (await fetch(url + path)).arrayBuffer()).byteLength;
    times.push(performance.now() - begin);
  }
  return { first: times[0] ?? 0, after: median(times.slice(1)), bytes };
}

const PLACES: readonly (readonly [path: string, ready: string])[] = [
  ['/', '.today, .place'],
  ['/sessions', '.quiet-table-title'],
  ['/logbook', '.quiet-table-title'],
  ['/repertoire', '.wall-piece'],
  ['/groups', '.groups-list'],
  ['/courses', '.place'],
];

/** Milliseconds until a place stands and a frame was drawn after it, and its nodes. */
async function open(page: Page, url: string, ready: string): Promise<{ ms: number; nodes: number }> {
  const begin = performance.now();
  await go(page, url);
  await page.waitForSelector(ready);
  await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve, 0))));
  const ms = performance.now() - begin;
  return { ms, nodes: await page.evaluate(() => document.querySelectorAll('*').length) };
}

const memoryMb = (pid: number): number =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1024;

async function measure(house: RunningHouse, browser: Awaited<ReturnType<typeof launchChromium>>) {
  const { page } = await openPage(browser.defaultBrowserContext());
  const places = new Map<string, { ms: number; nodes: number }>();
  for (const [path, ready] of PLACES) {
    await open(page, house.url + path, ready);
    const times = [];
    for (let time = 0; time < 3; time += 1) times.push(await open(page, house.url + path, ready));
    places.set(path, { ms: median(times.map(({ ms }) => ms)), nodes: times[0]?.nodes ?? 0 });
  }
  await page.close();
  return places;
}

async function main(): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'vesperum-years-'));
  const browser = await launchChromium();
  const demo = await openHouse();
  fill(folder);
  const years = await openHouse({ folder });
  try {
    for (const path of [
      '/api/sessions/page?today=2026-11-27',
      '/api/sessions',
      '/api/logs',
      '/api/library',
      '/api/movements/traits',
    ]) {
      const [small, large] = [await answerMs(demo.url, path), await answerMs(years.url, path)];
      console.log(
        `GET ${path.padEnd(24)} first ${large.first.toFixed(0).padStart(5)} ms, then ${large.after.toFixed(1).padStart(6)} ms ` +
          `(${(large.bytes / 1024).toFixed(0)} kB); demo ${small.after.toFixed(1)} ms`,
      );
    }
    const [small, large] = [await measure(demo, browser), await measure(years, browser)];
    for (const [path, { ms, nodes }] of large) {
      const before = small.get(path);
      const ratio = ms / (before?.ms ?? ms);
      console.log(
        `${path.padEnd(12)} usable after ${ms.toFixed(0).padStart(5)} ms, ${ratio.toFixed(2)} times the demo; ${nodes} nodes (demo ${before?.nodes})`,
      );
    }
    console.log(`the server holds ${memoryMb(years.pid()).toFixed(0)} MB (demo ${memoryMb(demo.pid()).toFixed(0)} MB)`);
  } finally {
    await browser.close();
    await demo.close();
    await years.close();
  }
}

void main();
