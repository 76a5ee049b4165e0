import { addPlate, drawnColours, makeStudy, ready, saved, step } from './pages';
import { expect, test } from './test';

test.use({ permissions: ['clipboard-read', 'clipboard-write'] });

test('rows are copied, cut and pasted by keys between plates and studies, each undone as one; other programs get the colours', async ({
	page
}) => {
	await makeStudy(page);
	await step(page, 1, 1).focus();
	await page.keyboard.press('Control+c');
	await expect(page.getByText('Copied the row.')).toBeVisible();
	const text = await page.evaluate(() => navigator.clipboard.readText());
	expect(text.split('\n')).toHaveLength(7);
	expect(text.split('\n')[0]).toBe('#b3392b');
	await page.keyboard.press('Control+v');
	expect(await drawnColours(page)).toHaveLength(14);
	await page.keyboard.press('Control+z');
	expect(await drawnColours(page)).toHaveLength(7);

	await addPlate(page, 'A plate of scales');
	await step(page, 1, 1).focus();
	await page.keyboard.press('Control+v');
	expect((await drawnColours(page)).slice(7, 8)).toEqual(['#b3392b']);
	await page.keyboard.press('Control+x');
	await expect(page.getByText('Cut the row.')).toBeVisible();
	expect(await drawnColours(page)).toHaveLength(7);
	await page.getByRole('status').getByRole('button', { name: 'Undo' }).click();
	expect(await drawnColours(page)).toHaveLength(14);

	// Into another study: the looks stay, the link does not.
	await makeStudy(page);
	await step(page, 1, 1).focus();
	await page.keyboard.press('Control+v');
	expect((await drawnColours(page)).slice(7)).toEqual(text.split('\n'));
	await expect(page.getByRole('combobox', { name: 'Linked to' })).toHaveValue('own');
	await expect(page.locator('.mixer h2')).toHaveText('Madder');
	await saved(page);
});

test('a plate is pasted after the open one, from the index, and a row says where it does not go', async ({ page }) => {
	await makeStudy(page);
	await page.getByRole('button', { name: /^Plate 1: / }).focus();
	await page.keyboard.press('Control+c');
	await expect(page.getByText('Copied the plate “Tints of madder”.')).toBeVisible();
	await page.keyboard.press('Control+v');
	await expect(page.getByRole('button', { name: /^Plate \d: / })).toHaveCount(2);
	await step(page, 1, 1).focus();
	await page.keyboard.press('Control+c');
	await addPlate(page, 'Grounds');
	// The plate that comes up takes the focus when it is there; a paste that is refused changes nothing.
	await expect(async () => {
		await page.locator('main').focus();
		await page.keyboard.press('Control+v');
		await expect(page.getByText('What was copied goes on a plate of its own kind.')).toBeVisible({ timeout: 1000 });
	}).toPass();
	await saved(page);
	await page.reload();
	await ready(page);
	await expect(page.getByRole('button', { name: /^Plate \d: / })).toHaveCount(3);
});

test('a colour is copied from the mixer and pasted into another place with its name; text from elsewhere is still shown first', async ({
	page
}) => {
	await makeStudy(page);
	await page.getByRole('region', { name: 'Linked colours' }).getByRole('button', { name: 'Woad', exact: true }).click();
	await page.keyboard.press('Control+c');
	expect(await page.evaluate(() => navigator.clipboard.readText())).toBe('#2f5f86');
	await step(page, 1, 1).focus();
	await page.keyboard.press('Control+v');
	expect((await drawnColours(page))[0]).toBe('#2f5f86');
	await expect(page.locator('.mixer h2')).toHaveText('Woad');
	await page.evaluate(() => navigator.clipboard.writeText('#123456 #654321'));
	await page.keyboard.press('Control+v');
	await expect(page.getByRole('dialog', { name: 'Read in colours' })).toBeVisible();
});

test('the second button offers what the keys do: a row is copied to another plate, cut, and deleted', async ({
	page
}) => {
	await makeStudy(page);
	await addPlate(page, 'A plate of scales');
	await page.getByRole('button', { name: /^Plate 1: / }).click();
	await step(page, 1, 3).click({ button: 'right' });
	const menu = page.getByRole('menu', { name: 'What can be done here' });
	await expect(menu.getByRole('menuitem')).toHaveText([/^Copy the row/, /^Cut the row/, /^Delete the row/, /^Paste/]);
	await menu.getByRole('menuitem', { name: /^Copy the row/ }).click();
	await expect(page.getByText('Copied the row.')).toBeVisible();
	await page.getByRole('button', { name: /^Plate 2: / }).click();
	await step(page, 1, 1).click({ button: 'right' });
	await menu.getByRole('menuitem', { name: /^Paste/ }).click();
	await expect(step(page, 2, 1)).toBeVisible();
	await step(page, 2, 1).click({ button: 'right' });
	await page.keyboard.press('Escape');
	await expect(menu).toBeHidden();
	await step(page, 2, 1).click({ button: 'right' });
	await menu.getByRole('menuitem', { name: /^Delete the row/ }).click();
	await expect(step(page, 2, 1)).toHaveCount(0);
	await page.keyboard.press('Control+z');
	await expect(step(page, 2, 1)).toBeVisible();
});

test('several rows are gathered with Ctrl and Shift, by mouse and by keys, taken along together and taken back as one', async ({
	page
}) => {
	await makeStudy(page);
	for (let i = 0; i < 2; i++) {
		await step(page, 1, 1).focus();
		await page.keyboard.press('Control+c');
		await page.keyboard.press('Control+v');
	}
	expect(await drawnColours(page)).toHaveLength(21);
	await step(page, 1, 2).click();
	await step(page, 3, 2).click({ modifiers: ['Control'] });
	await page.keyboard.press('Control+c');
	await expect(page.getByText('Copied 2 rows.')).toBeVisible();
	expect((await page.evaluate(() => navigator.clipboard.readText())).split('\n')).toHaveLength(14);
	await page.keyboard.press('Control+v');
	expect(await drawnColours(page)).toHaveLength(35);
	await page.keyboard.press('Control+z');
	expect(await drawnColours(page)).toHaveLength(21);

	// A range by keys: from the second row to the third, deleted together.
	await step(page, 2, 1).click();
	await step(page, 2, 1).press('Control+Enter');
	await step(page, 2, 1).press('ArrowDown');
	await step(page, 3, 1).press('Shift+Enter');
	await step(page, 3, 1).press('Delete');
	await expect(page.getByText('2 rows deleted.')).toBeVisible();
	expect(await drawnColours(page)).toHaveLength(7);
	await page.keyboard.press('Control+z');
	expect(await drawnColours(page)).toHaveLength(21);

	// Into another study, all of them, in their order.
	await step(page, 1, 1).click();
	await step(page, 3, 1).click({ modifiers: ['Shift'] });
	await page.keyboard.press('Control+c');
	await expect(page.getByText('Copied 3 rows.')).toBeVisible();
	await makeStudy(page);
	await step(page, 1, 1).focus();
	await page.keyboard.press('Control+v');
	expect(await drawnColours(page)).toHaveLength(28);
	await saved(page);
});

test('several plates, and several linked colours, are taken along together', async ({ page }) => {
	await makeStudy(page);
	await addPlate(page, 'Grounds');
	const plate = (n: number) => page.getByRole('button', { name: new RegExp(`^Plate ${n}: `) });
	await plate(1).click();
	await plate(2).click({ modifiers: ['Shift'] });
	await page.keyboard.press('Control+c');
	await expect(page.getByText('Copied 2 plates.')).toBeVisible();
	await page.keyboard.press('Control+v');
	await expect(page.getByRole('button', { name: /^Plate \d: / })).toHaveCount(4);
	await page.keyboard.press('Control+z');
	await expect(page.getByRole('button', { name: /^Plate \d: / })).toHaveCount(2);

	const linked = page.getByRole('region', { name: 'Linked colours' });
	const count = await linked.locator('li').count();
	await linked.getByRole('button', { name: 'Madder', exact: true }).click();
	await linked.getByRole('button', { name: 'Woad', exact: true }).click({ modifiers: ['Control'] });
	await page.keyboard.press('Control+c');
	await expect(page.getByText('Copied 2 colours.')).toBeVisible();
	expect(await page.evaluate(() => navigator.clipboard.readText())).toBe('#b3392b\n#2f5f86');
	await page.keyboard.press('Control+v');
	await expect(linked.locator('li')).toHaveCount(count + 2);
	await page.keyboard.press('Control+z');
	await expect(linked.locator('li')).toHaveCount(count);
});
