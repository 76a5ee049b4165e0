import { readFile } from 'node:fs/promises';
import { expect, test, type Page } from '@playwright/test';
import sharp from 'sharp';
import { drawnColours, openDemo, step } from './pages';

async function take(page: Page, item: string): Promise<{ name: string; content: Buffer }> {
	await page.getByRole('button', { name: 'Take it away' }).click();
	const waiting = page.waitForEvent('download');
	await page.getByRole('menuitem', { name: item, exact: true }).click();
	const download = await waiting;
	return { name: download.suggestedFilename(), content: await readFile(await download.path()) };
}

test.beforeEach(({ page }) => openDemo(page, 'Blanket border, first warp'));

test('the SVG holds the bars that are on screen, and is well-formed', async ({ page }) => {
	const { name, content } = await take(page, 'The plate as SVG');
	expect(name).toBe('madder-tints-shades-and-tones.svg');
	const parsed = await page.evaluate((text) => {
		const document = new DOMParser().parseFromString(text, 'image/svg+xml');
		return {
			broken: document.querySelector('parsererror') !== null,
			bars: [...document.querySelectorAll('rect[x]')].map((bar) => bar.getAttribute('fill')),
			words: [...document.querySelectorAll('text')].map((text) => text.textContent)
		};
	}, content.toString());
	expect(parsed.broken).toBe(false);
	expect(parsed.bars).toEqual(await drawnColours(page));
	expect(parsed.words).toContain('5 between · 7 in all');
});

test('the PNG has the codes of the screen in its pixels, its words drawn, and its colour space stated', async ({
	page
}) => {
	const { name, content } = await take(page, 'The plate as PNG');
	expect(name).toBe('madder-tints-shades-and-tones.png');
	const image = sharp(content);
	const { width, height, icc } = await image.metadata();
	expect(width).toBe(1584);
	expect(icc?.toString('latin1').replaceAll('\0', '')).toContain('sRGB');
	const pixels = await image.removeAlpha().raw().toBuffer();
	const hexAt = (x: number, y: number) =>
		`#${pixels.subarray((y * width! + x) * 3, (y * width! + x) * 3 + 3).toString('hex')}`;
	const boxes = await page
		.locator('.surface svg rect[x]')
		.evaluateAll((bars) =>
			bars.map((bar) => ['x', 'y', 'width', 'height', 'fill'].map((name) => bar.getAttribute(name)!))
		);
	for (const [x, y, w, h, fill] of boxes)
		expect(hexAt(Math.round(2 * (Number(x) + Number(w) / 2)), Math.round(2 * (Number(y) + Number(h) / 2)))).toBe(fill);
	// The title is there: dark pixels in the strip above the first row.
	const strip = pixels.subarray(0, Math.round(height! * 0.09) * width! * 3);
	expect(strip.some((byte) => byte < 60)).toBe(true);
});

test('the scale as CSS properties and as design tokens', async ({ page }) => {
	await step(page, 1, 1).click();
	const colours = (await drawnColours(page)).slice(0, 7);
	const css = await take(page, 'This scale as CSS properties');
	expect(css.name).toBe('tints-madder-to-white.css');
	const applied = await page.evaluate((text) => {
		const sheet = new CSSStyleSheet();
		sheet.replaceSync(text);
		const style = (sheet.cssRules[0] as CSSStyleRule).style;
		return [...style].map((property) => [property, style.getPropertyValue(property)]);
	}, css.content.toString());
	expect(applied).toEqual(colours.map((hex, i) => [`--tints-madder-to-white-${i + 1}`, hex]));

	const tokens = JSON.parse((await take(page, 'This scale as design tokens')).content.toString());
	const group = tokens['tints-madder-to-white'];
	expect(group.$type).toBe('color');
	expect(group['step-1'].$value).toEqual({
		colorSpace: 'srgb',
		components: [0.70196, 0.22353, 0.16863],
		alpha: 1,
		hex: '#b3392b'
	});
	expect(Object.keys(group)).toHaveLength(8);
});

test('a code is copied with one click or one key, says so, and pasted back gives the same colour', async ({ page }) => {
	await step(page, 1, 1).click();
	for (const [key, code] of [
		['1', '#b3392b'],
		['2', 'rgb(179 57 43)'],
		['3', 'hsl(6.18 61.26% 43.53%)'],
		['4', 'hsb(6.18 75.98% 70.2%)'],
		['5', 'oklch(0.5211 0.1604 29.93)'],
		['6', 'lab(42.93 49.56 37.24)']
	] as const) {
		await page.keyboard.press(key);
		await expect(page.getByText(`Copied ${code}`)).toBeVisible();
		expect(await page.evaluate(() => navigator.clipboard.readText())).toBe(code);
	}
	await page.getByRole('button', { name: /^OKLCH/ }).click();
	expect(await page.evaluate(() => navigator.clipboard.readText())).toBe('oklch(0.5211 0.1604 29.93)');
	const field = page.getByRole('textbox', { name: 'Colour, in any CSS syntax' });
	await field.focus();
	await page.keyboard.press('Control+a');
	await page.keyboard.press('Control+v');
	await page.keyboard.press('Enter');
	await expect(page.locator('[data-code=hex]')).toHaveText('#b3392b');
	await page.getByRole('slider', { name: 'Hue' }).focus();
	await page.keyboard.press('Control+z');
});
