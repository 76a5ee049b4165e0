import { type Page } from '@playwright/test';
import { drawnColours, makeStudy, ready, saved } from './pages';
import { begunFolder } from '../tests/support/begun';
import { started, stopped } from '../tests/support/server';
import { expect, test } from './test';

const setCount = async (page: Page, between: string) => {
	await page.getByRole('textbox', { name: 'Steps between' }).fill(between);
	await page.keyboard.press('Enter');
};

test('two windows: the stale one is refused, and either loads the other’s or keeps a copy; nothing is overwritten', async ({
	context
}) => {
	const one = await context.newPage();
	const address = await makeStudy(one);
	await expect(one.getByText('Saved, revision 2')).toBeVisible();
	const other = await context.newPage();
	await other.goto(address);
	await ready(other);
	await setCount(one, '3');
	await saved(one);
	await setCount(other, '8');
	await expect(other.locator('[data-save]')).toHaveAttribute('data-save', 'stale');
	const dialog = other.getByRole('dialog');
	await expect(dialog).toContainText('changed elsewhere');
	await dialog.getByRole('button', { name: 'Load the other' }).click();
	await expect(dialog).toBeHidden();
	expect(await drawnColours(other)).toHaveLength(5);
	await saved(other);
	// What was given up is not lost: undo brings it back, as an edit like any other.
	await other.getByRole('button', { name: 'Undo', exact: true }).last().click();
	await expect.poll(async () => (await drawnColours(other)).length).toBe(10);
	await saved(other);
	await other.keyboard.press('Control+Shift+z');
	await expect.poll(async () => (await drawnColours(other)).length).toBe(5);
	await saved(other);
	await one.reload();
	await ready(one);

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
	await expect(page.getByText('Saved, revision 2')).toBeVisible();
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
	await expect(page.getByText('Saved, revision 2')).toBeVisible();
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
	await expect(page.getByText('Saved, revision 2')).toBeVisible();
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
	await expect.poll(() => asked).toContain('could not be saved');
	expect(page.url()).toBe(address);
	await context.setOffline(false);
	await saved(page);
});

test('edits made while the server is down come back after a reload, and are saved', async ({ page }) => {
	const folder = await begunFolder();
	const first = await started(folder);
	await page.goto(first.url);
	await ready(page);
	await page.getByRole('button', { name: 'New study' }).click();
	await page.waitForURL(/\/studies\//);
	await ready(page);
	await page.getByRole('button', { name: 'Begin with madder, weld and woad' }).click();
	await expect(page.getByText('Saved, revision 2')).toBeVisible();
	await stopped(first, 'SIGKILL');
	await setCount(page, '3');
	await expect(page.locator('[data-save]')).toHaveAttribute('data-save', 'unreachable');
	await setCount(page, '9');
	await expect.poll(async () => (await drawnColours(page)).length, 'the edit is made').toBe(11);
	await page.waitForTimeout(300);

	const again = await started(folder, { PORT: new URL(first.url).port });
	// The window is closed with its edits and opened anew; the browser asks first, and is told to go on.
	page.on('dialog', (dialog) => void dialog.accept());
	await page.reload();
	await ready(page);
	await expect.poll(async () => (await drawnColours(page)).length).toBe(11);
	await saved(page);
	await page.reload();
	await ready(page);
	expect(await drawnColours(page)).toHaveLength(11);
	await expect(page.getByText('brought back')).toBeHidden();
	await stopped(again, 'SIGTERM');
});

test('edits kept in the browser of a study that was changed meanwhile give the choice, and nothing is overwritten', async ({
	page,
	request
}) => {
	const address = await makeStudy(page);
	await expect(page.getByText('Saved, revision 2')).toBeVisible();
	const id = address.split('/').at(-1)!;
	await page.route('**/api/studies/*', (route) =>
		route.request().method() === 'PUT' ? route.abort() : route.continue()
	);
	await setCount(page, '8');
	await expect(page.locator('[data-save]')).toHaveAttribute('data-save', 'unreachable');
	const renamed = await request.put(`/api/studies/${id}/title`, { data: { title: 'Changed meanwhile' } });
	expect(renamed.status()).toBe(204);
	await page.unroute('**/api/studies/*');
	page.on('dialog', (dialog) => void dialog.accept());
	await page.reload();
	await ready(page);
	const dialog = page.getByRole('dialog', { name: 'This study was changed elsewhere' });
	await dialog.getByRole('button', { name: 'Load the other' }).click();
	await expect(page.getByRole('navigation', { name: 'Where you are' })).toContainText('Changed meanwhile');
	await saved(page);
	await page.reload();
	await ready(page);
	await expect(page.getByRole('navigation', { name: 'Where you are' })).toContainText('Changed meanwhile');
	expect(await drawnColours(page)).toHaveLength(7);
});

test('a study that was deleted elsewhere can be kept as a new one', async ({ page }) => {
	const address = await makeStudy(page);
	await expect(page.getByText('Saved, revision 2')).toBeVisible();
	const id = address.split('/').at(-1);
	expect((await page.request.delete(`/api/studies/${id}`)).status()).toBe(204);
	await setCount(page, '10');
	await page.getByRole('dialog').getByRole('button', { name: 'Keep mine as a copy' }).click();
	await page.waitForURL((url) => !address.endsWith(url.pathname));
	await ready(page);
	expect(await drawnColours(page)).toHaveLength(12);
});

test('a browser that lets nobody at its database: saving goes on, and what is not kept is said, not promised', async ({
	page,
	context
}) => {
	await page.addInitScript(() => {
		// As private windows and policies do: at once, not by an event.
		IDBFactory.prototype.open = () => {
			throw new DOMException('The operation is insecure.', 'SecurityError');
		};
	});
	await makeStudy(page);
	await expect(page.getByText('Saved, revision 2')).toBeVisible();
	await context.setOffline(true);
	await setCount(page, '2');
	await expect(page.locator('[data-save]')).toContainText('This browser keeps nothing: leave this page open');
	await setCount(page, '4');
	await context.setOffline(false);
	await saved(page);
	await page.reload();
	await ready(page);
	expect(await drawnColours(page)).toHaveLength(6);
});

test('a browser without room for a draft says so', async ({ page, context }) => {
	await page.addInitScript(() => {
		IDBObjectStore.prototype.put = () => {
			throw new DOMException('No room.', 'QuotaExceededError');
		};
	});
	await makeStudy(page);
	await expect(page.getByText('Saved, revision 2')).toBeVisible();
	await context.setOffline(true);
	await setCount(page, '2');
	await expect(page.locator('[data-save]')).toContainText('This browser keeps nothing');
	await context.setOffline(false);
	await saved(page);
});

test('going back to a study shows it as it was saved last, and the next edit is one like any other', async ({
	page
}) => {
	const address = await makeStudy(page);
	await expect(page.getByText('Saved, revision 2')).toBeVisible();
	await page.goto(address);
	await ready(page);
	await setCount(page, '9');
	await saved(page);
	await page.goto('/help');
	await page.goBack();
	await ready(page);
	expect(await drawnColours(page)).toHaveLength(11);
	await setCount(page, '6');
	await saved(page);
	expect(await drawnColours(page)).toHaveLength(8);
});

test('a page that the browser kept as it was catches up with what was saved meanwhile', async ({ context }) => {
	const page = await context.newPage();
	const address = await makeStudy(page);
	await expect(page.getByText('Saved, revision 2')).toBeVisible();
	const other = await context.newPage();
	await other.goto(address);
	await ready(other);
	await setCount(other, '9');
	await saved(other);
	await page.evaluate(() => dispatchEvent(new PageTransitionEvent('pageshow', { persisted: true })));
	await expect.poll(async () => (await drawnColours(page)).length).toBe(11);
	await setCount(page, '3');
	await saved(page);
	await expect(page.getByText('Saved, revision 4')).toBeVisible();
});

test('two counts that are typed one soon after the other are two steps of undo', async ({ page }) => {
	await makeStudy(page);
	await setCount(page, '4');
	await setCount(page, '9');
	expect(await drawnColours(page)).toHaveLength(11);
	const undo = page.getByRole('button', { name: 'Undo: Set the number of steps' });
	await undo.click();
	await expect.poll(async () => (await drawnColours(page)).length).toBe(6);
	// Presses of one button that follow each other at once are one.
	for (let i = 0; i < 3; i++) await page.getByRole('button', { name: 'One step more' }).click();
	await expect.poll(async () => (await drawnColours(page)).length).toBe(9);
	await undo.click();
	await expect.poll(async () => (await drawnColours(page)).length).toBe(6);
});
