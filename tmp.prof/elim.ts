import '../scripts/testing/fixedDay';
import { readFileSync } from 'node:fs';
import puppeteer from 'puppeteer-core';
import { openPage, go } from '../e2e/house';
import { openHouse } from '../e2e/runningHouse';
const cpu = () => { const f = readFileSync('/proc/stat','utf8').split('\n')[0]!.split(/\s+/).slice(1).map(Number); return (f[0]!+f[1]!+f[2]!+f[5]!+f[6]!)/100; };
const base = ['--no-sandbox','--disable-gpu','--disable-quic','--no-first-run','--disable-background-networking','--disable-component-update','--disable-sync','--autoplay-policy=no-user-gesture-required','--force-prefers-reduced-motion'];
const h = await openHouse();
for (const name of process.argv[2]!.split(',')) {
  const b = await puppeteer.launch({ executablePath: '/usr/bin/chromium', headless: true, pipe: true, args: [...base, ...(name==='lcd'?['--disable-lcd-text','--disable-font-subpixel-positioning']:[])], defaultViewport: name === 'tiny' ? {width: 320, height: 60} : { width: 1280, height: 800 } });
  const prof = await b.createBrowserContext();
  let res: unknown;
  const one = async (path='/sessions/evening-week-4', sel='.noticed') => { const { page } = await openPage(prof, {}); 
    if (name==='nosw') await page.evaluateOnNewDocument(() => { (navigator as any).serviceWorker.register = () => new Promise(() => undefined); });
    if (name==='nofont') await page.evaluateOnNewDocument(() => { const s = document.createElement('style'); s.textContent='*{font-family:monospace!important}'; document.documentElement.append(s); });
    await (name==="blank" ? page.goto(h.url + "/mark.svg") : go(page, h.url + (name==='blank' ? '/mark.svg' : path))); if (name!=='blank') await page.waitForSelector(sel);
    res = await page.evaluate(() => { const r = performance.getEntriesByType('resource') as PerformanceResourceTiming[]; const by: Record<string, [number, number]> = {}; for (const e of r) { const k = e.name.split('?')[0]!.split('.').pop()!.slice(0,12); by[k] ??= [0,0]; by[k]![0]++; by[k]![1]+=e.decodedBodySize; } return by; });
    await page.close(); };
  const c0 = cpu();
  if (name === 'today') { await one('/', '.today-next h2'); const c1=cpu(); for (let i=0;i<5;i++) await one('/', '.today-next h2'); console.log(name,'first',(c1-c0).toFixed(1),'each',((cpu()-c1)/5).toFixed(2)); }
  else { await one(); const c1 = cpu(); for (let i = 0; i < 5; i++) await one(); console.log(name, 'first', (c1-c0).toFixed(1), 'each', ((cpu()-c1)/5).toFixed(2), JSON.stringify(res)); }
  await b.close();
}
await h.close(); process.exit(0);
