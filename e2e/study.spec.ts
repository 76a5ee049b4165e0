import { interpolate, formatHex } from 'culori';
import {
	addPlate,
	addScale,
	choose,
	dragTrack,
	drawnColours,
	makeStudy,
	openDemo,
	reach,
	ready,
	saved,
	step
} from './pages';
import { expect, test } from './test';

test('make a study and a scale, turn a dial, and steps, numbers and charts follow; undo; reload and find it', async ({
	page
}) => {
	const address = await makeStudy(page);
	const before = await drawnColours(page);
	expect(before).toHaveLength(7);

	await step(page, 1, 1).click();
	const readings = page.locator('[data-reading=values]');
	const chart = page.locator('.readings .chart svg');
	const [wordsBefore, chartBefore] = [await readings.textContent(), await chart.innerHTML()];
	await dragTrack(page, 'Hue', 0.083, 0.6);
	const after = await drawnColours(page);
	expect(after[0]).not.toBe(before[0]);
	expect(after.slice(1, 6).every((hex, i) => hex !== before[i + 1])).toBe(true);
	expect(after[6]).toBe('#ffffff');
	expect(await readings.textContent()).not.toBe(wordsBefore);
	expect(await chart.innerHTML()).not.toBe(chartBefore);
	await expect(page.locator('[data-code=hex]')).toHaveText(after[0]!);

	// The whole drag is one edit.
	await page.keyboard.press('Control+z');
	expect(await drawnColours(page)).toEqual(before);
	await page.keyboard.press('Control+Shift+z');
	expect(await drawnColours(page)).toEqual(after);

	await saved(page);
	await page.reload();
	await ready(page);
	expect(page.url()).toBe(address);
	expect(await drawnColours(page)).toEqual(after);
});

test('in the middle of a drag every step, code and chart already shows the colour under the pointer', async ({
	page
}) => {
	await openDemo(page, 'Six dyes, twelve rows');
	await step(page, 1, 1).click();
	const slider = page.getByRole('slider', { name: 'Lightness' });
	await expect(page.locator('.readings .chart svg')).toBeVisible();
	// Looked at right after the event, before the browser has drawn any frame.
	const seen = await slider.evaluate(async (input: HTMLInputElement) => {
		let frames = 0;
		requestAnimationFrame(() => frames++);
		input.value = '60';
		input.dispatchEvent(new Event('input', { bubbles: true }));
		await new Promise<void>((done) => queueMicrotask(done));
		const rgb = (hex: string) => `rgb(${[1, 3, 5].map((i) => parseInt(hex.slice(i, i + 2), 16)).join(',')})`;
		/** The codes of all pixels. */
		const painted = (canvas: HTMLCanvasElement): string[] => {
			const { data } = canvas.getContext('2d')!.getImageData(0, 0, canvas.width, canvas.height);
			const hex = (i: number) => `#${[0, 1, 2].map((k) => data[i + k]!.toString(16).padStart(2, '0')).join('')}`;
			return [...new Set(Array.from({ length: data.length / 4 }, (_, i) => hex(4 * i)))];
		};
		const code = document.querySelector('[data-code=hex]')?.textContent ?? '';
		const chart = document.querySelector('.readings .chart svg')?.innerHTML ?? '';
		return {
			frames,
			code,
			bar: document.querySelector('.surface svg rect[x]')?.getAttribute('fill'),
			thumbnail: painted(document.querySelector<HTMLCanvasElement>('.thumbnail canvas')!),
			inChart: chart.includes(code) || chart.includes(rgb(code))
		};
	});
	expect(seen.frames).toBe(0);
	expect(seen.inChart).toBe(true);
	expect(seen.bar).toBe(seen.code);
	expect(seen.thumbnail).toContain(seen.code);
	await page.keyboard.press('Control+z');
	await saved(page);
});

test('the drawn steps are those of culori 4.0.2’s interpolation in the method that was chosen', async ({ page }) => {
	await openDemo(page, 'Blanket border, first warp');
	await page.getByRole('button', { name: /^Plate 3:/ }).click();
	const bars = await drawnColours(page);
	for (const [row, mode] of (['oklab', 'lrgb', 'rgb'] as const).entries()) {
		const mix = interpolate(['#b3392b', '#2f5f86'], mode);
		const theirs = Array.from({ length: 8 }, (_, i) => formatHex(mix(i / 7)));
		expect(bars.slice(row * 8, row * 8 + 8)).toEqual(theirs);
	}
});

test('recipe, count, method and spacing decide the scale; between and in all are always both shown', async ({
	page
}) => {
	await makeStudy(page);
	await page.getByRole('textbox', { name: 'Steps between' }).fill('9');
	await page.keyboard.press('Enter');
	await expect(page.getByRole('textbox', { name: 'Steps in all' })).toHaveValue('11');
	expect(await drawnColours(page)).toHaveLength(11);
	await page.getByRole('textbox', { name: 'Steps in all' }).fill('5');
	await page.keyboard.press('Enter');
	await expect(page.getByRole('textbox', { name: 'Steps between' })).toHaveValue('3');
	await page.getByRole('textbox', { name: 'Steps between' }).fill('99');
	await page.keyboard.press('Enter');
	await expect(page.getByRole('textbox', { name: 'Steps between' })).toHaveValue('48');
	await page.getByRole('textbox', { name: 'Steps between' }).fill('six');
	await page.keyboard.press('Enter');
	await expect(page.getByRole('textbox', { name: 'Steps between' })).toHaveValue('48');

	await choose(page, 'Recipe', 'Interval');
	const colours = await drawnColours(page);
	expect([colours[0], colours.at(-1)]).toEqual(['#b3392b', '#d9b036']);
	await choose(page, 'Recipe', 'Shades');
	expect((await drawnColours(page)).at(-1)).toBe('#000000');
	await choose(page, 'Recipe', 'Interval');
	expect(await drawnColours(page)).toEqual(colours);
});

test('uneven steps are pointed out and evened out with one action', async ({ page }) => {
	await makeStudy(page);
	await choose(page, 'Recipe', 'Tones, rising');
	await expect(page.getByText(/Largest step: [\d.]+ times the smallest/)).toBeVisible();
	await page.getByRole('button', { name: 'Even out the steps', exact: true }).click();
	await expect(page.getByText(/The steps are even/)).toBeVisible();
	await reach(page, page.getByRole('button', { name: 'Spacing: by equal differences' }));
	await page.keyboard.press('Escape');
	await page.keyboard.press('Control+z');
	await expect(page.getByRole('button', { name: 'Even out the steps', exact: true })).toBeVisible();
});

test('rows are added with sensible parents, duplicated, moved and deleted with undo', async ({ page }) => {
	await makeStudy(page);
	const captions = page.locator('.surface svg text[font-size="17"]');
	await addScale(page);
	await addScale(page);
	await expect(captions).toHaveText(['Tints', 'Shades', 'Tones, level']);
	await page.getByRole('button', { name: 'Move the row up' }).click();
	await expect(captions).toHaveText(['Tints', 'Tones, level', 'Shades']);
	await page.getByRole('button', { name: 'Duplicate the row' }).click();
	await expect(captions).toHaveText(['Tints', 'Tones, level', 'Tones, level', 'Shades']);
	await page.getByRole('button', { name: 'Delete the row' }).click();
	await expect(captions).toHaveText(['Tints', 'Tones, level', 'Shades']);
	await page.getByRole('status').getByRole('button', { name: 'Undo' }).click();
	await expect(captions).toHaveCount(4);
});

test('a step that is no parent says so and leads to its parents', async ({ page }) => {
	await openDemo(page, 'Blanket border, first warp');
	await step(page, 5, 4).click();
	await expect(page.getByText('follows from its parents', { exact: true })).toBeVisible();
	await expect(page.getByRole('heading', { name: 'Step 4 of 7' })).toBeVisible();
	await expect(page.getByRole('slider')).toHaveCount(0);
	await page.getByRole('button', { name: 'Go to Woad' }).click();
	await expect(page.getByRole('heading', { name: 'Woad', exact: true })).toBeVisible();
	await expect(page.getByRole('slider')).toHaveCount(3);
});

test('any CSS colour can be typed; a bad one is refused with the place and what would be right', async ({ page }) => {
	await makeStudy(page);
	await step(page, 1, 1).click();
	const field = page.getByRole('textbox', { name: 'Colour, in any CSS syntax' });
	for (const [text, hex] of [
		['oklch(0.6 0.1 200)', null],
		['teal', '#008080'],
		['hsl(200 50% 40%)', '#337799'],
		['b3392b;', '#b3392b'],
		['179, 57, 43', '#b3392b'],
		['cmyk(0 68 76 30)', '#b3392b'],
		['color(rec2020 0.4 0.3 0.2)', null],
		['hsb(0 100% 100%)', '#ff0000']
	] as const) {
		await field.fill(text);
		await field.press('Enter');
		if (hex) await expect(page.locator('[data-code=hex]')).toHaveText(hex);
		else await expect(field).toHaveValue(text);
	}
	await field.fill('rgb(1 2');
	await field.press('Enter');
	await expect(page.locator('#complaint')).toContainText('At character 8 the text ends. Expected: a number');
	await expect(page.locator('[data-code=hex]')).toHaveText('#ff0000');
	// A colour that lets something through is refused, with what it would be on white (255 · 0.467 = 119).
	for (const [text, onWhite] of [
		['transparent', '#ffffff'],
		['#0f08', '#77ff77']
	] as const) {
		await field.fill(text);
		await field.press('Enter');
		await expect(page.locator('#complaint')).toContainText('Colours here are opaque');
		await expect(page.locator('[data-code=hex]')).not.toHaveText(onWhite);
		await page.getByRole('button', { name: `Take ${onWhite}, as it is on white` }).click();
		await expect(page.locator('[data-code=hex]')).toHaveText(onWhite);
	}
});

test('a linked colour changes every scale that uses it; unlinking keeps the looks; deleting one in use says where', async ({
	page
}) => {
	await makeStudy(page);
	await addScale(page);
	await page.getByRole('button', { name: 'Madder', exact: true }).first().click();
	const field = page.getByRole('textbox', { name: 'Colour, in any CSS syntax' });
	await field.fill('#336699');
	await field.press('Enter');
	let colours = await drawnColours(page);
	expect([colours[0], colours[7]]).toEqual(['#336699', '#336699']);

	await step(page, 2, 1).click();
	await page.getByRole('combobox', { name: 'Linked to' }).selectOption({ label: 'Unlink: a colour of its own' });
	expect(await drawnColours(page)).toEqual(colours);
	// Madder was our name for it; a blue is no madder.
	await page.getByRole('button', { name: 'Blue', exact: true }).first().click();
	await field.fill('#118833');
	await field.press('Enter');
	colours = await drawnColours(page);
	expect([colours[0], colours[7]]).toEqual(['#118833', '#336699']);

	await page.getByRole('button', { name: 'Delete Green' }).click();
	const dialog = page.getByRole('dialog');
	await expect(dialog).toContainText('used in 1 scale on 1 plate');
	await expect(dialog).toContainText('Scales of green and #336699');
	await dialog.getByRole('button', { name: 'Delete, keep the looks' }).click();
	expect(await drawnColours(page)).toEqual(colours);
	await expect(page.getByRole('button', { name: 'Green', exact: true })).toHaveCount(0);
	await page.keyboard.press('Control+z');
	await expect(page.getByRole('button', { name: 'Green', exact: true })).not.toHaveCount(0);
});

test('plates are added, renamed, moved by drag and by keyboard, duplicated, deleted with undo', async ({ page }) => {
	await makeStudy(page);
	const names = page.locator('.plates small');
	await addPlate(page, 'A plate of scales');
	await addPlate(page, 'A plate of scales');
	await expect(names).toHaveText(['Tints of madder', 'Tints of weld', 'Tints of woad']);
	await page.getByRole('button', { name: /^Plate 3:/ }).focus();
	await page.keyboard.press('Alt+ArrowUp');
	await expect(names).toHaveText(['Tints of madder', 'Tints of woad', 'Tints of weld']);
	await page.keyboard.press('F2');
	await page.keyboard.type('Thought better of it');
	await page.keyboard.press('Escape');
	await expect(names).toHaveText(['Tints of madder', 'Tints of woad', 'Tints of weld']);
	await page.getByRole('button', { name: /^Plate 2:/ }).focus();
	await page.keyboard.press('F2');
	await page.keyboard.type('Vat three');
	await page.keyboard.press('Enter');
	await expect(names).toHaveText(['Tints of madder', 'Vat three', 'Tints of weld']);

	const first = (await page.getByRole('button', { name: /^Plate 1:/ }).boundingBox())!;
	const third = (await page.getByRole('button', { name: /^Plate 3:/ }).boundingBox())!;
	await page.mouse.move(first.x + 40, first.y + 30);
	await page.mouse.down();
	await page.mouse.move(first.x + 42, first.y + 60, { steps: 5 });
	await page.mouse.move(third.x + 42, third.y + 50, { steps: 15 });
	await page.waitForTimeout(300);
	await page.mouse.up();
	await expect(names).toHaveText(['Vat three', 'Tints of weld', 'Tints of madder']);

	await page.getByRole('button', { name: /^Plate 1:/ }).click();
	await page.getByRole('button', { name: 'Plate 1', exact: true }).click();
	await page.getByRole('menuitem', { name: 'Duplicate' }).click();
	await expect(names).toHaveText(['Vat three', 'Vat three, copy', 'Tints of weld', 'Tints of madder']);
	await page.getByRole('button', { name: /^Plate 2:/ }).focus();
	await page.keyboard.press('Delete');
	await expect(names).toHaveCount(3);
	await page.getByRole('status').getByRole('button', { name: 'Undo' }).click();
	await expect(names).toHaveCount(4);
	await saved(page);
});

test('the title block is edited in one place and the board’s lightness is remembered', async ({ page }) => {
	await makeStudy(page);
	await page.getByRole('navigation', { name: 'Where you are' }).getByRole('button').click();
	const dialog = page.getByRole('dialog');
	await dialog.getByRole('textbox', { name: 'Title' }).fill('Runner for the long table');
	await dialog.getByRole('textbox', { name: 'Maker' }).fill('Wren Ashdown');
	await dialog.getByRole('button', { name: 'Keep' }).click();
	await expect(dialog).toBeHidden();
	await page.getByRole('radio', { name: 'dark board' }).check({ force: true });
	await saved(page);
	await page.reload();
	await ready(page);
	await expect(page.getByRole('navigation', { name: 'Where you are' })).toContainText('Runner for the long table');
	await expect(page.locator('main')).toHaveCSS('background-color', 'rgb(48, 48, 48)');
	await page.getByRole('radio', { name: 'light board' }).check({ force: true });
});
