import { chromium } from '@playwright/test';
export const browser = await chromium.launch({ executablePath: '/usr/bin/chromium-headless-shell' });
export async function open(title, size = { width: 1280, height: 800 }) {
	const page = await (await browser.newContext({ viewport: size })).newPage();
	page.on('response', async (r) => r.status() >= 400 && console.log(r.status(), r.url(), (await r.text().catch(()=>'')).slice(0, 400)));
	page.on('pageerror', (e) => console.log('PAGEERROR', e.message, e.stack?.slice(0, 500)));
	page.on('console', (m) => m.type() === 'error' && console.log('CONSOLE', m.text().slice(0, 300)));
	await page.goto('http://127.0.0.1:4700/');
	if (title) await page.getByRole('link', { name: title, exact: true }).click();
	await page.waitForLoadState('networkidle');
	return page;
}
