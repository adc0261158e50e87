import '../scripts/testing/fixedDay';
import { launchChromium } from '../e2e/browser/chromium';
import { openPage, go } from '../e2e/house';
import { openHouse } from '../e2e/runningHouse';
import { readFileSync } from 'node:fs';
const b = await launchChromium({ isStill: true });
const h = await openHouse();
const prof = await b.createBrowserContext();
for (let i = 0; i < 2; i++) { const { page } = await openPage(prof, {}); await go(page, h.url + '/sessions/evening-week-4'); await page.waitForSelector('.noticed'); await page.close(); }
{ const { page } = await openPage(prof, {});
await page.tracing.start({ path: '/tmp/m/trace.json', categories: ['toplevel','devtools.timeline','v8','disabled-by-default-v8.compile','blink','blink.user_timing','loading','cc','viz','gpu','disabled-by-default-v8.gc','net','ServiceWorker','mojom'] });
await go(page, h.url + '/sessions/evening-week-4'); await page.waitForSelector('.noticed');
await page.tracing.stop(); await page.close(); }
await b.close(); await h.close();
const t = JSON.parse(readFileSync('/tmp/m/trace.json','utf8')).traceEvents as any[];
const tn: Record<string,string> = {}; const pn: Record<string,string> = {};
for (const e of t) { if (e.name==='thread_name') tn[e.pid+':'+e.tid]=e.args.name; if (e.name==='process_name') pn[e.pid]=e.args.name; }
const by = new Map<string, any[]>(); for (const e of t) if (e.ph==='X' && e.tdur!==undefined) { const k=e.pid+':'+e.tid; if(!by.has(k)) by.set(k,[]); by.get(k)!.push(e); }
const self = new Map<string, number>(); const thr = new Map<string, number>();
for (const [k, es] of by) { es.sort((a,b)=>a.ts-b.ts||b.dur-a.dur); const st: any[] = []; for (const e of es) { while (st.length && st.at(-1).ts+st.at(-1).dur<=e.ts) st.pop(); e.self=e.tdur; if (st.length) st.at(-1).self-=e.tdur; st.push(e);} for (const e of es) { const kk=(pn[e.pid]??'?')+' / '+(tn[k]??'?').replace(/\d+.*/,'')+' / '+e.name+(e.args?.src_func? ' '+e.args.src_func:''); self.set(kk,(self.get(kk)??0)+e.self); const kt=(pn[e.pid]??'?')+' / '+(tn[k]??'?').replace(/\d+.*/,''); thr.set(kt,(thr.get(kt)??0)+e.self);} }
for (const [k,v] of [...thr].sort((a,b)=>b[1]-a[1]).slice(0,12)) console.log((v/1000).toFixed(0).padStart(6),k);
console.log('---'); for (const [k,v] of [...self].sort((a,b)=>b[1]-a[1]).slice(0,45)) console.log((v/1000).toFixed(0).padStart(6),k);
process.exit(0);
