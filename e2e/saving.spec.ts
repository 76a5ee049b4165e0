import { expect, test, type Page } from '@playwright/test';
import { drawnColours, makeStudy, ready, saved } from './pages';

const setCount = async (page: Page, between: string) => {
	await page.getByRole('textbox', { name: 'Steps between' }).fill(between);
	await page.keyboard.press('Enter');
};

test('two windows: the stale one is refused, and either loads the other’s or keeps a copy; nothing is overwritten', async ({
	context
}) => {
	const one = await context.newPage();
	const address = await makeStudy(one);
	const other = await context.newPage();
	await other.goto(address);
	await ready(other);
	await setCount(one, '3');
	await saved(one);
	await setCount(other, '8');
	await expect(other.locator('[data-save]')).toHaveAttribute('data-save', 'stale');
	const dialog = other.getByRole('dialog');
	await expect(dialog).toContainText('changed in another window');
	await dialog.getByRole('button', { name: 'Load the other' }).click();
	await expect(dialog).toBeHidden();
	expect(await drawnColours(other)).toHaveLength(5);
	await saved(other);

	await setCount(one, '6');
	await saved(one);
	await setCount(other, '9');
	await other.getByRole('dialog').getByRole('button', { name: 'Keep mine as a copy' }).click();
	await other.waitForURL((url) => !address.endsWith(url.pathname));
	await ready(other);
	await expect(other.getByRole('navigation', { name: 'Where you are' })).toContainText('Untitled study, copy');
	expect(await drawnColours(other)).toHaveLength(11);
	await one.reload();
	await ready(one);
	expect(await drawnColours(one)).toHaveLength(8);
});

test('a lost connection says so, keeps the edits, and saves when it is back', async ({ page, context }) => {
	await makeStudy(page);
	await context.setOffline(true);
	await setCount(page, '2');
	await expect(page.getByText('Not saved: the server cannot be reached')).toBeVisible();
	await setCount(page, '4');
	expect(await drawnColours(page)).toHaveLength(6);
	await context.setOffline(false);
	await saved(page);
	await page.reload();
	await ready(page);
	expect(await drawnColours(page)).toHaveLength(6);
});

test('an answer that is lost on its way does not make the window stale against itself', async ({ page }) => {
	await makeStudy(page);
	let lost = 0;
	await page.route('**/api/studies/*', async (route) => {
		if (route.request().method() !== 'PUT' || lost++ > 0) return route.continue();
		await route.fetch();
		await route.abort();
	});
	await setCount(page, '7');
	await expect(page.locator('[data-save]')).toHaveAttribute('data-save', 'unreachable');
	await saved(page);
	expect(lost).toBeGreaterThan(1);
});

test('leaving with unsaved work saves first, and warns where it cannot', async ({ page, context }) => {
	const address = await makeStudy(page);
	await setCount(page, '11');
	await page.getByRole('link', { name: 'Studies', exact: true }).click();
	await expect(page.getByRole('heading', { name: 'Studies' })).toBeVisible();
	await page.goto(address);
	await ready(page);
	expect(await drawnColours(page)).toHaveLength(13);

	await context.setOffline(true);
	await setCount(page, '1');
	let asked = '';
	page.once('dialog', (dialog) => {
		asked = dialog.message();
		void dialog.dismiss();
	});
	await page.getByRole('link', { name: 'Studies', exact: true }).click();
	await expect.poll(() => asked).toContain('not saved');
	expect(page.url()).toBe(address);
	await context.setOffline(false);
	await saved(page);
});

test('a study that was deleted elsewhere can be kept as a new one', async ({ page }) => {
	const address = await makeStudy(page);
	const id = address.split('/').at(-1);
	expect((await page.request.delete(`/api/studies/${id}`)).status()).toBe(204);
	await setCount(page, '10');
	await page.getByRole('dialog').getByRole('button', { name: 'Keep mine as a copy' }).click();
	await page.waitForURL((url) => !address.endsWith(url.pathname));
	await ready(page);
	expect(await drawnColours(page)).toHaveLength(12);
});
