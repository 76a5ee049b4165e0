import { newStudy } from '../src/lib/study/new-study';
import { type Page } from '@playwright/test';
import { ready } from './pages';
import { expect, test } from './test';

test.beforeEach(async ({ page }) => {
	await page.goto('/');
	await ready(page);
});

const titles = (page: Page) => page.locator('article h2');

test('the demo shows at least three studies with pictures of their first plates', async ({ page }) => {
	expect(await titles(page).count()).toBeGreaterThanOrEqual(3);
	// Pictures further down are loaded when they come into sight.
	for (const image of await page.locator('article img').all()) {
		await image.scrollIntoViewIfNeeded();
		expect(await image.evaluate((img: HTMLImageElement) => img.decode().then(() => img.naturalWidth))).toBeGreaterThan(
			0
		);
	}
});

test('find and sort', async ({ page }) => {
	await page.getByRole('searchbox', { name: 'Find studies' }).fill('perpetua banner');
	await expect(titles(page)).toHaveText(['A banner of one value']);
	await page.getByRole('searchbox', { name: 'Find studies' }).fill('100%_nothing');
	await expect(page.getByText('No study has “100%_nothing”')).toBeVisible();
	await page.getByRole('button', { name: 'Show all studies' }).click();
	await page.getByRole('combobox', { name: 'Order of the studies' }).selectOption({ label: 'By title' });
	// Other tests leave studies of their own behind; the order of all of them is what counts.
	const inOrder = async () => {
		const shown = (await titles(page).allTextContents()).map((title) => title.toLowerCase());
		return JSON.stringify(shown) === JSON.stringify([...shown].sort());
	};
	await expect.poll(inOrder).toBe(true);
	await expect(titles(page).filter({ hasText: 'A banner of one value' })).toBeVisible();
});

test('duplicate, rename, delete and take the deletion back', async ({ page }) => {
	const card = (title: string) =>
		page.getByRole('article').filter({ has: page.getByRole('heading', { name: title, exact: true }) });
	const act = async (title: string, action: string) => {
		await page.getByRole('button', { name: `${title}: what to do`, exact: true }).click();
		await page.getByRole('menuitem', { name: action }).and(page.locator(':visible')).click();
	};
	// The tests before have made more studies than the list shows at once.
	await page.goto('/?words=door');
	await ready(page);
	await act('Band for the north door', 'Duplicate');
	await expect(card('Band for the north door, copy')).toBeVisible();
	await act('Band for the north door, copy', 'Rename');
	await page.keyboard.type('Band for the south door');
	await page.keyboard.press('Enter');
	await expect(card('Band for the south door')).toBeVisible();
	await act('Band for the south door', 'Delete');
	await expect(card('Band for the south door')).toHaveCount(0);
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(card('Band for the south door')).toBeVisible();
});

test('an address of no study says so', async ({ page }) => {
	const response = await page.goto('/studies/nosuchstudy');
	expect(response?.status()).toBe(404);
	await expect(page.getByText('There is no such study')).toBeVisible();
});

test('a long list goes on by scrolling to its end, each study once, with pictures only where one looks', async ({
	page,
	request
}) => {
	for (let i = 1; i <= 110; i++)
		await request.post('/api/studies', { data: { document: newStudy(`Skein ${String(i).padStart(3, '0')}`, '') } });
	const pictures = new Set<string>();
	page.on('request', (sent) => sent.url().includes('picture.svg') && pictures.add(sent.url()));
	await page.goto('/?sort=title&words=skein');
	await ready(page);
	const titles = () => page.locator('h2 a').allTextContents();
	await page.waitForLoadState('networkidle');
	expect(pictures.size).toBeLessThan(60);
	for (let i = 0; i < 40 && (await titles()).length < 110; i++) {
		await page.mouse.wheel(0, 3000);
		await page.waitForTimeout(80);
	}
	expect(await titles()).toEqual(Array.from({ length: 110 }, (_, i) => `Skein ${String(i + 1).padStart(3, '0')}`));
	await expect(page.getByRole('button', { name: 'Show more' })).toBeHidden();
});
