import puppeteer from 'puppeteer-core';
for (const f of ['WebUIOmniboxPopup','WebUIOmniboxAimPopup','WebUIOmniboxPopup,WebUIOmniboxAimPopup','AiModeOmniboxEntryPoint','WebUIOmniboxPopup,WebUIOmniboxAimPopup,WebUIOmniboxFullPopup','OmniboxPopupWebUI','WebUIOmniboxPopup,AiModeOmniboxEntryPoint','AimEnabled,WebUIOmniboxPopup']) {
  const b = await puppeteer.launch({ executablePath: '/usr/bin/chromium', headless: true, pipe: true, args: ['--no-sandbox','--disable-gpu','--disable-features='+f] });
  const c = await b.createBrowserContext(); const p = await c.newPage(); await p.goto('data:text/html,hi'); await new Promise(r=>setTimeout(r,1200));
  const s = await b.target().createCDPSession();
  console.log(f, ((await s.send('Target.getTargets', { filter: [{}] } as never)) as any).targetInfos.filter((t:any)=>t.type==='browser_ui').length);
  await b.close();
}
process.exit(0);
