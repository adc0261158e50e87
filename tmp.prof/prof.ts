import '../scripts/testing/fixedDay';
import { launchChromium } from '../e2e/browser/chromium';
import { openPage, go } from '../e2e/house';
import { openHouse } from '../e2e/runningHouse';
import { writeFileSync } from 'node:fs';
const b = await launchChromium({ isStill: true });
const h = await openHouse();
const prof = await b.createBrowserContext();
const path = process.argv[2] ?? '/sessions/evening-week-4', ready = process.argv[3] ?? '.noticed';
for (let i = 0; i < 3; i++) {
  const t0 = performance.now();
  const { page } = await openPage(prof, {});
  const s = await page.createCDPSession();
  await s.send('Profiler.enable'); await s.send('Profiler.setSamplingInterval', { interval: 500 }); await s.send('Profiler.start');
  const t1 = performance.now();
  await go(page, h.url + path); const t2 = performance.now();
  await page.waitForSelector(ready); const t3 = performance.now();
  await new Promise(r => setTimeout(r, 1500));
  const m = await page.metrics();
  const { profile } = await s.send('Profiler.stop');
  writeFileSync(`/tmp/m/page${i}.cpuprofile`, JSON.stringify(profile));
  console.log(i, 'newPage', (t1-t0).toFixed(0), 'go', (t2-t1).toFixed(0), 'ready', (t3-t2).toFixed(0), JSON.stringify({ script: m.ScriptDuration, layout: m.LayoutDuration, style: m.RecalcStyleDuration, task: m.TaskDuration, nodes: m.Nodes }));
  await page.close();
}
await b.close(); await h.close(); process.exit(0);
