import { type Page } from '@playwright/test';
import { addPlate, dragTrack, makeStudy, ready, saved, step } from './pages';
import { expect, test } from './test';

const place = (page: Page, name: RegExp) =>
	page.getByRole('group', { name: 'Colours of the plate' }).getByRole('button', { name });
const mixer = (page: Page) => page.getByRole('region', { name: 'Mixer' });

/** The fill of the first ground, the first element of the plate of grounds. */
const ground = (page: Page): Promise<string | null> =>
	page.locator('.surface > svg rect[x]').first().getAttribute('fill');

test('a ground follows a step of a scale: it turns with it, is let go with its last colour when the scale goes, and undone', async ({
	page
}) => {
	await makeStudy(page);
	await addPlate(page, 'Grounds');
	await place(page, /^First ground/).focus();
	await mixer(page).getByRole('button', { name: 'Follow …' }).click();
	const panel = page.getByRole('group', { name: 'Colours of other plates' });
	await expect(panel.getByRole('group', { name: 'Tints, madder to white, on “Tints of madder”' })).toBeVisible();
	// By keys: the first step has the focus.
	await page.keyboard.press('ArrowRight');
	await page.keyboard.press('ArrowRight');
	await page.keyboard.press('ArrowRight');
	const code = (await page.locator(':focus').getAttribute('title'))!;
	await page.keyboard.press('Enter');
	await expect(mixer(page)).toContainText('It follows step 4 of 7, on “Tints of madder”.');
	expect(await ground(page)).toBe(code);

	await expect(mixer(page).getByRole('button', { name: 'Go to step 4 of 7' })).toBeFocused();
	await page.keyboard.press('Enter');
	await expect(page.locator('[data-place="0 3"]')).toHaveAttribute('aria-pressed', 'true');
	await step(page, 1, 1).click();
	await dragTrack(page, 'Lightness', 0.5, 0.3);
	await page.getByRole('button', { name: /^Plate 2: / }).click();
	await expect.poll(() => ground(page)).not.toBe(code);
	const turned = await ground(page);
	await saved(page);
	await page.reload();
	await ready(page);
	await page.getByRole('button', { name: /^Plate 2: / }).click();
	await expect.poll(() => ground(page)).toBe(turned);

	await page.getByRole('button', { name: /^Plate 1: / }).click();
	await page.getByRole('button', { name: /^Plate 1: / }).press('Delete');
	await expect(page.getByText(/followed what is gone. It keeps its last colour/)).toBeVisible();
	await expect.poll(() => ground(page)).toBe(turned);
	await place(page, /^First ground/).focus();
	await expect(mixer(page).getByRole('combobox', { name: 'Linked to' })).toHaveValue('own');
	await page.keyboard.press('Control+z');
	await page.getByRole('button', { name: /^Plate 2: / }).click();
	await place(page, /^First ground/).focus();
	await expect(mixer(page)).toContainText('It follows step 4 of 7');
	await mixer(page).getByRole('button', { name: 'Let it go' }).click();
	await expect(mixer(page).getByRole('combobox', { name: 'Linked to' })).toHaveValue('own');
	expect(await ground(page)).toBe(turned);
});
