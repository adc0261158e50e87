import '../scripts/testing/fixedDay';
import { launchChromium } from '../e2e/browser/chromium';
const b = await launchChromium({ isStill: true });
const prof = await b.createBrowserContext();
const p = await prof.newPage(); await p.goto('data:text/html,hi'); await new Promise(r=>setTimeout(r,1500));
const s = await b.target().createCDPSession();
console.log(JSON.stringify((await s.send('Target.getTargets', { filter: [{}] } as any) as any).targetInfos.map((t:any)=>[t.type,t.url.slice(0,80)]),null,0));
await b.close(); process.exit(0);
