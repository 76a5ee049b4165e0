import { addScale, drawnColours, makeStudy, ready, saved, step, take } from './pages';
import { expect, test } from './test';

test('rows are named by double click, F2 and Enter, a caption and a reflection are written, and all of it is kept and undone', async ({
	page
}) => {
	await makeStudy(page);
	const plate = page.locator('.surface');
	await addScale(page);
	const nameOf = (row: number) => page.getByRole('button', { name: new RegExp(`^Row ${row}: `) });
	const field = page.getByRole('textbox', { name: /^Name of row/ });

	await step(page, 1, 1).focus();
	await page.keyboard.press('F2');
	await field.fill('Rinsed out');
	await page.keyboard.press('Enter');
	await expect(plate.locator('text', { hasText: 'Rinsed out' })).toBeVisible();
	// The focus goes back to the row, from which Enter names it again.
	await expect(nameOf(1)).toBeFocused();
	await page.keyboard.press('Enter');
	await expect(field).toHaveValue('Rinsed out');
	await page.keyboard.press('Escape');

	await nameOf(2).dblclick();
	await field.fill('Dipped in iron');
	await field.blur();
	await expect(plate.locator('text', { hasText: 'Dipped in iron' })).toBeVisible();
	// Empty brings the recipe's name back.
	await nameOf(2).dblclick();
	await field.fill('');
	await page.keyboard.press('Enter');
	await expect(plate.locator('text', { hasText: 'Dipped in iron' })).toHaveCount(0);

	const caption = page.getByRole('textbox', { name: 'Caption under the plate' });
	await caption.pressSequentially('Quiet cloth for a loud door.');
	await expect(plate.locator('text', { hasText: 'Quiet cloth for a loud door.' })).toBeVisible();
	await caption.press('Enter');
	await page.keyboard.press('Control+z');
	await expect(plate.locator('text', { hasText: 'Quiet' })).toHaveCount(0);
	await page.keyboard.press('Control+Shift+z');

	await page.getByRole('tab', { name: 'Reflection' }).click();
	await page.getByLabel(/^What I tried/).fill('The grey was lighter than I thought.\n\nAnother one would do.');
	await expect(page.getByText('11 words.')).toBeVisible();
	await saved(page);
	await page.reload();
	await ready(page);
	await expect(plate.locator('text', { hasText: 'Rinsed out' })).toBeVisible();
	await expect(plate.locator('text', { hasText: 'Quiet cloth for a loud door.' })).toBeVisible();
	await page.getByRole('tab', { name: 'Reflection' }).click();
	await expect(page.getByLabel(/^What I tried/)).toHaveValue(/lighter than I thought\.\n\nAnother/);

	const { content } = await take(page, 'The plate as SVG');
	expect(content.toString()).toContain('Quiet cloth for a loud door.');
});

test('a plate has a ground of its own, by mouse and by key: words and marks on it are read, and what vanished does not', async ({
	page
}) => {
	await makeStudy(page);
	const surface = page.locator('.surface svg').first();
	const ink = () => page.locator('.surface text').first().getAttribute('fill');
	const ticks = () => page.locator('.surface > svg path[stroke]').count();
	expect(await ink()).toBe('#1c1c1c');
	expect(await ticks()).toBeGreaterThan(0);
	const before = await drawnColours(page);
	await page.getByRole('radio', { name: 'black', exact: true }).check({ force: true });
	expect(await ink()).toBe('#f2f2f2');
	expect(await ticks()).toBe(0);
	await expect(surface).toHaveCSS('background-color', 'rgb(0, 0, 0)');
	// A ground changes how colours look, and none of them.
	expect(await drawnColours(page)).toEqual(before);
	await page.keyboard.press('ArrowLeft');
	await expect(surface).toHaveCSS('background-color', 'rgb(41, 41, 41)');
	await page.getByLabel('Ground of this plate: a colour of the study').selectOption({ label: 'Weld' });
	await expect(surface).toHaveCSS('background-color', 'rgb(217, 176, 54)');
	const { content } = await take(page, 'The plate as SVG');
	expect(content.toString()).toContain('<rect width="100%" height="100%" fill="#d9b036"/>');
	await saved(page);
});

test('a plate is seen larger by a click and by Z, and fits again', async ({ page }) => {
	await makeStudy(page);
	const width = async () => (await page.locator('.surface').boundingBox())!.width;
	const fits = await width();
	await page.getByRole('button', { name: '100 %' }).click();
	expect(await width()).toBeCloseTo(792, 0);
	await page.keyboard.press('z');
	expect(await width()).toBeCloseTo(1584, 0);
	await page.keyboard.press('z');
	expect(await width()).toBeCloseTo(fits, 0);
});

test('a linked colour that is typed over offers a name for what it has become, off the plate', async ({ page }) => {
	await makeStudy(page);
	const colours = page.getByRole('region', { name: 'Linked colours' });
	await colours.getByRole('button', { name: 'Weld' }).dblclick();
	await page.getByRole('textbox', { name: 'Name of the linked colour' }).fill('Dyer’s weed');
	await page.keyboard.press('Enter');
	await colours.getByRole('button', { name: 'Dyer’s weed', exact: true }).click();
	const code = page.getByRole('textbox', { name: 'Colour, in any CSS syntax' });
	await code.fill('#1f6a8c');
	await code.press('Enter');
	const notice = page.getByRole('status').filter({ hasText: '“Dyer’s weed” is' });
	await expect(notice).toBeVisible();
	const [said, board] = [
		(await notice.locator('div').first().boundingBox())!,
		(await page.locator('.surface').boundingBox())!
	];
	expect(said.x).toBeGreaterThan(board.x + board.width);
	await notice.getByRole('button').click();
	await expect(colours.getByRole('button', { name: 'Dyer’s weed', exact: true })).toHaveCount(0);
	await page.keyboard.press('Control+z');
	await expect(colours.getByRole('button', { name: 'Dyer’s weed', exact: true })).toBeVisible();
});
