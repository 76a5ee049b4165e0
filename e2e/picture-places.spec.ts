import { converter } from 'culori';
import { type Page } from '@playwright/test';
import { axeFaults } from './axe';
import { reach, saved } from './pages';
import { beginFields, beginPicture, FIELDS, heldCode, marks, plateAt } from './pictures';
import { expect, test } from './test';

const lab = converter('lab65');
/** L* between two codes, to the whole. */
const meanValue = (one: string, other: string): string => ((lab(one)!.l + lab(other)!.l) / 2).toFixed(0);

const emphasis = (page: Page, name: string) =>
	page.getByRole('radiogroup', { name: 'Emphasis' }).getByText(name, { exact: true });

test('places are dragged, moved by keys, locked, added, taken out and reordered; all is undone', async ({ page }) => {
	await beginFields(page, 3);
	const picture = page.getByRole('button', { name: /^fields: click a pixel/ });
	const box = (await picture.boundingBox())!;
	const at = (share: number) => ({ x: box.x + box.width * share, y: box.y + box.height * 0.5 });

	const before = await marks(page).evaluateAll((all) => all.map(({ ariaLabel }) => ariaLabel).sort());
	// The lightest is first; it is dragged onto the madder at the left, and the order by value follows.
	const first = page.getByRole('button', { name: /^Place 1, / });
	const mark = (await first.boundingBox())!;
	await page.mouse.move(mark.x + mark.width / 2, mark.y + mark.height / 2);
	await page.mouse.down();
	await page.mouse.move(at(0.06).x, at(0.06).y + 20, { steps: 6 });
	await page.mouse.up();
	await expect(heldCode(page)).toHaveText('#b3392b');
	await expect(page.getByText(/^place [123] of 3/)).toBeVisible();
	await page.keyboard.press('Control+z');
	await expect
		.poll(() => marks(page).evaluateAll((all) => all.map(({ ariaLabel }) => ariaLabel).sort()))
		.toEqual(before);

	// By keys: across the border of the first field and the second, by ten and by one.
	await page.getByLabel('Across', { exact: true }).fill('104');
	await page.keyboard.press('Enter');
	await page.getByLabel('Square, pixels to a side').fill('1');
	await page.keyboard.press('Enter');
	await expect(heldCode(page)).toHaveText('#d9b036');
	await page.locator('.mark.held').focus();
	await page.keyboard.press('ArrowLeft');
	await expect(page.getByLabel('Across', { exact: true })).toHaveValue('103');
	await page.keyboard.press('Shift+ArrowLeft');
	await expect(page.getByLabel('Across', { exact: true })).toHaveValue('93');
	await expect(heldCode(page)).toHaveText('#b3392b');

	// A locked place stays while the others are found again.
	await page.getByLabel('locked').check();
	await page.getByRole('button', { name: 'Find again' }).click();
	await expect(page.getByRole('button', { name: /, locked$/ })).toHaveCount(1);
	await page.getByRole('button', { name: /, locked$/ }).focus();
	await expect(page.getByLabel('Across', { exact: true })).toHaveValue('93');

	// Any pixel that is clicked is in the mixer, with its codes; from there a place is added.
	await page.mouse.click(at(0.62).x, at(0.62).y);
	await expect(heldCode(page)).toHaveText('#2f5f86');
	await expect(page.getByText(/^pixel \d+, \d+$/)).toBeVisible();
	await page.getByRole('button', { name: 'Add a place here' }).click();
	await expect(marks(page)).toHaveCount(4);
	await page.mouse.dblclick(at(0.9).x, at(0.9).y + 30);
	await expect(marks(page)).toHaveCount(5);
	await page.locator('.mark.held').focus();
	await page.keyboard.press('Delete');
	await expect(marks(page)).toHaveCount(4);

	// By hand: the order says so.
	await page.getByRole('button', { name: /^Place 1, / }).focus();
	await page.getByRole('button', { name: 'Later' }).click();
	await expect(page.getByText('place 2 of 4', { exact: false })).toBeVisible();
	await expect(page.getByLabel('Order', { exact: true })).toHaveValue('hand');
	await page.keyboard.press('Control+z');
	await expect(page.getByLabel('Order', { exact: true })).toHaveValue('value');
	await saved(page);
});

test('emphases are chosen by looking; shares, values and what it is off are what a count by hand gives', async ({
	page
}) => {
	await beginFields(page, 2);
	await emphasis(page, 'Strong').click();
	await expect(page.locator('.surface text', { hasText: 'two colours, strong, by value' })).toHaveCount(1);
	await emphasis(page, 'Quiet').click();
	await expect(page.locator('.surface text', { hasText: 'two colours, quiet, by value' })).toHaveCount(1);
	await page.getByLabel('Colours', { exact: true }).fill('4');
	await page.keyboard.press('Enter');
	// Each field is a quarter; in its own colours nothing is off.
	await expect(page.locator('[data-reading="difference"]')).toContainText(/is 0\.0 ΔE00 off/);
	await expect(page.locator('.surface text', { hasText: '25 %' })).toHaveCount(4);
	await (await reach(page, page.getByLabel('Into how many values'))).selectOption('2');
	// Madder and woad come together, and weld and wool (L* by culori 4.0.2).
	const [dark, light] = [meanValue(FIELDS[0], FIELDS[2]), meanValue(FIELDS[1], FIELDS[3])];
	await expect(page.locator('.surface text', { hasText: `in two values: ${dark}, ${light}` })).toHaveCount(1);
});

test('along a line colours come as they are met; stops move by mouse and by keys', async ({ page }) => {
	await beginFields(page);
	const stop = page.getByRole('slider', { name: 'Stop of place 2' });
	await expect(stop).toHaveAttribute('aria-valuetext', /^step 4 of /);
	await stop.focus();
	await page.keyboard.press('ArrowLeft');
	await expect(stop).toHaveAttribute('aria-valuetext', /^step 3 of /);
	await page.keyboard.press('ArrowLeft');
	await page.keyboard.press('ArrowLeft');
	await expect(stop).toHaveAttribute('aria-valuetext', /^step 2 of /);
	const box = (await stop.boundingBox())!;
	await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
	await page.mouse.down();
	await page.mouse.move(box.x + box.width / 2 + 90, box.y + box.height / 2, { steps: 6 });
	await page.mouse.up();
	await expect(stop).toHaveAttribute('aria-valuetext', /^step 3 of /);

	await (await reach(page, page.getByLabel('Gradation goes', { exact: true }))).selectOption('line');
	await page.getByLabel('Squares along the line').fill('4');
	await page.keyboard.press('Enter');
	const steps = page.getByRole('group', { name: 'Along the line' }).getByRole('button');
	await expect(steps).toHaveCount(4);
	for (const [i, code] of FIELDS.entries()) {
		await steps.nth(i).click();
		await expect(heldCode(page)).toHaveText(code);
	}
	// Turned upright it stays in one field.
	const end = page.getByRole('button', { name: /^End of the line/ });
	const start = page.getByRole('button', { name: /^Beginning of the line/ });
	const [from, to] = [(await start.boundingBox())!, (await end.boundingBox())!];
	await page.mouse.move(to.x + 12, to.y + 12);
	await page.mouse.down();
	await page.mouse.move(from.x + 12, from.y - 60, { steps: 8 });
	await page.mouse.up();
	for (const i of [0, 3]) {
		await steps.nth(i).click();
		await expect(heldCode(page)).toHaveText(FIELDS[0]);
	}
	await start.focus();
	await page.keyboard.press('ArrowRight');
	await page.keyboard.press('Shift+ArrowDown');
	await saved(page);
});

test('it goes on: linked, as a scale and a scheme that follow a place, on grounds, to a palette and found by nearness', async ({
	page
}) => {
	await beginPicture(page);
	const linked = page.getByRole('region', { name: 'Linked colours' }).getByRole('listitem');
	const before = await linked.count();
	const onward = async (item: string): Promise<void> => {
		await page.getByRole('button', { name: 'Go on with them' }).click();
		await page.getByRole('menuitem', { name: item, exact: true }).click();
	};
	await onward('Make linked colours');
	await expect(linked).toHaveCount(before + 6);
	await onward('Make a scale through them');
	await expect(page.locator('.surface h1')).toHaveText('Through Cloth in the dye house');
	await expect(page.getByText('It follows place 1', { exact: false })).toBeVisible();
	await page.getByRole('button', { name: /^Go to place 1/ }).click();
	await expect(page.locator('.surface h1')).toHaveText('Cloth in the dye house');
	// The place moves, and the scale with it.
	await page.getByLabel('Across', { exact: true }).fill('250');
	await page.keyboard.press('Enter');
	await page.getByLabel('Down', { exact: true }).fill('600');
	await page.keyboard.press('Enter');
	const moved = (await heldCode(page).textContent())!.trim();
	await page.getByRole('button', { name: 'Start a scheme' }).click();
	await expect(heldCode(page)).toHaveText(moved);
	await page.getByRole('button', { name: /^Go to place/ }).click();
	await page.getByRole('button', { name: 'Put it on grounds' }).click();
	await expect(heldCode(page)).toBeVisible();
	// Each new plate stands after the one that it was begun from: the scale is the last now.
	await plateAt(page, 5).click();
	const steps = page.locator('[data-place]');
	const codes: string[] = [];
	for (const i of [0, 3, 6, 9, 12, 15]) {
		await steps.nth(i).click();
		codes.push((await heldCode(page).textContent())!.trim());
	}
	expect(codes).toContain(moved);

	await plateAt(page, 2).click();
	await onward('Keep them, or find them in palettes');
	await page.getByRole('button', { name: 'these colours' }).click();
	await expect(page.getByText('Kept as the palette “Cloth in the dye house”.')).toBeVisible();
	await page.getByLabel('Order of the palettes').selectOption('plate');
	// Nothing is nearer to them than themselves.
	const nearest = page.getByRole('region', { name: 'Palettes' }).getByRole('listitem').first();
	await expect(nearest.getByRole('heading')).toHaveText('Cloth in the dye house');
	await expect(nearest).toContainText('0.0 ΔE00 off in the mean');
});

test('by the keyboard alone a place is taken, moved and held; axe finds nothing, in every view and while comparing', async ({
	page
}) => {
	await beginPicture(page);
	const picture = page.getByRole('button', { name: /^Cloth in the dye house: click a pixel/ });
	await picture.focus();
	await page.keyboard.press('Shift+ArrowRight');
	await page.keyboard.press('ArrowDown');
	await expect(page.getByText(/^pixel \d+, \d+$/)).toBeVisible();
	await page.keyboard.press('Enter');
	await expect(marks(page)).toHaveCount(7);
	await page.locator('.mark.held').focus();
	const across = page.getByLabel('Across', { exact: true });
	const at = Number(await across.inputValue());
	await page.keyboard.press('Shift+ArrowRight');
	await expect(across).toHaveValue(String(at + 10));
	await page.keyboard.press('PageDown');
	await expect(page.locator('.mark:focus')).toHaveAttribute('aria-label', /^Place \d/);
	await page.getByRole('button', { name: 'Compare, by a line across' }).click();
	const line = page.getByRole('slider', { name: /^The picture as it is, up to here/ });
	await line.focus();
	await page.keyboard.press('Home');
	await expect(line).toHaveAttribute('aria-valuetext', '0 % as it is');
	expect(await axeFaults(page)).toEqual([]);
	await page.getByRole('button', { name: 'End comparing' }).click();
	for (const view of ['value', 'protan']) {
		await page.getByLabel('View', { exact: true }).selectOption(view);
		expect(await axeFaults(page), view).toEqual([]);
	}
});
