import { type Page } from '@playwright/test';
import { converter, formatHex, interpolate, samples } from 'culori';
import { axeFaults } from './axe';
import { addPlate, choose, makeStudy, reach, ready, saved, take } from './pages';
import { expect, test } from './test';

const hsv = converter('hsv');
const lab = converter('lab65');
const MADDER = '#b3392b';

/** The codes of all cells, spoke by spoke from the middle outwards. Rings are drawn from the rim inwards. */
async function cells(page: Page): Promise<string[][]> {
	const drawn = await page
		.locator('.surface > svg:not(.marks) path[d*="A"]')
		.evaluateAll((paths) => paths.map((path) => path.getAttribute('fill') ?? ''));
	const hues = Number(await page.getByLabel('Number of hues').inputValue());
	const rings = drawn.length / hues;
	return Array.from({ length: hues }, (_, spoke) =>
		Array.from({ length: rings }, (__, ring) => drawn[(rings - 1 - ring) * hues + spoke]!)
	);
}

const channels = (hex: string): number[] => [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16));
function expectNear(ours: string, theirs: string, codes = 1): void {
	channels(ours).forEach((channel, c) =>
		expect(Math.abs(channel - channels(theirs)[c]!), `${ours} beside ${theirs}`).toBeLessThanOrEqual(codes)
	);
}

const cell = (page: Page, spoke: number, ring: number) => page.locator(`[data-place="${spoke - 1} ${ring - 1}"]`);

/** Makes a study with a wheel of its own: twelve hues from madder, three tints inside, two shades outside. */
async function makeWheel(page: Page): Promise<void> {
	await makeStudy(page);
	await addPlate(page, 'A wheel');
	await expect(page.getByRole('group', { name: 'Wheel of 12 hues' })).toBeAttached();
}

test('the hues of the light wheel are the lead colour turned, and its rings true mixes (culori 4.0.2)', async ({
	page
}) => {
	await makeWheel(page);
	await choose(page, 'Wheel', 'light wheel');
	const { h = 0, s, v } = hsv(MADDER)!;
	const wheel = await cells(page);
	expect(wheel).toHaveLength(12);
	wheel.forEach((spoke, i) => {
		const hue = formatHex({ mode: 'hsv', h: h + 30 * i, s, v });
		const tints = samples(5).map((share) => formatHex(interpolate([hue, 'white'], 'oklab')(share)));
		const shades = samples(4).map((share) => formatHex(interpolate([hue, 'black'], 'oklab')(share)));
		[...tints.slice(1, 4).reverse(), hue, ...shades.slice(1, 3)].forEach((hex, ring) =>
			expectNear(spoke[ring]!, hex, 2)
		);
	});
	await page.getByLabel('Number of hues').selectOption('24');
	await page.getByLabel('Rings outside', { exact: true }).selectOption('0');
	expect(await cells(page)).toHaveLength(24);
	await saved(page);
	const before = await cells(page);
	await page.reload();
	await ready(page);
	await page.getByRole('button', { name: /^Plate 2: A wheel from madder/ }).click();
	await expect.poll(() => cells(page)).toEqual(before);
});

test('discs laid over each other are what the browser itself paints, over and multiplied (Chromium’s canvas)', async ({
	page
}) => {
	await makeWheel(page);
	await page.getByLabel('Rings inside', { exact: true }).selectOption('4');
	for (const [making, recipe, disc] of [
		['discs laid over', 'Tints', '#ffffff'],
		['discs laid over', 'Shades', '#000000'],
		['discs multiplied', 'Tones, level', null],
		['discs multiplied', 'Dulling', null]
	] as const) {
		await choose(page, 'Recipe inside', recipe);
		await choose(page, 'Making of the rings', making);
		const wheel = await cells(page);
		for (const [i, spoke] of wheel.entries()) {
			const hue = spoke[4]!;
			const y = lab(hue)!.l;
			const layer =
				disc ?? (recipe === 'Dulling' ? wheel[(i + 6) % 12]![4]! : formatHex({ mode: 'lab65', l: y, a: 0, b: 0 }));
			const painted = await page.evaluate(
				({ hue, layer, mode }) => {
					const context = document.createElement('canvas').getContext('2d')!;
					context.fillStyle = hue;
					context.fillRect(0, 0, 9, 9);
					context.globalAlpha = 0.4;
					context.globalCompositeOperation = mode;
					context.fillStyle = layer;
					return [1, 2, 3, 4].map(() => {
						context.fillRect(0, 0, 9, 9);
						const [r, g, b] = context.getImageData(4, 4, 1, 1).data;
						return `#${[r!, g!, b!].map((c) => c.toString(16).padStart(2, '0')).join('')}`;
					});
				},
				{ hue, layer, mode: making === 'discs multiplied' ? ('multiply' as const) : ('source-over' as const) }
			);
			// The browser rounds to whole codes after every disc.
			painted.forEach((hex, n) => expectNear(spoke[3 - n]!, hex, 3));
		}
	}
	await choose(page, 'Recipe inside', 'Tints');
	await expect(page.getByText(/White discs multiplied change nothing/)).toBeVisible();
});

test('a whole wheel of one value keeps it while value and chroma are set; a colour of it becomes the lead', async ({
	page
}) => {
	await makeWheel(page);
	await choose(page, 'Strength of the hues', 'of one value and chroma');
	await (await reach(page, page.getByRole('textbox', { name: 'Value of the wheel' }))).fill('48');
	await page.keyboard.press('Enter');
	for (const spoke of await cells(page)) expect(lab(spoke[3]!)!.l).toBeCloseTo(48, 0);
	await page.keyboard.press('Escape');
	await expect(page.getByText('All hues have one value, 48.')).toBeVisible();
	await (await reach(page, page.getByRole('textbox', { name: 'Chroma of the wheel' }))).fill('much');
	await page.keyboard.press('Enter');
	await expect(page.getByRole('textbox', { name: 'Chroma of the wheel' })).toHaveValue('0.120');
	await cell(page, 5, 4).click();
	const hex = (await cells(page))[4]![3]!;
	await page.getByRole('button', { name: 'Make it the lead colour' }).click();
	expect((await cells(page))[0]![3]).toBe(hex);
	await expect(page.getByText('lead colour of the wheel')).toBeVisible();
	await page.keyboard.press('Control+z');
	await expect(page.getByRole('textbox', { name: 'Value of the wheel' })).toHaveValue('48');
});

test('the wheel by keyboard alone: round it, in and out of its rings, to the mixer and back', async ({ page }) => {
	await makeWheel(page);
	await cell(page, 1, 4).focus();
	await page.keyboard.press('ArrowLeft');
	await page.keyboard.press('ArrowDown');
	await expect(cell(page, 12, 3)).toBeFocused();
	await expect(page.getByRole('heading', { name: 'Tint 1 of hue 12' })).toBeVisible();
	await page.keyboard.press('ArrowRight');
	await page.keyboard.press('Home');
	await expect(cell(page, 1, 4)).toBeFocused();
	await page.keyboard.press('Enter');
	const before = await cells(page);
	await expect(page.getByRole('textbox', { name: 'Colour, in any CSS syntax' })).toBeFocused();
	await page.getByRole('slider', { name: 'Lightness' }).focus();
	await page.keyboard.press('Shift+ArrowRight');
	const after = await cells(page);
	expect(after.flat().filter((hex, i) => hex !== before.flat()[i]).length).toBeGreaterThan(50);
	// The lead colour is linked: every plate that uses it has followed.
	await expect(page.getByText(/used in 1 scale and 1 wheel on 2 plates/)).toBeVisible();
});

test('the readings tell the chosen spoke; its colours become linked colours, its rings scales', async ({ page }) => {
	await makeWheel(page);
	await cell(page, 3, 4).click();
	const spoke = (await cells(page))[2]!;
	const rows = page.getByRole('region', { name: 'Readings' }).locator('tbody tr');
	await expect(rows).toHaveCount(6);
	for (const [i, hex] of [...spoke].reverse().entries()) await expect(rows.nth(i)).toContainText(hex);
	await page.getByRole('button', { name: /^hue 9/ }).click();
	await expect(page.getByRole('heading', { name: 'Hue 9', exact: true })).toBeVisible();
	await page.getByRole('button', { name: 'Make linked colours' }).click();
	await expect(page.getByRole('region', { name: 'Linked colours' }).getByRole('listitem')).toHaveCount(9);
	await page.getByRole('button', { name: 'Make scales' }).click();
	await expect(page.getByRole('heading', { name: 'Tints', exact: true })).toBeVisible();
	const ninth = await page
		.locator('.surface svg rect[x]')
		.evaluateAll((bars) => bars.map((b) => b.getAttribute('fill')));
	expect(ninth).toHaveLength(5 + 4);
	await page.getByRole('button', { name: /^Plate 2:/ }).click();
	const [t3, t2, t1, hue, s1, s2] = (await cells(page))[8]!;
	expect(ninth.slice(0, 4)).toEqual([hue, t1, t2, t3]);
	expect(ninth.slice(5, 8)).toEqual([hue, s1, s2]);
	await page.getByRole('button', { name: /^Plate 3:/ }).click();
	await page.getByRole('button', { name: /^Plate 2:/ }).click();
	const { content } = await take(page, 'This wheel as a table (CSV)');
	expect(content.toString().trim().split('\n')).toHaveLength(1 + 12 * 6);
});

test('axe finds nothing on a wheel, with a list of choices open', async ({ page }) => {
	await makeWheel(page);
	await page.getByRole('button', { name: /^Making of the rings: / }).click();
	expect(await axeFaults(page)).toEqual([]);
});
