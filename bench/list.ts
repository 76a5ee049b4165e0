import { type Page } from '@playwright/test';
import { newStudy } from '../src/lib/study/new-study';
import { HELPING } from '../src/lib/model/listed';
import { ADDRESS, countLongTasks, inBrowser, keep, longTasks, measuring, spent } from './browser';

const STUDIES = 200;
/** Enough to come to the end of the list. */
const MOST_SCROLLS = 80;

/** Whether a picture has not been loaded yet. */
const unseen = (page: Page): Promise<boolean> =>
	page.evaluate(() => [...document.images].some((image) => image.naturalWidth === 0));

/** What the pictures of 200 studies cost the page that lists them. */
await inBrowser(async (page) => {
	await countLongTasks(page);
	for (let i = 0; i < STUDIES; i++) await keep(newStudy(`Study ${i}`, ''));
	const session = await measuring(page);
	const before = await spent(session);
	const start = performance.now();
	await page.goto(ADDRESS);
	for (let shown = HELPING; shown < STUDIES; shown += HELPING) {
		await page.getByRole('button', { name: 'Show more' }).click();
		await page.waitForFunction((least) => document.images.length > least, shown);
	}
	await page.evaluate(() => scrollTo(0, 0));
	for (let scrolls = 0; scrolls < MOST_SCROLLS && (await unseen(page)); scrolls++) {
		await page.mouse.wheel(0, 600);
		await page.waitForTimeout(60);
	}
	await page.waitForLoadState('networkidle');
	const after = await spent(session);
	const long = await longTasks(page);
	const seen = await page.evaluate(() => [...document.images].filter((image) => image.naturalWidth > 0).length);
	console.log(`\n| the list with the pictures of ${STUDIES} studies | | goal |`);
	console.log('| --- | ---: | ---: |');
	console.log(`| pictures loaded | ${seen} | ${STUDIES} |`);
	console.log(`| script of the page, ms | ${(after.script - before.script).toFixed(0)} | |`);
	console.log(`| long tasks, their longest in ms | ${long.length}, ${Math.max(0, ...long).toFixed(0)} | 0 |`);
	console.log(`| all of it with scrolling through, s | ${((performance.now() - start) / 1000).toFixed(1)} | |`);
});
