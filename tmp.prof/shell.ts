import '../scripts/testing/fixedDay';
import { readFileSync, existsSync } from 'node:fs';
import puppeteer from 'puppeteer-core';
import { openPage, go } from '../e2e/house';
import { openHouse } from '../e2e/runningHouse';
const cpu = () => { const f = readFileSync('/proc/stat','utf8').split('\n')[0]!.split(/\s+/).slice(1).map(Number); return (f[0]!+f[1]!+f[2]!+f[5]!+f[6]!)/100; };
const base = ['--no-sandbox','--disable-gpu','--disable-quic','--no-first-run','--disable-background-networking','--disable-component-update','--disable-sync','--autoplay-policy=no-user-gesture-required','--force-prefers-reduced-motion'];
const h = await openHouse();
const F='WebUIOmniboxPopup,WebUIOmniboxAimPopup,WebUIOmniboxFullPopup,OmniboxPopupWebUI,AiModeOmniboxEntryPoint,AimEnabled,WebUIOmniboxPopupDebug,WebUIOmnibox,Translate,AcceptCHFrame,MediaRouter,OptimizationHints,RenderDocument,PartitionAllocSchedulerLoopQuarantineTaskControlledPurge';
const kinds: Record<string,[string,string[],boolean]> = { full: ['/usr/bin/chromium',['--disable-features=WebUIOmniboxPopup,WebUIOmniboxAimPopup'],false], nofeat: ['/usr/bin/chromium',['--disable-features='+F],false], shell: ['/usr/bin/chromium-headless-shell',[],true], tabs: ['/usr/bin/chromium',[],false]};
for (const name of process.argv[2]!.split(',')) {
  const [exe, more, sh] = kinds[name]!; if (!existsSync(exe)) { console.log('none', exe); continue; }
  const b = await puppeteer.launch({ executablePath: exe, headless: sh ? 'shell' : true, pipe: true, args: [...base, ...more], defaultViewport: { width: 1280, height: 800 } });
  const prof = name==='tabs' ? b.defaultBrowserContext() : await b.createBrowserContext();
  const one = async () => { const { page } = await openPage(prof, {}); await go(page, h.url + '/sessions/evening-week-4'); await page.waitForSelector('.noticed'); await page.close(); };
  const c0 = cpu(); await one(); const c1 = cpu(); for (let i = 0; i < 5; i++) await one();
  const s = await b.target().createCDPSession();
  const infos = ((await s.send('Target.getTargets', { filter: [{}] } as never)) as any).targetInfos.filter((t:any)=>t.type==='browser_ui').length;
  console.log(name, 'first', (c1-c0).toFixed(1), 'each', ((cpu()-c1)/5).toFixed(2), 'browser_ui', infos);
  await b.close();
}
await h.close(); process.exit(0);
