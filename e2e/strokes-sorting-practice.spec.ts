import { readFileSync } from 'node:fs';
import { linearToHex } from '../src/lib/core/colour/bytes';
import { practiceSubject } from '../src/lib/core/matching/practice';
import { drawnRow } from '../src/lib/core/matching/sorting';
import { axeFaults } from './axe';
import { check, chips, plate, readings, setByTracks, settings } from './matched';
import { addExercise, makeStudy, reach } from './pages';
import { expect, test } from './test';

test('a transition is laid by strokes with the mouse and by keys, picked up and measured beside the best', async ({
	page
}) => {
	await makeStudy(page);
	await addExercise(page, 'A transition by strokes');
	const strip = page.getByRole('button', { name: /^Strip of 24 fields/ });
	const box = (await strip.boundingBox())!;
	const at = (field: number): readonly [number, number] => [
		box.x + ((field + 0.5) / 24) * box.width,
		box.y + box.height / 2
	];
	await page.mouse.move(...at(12));
	await page.mouse.down();
	await page.mouse.move(...at(16), { steps: 4 });
	await page.mouse.up();
	await page.keyboard.down('Alt');
	await page.mouse.click(...at(14));
	await page.keyboard.up('Alt');
	await expect(page.getByText('picked up at field 15')).toBeVisible();
	// By keys: from field 8 on to field 11.
	await strip.focus();
	await page.keyboard.press('Home');
	for (let i = 0; i < 7; i++) await page.keyboard.press('ArrowRight');
	for (let i = 0; i < 3; i++) await page.keyboard.press('Shift+ArrowRight');
	await page.keyboard.press('Enter');
	const { strokes } = (await settings(page)) as { strokes: { from: number; to: number; brush: unknown }[] };
	expect(strokes.map(({ from, to }) => [from, to])).toEqual([
		[12, 16],
		[7, 10]
	]);
	expect(strokes[1]!.brush).toEqual({ field: 14 });
	await check(page);
	await expect(readings(page)).toContainText(/After 2 strokes the strip is \d+\.\d ΔE00 off the best in the mean/);
	expect(await axeFaults(page)).toEqual([]);
});

test('twenty chips are brought into their true order by keys alone', async ({ page }) => {
	await makeStudy(page);
	await addExercise(page, 'Sort a row');
	const row = page.getByRole('group', { name: 'Chips to be sorted' }).getByRole('button');
	await expect(row).toHaveCount(20);
	const { seed, by } = (await settings(page)) as { seed: number; by: 'value' };
	const order = [...drawnRow(by, seed).mixed];
	await row.nth(1).focus();
	let place = 1;
	const go = async (to: number) => {
		for (; place < to; place++) await page.keyboard.press('ArrowRight');
		for (; place > to; place--) await page.keyboard.press('ArrowLeft');
	};
	for (let wanted = 1; wanted < 19; wanted++) {
		const from = order.indexOf(wanted);
		await go(from);
		if (from === wanted) continue;
		await page.keyboard.press('Enter');
		await go(wanted);
		await page.keyboard.press('Enter');
		order.splice(wanted, 0, ...order.splice(from, 1));
	}
	await check(page);
	await expect(readings(page)).toContainText('Every chip lies where it belongs: error 0.');
	await (await reach(page, page.getByRole('combobox', { name: 'What is sorted by' }))).selectOption('by hue');
	await expect(row).toHaveCount(20);
	// By the mouse: a chip is dragged five places on.
	const before = ((await settings(page)) as { order: number[] }).order;
	const [from, to] = [(await row.nth(4).boundingBox())!, (await row.nth(9).boundingBox())!];
	await page.mouse.move(from.x + from.width / 2, from.y + 40);
	await page.mouse.down();
	await page.mouse.move(to.x + to.width / 2, to.y + 40, { steps: 12 });
	await page.mouse.up();
	await expect.poll(async () => ((await settings(page)) as { order: number[] }).order[9]).toBe(before[4]);
});

test('a practice of ten goes from subject to subject, is kept in the browser, and is taken along, deleted and brought again', async ({
	page
}) => {
	await makeStudy(page);
	await addExercise(page, 'Practice');
	const { seed } = (await settings(page)) as { seed: number };
	for (let round = 0; round < 10; round++) {
		await expect(plate(page)).toContainText(`Subject ${round + 1} of 10`);
		await chips(page).first().click();
		const target = linearToHex(...practiceSubject(seed, round).colour);
		// Nine are set as they are; one far off.
		await setByTracks(page, round === 4 ? '#777777' : target);
		await check(page);
		await expect(readings(page)).toContainText(/\d+\.\d ΔE00 off|held; the median/);
		if (round < 9) await page.getByRole('button', { name: 'Next subject' }).click();
	}
	await expect(readings(page)).toContainText('kept in this browser');
	await expect(readings(page)).toContainText(/(9|10) of 10 held; the median is \d\.\d ΔE00 off/);
	expect(await axeFaults(page)).toEqual([]);
	await page.reload();
	const all = page.getByRole('region', { name: 'All practice' });
	await expect(all).toContainText('1 series since');
	const waiting = page.waitForEvent('download');
	await all.getByRole('button', { name: 'Take along as a file' }).click();
	const path = await (await waiting).path();
	await all.getByRole('button', { name: 'Delete all' }).click();
	await expect(all).toContainText('None kept yet.');
	await all.getByLabel('File of practice').setInputFiles({
		name: 'my-eye.practice.json',
		mimeType: 'application/json',
		buffer: readFileSync(path)
	});
	await expect(all).toContainText('1 series since');
	await all.getByLabel('File of practice').setInputFiles({
		name: 'list.json',
		mimeType: 'application/json',
		buffer: Buffer.from('{"series": 3}')
	});
	await expect(
		page.getByText('“list.json” has no practice: a file ending in .practice.json was expected.')
	).toBeVisible();
});
