import { axeFaults } from './axe';
import { choose, drawnColours, ready, reach, saved } from './pages';
import { expect, test } from './test';

test.beforeEach(async ({ page }) => {
	await page.goto('/');
	await ready(page);
	await page.getByRole('button', { name: 'New study' }).click();
	await page.waitForURL(/\/studies\/[0-9a-z]+$/);
	await ready(page);
});

test('a new study begins with three colours of one’s own, typed as they come, and with their tints', async ({
	page
}) => {
	expect(await axeFaults(page)).toEqual([]);
	const colour = (name: string) => page.getByRole('textbox', { name: `${name} colour` });
	await page.getByRole('button', { name: 'Begin with these' }).click();
	await expect(page.getByRole('form', { name: 'Three colours of mine' }).getByRole('alert')).toContainText(
		'No colour yet'
	);
	await colour('First').fill('0x3a7340');
	await colour('Second').fill('rgb(217, 176, 54);');
	await colour('Third').fill('no colour at all');
	await colour('Third').press('Enter');
	await expect(page.getByRole('form', { name: 'Three colours of mine' }).getByRole('alert')).toContainText(
		'“no colour at all” is no colour.'
	);
	await colour('Third').fill('cmyk(0% 68% 76% 30%)');
	await colour('Third').press('Enter');
	await expect.poll(async () => (await drawnColours(page))[0]).toBe('#3a7340');
	await expect(page.getByRole('region', { name: 'Linked colours' }).getByRole('listitem')).toHaveCount(3);
	await saved(page);
	await page.getByRole('button', { name: /^Undo: Begin with colours/ }).click();
	await expect(page.getByRole('heading', { name: 'No plates yet' })).toBeVisible();
});

test('a list of colours pasted into the first field takes a field each; a palette begins a study at once', async ({
	page
}) => {
	const first = page.getByRole('textbox', { name: 'First colour' });
	await first.focus();
	await page.evaluate(() => navigator.clipboard.writeText('Madder #b3392b\nWeld #d9b036'));
	await page.keyboard.press('Control+v');
	await expect(first).toHaveValue('#b3392b');
	await expect(page.getByRole('textbox', { name: 'Second colour' })).toHaveValue('#d9b036');
	await page.getByRole('button', { name: 'Begin with a palette' }).click();
	await page.getByRole('button', { name: 'Saltmarsh dye garden', exact: true }).click();
	await expect(page.getByRole('region', { name: 'Linked colours' }).getByRole('listitem')).toHaveCount(7);
	await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Tints of /);
});

test('hints stand one at a time where a newcomer may hesitate, and are gone for good once done', async ({ page }) => {
	await page.getByRole('button', { name: 'Begin with madder, weld and woad' }).click();
	const hint = page.getByRole('note');
	await expect(hint).toContainText('Turn a track in the mixer');
	await page.getByRole('slider', { name: 'Hue' }).press('ArrowRight');
	await expect(hint).toContainText('point at a choice');
	await (await reach(page, page.getByRole('button', { name: /^Recipe: / }))).click();
	await page.getByRole('menuitemradio', { name: /^Shades/ }).hover();
	await page.keyboard.press('Escape');
	await expect(hint).toContainText('yours to write');
	await page.getByRole('button', { name: 'Put this hint away' }).click();
	await expect(hint).toHaveCount(0);
	await saved(page);
	await page.goto('/');
	await ready(page);
	await page.getByRole('button', { name: 'New study' }).click();
	await page.waitForURL(/\/studies\/[0-9a-z]+$/);
	await ready(page);
	await page.getByRole('button', { name: 'Begin with madder, weld and woad' }).click();
	await expect(page.locator('.surface')).toBeVisible();
	await expect(hint).toHaveCount(0);
});

test('nested figures are set and dragged between a smallest and a largest, with a second set across them', async ({
	page
}) => {
	await page.getByRole('button', { name: 'Begin with madder, weld and woad' }).click();
	await (await reach(page, page.getByRole('button', { name: 'Layout', exact: true }))).click();
	await page.getByRole('radio', { name: 'squares in each other' }).check();
	const widths = (): Promise<number[]> =>
		page
			.locator('.surface > svg rect[x]')
			.evaluateAll((all) => all.map((bar) => Math.round(Number(bar.getAttribute('width')))));
	const before = await widths();
	await page.locator('[data-beside]').getByRole('slider', { name: 'Smallest figure' }).fill('40');
	const after = await widths();
	expect(after.at(-1)! / after[0]!).toBeCloseTo(0.4, 1);
	expect(after[0]).toBe(before[0]);
	await page.getByRole('checkbox', { name: 'a second set across the first' }).check();
	await expect(page.locator('.surface > svg path[d*="M"]')).not.toHaveCount(0);
	await page.keyboard.press('Escape');
	const handle = page.locator('.lay').getByRole('slider', { name: 'Largest figure' });
	const box = (await handle.boundingBox())!;
	await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
	await page.mouse.down();
	await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2 + 40, { steps: 4 });
	await page.mouse.up();
	expect(Number(await handle.getAttribute('aria-valuenow'))).toBeLessThan(95);
	await handle.press('ArrowUp');
	await page.keyboard.press('Control+z');
	await saved(page);
	await choose(page, 'Recipe', 'Shades');
});
