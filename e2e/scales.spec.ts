import { type Page } from '@playwright/test';
import { converter, differenceCiede2000, formatHex, interpolate, samples } from 'culori';
import { axeFaults } from './axe';
import { choose, drawnColours, makeStudy, reach, saved, step } from './pages';
import { expect, test } from './test';

const lab = converter('lab65');
const hsv = converter('hsv');
const oklch = converter('oklch');
const difference = differenceCiede2000();
const MADDER = '#b3392b';
const WELD = '#d9b036';

const channels = (hex: string): number[] => [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16));
/** Two rows of codes are the same, each channel within one code: what a last digit of rounding can make. */
function expectAlike(ours: readonly string[], theirs: readonly string[]): void {
	expect(ours).toHaveLength(theirs.length);
	ours.forEach((hex, i) =>
		channels(hex).forEach((channel, c) =>
			expect(Math.abs(channel - channels(theirs[i]!)[c]!), `${hex} beside ${theirs[i]}`).toBeLessThanOrEqual(1)
		)
	);
}
const through = (colours: readonly string[], inAll: number, mode: 'oklab' | 'rgb' = 'oklab'): string[] =>
	samples(inAll).map((share) => formatHex(interpolate([...colours], mode)(share)));
const valueOf = (hex: string): number => lab(hex)!.l;
const form = async (page: Page, name: string) => {
	await page.getByRole('button', { name: 'Layout', exact: true }).click();
	await page.getByRole('radio', { name, exact: true }).check();
	await page.keyboard.press('Escape');
};

test('each recipe draws what an outside library mixes (culori 4.0.2)', async ({ page }) => {
	await makeStudy(page);
	const row = () => drawnColours(page);
	// A new row of tints is evenly spaced: with equal shares a dark end would crowd.
	const apart = (await row()).slice(1).map((hex, i, all) => difference(hex, i === 0 ? MADDER : all[i - 1]!));
	expect(Math.max(...apart) / Math.min(...apart)).toBeLessThan(1.15);
	await choose(page, 'Spacing', 'equal shares');
	expectAlike(await row(), through([MADDER, '#ffffff'], 7));
	await choose(page, 'Recipe', 'Shades');
	expectAlike(await row(), through([MADDER, '#000000'], 7));

	await choose(page, 'Recipe', 'Tones, rising');
	await page.getByRole('textbox', { name: 'Value of the end grey' }).fill('80');
	await page.keyboard.press('Enter');
	const rising = await row();
	expect(valueOf(rising.at(-1)!)).toBeCloseTo(80, 0);
	expectAlike(rising, through([MADDER, rising.at(-1)!], 7));
	await page.getByRole('textbox', { name: 'Value of the end grey' }).fill('3');
	await page.keyboard.press('Enter');
	await expect(page.getByRole('textbox', { name: 'Value of the end grey' })).toHaveValue('42');

	await choose(page, 'Recipe', 'Tones, level');
	for (const hex of await row()) expect(valueOf(hex)).toBeCloseTo(valueOf(MADDER), 0);

	await choose(page, 'Recipe', 'Dulling');
	await page.getByRole('combobox', { name: 'Wheel' }).selectOption({ label: 'light wheel' });
	const { h = 0, s, v } = hsv(MADDER)!;
	const dulled = await row();
	const complement = formatHex({ mode: 'hsv', h: h + 180, s, v });
	expect(oklch(dulled[3]!)!.c).toBeLessThan(0.005);
	expect(valueOf(dulled[3]!)).toBeCloseTo((valueOf(MADDER) + valueOf(complement)) / 2, 0);
	expectAlike(dulled, [...through([MADDER, dulled[3]!], 4), ...through([dulled[3]!, complement], 4).slice(1)]);
	await expect(page.getByText('Step 4 is the neutral half way between a colour and its complement.')).toBeVisible();
	await page.getByRole('combobox', { name: 'How it is dulled' }).selectOption({ label: 'as the method mixes them' });
	expectAlike(await row(), through([MADDER, complement], 7));
	await page.getByRole('combobox', { name: 'How it is dulled' }).selectOption({ label: 'through the neutral' });
	await page.getByRole('combobox', { name: 'How far it is dulled' }).selectOption({ label: 'as far as the neutral' });
	expect(oklch((await row()).at(-1)!)!.c).toBeLessThan(0.005);

	await choose(page, 'Recipe', 'Hue steps');
	const pure = await row();
	expect([pure[0], pure.at(-1)]).toEqual([MADDER, WELD]);
	for (const hex of pure.slice(1, -1)) expect(hsv(hex), hex).toMatchObject({ s: 1, v: 1 });
	await expect(page.getByText(/^The first parent is \d+\.\d ΔE00 from the purest of its hue/)).toBeVisible();
	const strength = page.getByRole('combobox', { name: 'How strong the hue steps are' });
	await strength.selectOption({ label: 'at one value and chroma' });
	const turned = await row();
	for (const hex of turned) expect(valueOf(hex)).toBeCloseTo(valueOf(MADDER), 0);
	expect(turned[0]).toBe(MADDER);
	expect(Math.abs(oklch(turned.at(-1)!)!.h! - oklch(WELD)!.h!)).toBeLessThan(2);
	await expect(page.getByText(/^Step 7 has the hue of the second parent and is not that parent/)).toBeVisible();
	await strength.selectOption({ label: 'each hue at its purest' });
	await page.getByRole('button', { name: 'Use the purest of its hue' }).first().click();
	for (const hex of await row()) expect(hsv(hex), hex).toMatchObject({ s: 1, v: 1 });
	await page.keyboard.press('Control+z');

	await choose(page, 'Recipe', 'Value steps');
	await choose(page, 'Spacing', 'equal shares');
	const value = await row();
	const at = value.indexOf(MADDER);
	expectAlike(value.slice(0, at + 1), through(['#ffffff', MADDER], at + 1));
	expectAlike(value.slice(at), through([MADDER, '#000000'], value.length - at));

	await choose(page, 'Recipe', 'Path');
	expectAlike(await row(), through([MADDER, WELD], 7));
	await choose(page, 'Recipe', 'Interval');
	await choose(page, 'Mixing method', 'on screen');
	expectAlike(await row(), through([MADDER, WELD], 7, 'rgb'));
});

test('choices are shown as this very scale, and what is shown is what comes', async ({ page }) => {
	await makeStudy(page);
	await choose(page, 'Recipe', 'Interval');
	for (const [what, names] of [
		['Mixing method', ['by light', 'as paint', 'round the wheel, HSB']],
		['Spacing', ['equal differences', 'doubling']]
	] as const) {
		for (const name of names) {
			await (await reach(page, page.getByRole('button', { name: new RegExp(`^${what}: `) }))).click();
			const choice = page.getByRole('menuitemradio').filter({ has: page.getByText(name, { exact: true }) });
			await expect(choice.locator('rect').first()).toBeAttached();
			const shown = await choice
				.locator('rect')
				.evaluateAll((bars) => bars.map((bar) => bar.getAttribute('fill') ?? ''));
			await choice.click();
			await page.keyboard.press('Escape');
			await page.keyboard.press('Escape');
			expect(await drawnColours(page), name).toEqual(shown);
		}
	}
	await choose(page, 'Mixing method', 'round the wheel, OKLCH');
	const shorter = await drawnColours(page);
	await (await reach(page, page.getByRole('button', { name: /^Mixing method: / }))).click();
	await page.getByRole('radio', { name: 'the longer way' }).check();
	await page.keyboard.press('Escape');
	expect(await drawnColours(page)).not.toEqual(shorter);
	await expect(page.getByRole('button', { name: /round the wheel, OKLCH, the longer way/ })).toBeVisible();
});

test('a step is pinned, set by hand, kept when the count changes, and unpinned', async ({ page }) => {
	await makeStudy(page);
	await choose(page, 'Spacing', 'equal shares');
	await step(page, 1, 4).click();
	await page.getByRole('button', { name: 'Pin this step' }).click();
	const plain = await drawnColours(page);
	await page.getByRole('textbox', { name: 'Colour, in any CSS syntax' }).fill('teal');
	await page.keyboard.press('Enter');
	const pinned = await drawnColours(page);
	expect(pinned[3]).toBe('#008080');
	expectAlike(pinned.slice(0, 4), through([MADDER, '#008080'], 4));
	expect([pinned[0], pinned[6]]).toEqual([plain[0], plain[6]]);
	await page.getByRole('textbox', { name: 'Steps between' }).fill('11');
	await page.keyboard.press('Enter');
	expect((await drawnColours(page))[6]).toBe('#008080');
	await step(page, 1, 7).click();
	await page.getByRole('button', { name: 'Unpin' }).click();
	expectAlike(await drawnColours(page), through([MADDER, '#ffffff'], 13));
});

test('a parent is put between two steps, moved along the path by keys and by drag, and taken away', async ({
	page
}) => {
	await makeStudy(page);
	await choose(page, 'Recipe', 'Interval');
	const before = await drawnColours(page);
	await page.getByRole('button', { name: 'Add a parent between step 3 and step 4' }).click();
	await expect(page.getByRole('button', { name: 'Recipe: Path' })).toBeVisible();
	expectAlike(await drawnColours(page), before);
	await page.getByRole('textbox', { name: 'Colour, in any CSS syntax' }).fill('#2f5f86');
	await page.keyboard.press('Enter');
	const handle = page.getByRole('slider', { name: 'Place of #2f5f86' });
	await expect(handle).toHaveAttribute('aria-valuenow', '42');
	await handle.focus();
	for (let press = 0; press < 2; press++) await page.keyboard.press('Shift+ArrowRight');
	await expect(handle).toHaveAttribute('aria-valuenow', '52');
	const box = (await handle.boundingBox())!;
	await page.mouse.move(box.x + 7, box.y + 8);
	await page.mouse.down();
	await page.mouse.move(box.x + 97, box.y + 8, { steps: 6 });
	await page.mouse.up();
	await expect(handle).not.toHaveAttribute('aria-valuenow', '52');
	await handle.focus();
	await page.keyboard.press('Delete');
	await expect(handle).toHaveCount(0);
	expectAlike(await drawnColours(page), before);
	await saved(page);
});

test('every layout shows the same colours; labels, direction and gradation follow', async ({ page }) => {
	await makeStudy(page);
	const colours = await drawnColours(page);
	for (const name of ['bars with gaps', 'rising blocks', 'squares in each other']) {
		await form(page, name);
		expect(await drawnColours(page), name).toEqual(colours);
	}
	for (const name of ['circles in each other', 'squares into circles', 'a ring']) {
		await form(page, name);
		const fills = await page
			.locator('.surface svg path[shape-rendering=auto]')
			.evaluateAll((figures) => figures.map((figure) => figure.getAttribute('fill')));
		expect(fills, name).toEqual(colours);
		await step(page, 1, 3).focus();
		await expect(page.getByRole('heading', { name: 'Step 3 of 7' })).toBeVisible();
	}
	await form(page, 'bars that touch');
	await form(page, 'code');
	await expect(page.locator('.surface svg text').getByText(MADDER)).toBeVisible();
	await page.getByRole('button', { name: 'Layout', exact: true }).click();
	await page.getByRole('checkbox', { name: 'last step first' }).check();
	await page.getByRole('checkbox', { name: 'with the unbroken gradation' }).check();
	await page.keyboard.press('Escape');
	const bars = await drawnColours(page);
	expect(bars.slice(0, 7)).toEqual([...colours].reverse());
	// The gradation goes from edge to edge, and each step's own colour stands in it under the middle of the step.
	const run = page.locator('.surface svg linearGradient');
	const { from, to, stops } = await run.evaluate((gradient) => ({
		from: Number(gradient.getAttribute('x1')),
		to: Number(gradient.getAttribute('x2')),
		stops: [...gradient.children].map((stop) => ({
			at: Number(stop.getAttribute('offset')),
			hex: stop.getAttribute('stop-color')
		}))
	}));
	const middles = await page
		.locator('.surface svg rect[fill^="#"]')
		.evaluateAll((rects) =>
			rects.slice(0, 7).map((rect) => Number(rect.getAttribute('x')) + Number(rect.getAttribute('width')) / 2)
		);
	bars.slice(0, 7).forEach((hex, i) => {
		const under = stops.find((stop) => Math.abs(from + (to - from) * stop.at - middles[i]!) < 0.01);
		expect(under?.hex, `step ${i}`).toBe(hex);
	});
	await page.keyboard.press('Control+z');
	await page.keyboard.press('Control+z');
	expect(await drawnColours(page)).toEqual(colours);
});

test('axe finds nothing with the lists of choices and the layouts open, nor on a ring and a path', async ({ page }) => {
	await makeStudy(page);
	for (const name of [/^Recipe: /, /^Mixing method: /, /^Spacing: /, /^Layout$/]) {
		await page.getByRole('button', { name }).click();
		await page.waitForTimeout(100);
		expect(await axeFaults(page), String(name)).toEqual([]);
		await page.keyboard.press('Escape');
	}
	await choose(page, 'Recipe', 'Path');
	await page.getByRole('button', { name: 'Add a parent', exact: true }).click();
	expect(await axeFaults(page), 'path').toEqual([]);
	await form(page, 'a ring');
	expect(await axeFaults(page), 'ring').toEqual([]);
});

test('parents are turned on the wheel, by drag and by key, keeping their strength; it says which are warm', async ({
	page
}) => {
	await makeStudy(page);
	await choose(page, 'Recipe', 'Interval');
	await page.getByRole('button', { name: 'Wheel', exact: true }).click();
	const wheel = page.getByRole('dialog', { name: 'Wheel' });
	await expect(wheel.getByText('Madder: warm')).toBeVisible();
	await wheel.getByRole('combobox', { name: 'Which wheel' }).selectOption({ label: 'light wheel' });
	const weld = wheel.getByRole('slider', { name: 'Hue of parent 2, Weld' });
	const before = hsv((await drawnColours(page)).at(-1)!)!;
	await weld.focus();
	for (let press = 0; press < 4; press++) await page.keyboard.press('Shift+ArrowRight');
	const after = hsv((await drawnColours(page)).at(-1)!)!;
	expect(after.h! - before.h!).toBeCloseTo(60, 0);
	expect([after.s, after.v]).toEqual([expect.closeTo(before.s, 1), expect.closeTo(before.v, 1)]);

	const dot = (await wheel.getByRole('slider', { name: 'Hue of parent 1, Madder' }).boundingBox())!;
	const all = (await wheel.locator('svg').first().boundingBox())!;
	await page.mouse.move(dot.x + dot.width / 2, dot.y + dot.height / 2);
	await page.mouse.down();
	await page.mouse.move(all.x + all.width / 2 - 40, all.y + all.height / 2, { steps: 5 });
	await page.mouse.up();
	// A quarter turn back from the top is 270° of the wheel.
	expect(hsv((await drawnColours(page))[0]!)!.h).toBeCloseTo(270, -1);
	expect(await axeFaults(page, '[role=dialog]')).toEqual([]);
	await page.keyboard.press('Escape');
	await page.keyboard.press('Control+z');
	expect((await drawnColours(page))[0]).toBe(MADDER);
});

test('the steps of a scale become linked colours at once, and go again with undo', async ({ page }) => {
	await makeStudy(page);
	const linked = page.getByRole('region', { name: 'Linked colours' }).locator('li');
	await expect(linked).toHaveCount(3);
	await page.getByRole('button', { name: 'Make the steps linked colours' }).click();
	// Madder is linked already.
	await expect(linked).toHaveCount(9);
	await expect(linked.last()).toContainText('7, Tints madder to white');
	await page.keyboard.press('Control+z');
	await expect(linked).toHaveCount(3);
});

test('a list of choices is gone through by arrows, to its ends, and by the letters that a choice begins with', async ({
	page
}) => {
	await makeStudy(page);
	await page.getByRole('button', { name: /^Recipe: / }).click();
	const focused = page.locator(':focus b');
	await expect(focused).toHaveText('Tints');
	await page.keyboard.press('End');
	const last = await focused.textContent();
	await page.keyboard.press('ArrowDown');
	await expect(focused).toHaveText('Tints');
	await page.keyboard.press('ArrowUp');
	await expect(focused).toHaveText(last!);
	await page.keyboard.press('Home');
	await expect(focused).toHaveText('Tints');
	await page.keyboard.type('sh');
	await expect(focused).toHaveText('Shades');
	await page.keyboard.press('Escape');
	await expect(page.getByRole('button', { name: /^Recipe: Tints/ })).toBeFocused();
});
