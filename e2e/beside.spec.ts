import { type Locator, type Page } from '@playwright/test';
import { addPlate, drawnColours, makeStudy, openDemo, saved, step } from './pages';
import { expect, test } from './test';

const list = (page: Page): Locator => page.getByRole('menuitemradio');
const option = (page: Page, name: string): Locator => list(page).filter({ has: page.getByText(name, { exact: true }) });

/** Whether one box lies over another. */
async function covers(one: Locator, other: Locator): Promise<boolean> {
	const [a, b] = [(await one.boundingBox())!, (await other.boundingBox())!];
	return a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height;
}

test('a choice is tried on the plate while it is pointed at, taken by a click, left by Escape, and never lies over the plate', async ({
	page
}) => {
	await makeStudy(page);
	await saved(page);
	const before = await drawnColours(page);
	// What was done last is the beginning of the study.
	const undo = page.getByRole('button', { name: 'Undo: Begin with colours' });
	await page.getByRole('button', { name: 'Recipe: Tints' }).click();
	expect(await covers(page.locator('[data-beside]'), page.locator('.surface'))).toBe(false);
	await expect(option(page, 'Tints')).toBeFocused();
	// It is what the row is: nothing to try.
	await expect(page.locator('.row.tried')).toHaveCount(0);

	await option(page, 'Shades').hover();
	await expect(page.locator('.row.tried')).toHaveCount(1);
	// The row as it stands is a thin strip over what is tried.
	await expect(page.locator('.lay [style*="linear-gradient"]')).toHaveCount(1);
	expect((await drawnColours(page)).at(-1)).toBe('#000000');
	await option(page, 'Value steps').hover();
	expect((await drawnColours(page))[0]).toBe('#ffffff');
	// Nothing is decided, so there is nothing to take back, and nothing to save.
	await expect(undo).toBeEnabled();
	await page.getByRole('heading', { name: 'Recipe' }).hover();
	expect(await drawnColours(page)).toEqual(before);

	await option(page, 'Shades').hover();
	await page.keyboard.press('Escape');
	await expect(list(page)).toHaveCount(0);
	expect(await drawnColours(page)).toEqual(before);
	await expect(page.getByRole('button', { name: 'Recipe: Tints' })).toBeFocused();

	await page.keyboard.press('Enter');
	await option(page, 'Shades').click();
	await expect(list(page)).toHaveCount(0);
	expect((await drawnColours(page)).at(-1)).toBe('#000000');
	await expect(undo).toHaveCount(0);
	await page.keyboard.press('Control+z');
	expect(await drawnColours(page)).toEqual(before);
});

test('a choice is gone through and taken by keys alone, each tried on the plate on the way', async ({ page }) => {
	await makeStudy(page);
	const button = page.getByRole('button', { name: 'Recipe: Tints' });
	await button.focus();
	await page.keyboard.press('Enter');
	await page.keyboard.press('ArrowDown');
	expect((await drawnColours(page)).at(-1)).toBe('#000000');
	await page.keyboard.press('Enter');
	const now = page.getByRole('button', { name: 'Recipe: Shades' });
	await expect(now).toBeFocused();
	await expect(list(page)).toHaveCount(0);
});

test('a further row is added by its recipe, seen on the plate before it is there', async ({ page }) => {
	await makeStudy(page);
	await page.getByRole('button', { name: 'Add a scale', exact: true }).click();
	await option(page, 'Dulling').hover();
	expect(await drawnColours(page)).toHaveLength(14);
	await page.keyboard.press('Escape');
	expect(await drawnColours(page)).toHaveLength(7);
	await page.getByRole('button', { name: 'Add a scale', exact: true }).click();
	await option(page, 'Dulling').click();
	await expect(page.getByRole('button', { name: 'Recipe: Dulling' })).toBeVisible();
	expect(await drawnColours(page)).toHaveLength(14);
});

test('an exercise, a layout and the wheel of parents open beside the plate; the wheel stays while parents are held', async ({
	page
}) => {
	await makeStudy(page);
	await page.getByRole('button', { name: 'Wheel', exact: true }).click();
	const wheel = page.getByRole('dialog', { name: 'Wheel' });
	await step(page, 1, 1).click();
	await expect(wheel).toBeVisible();
	expect(await covers(wheel, page.locator('.surface'))).toBe(false);
	await page.getByRole('button', { name: 'Layout', exact: true }).click();
	await expect(wheel).toHaveCount(0);
	expect(await covers(page.getByRole('dialog', { name: 'Layout of the scale' }), page.locator('.surface'))).toBe(false);
	await page.getByRole('button', { name: 'Close: Layout of the scale' }).click();
	await addPlate(page, 'Grounds');
	await page.getByRole('button', { name: /^Exercise: / }).click();
	const exercise = await page.getByRole('button', { name: /^Exercise: / }).textContent();
	await list(page).last().hover();
	await expect(page.locator('.plate.tried')).toHaveCount(1);
	expect(await covers(page.locator('[data-beside]'), page.locator('.surface'))).toBe(false);
	// Going to another plate closes what was about this one.
	await page.getByRole('button', { name: /^Plate 1: / }).click();
	await expect(list(page)).toHaveCount(0);
	await page.getByRole('button', { name: /^Plate 2: / }).click();
	await expect(page.getByRole('button', { name: /^Exercise: / })).toHaveText(exercise!);
});

test('on every demo plate the bar is one line, and does not push the plate', async ({ page }) => {
	test.setTimeout(120_000);
	for (const title of [
		'Blanket border, first warp',
		'Schemes for a banner',
		'Wheels for a dye garden',
		'Ground and figure',
		'Mixing the dye bath'
	]) {
		await openDemo(page, title);
		const plates = await page.getByRole('button', { name: /^Plate \d+: / }).count();
		for (let i = 1; i <= plates; i++) {
			await page.getByRole('button', { name: new RegExp(`^Plate ${i}: `) }).click();
			await expect(page.locator('.surface')).toBeVisible();
			const bar = (await page.getByRole('region', { name: 'What decides the plate' }).boundingBox())!;
			expect(bar.height, `${title}, plate ${i}`).toBeLessThanOrEqual(46);
		}
	}
});
