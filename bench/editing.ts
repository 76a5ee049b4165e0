import { type Page } from '@playwright/test';
import { alive } from '../tests/support/alive';
import { ADDRESS, inBrowser } from './browser';

/** Minutes of editing without a pause, as a person who tries everything. */
const MINUTES = 5;

/** One round of what is done all the time: turn, choose, add and take back, open and close. */
async function edit(page: Page, round: number): Promise<void> {
	const menu = async (button: string, item?: string): Promise<void> => {
		await page.getByRole('button', { name: button, exact: true }).click();
		if (item) await page.getByRole('menuitem', { name: item, exact: true }).click();
		else await page.keyboard.press('Escape');
	};
	await page.getByRole('button', { name: /^Plate 1: / }).click();
	await page.locator(`[data-place="${round % 3} 0"]`).click();
	const hue = page.getByRole('slider', { name: 'Hue' });
	await hue.focus();
	for (let i = 0; i < 10; i++) await page.keyboard.press(round % 2 ? 'ArrowLeft' : 'ArrowRight');
	for (const kind of ['A plate of scales', 'A wheel', 'A scheme', 'Mixes', 'Grounds']) {
		await menu('Add a plate', kind);
		await page.keyboard.press('Control+z');
	}
	await menu('Take it away');
	await page.getByRole('tab', { name: 'Palettes' }).click();
	await page.getByRole('tab', { name: 'Readings' }).click();
	await page.getByRole('button', { name: 'Read in colours' }).click();
	await page.getByRole('dialog').getByRole('button', { name: 'Cancel' }).click();
}

await inBrowser(async (page) => {
	await page.goto(ADDRESS);
	await page.getByRole('link', { name: 'Blanket border, first warp', exact: true }).click();
	await page.getByRole('region', { name: 'Mixer' }).waitFor();
	console.log('\n| after so many minutes of editing | rounds | nodes | listeners | heap, MB |');
	console.log('| ---: | ---: | ---: | ---: | ---: |');
	const start = Date.now();
	let rounds = 0;
	for (let minute = 0; minute <= MINUTES; minute++) {
		while (Date.now() - start < minute * 60_000) await edit(page, rounds++);
		await page.waitForTimeout(1500);
		const { nodes, listeners, megabytes } = await alive(page);
		console.log(`| ${minute} | ${rounds} | ${nodes} | ${listeners} | ${megabytes.toFixed(1)} |`);
	}
});
