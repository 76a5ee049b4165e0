import { differenceCiede2000 } from 'culori';
import { axeFaults } from './axe';
import { addPlate, choose, makeStudy, saved, step } from './pages';
import { expect, test } from './test';

test('two plates side by side: at one scale, each in its own view, a click on a colour of either holds it, differences in a table', async ({
	page
}) => {
	await makeStudy(page);
	await addPlate(page, 'A plate of scales');
	await choose(page, 'Recipe', 'Shades');
	await page.getByRole('button', { name: /^Plate 1: / }).click({ modifiers: ['Alt'] });
	const left = page.getByRole('region', { name: /^Left plate: / });
	const right = page.getByRole('region', { name: /^Right plate: / });
	await expect(left.getByText('Left, being changed')).toBeVisible();
	const widths = [
		(await left.locator('.plate').boundingBox())!.width,
		(await right.locator('.plate').boundingBox())!.width
	];
	expect(widths[0]).toBeCloseTo(widths[1]!, 0);

	// Shades of weld on the left, tints of madder on the right: the numbers are those of culori 4.0.2.
	const table = page.getByRole('region', { name: 'Differences of what corresponds' });
	const said = (await table.locator('li small').allTextContents()).map(Number);
	const codes = async (side: typeof left) =>
		side.locator('svg rect[x][fill^="#"]').evaluateAll((bars) => bars.map((bar) => bar.getAttribute('fill')!));
	const [one, other] = [await codes(left), await codes(right)];
	expect(said).toHaveLength(7);
	said.forEach((number, i) => expect(number).toBeCloseTo(differenceCiede2000()(one[i]!, other[i]!), 1));

	// A colour of the other plate: one click opens that plate and holds the colour.
	const bar = right.locator('svg rect[x]').first();
	await bar.click({ force: true });
	await expect(right.getByText('Right, being changed')).toBeVisible();
	await expect(page.locator('.mixer h2')).toHaveText('Madder');
	const field = page.getByRole('textbox', { name: 'Colour, in any CSS syntax' });
	await field.fill('#2a6f97');
	await field.press('Enter');
	expect((await codes(right))[0]).toBe('#2a6f97');

	await page.getByRole('combobox', { name: 'View of the left plate' }).selectOption({ label: 'Seen by value only' });
	for (const code of await codes(left)) expect(code.slice(1, 3)).toBe(code.slice(3, 5));
	expect((await codes(right))[0]).toBe('#2a6f97');
	expect(await axeFaults(page)).toEqual([]);

	// By key too, and left again by the menu.
	await page.getByRole('button', { name: 'Plate 2', exact: true }).click();
	await page.getByRole('menuitem', { name: 'One plate alone' }).click();
	await expect(left).toHaveCount(0);
	await page.getByRole('button', { name: /^Plate 2: / }).focus();
	await page.keyboard.press('Alt+Enter');
	await expect(page.getByRole('region', { name: /^Right plate: / })).toBeVisible();
	await step(page, 1, 2).focus();
	await saved(page);
});
