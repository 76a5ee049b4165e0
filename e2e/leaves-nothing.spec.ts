import { alive } from '../tests/support/alive';
import { addPlate, makeStudy } from './pages';
import { expect, test } from './test';

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
	for (let i = 0; i < 2; i++) await round();
	// Notices and what waits for its turn are given time to go.
	await page.waitForTimeout(1200);
	const before = await alive(page);
	for (let i = 0; i < 5; i++) await round();
	await page.waitForTimeout(1200);
	const after = await alive(page);
	// A plate that stayed would leave 40 nodes and 6 listeners a round.
	expect(after.nodes - before.nodes).toBeLessThan(95);
	expect(after.listeners - before.listeners).toBeLessThan(12);
});
