import { differenceCiede2000, formatHex } from 'culori';
import { readFile } from 'node:fs/promises';
import { type Page } from '@playwright/test';
import { axeFaults } from './axe';
import { drawnColours, makeStudy, ready, saved, step } from './pages';
import { expect, test } from './test';

const open = async (page: Page): Promise<void> => {
	await page.goto('/palettes');
	await ready(page);
};

const names = (page: Page): Promise<string[]> => page.locator('article h2').allTextContents();
const editor = (page: Page) => page.getByRole('region', { name: /^The palette / });
const codes = (page: Page): Promise<string[]> =>
	editor(page)
		.getByLabel(/^Code of colour /)
		.evaluateAll((fields) => fields.map((field) => (field as HTMLInputElement).value));

/** Waits until the server has a palette of this name with so many colours. */
async function kept(page: Page, name: string, colours: number): Promise<void> {
	await expect(async () => {
		const list = (await (await page.request.get(`/api/palettes?words=${encodeURIComponent(name)}`)).json()) as {
			palettes: { name: string; colours: unknown[] }[];
		};
		expect(list.palettes.find((palette) => palette.name === name)?.colours).toHaveLength(colours);
	}).toPass();
}

async function makePalette(page: Page, name: string, ...colours: string[]): Promise<void> {
	await open(page);
	await page.getByRole('button', { name: /^(New palette|Make the first palette)$/ }).click();
	await expect(page.getByRole('heading', { name: 'Untitled palette' }).first()).toBeVisible();
	await page.getByRole('button', { name: 'Untitled palette: what to do' }).click();
	await page.getByRole('menuitem', { name: 'Rename' }).click();
	await page.getByRole('textbox', { name: 'Name of the palette' }).fill(name);
	await page.keyboard.press('Enter');
	for (const colour of colours) {
		await page.getByRole('textbox', { name: /^A further colour/ }).fill(colour);
		await page.keyboard.press('Enter');
	}
	await kept(page, name, colours.length);
}

test('a palette made by hand: typed colours, a bad one refused with its reason, renamed, reordered, undone, kept', async ({
	page
}) => {
	await makePalette(page, 'Bog and heather', '#6b5b3a', 'oklch(0.5 0.12 330)');
	const further = page.getByRole('textbox', { name: /^A further colour/ });
	await further.fill('heathery');
	await page.keyboard.press('Enter');
	await expect(editor(page).getByRole('alert')).toContainText('Expected');
	expect(await codes(page)).toEqual(['#6b5b3a', 'oklch(0.5 0.12 330)']);
	await further.fill('rebeccapurple');
	await page.keyboard.press('Enter');
	await page
		.getByRole('button', { name: /^Move .* up$/ })
		.last()
		.click();
	expect(await codes(page)).toEqual(['#6b5b3a', 'rebeccapurple', 'oklch(0.5 0.12 330)']);
	await editor(page).getByLabel('Name of colour 1').fill('Peat');
	await editor(page).getByLabel('Tags, with commas between').fill('Moor, brown, moor');
	await editor(page).getByLabel('Made by').fill('Sib Harrow');
	await page.keyboard.press('Tab');
	await expect(page.getByText('Sib Harrow · 3 colours · moor · brown')).toBeVisible();
	await page.getByRole('button', { name: 'Take Peat out' }).click();
	expect(await codes(page)).toHaveLength(2);
	await page.locator('article button').first().focus();
	await page.keyboard.press('Control+z');
	expect(await codes(page)).toHaveLength(3);
	await kept(page, 'Bog and heather', 3);
	await open(page);
	expect((await names(page))[0]).toBe('Bog and heather');
	expect(await codes(page)).toEqual(['#6b5b3a', 'rebeccapurple', 'oklch(0.5 0.12 330)']);
});

test('palettes are found by words and by tag, duplicated, moved by keys, and deleted with undo', async ({ page }) => {
	await open(page);
	const all = await names(page);
	const search = page.getByRole('searchbox', { name: 'Find palettes' });
	await search.fill('woad tobin');
	await expect(page.locator('article')).toHaveCount(1);
	expect(await names(page)).toEqual(['Seven dips of woad']);
	await search.fill('nothing-like-this');
	await expect(page.getByText('No palette is like that')).toBeVisible();
	await page.getByRole('button', { name: 'Show all palettes' }).click();
	await expect(page.locator('article')).toHaveCount(all.length);
	await page.getByLabel('Tag', { exact: true }).selectOption('quiet');
	await expect(page.locator('article')).toHaveCount(3);
	await page.getByLabel('Tag', { exact: true }).selectOption('');
	await expect(page.locator('article')).toHaveCount(all.length);

	// By nearness: the palette with just this colour first, the distance said (CIEDE2000 of culori 4.0.2).
	const near = page.getByRole('searchbox', { name: /^Near a colour/ });
	await near.fill('#5a4633');
	await page.keyboard.press('Enter');
	await expect(page.locator('article h2').first()).toHaveText('Saltmarsh dye garden');
	const off = differenceCiede2000()('#5a4633', '#5a4632');
	await expect(page.locator('article').first()).toContainText(`Walnut hull is ${off.toFixed(1)} ΔE00 off`);
	await near.fill('nearly red');
	await page.keyboard.press('Enter');
	await expect(page.locator('#near-complaint')).toContainText('Expected');
	await near.fill('');
	await page.keyboard.press('Enter');
	await expect.poll(() => names(page)).toEqual(all);

	await page.getByRole('button', { name: 'Market stall: what to do' }).click();
	await page.getByRole('menuitem', { name: 'Start from a copy' }).click();
	await expect(page.locator('article')).toHaveCount(all.length + 1);
	expect((await names(page))[0]).toBe('Market stall, copy');
	const copy = page.getByRole('button', { name: /^Market stall, copy: Ottilie/ });
	await copy.focus();
	await page.keyboard.press('Alt+ArrowDown');
	await expect(copy).toBeFocused();
	expect(await names(page)).toEqual([all[0], 'Market stall, copy', ...all.slice(1)]);
	await expect(async () => {
		const { palettes } = (await (await page.request.get('/api/palettes')).json()) as { palettes: { name: string }[] };
		expect(palettes[1]!.name).toBe('Market stall, copy');
	}).toPass();
	await copy.focus();
	await page.keyboard.press('Delete');
	await expect(page.locator('article')).toHaveCount(all.length);
	await page.getByRole('status').getByRole('button', { name: 'Undo' }).click();
	await expect(page.locator('article')).toHaveCount(all.length + 1);
	await page.getByRole('button', { name: /^Market stall, copy: Ottilie/ }).focus();
	await page.keyboard.press('Delete');
	await expect(page.locator('article')).toHaveCount(all.length);
	await open(page);
	expect(await names(page)).toEqual(all);
});

test('a palette is taken away in every format and read into another with a preview, the same to the code', async ({
	page
}) => {
	const given = ['#102030', '#a1b2c3', '#fedcba'];
	await makePalette(page, 'Three to carry', ...given);
	for (const [file, ending] of [
		['CSS properties', '.css'],
		['design tokens', '.tokens.json'],
		['a table (CSV)', '.csv'],
		['CGATS.17 text', '.txt'],
		['plain JSON', '.json']
	] as const) {
		await page.getByRole('button', { name: 'Three to carry: what to do' }).click();
		const waiting = page.waitForEvent('download');
		await page.getByRole('menuitem', { name: `Take it away as ${file}`, exact: true }).click();
		const download = await waiting;
		expect(download.suggestedFilename()).toBe(`three-to-carry${ending}`);
		const text = await readFile(await download.path(), 'utf8');
		await page.getByRole('button', { name: 'Read in colours', exact: true }).click();
		const dialog = page.getByRole('dialog', { name: 'Read in colours' });
		await dialog.locator('textarea').fill(text);
		await expect(dialog.getByRole('checkbox')).toHaveCount(3);
		expect(await codes(page), file).toEqual(given);
		await dialog.getByRole('button', { name: /^Add 3 colours/ }).click();
		// Some formats hold codes, others the numbers of their channels.
		const read = (await codes(page)).slice(3).map((code) => formatHex(code));
		expect(read, file).toEqual(given);
		await page.getByRole('button', { name: /^Undo: Read in/ }).click();
		await expect.poll(() => codes(page)).toEqual(given);
	}
});

test('a text pasted and a file dropped on the page of palettes are shown before anything changes', async ({ page }) => {
	await makePalette(page, 'Two from outside');
	const dialog = page.getByRole('dialog', { name: 'Read in colours' });
	await page.evaluate(() => navigator.clipboard.writeText('warp #008080; weft rgb(200 40 20)'));
	await page.getByRole('heading', { name: 'Palettes' }).click();
	await page.keyboard.press('Control+v');
	await expect(dialog.getByRole('checkbox')).toHaveCount(2);
	await expect(dialog.getByRole('textbox')).toHaveValue('warp #008080; weft rgb(200 40 20)');
	await dialog.getByRole('button', { name: 'Cancel' }).click();
	expect(await codes(page)).toEqual([]);
	await page.evaluate(() => {
		const dataTransfer = new DataTransfer();
		dataTransfer.items.add(new File(['name,colour\nWarp,#008080\nWeft,#c82814'], 'yarns.csv', { type: 'text/csv' }));
		window.dispatchEvent(new DragEvent('drop', { dataTransfer, cancelable: true }));
	});
	await dialog.getByRole('button', { name: 'Add 2 colours' }).click();
	expect(await codes(page)).toEqual(['#008080', '#c82814']);
	await kept(page, 'Two from outside', 2);
});

test('beside a plate: a click puts a colour in the parent held, a drag on a parent or a step, a path goes through all', async ({
	page
}) => {
	await makeStudy(page);
	await step(page, 1, 1).click();
	await page.getByRole('tab', { name: 'Palettes' }).click();
	const panel = page.getByRole('region', { name: 'Palettes' });
	await panel.getByRole('searchbox').fill('Saltmarsh dye');
	await expect(panel.getByRole('listitem')).toHaveCount(1);
	const walnut = panel.getByRole('button', { name: 'Walnut hull, #5a4632' });
	await walnut.click();
	expect((await drawnColours(page))[0]).toBe('#5a4632');
	await page.keyboard.press('Control+z');
	expect((await drawnColours(page))[0]).toBe('#b3392b');

	await panel
		.getByRole('button', { name: 'Lichen, #8f9a5b' })
		.dragTo(page.locator('.bar .act').filter({ hasText: 'Madder' }));
	expect((await drawnColours(page))[0]).toBe('#8f9a5b');
	await walnut.dragTo(step(page, 1, 4));
	expect((await drawnColours(page))[3]).toBe('#5a4632');
	await walnut.dragTo(page.getByRole('region', { name: 'Linked colours' }).getByRole('heading'));
	await expect(page.getByRole('region', { name: 'Linked colours' }).getByRole('listitem')).toHaveCount(4);

	await panel.getByRole('button', { name: 'Saltmarsh dye garden: what to do' }).click();
	await page.getByRole('menuitem', { name: 'Add a path through its colours' }).click();
	const path = (await drawnColours(page)).slice(7);
	for (const hex of ['#b3392b', '#d9b036', '#2f5f86', '#5a4632', '#8f9a5b', '#3c3a3f', '#e9dcc0'])
		expect(path).toContain(hex);
	await panel.getByRole('button', { name: 'Saltmarsh dye garden: what to do' }).click();
	await page.getByRole('menuitem', { name: 'Add its colours as linked colours' }).click();
	await expect(page.getByRole('region', { name: 'Linked colours' }).getByRole('listitem')).toHaveCount(11);
	await saved(page);
});

test('a scale is kept as a palette with its steps, from the panel', async ({ page }) => {
	await makeStudy(page);
	await step(page, 1, 1).click();
	const steps = await drawnColours(page);
	await page.getByRole('tab', { name: 'Palettes' }).click();
	await page.getByRole('group', { name: 'Keep as a palette' }).getByRole('button', { name: 'this scale' }).click();
	await expect(page.getByRole('status').getByText(/^Kept as the palette “Tints, madder to white”/)).toBeVisible();
	await open(page);
	expect(await codes(page)).toEqual(steps);
	await page.getByRole('button', { name: /^Tints, madder to white: 7/ }).focus();
	await page.keyboard.press('Delete');
	await expect(page.getByRole('heading', { name: 'Tints, madder to white' })).toHaveCount(0);
});

test('a change made elsewhere is not overwritten: what it is now is shown', async ({ page }) => {
	await makePalette(page, 'Shared shelf', '#123456');
	const { palettes } = (await (await page.request.get('/api/palettes?words=shared')).json()) as {
		palettes: { id: string; revision: number; name: string; maker: string; tags: string[]; colours: unknown[] }[];
	};
	const { id, revision, ...palette } = palettes[0]!;
	const put = (data: unknown) => page.request.put(`/api/palettes/${id}`, { data });
	expect((await put({ revision, palette: { ...palette, maker: 'Somebody else' } })).status()).toBe(200);
	expect((await put({ revision, palette })).status()).toBe(409);
	expect((await put({ revision: revision + 1, palette: { ...palette, tags: ['a', 'a'] } })).status()).toBe(422);
	await editor(page).getByLabel('Name of colour 1').fill('Mine');
	await page.keyboard.press('Tab');
	await expect(page.getByText('This palette was changed elsewhere.')).toBeVisible();
	await expect(editor(page).getByLabel('Made by')).toHaveValue('Somebody else');
});

test('axe finds nothing on the palettes, and in the panel beside a plate', async ({ page }) => {
	await open(page);
	expect(await axeFaults(page)).toEqual([]);
	await makeStudy(page);
	await page.getByRole('tab', { name: 'Readings' }).focus();
	await page.keyboard.press('ArrowRight');
	await expect(page.getByRole('tab', { name: 'Palettes' })).toBeFocused();
	await expect(page.getByRole('region', { name: 'Palettes' }).getByRole('listitem').first()).toBeVisible();
	expect(await axeFaults(page)).toEqual([]);
});
