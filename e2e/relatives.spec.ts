import { type Page } from '@playwright/test';
import { dragTrack, openDemo, reach, ready, saved } from './pages';
import { codes, makeScheme, member } from './schemes';
import { expect, test } from './test';

/** Where a relative of a cross stands on the screen, read off the button that follows the keys. */
async function middleOf(page: Page): Promise<readonly [number, number]> {
	const box = (await page.locator('.here').boundingBox())!;
	return [box.x + box.width / 2, box.y + box.height / 2];
}

test('relatives are chosen by click, by range and by keys, and kept as palette and as linked colours', async ({
	page
}) => {
	await makeScheme(page);
	await (await reach(page, page.getByRole('spinbutton', { name: 'Relatives each way' }))).fill('4');
	await page.keyboard.press('Enter');
	const here = page.locator('.here');
	await here.focus();
	await expect(here).toHaveAttribute('aria-label', /^Member 1, lighter 1 of 4, #/);
	await page.keyboard.press('Space');
	await page.keyboard.press('Shift+ArrowUp');
	await page.keyboard.press('Shift+ArrowUp');
	await expect(page.getByText('3 chosen:')).toBeVisible();
	// Down the arm, across the member to the other side of the upright.
	for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowDown');
	await expect(here).toHaveAttribute('aria-label', /^Member 1, darker 1 of 4/);
	await expect(page.getByRole('heading', { name: 'Darker 1' })).toBeVisible();
	await page.keyboard.press('ArrowUp');
	await expect(here).toHaveAttribute('aria-label', /^Member 1, lighter 1 of 4/);
	await page.keyboard.press('ArrowRight');
	await expect(here).toHaveAttribute('aria-label', /^Member 1, stronger 1 of/);
	await page.keyboard.press('ArrowDown');
	await expect(here).toHaveAttribute('aria-label', /^Member 1, warmer 1 of/);

	// By mouse: from the second cooler one to the fourth.
	await page.keyboard.press('ArrowLeft');
	await expect(here).toHaveAttribute('aria-label', /^Member 1, cooler 1 of 4/);
	await page.keyboard.press('ArrowLeft');
	const second = await middleOf(page);
	await page.keyboard.press('ArrowLeft');
	const third = await middleOf(page);
	const fourth = [2 * third[0] - second[0], third[1]] as const;
	await page.mouse.move(...second);
	await page.mouse.down();
	await page.mouse.move(...fourth, { steps: 4 });
	await page.mouse.up();
	await expect(page.getByText('6 chosen:')).toBeVisible();
	await expect(here).toHaveAttribute('aria-label', /^Member 1, cooler 4 of 4/);
	// A second click lets one go again, and undo brings it back.
	await page.mouse.click(...fourth);
	await expect(page.getByText('5 chosen:')).toBeVisible();
	await page.keyboard.press('Control+z');
	await expect(page.getByText('6 chosen:')).toBeVisible();
	await page.mouse.click(...fourth);
	await expect(page.getByText('5 chosen:')).toBeVisible();

	await page.getByRole('button', { name: 'Link', exact: true }).click();
	await expect(page.getByRole('region', { name: 'Linked colours' }).getByRole('listitem')).toHaveCount(8);
	await page.getByRole('button', { name: 'Keep as palette' }).click();
	// Kept at once; its name can be changed where that is said.
	await expect(page.getByText(/^Kept as the palette “Relatives, A scheme from madder”/)).toBeVisible();
	const name = page.getByRole('textbox', { name: 'Name of the palette' });
	await name.fill('Kin and relatives');
	await name.press('Enter');
	await expect(async () => {
		const found = (await (await page.request.get('/api/palettes?words=kin')).json()) as {
			palettes: { name: string }[];
		};
		expect(found.palettes.map((each) => each.name)).toEqual(['Kin and relatives']);
	}).toPass();
	const { palettes } = (await (await page.request.get('/api/palettes?words=relatives')).json()) as {
		palettes: { id: string; colours: { name: string; text: string }[] }[];
	};
	expect(palettes[0]!.colours.map(({ name }) => name.split(',').slice(0, 2).join(','))).toEqual([
		'1, lighter 1',
		'1, lighter 2',
		'1, lighter 3',
		'1, cooler 2',
		'1, cooler 3'
	]);
	await page.request.delete(`/api/palettes/${palettes[0]!.id}`);
	await page.getByRole('button', { name: 'None', exact: true }).click();
	await page.getByRole('button', { name: 'Choose all' }).click();
	await expect(page.getByText(/^[56]\d chosen:$/)).toBeVisible();
	// All of it is kept with the study.
	await saved(page);
	await page.reload();
	await ready(page);
	await page.getByRole('button', { name: /^Plate 2: A scheme from madder/ }).click();
	await expect(page.getByText(/^[56]\d chosen:$/)).toBeVisible();
});

test('relatives stand in a cross for each of four members, ever the same difference apart; of more, the one that is held has it', async ({
	page
}) => {
	await makeScheme(page);
	await expect(page.locator('.surface text', { hasText: 'every step 4 ΔE00' })).toHaveCount(1);
	await expect(
		page.locator('.surface text', { hasText: /^(lighter|darker|warmer|cooler|stronger|quieter)$/ })
	).toHaveCount(6);
	const size = await reach(page, page.getByRole('spinbutton', { name: 'ΔE00 from one relative to the next' }));
	const fits = page.getByRole('table', { name: 'Relatives of the lead colour' }).getByRole('row');
	await expect(fits.first()).toHaveText(/^lighter\s*4 of 4$/);
	await size.fill('12');
	await page.keyboard.press('Enter');
	await expect(
		page.locator('.surface text', { hasText: /every step 12 ΔE00 · a bar: no further step fits/ })
	).toHaveCount(1);
	// Madder stands 25° from the warm pole: no step of 12 ΔE00 fits that way more than once.
	await expect(fits.nth(2)).toHaveText(/^warmer\s*[01] of 4$/);
	await page.keyboard.press('Escape');
	await page.getByRole('spinbutton', { name: 'Members', exact: true }).fill('6');
	await page.keyboard.press('Enter');
	const here = page.locator('.here');
	await expect(here).toHaveAttribute('aria-label', /^Member 1, /);
	await member(page, 4).click();
	await here.focus();
	await expect(here).toHaveAttribute('aria-label', /^Member 5, /);
});

test('a chosen relative is put to work in the designs, and follows its member', async ({ page }) => {
	await openDemo(page, 'Schemes for a banner');
	const lettering = () =>
		page.locator('.surface svg text', { hasText: /^Saltmarsh$/ }).evaluate((word) => word.getAttribute('fill'));
	await (await reach(page, page.getByRole('button', { name: 'Roles' }))).click();
	const figure = page.getByRole('radiogroup', { name: 'Member for the figure' });
	await figure.getByRole('radio', { name: 'Member 1, lighter 3' }).check({ force: true });
	const before = await lettering();
	expect(await codes(page)).not.toContain(before);
	await page.keyboard.press('Escape');
	await member(page, 0).click();
	await dragTrack(page, 'Hue', 0.7, 0.3, 4);
	expect(await lettering()).not.toBe(before);
});
