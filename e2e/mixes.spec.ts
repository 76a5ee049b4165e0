import { average, blend, differenceCiede2000, formatHex } from 'culori';
import { type Page } from '@playwright/test';
import { axeFaults } from './axe';
import { addPlate, choose, makeStudy, reach, saved, take } from './pages';
import { expect, test } from './test';

const MADDER = '#b3392b';
const WELD = '#d9b036';
const difference = differenceCiede2000();

const place = (page: Page, name: RegExp) =>
	page.getByRole('group', { name: 'Colours of the plate' }).getByRole('button', { name });
const codeOf = async (page: Page, name: RegExp): Promise<string> =>
	/#[0-9a-f]{6}/.exec((await place(page, name).getAttribute('aria-label')) ?? '')![0];

/** A study with a plate of madder and weld, mixed. */
async function makeMixes(page: Page): Promise<void> {
	await makeStudy(page);
	await addPlate(page, 'Mixes');
	await expect(page.getByRole('group', { name: 'Colours of the plate' })).toBeAttached();
}

test('six ways side by side are what the world mixes (culori 4.0.2); parts are typed, dragged and moved by keys', async ({
	page
}) => {
	await makeMixes(page);
	expect(await codeOf(page, /^Optical/)).toBe(formatHex(average([MADDER, WELD], 'lrgb')));
	expect(await codeOf(page, /^Perceptual middle/)).toBe(formatHex(average([MADDER, WELD], 'oklab')));
	expect(await codeOf(page, /^Layered multiply/)).toBe(formatHex(blend([MADDER, WELD], 'multiply')));
	await page.getByLabel('Parts of Weld, 0 to 20').fill('3');
	await page.keyboard.press('Enter');
	expect(await codeOf(page, /^Optical/)).toBe(formatHex(average([MADDER, WELD, WELD, WELD], 'lrgb')));
	await page.getByLabel('Parts of Weld, 0 to 20').fill('much');
	await page.keyboard.press('Enter');
	await expect(page.getByLabel('Parts of Weld, 0 to 20')).toHaveValue('3');

	const seam = page.getByRole('slider', { name: 'Parts of Madder beside Weld' });
	await seam.focus();
	await page.keyboard.press('Shift+ArrowRight');
	await expect(seam).toHaveAttribute('aria-valuetext', '1.5 to 2.5');
	const box = (await seam.boundingBox())!;
	await page.mouse.move(box.x + 7, box.y + 20);
	await page.mouse.down();
	await page.mouse.move(box.x + 150, box.y + 20, { steps: 5 });
	await page.mouse.up();
	const [first, second] = (await seam.getAttribute('aria-valuetext'))!.split(' to ').map(Number);
	expect(first! + second!).toBeCloseTo(4, 6);
	expect(first).toBeGreaterThan(1.9);
	await page.keyboard.press('Control+z');
	await expect(seam).toHaveAttribute('aria-valuetext', '1.5 to 2.5');

	await place(page, /^Filter/).click();
	await page.getByRole('button', { name: 'Make it the mix' }).click();
	await expect(page.locator('.surface text', { hasText: /^the mix/ })).toHaveCount(1);
	await page.getByRole('button', { name: 'Link it' }).click();
	await expect(page.getByRole('region', { name: 'Linked colours' }).getByRole('listitem')).toHaveCount(4);
	await page.getByRole('button', { name: 'Add a parent' }).click();
	await page.getByRole('button', { name: 'Remove parent 3' }).click();
	await expect(page.getByRole('slider', { name: /^Parts of/ })).toHaveCount(1);
	const filter = await codeOf(page, /^Filter/);
	await place(page, /^Filter/).click();
	await page.getByRole('button', { name: 'Start a scale' }).click();
	expect(await page.locator('.surface svg rect[x]').first().getAttribute('fill')).toBe(filter);
	await saved(page);
});

test('the middle mixture: found by eye first, then shown with how far off; it looks equally far from both (culori 4.0.2)', async ({
	page
}) => {
	await makeMixes(page);
	await choose(page, 'Exercise', 'The middle mixture');
	// It opens as a question.
	await expect(place(page, /^Middle mixture/)).toHaveCount(0);
	await page.getByRole('button', { name: 'Show the middle' }).click();
	const middle = await codeOf(page, /^Middle mixture/);
	expect(Math.abs(difference(middle, MADDER) - difference(middle, WELD))).toBeLessThan(0.8);
	await page.getByRole('button', { name: 'Find it by eye' }).click();
	await expect(place(page, /^Middle mixture/)).toHaveCount(0);
	const field = page.getByRole('textbox', { name: 'Colour, in any CSS syntax' });
	await field.fill('#c07040');
	await page.keyboard.press('Enter');
	await page.getByRole('button', { name: 'Show the middle' }).click();
	const off = difference('#c07040', middle).toFixed(1);
	await expect(page.getByText(`Found by eye: ${off} ΔE00 from the middle.`)).toBeVisible();
	await page.getByRole('slider', { name: 'lean' }).fill('0.6');
	const leaning = await codeOf(page, /^Leaning mixture/);
	expect(difference(leaning, WELD)).toBeLessThan(difference(leaning, MADDER));
	await page.getByRole('button', { name: 'Midway' }).click();
	expect(await codeOf(page, /^Middle mixture/)).toBe(middle);
});

test('a wrong overlap is told apart from a right one, with its reason; a crossing set by hand follows the slider again', async ({
	page
}) => {
	await makeMixes(page);
	await choose(page, 'Exercise', 'Overlaps');
	const readings = page.getByRole('region', { name: 'Readings' });
	await expect(readings.getByText(/^1 over 2 reads as transparent\. It lies between the two; /)).toBeVisible();
	for (const figure of ['bars', 'circles', 'leaves', 'squares']) {
		await page.getByRole('combobox', { name: 'Figures' }).selectOption(figure);
		await expect(page.locator('.surface > svg path[fill="#c78631"]')).toHaveCount(1);
	}
	await page.getByRole('slider', { name: 'Which figure is in front' }).fill('0.7');
	await expect(readings.getByText(/the second figure seems to lie in front/)).toBeVisible();
	const followed = await codeOf(page, /^Crossing/);
	await place(page, /^Crossing/).click();
	// Lighter than both: no layer does that (Metelli 1974).
	await page.getByRole('textbox', { name: 'Colour, in any CSS syntax' }).fill('#fff6c0');
	await page.keyboard.press('Enter');
	await expect(page.locator('.surface text', { hasText: 'does not read as transparent' })).toHaveCount(1);
	await page.getByRole('button', { name: 'Let it follow the slider' }).click();
	expect(await codeOf(page, /^Crossing/)).toBe(followed);
});

test('halving, strokes and the optical mix: drawn as reckoned, taken away as a table, stepped back and near again', async ({
	page
}) => {
	await page.emulateMedia({ reducedMotion: 'reduce' });
	await makeMixes(page);
	await choose(page, 'Exercise', 'Halving and strokes');
	const { content } = await take(page, 'These mixes as a table (CSV)');
	expect(content.toString().trim().split('\n')).toHaveLength(1 + 9 + 7);
	expect(content.toString()).toContain(formatHex(average([MADDER, WELD], 'oklab'))!);
	await choose(page, 'Exercise', 'The optical mix');
	const stripes = () =>
		page
			.locator('.surface > svg rect[x]')
			.evaluateAll((all) => all.map((bar) => [bar.getAttribute('fill'), Number(bar.getAttribute('width'))] as const));
	const near = await stripes();
	expect(near.at(-1)![0]).toBe(formatHex(average([MADDER, WELD], 'lrgb')));
	const area = (code: string) =>
		near
			.slice(0, -1)
			.filter(([fill]) => fill === code)
			.reduce((sum, [, width]) => sum + width, 0);
	expect(area(MADDER)).toBeCloseTo(area(WELD), 3);
	await page.getByRole('button', { name: 'Step back' }).click();
	const far = await stripes();
	expect(far).toHaveLength(near.length);
	expect(far[0]![1]).toBeCloseTo(near[0]![1] * 0.08, 2);
	await page.getByRole('button', { name: 'Come near' }).click();
	expect(await stripes()).toEqual(near);
	expect(await axeFaults(page)).toEqual([]);
});

test('areas in balance: a person’s areas beside the balanced ones, set in balance with one action and taken back', async ({
	page
}) => {
	await makeMixes(page);
	await choose(page, 'Exercise', 'Areas in balance');
	await page.getByLabel('Parts of Weld, 0 to 20').fill('4');
	await page.keyboard.press('Enter');
	const readings = page.getByRole('region', { name: 'Readings' });
	await expect(readings.getByText(/Weld has \d\.\d times its share in balance/)).toBeVisible();
	await page.getByRole('button', { name: 'Set them in balance' }).click();
	await expect(readings.getByText('Weld is in balance.')).toBeVisible();
	await expect(readings.getByText('Madder is in balance.')).toBeVisible();
	await page.keyboard.press('Control+z');
	await expect(page.getByLabel('Parts of Weld, 0 to 20')).toHaveValue('4');
});

test('a crossing is taken from a step of a scale by keys, areas stand as a blanket, and a room is asked before it is told', async ({
	page
}) => {
	await makeMixes(page);
	await choose(page, 'Exercise', 'Overlaps');
	await page.getByRole('button', { name: 'Take a step of a scale' }).press('Enter');
	const even = page.getByRole('group', { name: /^Even steps between figures 1 and 2/ }).getByRole('button');
	await expect(even).toHaveCount(9);
	await expect(even.first()).toBeFocused();
	for (let i = 0; i < 4; i++) await page.keyboard.press('ArrowRight');
	const middle = /#[0-9a-f]{6}/.exec((await even.nth(4).getAttribute('aria-label'))!)![0];
	await page.keyboard.press('Enter');
	await page.keyboard.press('Escape');
	await expect(page.locator(`.surface > svg path[fill="${middle}"]`)).toHaveCount(1);
	await expect(page.getByText('of figures 1 and 2, set by hand')).toBeVisible();
	await choose(page, 'Exercise', 'Areas in balance');
	await (await reach(page, page.getByLabel('What the areas are'))).selectOption('blanket');
	const fields = await page.locator('.surface > svg rect[x]').evaluateAll((all) =>
		all.map((bar) => ({
			fill: bar.getAttribute('fill')!,
			area: Number(bar.getAttribute('width')) * Number(bar.getAttribute('height'))
		}))
	);
	// Two equal parts: bars, then the blanket as it was set, its outer field first; the inner one takes half of it.
	const [outer, inner] = fields.slice(2, 4);
	expect(inner!.area / outer!.area).toBeCloseTo(0.5, 3);
	await page.getByRole('button', { name: 'Show', exact: true }).click();
	const view = page.getByRole('dialog', { name: /^Shown to a room/ });
	await expect(view.locator('text', { hasText: 'As set' })).toHaveCount(1);
	await expect(view.locator('text', { hasText: /^In balance/ })).toHaveCount(0);
	await page.keyboard.press('ArrowRight');
	await expect(view.locator('text', { hasText: /^In balance$/ })).toHaveCount(1);
	await page.keyboard.press('Escape');
});
