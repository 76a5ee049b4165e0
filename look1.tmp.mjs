import { open, browser } from './look.tmp.mjs';
const page = await open(null);
page.on('response', async (r) => r.status() >= 400 && console.log(r.status(), r.url(), (await r.text()).slice(0, 300)));
await page.getByRole('link', { name: 'Floor cloth for the weaving hall', exact: true }).click();
await page.waitForTimeout(2500);
await page.getByRole('button', { name: /^Plate 2: / }).click(); await page.waitForTimeout(1500); await page.screenshot({ path: `/tmp/s2.png` });
await browser.close();
