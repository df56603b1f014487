import { chromium } from 'playwright-core';
const list = JSON.parse(process.argv[2]);
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
for (const it of list) {
  const ctx = await b.newContext({ viewport: it.wide ? { width: 1280, height: 800 } : { width: 390, height: it.height ?? 844 }, colorScheme: it.dark ? 'dark' : 'light', reducedMotion: 'reduce' });
  const p = await ctx.newPage();
  p.on('pageerror', (e) => console.log(it.name, 'ERR', e.message.slice(0, 300)));
  await p.goto('http://127.0.0.1:3210' + it.path); await p.waitForTimeout(it.wait ?? 2500);
  for (const a of it.act ?? []) {
    if (a.tap) await p.getByRole(a.role ?? 'button', { name: new RegExp(a.tap) }).nth(a.nth ?? 0).click();
    if (a.at) await p.mouse.click(a.at[0], a.at[1]);
    if (a.scroll) await p.mouse.wheel(0, a.scroll);
    if (a.key) await p.keyboard.press(a.key);
    if (a.fill) await p.getByLabel(a.fill[0], { exact: true }).first().fill(a.fill[1]);
    await p.waitForTimeout(a.wait ?? 350);
  }
  if (it.print) await p.emulateMedia({ media: 'print' });
  await p.screenshot({ path: `/tmp/shots/${it.name}.png`, fullPage: !!it.full });
  await ctx.close();
}
await b.close();
