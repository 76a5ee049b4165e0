import { axeFaults } from './axe';
import { drawnColours, makeStudy, openDemo, saved } from './pages';
import { expect, test } from './test';

test('exercises are looked through as pictures in the colours of the study, found by words, and added by a click', async ({
	page
}) => {
	await makeStudy(page);
	await page.getByRole('button', { name: 'Add a plate', exact: true }).click();
	const tiles = page.getByRole('group', { name: 'Exercises' }).getByRole('button');
	await expect(tiles.first()).toBeVisible();
	const count = await tiles.count();
	expect(count).toBeGreaterThan(25);
	// In the order of a course, numbered through, under its parts.
	const names = await tiles.evaluateAll((all) => all.map((tile) => tile.getAttribute('aria-label')!));
	names.forEach((name, i) => expect(name).toMatch(new RegExp(`^${i + 1}\\. `)));
	await expect(page.getByRole('group', { name: 'Exercises' }).getByRole('heading', { level: 2 })).toHaveText([
		'Scales',
		'Wheels and schemes',
		'Mixes',
		'Grounds',
		'Pictures',
		'Patterns',
		'Matching'
	]);
	// What the study has is ticked: the tints that it begins with.
	expect(names.filter((name) => name.endsWith('In this study.'))).toEqual([expect.stringMatching(/^1\. Tints\./)]);
	// The pictures are drawn in the colours of the study: weld has no tints yet.
	await expect(async () => {
		const welds = await tiles
			.first()
			.locator('canvas')
			.evaluate((canvas: HTMLCanvasElement) => {
				const { data } = canvas.getContext('2d')!.getImageData(0, 0, canvas.width, canvas.height);
				let found = 0;
				for (let i = 0; i < data.length; i += 4)
					if (data[i] === 0xd9 && data[i + 1] === 0xb0 && data[i + 2] === 0x36) found++;
				return found;
			});
		expect(welds).toBeGreaterThan(20);
	}).toPass();
	expect(await axeFaults(page)).toEqual([]);

	const aside = page.getByRole('complementary', { name: 'The exercise that is pointed at' });
	await tiles.filter({ hasText: 'Assimilation' }).hover();
	await expect(aside.getByRole('heading')).toHaveText('Assimilation');
	await expect(aside.getByText('Wilhelm von Bezold, 1874')).toBeVisible();

	await page.getByRole('searchbox', { name: 'Find an exercise' }).fill('transparent');
	await expect(tiles).toHaveCount(1);
	await page.getByRole('searchbox', { name: 'Find an exercise' }).fill('gryphon');
	await expect(page.getByText('No exercise has these words.')).toBeVisible();
	await page.getByRole('searchbox', { name: 'Find an exercise' }).fill('dull');
	await tiles.filter({ hasText: 'Dulling pairs' }).click();
	await expect(page.getByRole('button', { name: 'Recipe: Dulling' })).toBeVisible();
	expect(await drawnColours(page)).toHaveLength(21);
	await saved(page);
	await page.keyboard.press('Control+z');
	await expect(page.getByRole('button', { name: /^Plate \d: / })).toHaveCount(1);
});

test('an exercise is found and added by keys alone, and the page is left by Escape', async ({ page }) => {
	await makeStudy(page);
	const add = page.getByRole('button', { name: 'Add a plate', exact: true });
	await add.focus();
	await page.keyboard.press('Enter');
	const tiles = page.getByRole('group', { name: 'Exercises' }).getByRole('button');
	// The first that the study has none of.
	await expect(tiles.nth(1)).toBeFocused();
	await page.keyboard.press('ArrowRight');
	await expect(tiles.nth(2)).toBeFocused();
	await page.keyboard.press('ArrowDown');
	const below = await tiles.evaluateAll((all) => all.findIndex((tile) => tile === document.activeElement));
	expect(below).toBeGreaterThan(5);
	await page.keyboard.press('ArrowUp');
	await expect(tiles.nth(2)).toBeFocused();
	await page.keyboard.press('Escape');
	await expect(add).toBeFocused();
	await expect(page.getByRole('button', { name: /^Plate \d: / })).toHaveCount(1);
	await page.keyboard.press('Enter');
	await expect(tiles.nth(1)).toBeFocused();
	await page.keyboard.press('Enter');
	await expect(page.getByRole('button', { name: /^Plate \d: / })).toHaveCount(2);
});

test('exercises that hold an answer open as a question: no prediction, solution or code on the plate', async ({
	page
}) => {
	await openDemo(page, 'Ground and figure');
	for (const name of ['Two as one', 'Like its ground', 'The middle mixture']) {
		await page.getByRole('button', { name: 'Add a plate', exact: true }).click();
		await page.getByRole('group', { name: 'Exercises' }).getByRole('button').filter({ hasText: name }).click();
		await expect(page.locator('.surface text').filter({ hasText: /#[0-9a-f]{6}|solution|looks/ }), name).toHaveCount(0);
	}
});
