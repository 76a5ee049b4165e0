import { differenceCiede2000 } from 'culori';
import { axeFaults } from './axe';
import { addPlate, makeStudy, ready, saved, step } from './pages';
import { type Page } from '@playwright/test';
import { expect, test } from './test';

const side = (page: Page, which: 'Left' | 'Right') =>
	page.getByRole('region', { name: new RegExp(`^${which} plate: `) });
const codes = (page: Page, which: 'Left' | 'Right') =>
	side(page, which)
		.locator('svg rect[x][fill^="#"]')
		.evaluateAll((bars) => bars.map((bar) => bar.getAttribute('fill')!));

async function nameStudy(page: Page, title: string) {
	await page.locator('header .title button').click();
	const dialog = page.getByRole('dialog');
	await dialog.getByLabel('Title', { exact: true }).fill(title);
	await dialog.getByLabel('Title', { exact: true }).press('Enter');
	await expect(page.locator('header .title button')).toHaveText(title);
	await saved(page);
}

test('plates of two studies side by side, from the list of studies: each is changed where it is clicked, saved, and taken back on its own', async ({
	page
}) => {
	const stamp = `${Date.now()}`;
	await makeStudy(page);
	await nameStudy(page, `Shawl ${stamp}`);
	await makeStudy(page);
	await addPlate(page, 'A plate of scales');
	await nameStudy(page, `Runner ${stamp}`);

	// By keys: the menu of one, then the name of the other.
	await page.goto(`/?words=${stamp}`);
	await page.getByRole('button', { name: `Shawl ${stamp}: what to do` }).press('Enter');
	await page.getByRole('menuitem', { name: 'Put another beside it' }).press('Enter');
	await expect(page.getByText(`“Shawl ${stamp}” will stand at the left.`)).toBeVisible();
	await page.getByRole('link', { name: `Runner ${stamp}` }).press('Enter');
	await expect(side(page, 'Left').getByText('Left, being changed')).toBeVisible();
	await expect(side(page, 'Right').getByText(`Runner ${stamp}`)).toBeVisible();
	expect(await axeFaults(page)).toEqual([]);

	// Another plate of the other study; it stays the left one that is changed.
	await page.getByRole('combobox', { name: 'Plate on the right' }).selectOption({ index: 1 });
	await expect(side(page, 'Left').getByText('Left, being changed')).toBeVisible();
	const before = await codes(page, 'Left');

	// A click on a colour of the other study: index, title and mixer are about that one now.
	await side(page, 'Right').locator('svg rect[x]').first().click({ force: true });
	await expect(side(page, 'Right').getByText('Right, being changed')).toBeVisible();
	await expect(page.locator('header .title button')).toHaveText(`Runner ${stamp}`);
	const field = page.getByRole('textbox', { name: 'Colour, in any CSS syntax' });
	await field.fill('#2a6f97');
	await field.press('Enter');
	expect((await codes(page, 'Right'))[0]).toBe('#2a6f97');
	expect(await codes(page, 'Left')).toEqual(before);
	await saved(page);

	// The numbers between the studies are those of culori 4.0.2.
	const table = page.getByRole('region', { name: 'Differences of what corresponds' });
	const said = (await table.locator('tr').nth(1).locator('small').allTextContents()).map(Number);
	const [one, other] = [await codes(page, 'Left'), await codes(page, 'Right')];
	expect(said.length).toBeGreaterThan(4);
	said.forEach((number, i) => expect(number).toBeCloseTo(differenceCiede2000()(one[i]!, other[i]!), 1));

	// Undo is that of the study that is being changed.
	await page.locator('main').focus();
	await page.keyboard.press('Control+z');
	expect((await codes(page, 'Right'))[0]).not.toBe('#2a6f97');
	await page.keyboard.press('Control+Shift+z');
	await saved(page);

	await page.getByRole('button', { name: 'One plate alone' }).click();
	await ready(page);
	await expect(page).toHaveURL(/\/studies\/[^?]+$/);
	await expect(page.locator('header .title button')).toHaveText(`Runner ${stamp}`);
	await page.reload();
	await ready(page);
	await page.getByRole('button', { name: /^Plate 2: / }).click();
	await expect(step(page, 1, 1)).toBeVisible();
	await expect(page.locator('.surface svg rect[x][fill="#2a6f97"]').first()).toBeAttached();
});

test('two plates larger than their room are moved together, or apart', async ({ page }) => {
	await makeStudy(page);
	await addPlate(page, 'A plate of scales');
	await page.getByRole('button', { name: /^Plate 1: / }).click({ modifiers: ['Alt'] });
	await page.getByRole('button', { name: '200 %' }).click();
	const scrollers = page.locator('.scroller');
	const at = (n: number) => scrollers.nth(n).evaluate((each) => [each.scrollLeft, each.scrollTop]);
	await scrollers.nth(0).evaluate((each) => each.scrollTo(300, 120));
	await expect.poll(() => at(1)).toEqual([300, 120]);
	await page.getByRole('checkbox', { name: 'move together' }).uncheck();
	await scrollers.nth(1).evaluate((each) => each.scrollTo(40, 10));
	await expect.poll(() => at(1)).toEqual([40, 10]);
	expect(await at(0)).toEqual([300, 120]);
});

test('a study that has no plates, or is not there, says so and the page stays as it is', async ({ page }) => {
	await makeStudy(page);
	const url = page.url();
	await page.goto(`${url}?beside=nothing-there`);
	await expect(page.getByRole('status').getByText(/./).first()).toBeVisible();
	await expect(step(page, 1, 1)).toBeVisible();
	await expect(side(page, 'Left')).toHaveCount(0);
});
