import '../scripts/testing/fixedDay';
import { readFileSync } from 'node:fs';
import puppeteer from 'puppeteer-core';
import { openPage, go } from '../e2e/house';
import { openHouse } from '../e2e/runningHouse';
const cpu = () => { const f = readFileSync('/proc/stat','utf8').split('\n')[0]!.split(/\s+/).slice(1).map(Number); return (f[0]!+f[1]!+f[2]!+f[5]!+f[6]!)/100; };
const base = ['--no-sandbox','--disable-gpu','--disable-quic','--no-first-run','--disable-background-networking','--disable-component-update','--disable-sync','--autoplay-policy=no-user-gesture-required','--force-prefers-reduced-motion'];
const h = await openHouse();
const sets: Record<string,string[]> = { plain: [], noopt: ['--js-flags=--no-opt --no-maglev'], nomaglev: ['--js-flags=--no-maglev'], lite: ['--js-flags=--no-opt --no-maglev --no-sparkplug'], single: ['--js-flags=--single-threaded-gc --no-concurrent-recompilation'], novsync: ['--disable-gpu-vsync','--disable-frame-rate-limit'], nosite:['--disable-site-isolation-trials','--renderer-process-limit=1','--disable-features=IsolateOrigins,site-per-process,Translate,OptimizationHints,MediaRouter,PaintHolding,BackForwardCache'], semi:['--js-flags=--max-semi-space-size=64 --min-semi-space-size=32']};
const want = process.argv[2]!.split(',');
for (const name of want) {
  const b = await puppeteer.launch({ executablePath: '/usr/bin/chromium', headless: true, pipe: true, args: [...base, ...sets[name]!], defaultViewport: { width: 1280, height: 800 } });
  const prof = await b.createBrowserContext();
  const block = process.argv[3] === 'nosw';
  const one = async () => { const { page } = await openPage(prof, {}); if (block) await page.evaluateOnNewDocument(() => { delete (Navigator.prototype as unknown as {serviceWorker?: unknown}).serviceWorker; }); await go(page, h.url + '/sessions/evening-week-4'); await page.waitForSelector('.noticed'); await page.close(); };
  const c0 = cpu(), t0 = performance.now();
  await one(); const c1 = cpu();
  for (let i = 0; i < 5; i++) await one();
  const c2 = cpu();
  console.log(name, block ? 'nosw' : '', 'first', (c1-c0).toFixed(1), 'then each', ((c2-c1)/5).toFixed(2), 'wall', ((performance.now()-t0)/6000).toFixed(2));
  await b.close();
}
await h.close(); process.exit(0);
