import { type Page } from '@playwright/test';
import { addPlate, makeStudy } from './pages';
import { expect, test } from './test';

/** Nodes of the page and listeners that are alive, after what nobody holds any more has been collected. */
async function alive(page: Page): Promise<{ nodes: number; listeners: number }> {
	await page.waitForTimeout(1200);
	const session = await page.context().newCDPSession(page);
	await session.send('Performance.enable');
	for (let i = 0; i < 2; i++) await session.send('HeapProfiler.collectGarbage');
	const { metrics } = await session.send('Performance.getMetrics');
	await session.detach();
	const of = (name: string): number => metrics.find((metric) => metric.name === name)?.value ?? 0;
	return { nodes: of('Nodes'), listeners: of('JSEventListeners') };
}

test('adding plates, palettes beside the plate and dialogs, and taking them back, leaves nothing behind', async ({
	page
}) => {
	await makeStudy(page);
	const round = async () => {
		await addPlate(page, 'A plate of scales');
		await page.keyboard.press('Control+z');
		await addPlate(page, 'Mixes');
		await page.keyboard.press('Control+z');
		await page.getByRole('tab', { name: 'Palettes' }).click();
		await page.getByRole('tab', { name: 'Readings' }).click();
		await page.getByRole('button', { name: 'Read in colours' }).click();
		await page.getByRole('dialog').getByRole('button', { name: 'Cancel' }).click();
	};
	for (let i = 0; i < 5; i++) await round();
	const before = await alive(page);
	for (let i = 0; i < 15; i++) await round();
	const after = await alive(page);
	// A plate that stayed would leave 40 nodes and 6 listeners a round.
	expect(after.nodes - before.nodes).toBeLessThan(150);
	expect(after.listeners - before.listeners).toBeLessThan(15);
});
