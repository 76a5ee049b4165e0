import sharp from 'sharp';
import { drawnColours, openDemo, step, take } from './pages';
import { largestStudy, printOf } from '../tests/support/largest-study';
import { expect, test } from './test';

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
	const { name, content } = await take(page, 'The plate as PNG …', 'Save the picture');
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
	expect(css.name).toBe('rinsed-out-madder-to-white.css');
	const applied = await page.evaluate((text) => {
		const sheet = new CSSStyleSheet();
		sheet.replaceSync(text);
		const style = (sheet.cssRules[0] as CSSStyleRule).style;
		return [...style].map((property) => [property, style.getPropertyValue(property)]);
	}, css.content.toString());
	expect(applied.slice(0, -1)).toEqual(colours.map((hex, i) => [`--rinsed-out-madder-to-white-${i + 1}`, hex]));
	// The unbroken gradation is a gradient that a browser takes.
	const [property, gradient] = applied.at(-1)!;
	expect(property).toBe('--rinsed-out-madder-to-white-gradation');
	const painted = await page.evaluate((image) => {
		const box = document.createElement('div');
		box.style.backgroundImage = image;
		return box.style.backgroundImage;
	}, gradient!);
	expect(painted).toMatch(/^linear-gradient\(to right/);
	expect(painted).toContain('rgb(179, 57, 43) 0%');

	const tokens = JSON.parse((await take(page, 'This scale as design tokens')).content.toString());
	const group = tokens['rinsed-out-madder-to-white'];
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

test('the scale as a table, CGATS.17 and JSON, and each is read in again with the same colours', async ({ page }) => {
	await step(page, 1, 1).click();
	const colours = (await drawnColours(page)).slice(0, 7);
	for (const item of ['This scale as a table (CSV)', 'This scale as CGATS.17 text', 'This scale as plain JSON']) {
		const { content } = await take(page, item);
		await page.getByRole('button', { name: 'Read in colours' }).click();
		const dialog = page.getByRole('dialog', { name: 'Read in colours' });
		await dialog.getByRole('textbox').fill(content.toString());
		await expect(dialog.locator('li')).toHaveCount(colours.length);
		const shown = await dialog
			.locator('li i')
			.evaluateAll((patches) =>
				patches.map((patch) => getComputedStyle(patch).backgroundColor.match(/\d+/g)!.map(Number))
			);
		const hexes = shown.map((bytes) => `#${bytes.map((byte) => byte.toString(16).padStart(2, '0')).join('')}`);
		expect(hexes, item).toEqual(colours);
		await dialog.getByRole('button', { name: 'Cancel' }).click();
	}
});

test('reading in: shown first, a bad file refused with its place, the chosen colours become linked; undo takes them back', async ({
	page
}) => {
	const linked = page.getByRole('region', { name: 'Linked colours' }).locator('li');
	const before = await linked.count();
	await page.getByRole('button', { name: 'Read in colours' }).click();
	const dialog = page.getByRole('dialog', { name: 'Read in colours' });
	await dialog.getByRole('textbox').fill('name,colour\nBog myrtle,#7a8a3c\nBad,yello');
	await expect(dialog.getByRole('alert')).toContainText('Line 3');
	await expect(dialog.getByRole('button', { name: 'Add 0 linked colours' })).toBeDisabled();
	await dialog.getByRole('textbox').fill('name,colour\nBog myrtle,#7a8a3c\nIron water,oklch(0.4 0.02 250)\nSpare,teal');
	await dialog.getByRole('checkbox', { name: 'Spare' }).uncheck();
	expect(await linked.count()).toBe(before);
	await dialog.getByRole('button', { name: 'Add 2 linked colours' }).click();
	await expect(linked).toHaveCount(before + 2);
	await expect(linked.last()).toContainText('Iron water');
	await page.keyboard.press('Control+z');
	await expect(linked).toHaveCount(before);
});

test('the whole study as JSON, read in again as the same study; a file that is none is refused', async ({ page }) => {
	const colours = await drawnColours(page);
	const { name, content } = await take(page, 'The whole study as JSON');
	expect(name).toBe('marram-ilse-1-tints-shades-and-tones-blanket-border-first-warp.study.json');
	await page.goto('/');
	const field = page.getByLabel('Read in a study');
	const file = (text: string) => ({ name: 'study.json', mimeType: 'application/json', buffer: Buffer.from(text) });
	await field.setInputFiles(file('{"format":"ricercar study","version":1,"document":{}}'));
	await expect(page.getByText(/“study.json” was not read in. At document/)).toBeVisible();
	// Under a title of its own, so that the studies of the other tests stay the only ones of theirs.
	await field.setInputFiles(file(content.toString().replace('Blanket border, first warp', 'Blanket border, read in')));
	await page.waitForURL(/\/studies\//);
	await expect(page.getByRole('region', { name: 'Mixer' })).toBeVisible();
	expect(await drawnColours(page)).toEqual(colours);
});

test('views change what is seen, not what is taken away', async ({ page }) => {
	const colours = await drawnColours(page);
	const view = page.getByRole('combobox', { name: 'View' });
	await view.selectOption({ label: 'Seen by value only' });
	for (const hex of await drawnColours(page)) expect(hex).toMatch(/^#(..)\1\1$/);
	const { content } = await take(page, 'The plate as SVG');
	for (const hex of colours) expect(content.toString()).toContain(hex);
	await view.selectOption({ value: 'deutan' });
	const strong = await drawnColours(page);
	expect(strong).not.toEqual(colours);
	await page.getByRole('slider', { name: 'Severity' }).fill('0');
	expect(await drawnColours(page)).toEqual(colours);
	await view.selectOption({ value: 'colour' });
	expect(await drawnColours(page)).toEqual(colours);
});

test('a print that waits says how many come before it, and can be taken back', async ({ page, server }) => {
	// One window prints much at once; what another one prints has its turn after the first of it.
	const many = JSON.stringify(printOf(largestStudy(12)));
	const busy = new AbortController();
	const first = Array.from({ length: 2 }, () =>
		fetch(`${server.url}/api/print`, {
			method: 'POST',
			headers: { 'content-type': 'application/json', 'x-window': 'another' },
			body: many,
			signal: busy.signal
		}).catch(() => null)
	);
	await page.waitForTimeout(300);
	await page.getByRole('button', { name: 'Take it away' }).click();
	await page.getByRole('menuitem', { name: 'Print, as PDF …' }).click();
	await page.getByRole('button', { name: 'Save the PDF' }).click();
	const notice = page.getByRole('status').filter({ hasText: 'the PDF' });
	await expect(notice).toContainText(/Waiting with the PDF: (one is|2 are) made before it/);
	await notice.getByRole('button', { name: 'Cancel' }).click();
	await expect(page.getByText('Not made: the PDF.')).toBeVisible();
	busy.abort();
	await Promise.all(first);
	// What was taken back does not stand in the way of what is asked for next.
	const { content } = await take(page, 'Print, as PDF …', 'Save the PDF');
	expect(content.subarray(0, 5).toString()).toBe('%PDF-');
});
