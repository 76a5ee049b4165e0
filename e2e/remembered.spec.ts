import { addPlate, dragTrack, makeStudy, ready, saved, step } from './pages';
import { expect, test } from './test';

test('a study opens at the plate where it was left, with all that can be taken back while the window lives', async ({
	page
}) => {
	const address = await makeStudy(page);
	await addPlate(page, 'A wheel');
	await addPlate(page, 'Grounds');
	await page.getByRole('button', { name: /^Plate 2: / }).click();
	await saved(page);
	await page.getByRole('link', { name: 'Studies' }).click();
	await expect(page.getByRole('button', { name: 'New study' })).toBeVisible();
	await page.goBack();
	await ready(page);
	await expect(page.getByRole('button', { name: /^Plate 2: / })).toHaveAttribute('aria-current', 'page');
	await expect(page.getByRole('button', { name: 'Undo: Add a plate' })).toBeEnabled();
	await page.keyboard.press('Control+z');
	await expect(page.getByRole('button', { name: /^Plate 3: / })).toHaveCount(0);
	await saved(page);
	// A new window knows the plate, and has nothing to take back.
	await page.reload();
	await ready(page);
	expect(page.url()).toBe(address);
	await expect(page.getByRole('button', { name: /^Plate 2: / })).toHaveAttribute('aria-current', 'page');
	await expect(page.getByRole('button', { name: /^Undo/ })).toBeDisabled();
});

test('maker, course and unit of a title block are there in the next study', async ({ page }) => {
	await makeStudy(page);
	await page.getByRole('button', { name: 'Untitled study' }).click();
	const dialog = page.getByRole('dialog');
	await dialog.getByLabel('Title').fill('Bands for the north door');
	await dialog.getByLabel('Maker').fill('Ansa Quill');
	await dialog.getByLabel('Course').fill('Ground and Figure');
	await dialog.getByRole('button', { name: 'Keep' }).click();
	await saved(page);
	await makeStudy(page);
	await page.getByRole('button', { name: 'Untitled study' }).click();
	await expect(dialog.getByLabel('Maker')).toHaveValue('Ansa Quill');
	await expect(dialog.getByLabel('Course')).toHaveValue('Ground and Figure');
});

test('Enter on a colour leads to its code, and right after it was typed Ctrl Z is the study’s', async ({ page }) => {
	await makeStudy(page);
	await step(page, 1, 1).focus();
	await page.keyboard.press('Enter');
	const field = page.getByRole('textbox', { name: 'Colour, in any CSS syntax' });
	await expect(field).toBeFocused();
	await page.keyboard.type('cmyk(0 68 76 30)');
	await page.keyboard.press('Enter');
	await expect(page.locator('[data-code=hex]')).toHaveText('#b3392b');
	await expect(page.getByText('from inks 0 68 76 30 %, an estimate')).toBeVisible();
	await field.fill('teal');
	await page.keyboard.press('Enter');
	await expect(page.locator('[data-code=hex]')).toHaveText('#008080');
	await expect(page.getByText('an estimate')).toHaveCount(0);
	await page.keyboard.press('Control+z');
	await expect(page.locator('[data-code=hex]')).toHaveText('#b3392b');
});

test('by value only the mixer has no colour either; its tracks say in words what they stand at', async ({ page }) => {
	await makeStudy(page);
	await step(page, 1, 1).click();
	const patch = page.locator('.mixer .patch');
	await expect(patch).toHaveCSS('background-color', 'rgb(179, 57, 43)');
	await expect(page.getByRole('slider', { name: 'Hue' })).toHaveAttribute('aria-valuetext', /°, red$/);
	await dragTrack(page, 'Hue', 0.083, 0.7);
	await expect(page.getByRole('slider', { name: 'Hue' })).toHaveAttribute('aria-valuetext', /blue/);
	await page.getByRole('combobox', { name: 'View' }).selectOption({ label: 'Seen by value only' });
	const colours = await page.locator('.mixer').evaluate((mixer) => {
		const found: string[] = [getComputedStyle(mixer.querySelector('.patch')!).backgroundColor];
		for (const canvas of mixer.querySelectorAll('canvas')) {
			const { data } = canvas.getContext('2d')!.getImageData(0, 0, canvas.width, canvas.height);
			for (let i = 0; i < data.length; i += 4)
				if (data[i + 3] === 255) found.push(`rgb(${data[i]}, ${data[i + 1]}, ${data[i + 2]})`);
		}
		return found;
	});
	expect(colours.length).toBeGreaterThan(1000);
	expect(colours.filter((colour) => new Set(/(\d+), (\d+), (\d+)/.exec(colour)!.slice(1)).size > 1)).toEqual([]);
});

test('the first Tab of every page leads past what is the same on all of them', async ({ page }) => {
	for (const path of ['/', '/palettes', '/help']) {
		await page.goto(path);
		await ready(page);
		await page.keyboard.press('Tab');
		const skip = page.getByRole('link', { name: 'To the content' });
		await expect(skip).toBeFocused();
		await page.keyboard.press('Enter');
		await expect(page.locator('main')).toBeFocused();
	}
});
