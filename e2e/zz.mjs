import { chromium } from '@playwright/test';
import { execSync } from 'node:child_process';
const exe = execSync('which chromium').toString().trim();
const b = await chromium.launch({ executablePath: exe, args: ['--no-sandbox'] });
const [, , w, profile, ...jobs] = process.argv;
const ctx = await b.newContext({ viewport: { width: +w, height: +w < 500 ? 844 : 800 } });
const page = await ctx.newPage();
page.on('console', (m) => m.type() === 'error' && console.log('CONSOLE', m.text().slice(0, 300)));
page.on('pageerror', (e) => console.log('PAGEERROR', String(e).slice(0, 400)));
await page.goto('http://127.0.0.1:4711/');
const p = page.getByRole('button', { name: profile });
if (await p.count()) await p.first().click();
else {
  const r = page.getByText(profile, { exact: true });
  if (await r.count()) await r.first().click();
}
const sites = await (await ctx.request.get('http://127.0.0.1:4711/api/v1/sites')).json();
const main = sites.sites.at(-1).panels[0].panel.id,
  site = sites.sites.at(-1).site.id;
for (const job of jobs) {
  const [name, path, code] = job.split('|');
  await page.goto('http://127.0.0.1:4711' + path.replace('MAIN', main).replace('SITE', site));
  await page.waitForTimeout(1200);
  if (code) await new Function('page', 'return (async()=>{' + code + '})()')(page);
  await page.screenshot({ path: `/tmp/${name}.png` });
}
await b.close();
