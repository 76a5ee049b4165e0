import { chromium } from '@playwright/test';
export const browser = await chromium.launch({ executablePath: '/usr/bin/chromium-headless-shell', args: ['--no-sandbox'] });
export const A = 'http://127.0.0.1:4700';
export async function open(title, size = { width: 1280, height: 800 }) { const page = await browser.newPage({ viewport: size }); page.on('pageerror', e => console.log('PAGEERROR', e.message)); page.on('console', m => m.type()==='error' && console.log('CONSOLE', m.text())); await page.goto(A); if (title) await page.getByRole('link', { name: title }).first().click(); await page.waitForLoadState('networkidle'); return page; }
