import { execFileSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { converter, formatHex, wcagContrast } from 'culori';
import { type Page } from '@playwright/test';
import { axeFaults } from './axe';
import { choose, dragTrack, makeStudy, openDemo, reach, ready, saved, step, take } from './pages';
import { codes, handle, makeScheme, member } from './schemes';
import { expect, test } from './test';

const hsv = converter('hsv');
const oklch = converter('oklch');
const lab = converter('lab65');
const MADDER = '#b3392b';

const hues = async (page: Page): Promise<number[]> => (await codes(page)).map((code) => hsv(code)!.h ?? 0);
const apart = (one: number, other: number): number => Math.abs(((((one - other) % 360) + 540) % 360) - 180);

/** Drags a member on the unrolled wheel to another hue, in degrees from the wheel's beginning, upwards. */
async function dragTo(page: Page, index: number, degrees: number): Promise<void> {
	const box = (await handle(page, index).boundingBox())!;
	const plate = (await page.locator('.surface').boundingBox())!;
	const scale = plate.width / 792;
	// From −30° at the lower edge, 470, upwards.
	const up = ((((degrees + 30) % 360) + 360) % 360) / 360;
	const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
	await page.mouse.move(x, y);
	await page.mouse.down();
	await page.mouse.move(x, plate.y + (470 - 396 * up) * scale, { steps: 6 });
	await page.mouse.up();
}

test('a triad of the light wheel is the lead colour turned by thirds; wheel and scheme change with the same lead (culori 4.0.2)', async ({
	page
}) => {
	await makeScheme(page);
	const { h = 0, s, v } = hsv(MADDER)!;
	expect(await codes(page)).toEqual([0, 120, 240].map((angle) => formatHex({ mode: 'hsv', h: h + angle, s, v })));
	await choose(page, 'Wheel', 'perceptual wheel');
	const [lead, ...others] = await codes(page);
	expect(lead).toBe(MADDER);
	for (const [i, code] of others.entries())
		expect(apart(oklch(code)!.h!, oklch(MADDER)!.h! + 120 * (i + 1))).toBeLessThan(3);
	await choose(page, 'Wheel', 'painter’s wheel');
	await choose(page, 'Scheme', 'Complementary');
	expect(await codes(page)).toHaveLength(2);
	await page.getByRole('checkbox', { name: 'hold value' }).check();
	for (const code of await codes(page)) expect(lab(code)!.l).toBeCloseTo(lab(MADDER)!.l, 0);
	await choose(page, 'Scheme', 'Square');
	expect(await codes(page)).toHaveLength(4);
	await page.getByRole('spinbutton', { name: 'Members', exact: true }).fill('23');
	await page.keyboard.press('Enter');
	expect(await codes(page)).toHaveLength(10);
	await saved(page);
	const before = await codes(page);
	await page.reload();
	await ready(page);
	await page.getByRole('button', { name: /^Plate 2: A scheme from madder/ }).click();
	expect(await codes(page)).toEqual(before);
});

test('members dragged on the wheel: thirds stay thirds, a spread answers, free lets each go, a fixed one stays', async ({
	page
}) => {
	await makeScheme(page);
	await dragTo(page, 1, 200);
	const triad = await hues(page);
	expect(apart(triad[1]!, 200)).toBeLessThan(4);
	expect(apart(triad[1]!, triad[0]!)).toBeCloseTo(120, 0);
	expect(apart(triad[2]!, triad[0]!)).toBeCloseTo(120, 0);
	await page.getByRole('button', { name: /^Undo: Move a member/ }).click();
	expect((await codes(page))[0]).toBe(MADDER);

	await choose(page, 'Scheme', 'Split complementary');
	const lead = (await hues(page))[0]!;
	await dragTo(page, 1, lead + 180 - 45);
	const split = await hues(page);
	expect(split[0]).toBeCloseTo(lead, 0);
	expect(apart(split[1]!, lead + 135)).toBeLessThan(4);
	expect(apart(split[2]!, split[0]!)).toBeCloseTo(apart(split[1]!, split[0]!), 0);
	await expect(page.getByText(/The two sides stay equally far/).first()).toBeAttached();

	await member(page, 2).click();
	await page.getByRole('button', { name: 'Fix it' }).click();
	const fixed = (await codes(page))[2];
	await dragTo(page, 0, 90);
	const after = await codes(page);
	expect(after[2]).toBe(fixed);
	expect(apart(hsv(after[0]!)!.h!, 90)).toBeLessThan(4);
	await member(page, 2).click();
	await page.getByRole('button', { name: 'Let follow' }).click();

	await choose(page, 'Scheme', 'Free');
	const free = await codes(page);
	await dragTo(page, 1, 10);
	const moved = await codes(page);
	expect(moved.map((code, i) => code === free[i])).toEqual([true, false, true]);
});

test('choosing a member only brings it into the mixer; making it the lead is an action of its own', async ({
	page
}) => {
	await makeScheme(page);
	const before = await codes(page);
	await member(page, 2).click();
	await expect(page.getByRole('heading', { name: 'Member 3' })).toBeVisible();
	expect(await codes(page)).toEqual(before);
	await page.getByRole('button', { name: 'Make it the lead' }).click();
	expect(await codes(page)).toEqual([before[2], before[0], before[1]]);
	await expect(page.getByText('lead colour of the scheme')).toBeVisible();
	await page.keyboard.press('Control+z');
	expect(await codes(page)).toEqual(before);
});

test('a member’s code is copied and pasted back unchanged, typed codes are taken, sliders turn one or all', async ({
	page
}) => {
	await makeScheme(page);
	const before = await codes(page);
	const field = page.getByRole('textbox', { name: 'Colour, in any CSS syntax' });
	for (const kind of ['hex', 'rgb', 'hsl', 'hsb', 'oklch', 'lab']) {
		await page.getByLabel('Codes shown').selectOption(kind);
		await member(page, 1).click();
		await page.getByRole('region', { name: 'Readings' }).locator('tr').nth(1).locator('.code').click();
		await expect(page.getByText(/^Copied /).last()).toBeVisible();
		await field.focus();
		await page.keyboard.press('Control+a');
		await page.keyboard.press('Control+v');
		await page.keyboard.press('Enter');
		expect(await codes(page), kind).toEqual(before);
	}
	await field.fill('#206040');
	await page.keyboard.press('Enter');
	const typed = await codes(page);
	expect(typed[1]).toBe('#206040');
	expect(apart(hsv(typed[0]!)!.h!, hsv('#206040')!.h! - 120)).toBeLessThan(1.5);

	await page.getByRole('checkbox', { name: 'turn all together' }).check();
	await page.getByRole('radio', { name: 'HSB' }).check({ force: true });
	const brightness = (all: string[]) => all.map((code) => hsv(code)!.v);
	const start = brightness(await codes(page));
	await page.getByRole('slider', { name: 'Brightness' }).focus();
	await page.keyboard.press('Shift+ArrowUp');
	(await codes(page)).forEach((code, i) => expect(hsv(code)!.v - start[i]!).toBeCloseTo(0.1, 1));
});

test('kept to a palette: both rows are shown, with distances, and poor stand-ins are pointed out; and let go', async ({
	page
}) => {
	await makeScheme(page);
	const before = await codes(page);
	await (await reach(page, page.getByRole('button', { name: 'Keep to a palette' }))).click();
	const garden = page.getByRole('button', { name: 'Saltmarsh dye garden', exact: true });
	// Tried while it is pointed at, and nothing kept yet.
	await garden.hover();
	await expect(page.locator('.surface text', { hasText: /^kept to$/ })).toHaveCount(1);
	await page.mouse.move(5, 400);
	await expect(page.locator('.surface text', { hasText: /^kept to$/ })).toHaveCount(0);
	await garden.click();
	expect(await codes(page)).toEqual(before);
	await expect(
		page.locator('.surface text', { hasText: /^the nearest of the palette to steps of 4 ΔE00/ })
	).toHaveCount(1);
	const drawn = (await take(page, 'The plate as SVG')).content.toString();
	for (const code of [...before, '#b3392b']) expect(drawn).toContain(`fill="${code}"`);
	await page.keyboard.press('Escape');
	await page.keyboard.press('Escape');
	await expect(page.getByText(/Poor stand-ins from Saltmarsh dye garden/)).toBeVisible();
	await reach(page, page.getByText('kept to Saltmarsh dye garden'));
	const { content } = await take(page, 'This scheme as a table (CSV)');
	const palette = ['#b3392b', '#d9b036', '#2f5f86', '#5a4632', '#8f9a5b', '#3c3a3f', '#e9dcc0'];
	for (const line of content.toString().trim().split('\n').slice(1))
		expect(palette.some((code) => line.includes(code))).toBe(true);
	await page.getByRole('button', { name: 'Let go' }).click();
	await expect(page.getByText(/Poor stand-ins/)).toHaveCount(0);
});

test('into scales, linked colours, a palette and a PDF; started from a step of a scale', async ({ page }, info) => {
	await makeStudy(page);
	await step(page, 1, 3).click();
	await page.getByRole('button', { name: 'Start a scheme' }).click();
	await expect(page.getByRole('group', { name: 'Members of the scheme' })).toBeAttached();
	const all = await codes(page);
	const pairs = page.getByRole('region', { name: 'Readings' }).locator('details tbody tr');
	await expect(pairs).toHaveCount(3);
	await expect(pairs.nth(0).locator('td').nth(2)).toHaveText(wcagContrast(all[0]!, all[1]!).toFixed(1));
	await page.getByRole('button', { name: 'Start a scale from 1 to 3' }).click();
	await page.getByRole('button', { name: 'Start a scale from 2 to 3' }).click();
	await page.getByRole('status').getByRole('button', { name: 'Go there' }).last().click();
	const scales = await page
		.locator('.surface svg rect[x]')
		.evaluateAll((b) => b.map((bar) => bar.getAttribute('fill')));
	expect([0, 6, 7, 13].map((at) => scales[at])).toEqual([all[0], all[2], all[1], all[2]]);
	await page.getByRole('button', { name: /^Plate 2: A scheme from/ }).click();
	await page.getByRole('button', { name: 'Make linked colours' }).click();
	await expect(page.getByRole('region', { name: 'Linked colours' }).getByRole('listitem')).toHaveCount(6);
	const { content } = await take(page, 'Print, as PDF …', 'Save the PDF');
	const path = info.outputPath('scheme.pdf');
	writeFileSync(path, content);
	const text = execFileSync('pdftotext', ['-layout', '-f', '2', '-l', '2', path, '-'], { encoding: 'utf8' });
	for (const word of ['Triad', 'The thirds stay thirds', 'own greys', 'Saltmarsh', '2 of 3'])
		expect(text).toContain(word);
});

test('roles in the designs are swapped, and the designs follow the lead in the same frame', async ({ page }) => {
	await openDemo(page, 'Schemes for a banner');
	const lettering = () =>
		page.locator('.surface svg text', { hasText: /^Saltmarsh$/ }).evaluate((word) => word.getAttribute('fill'));
	await expect(member(page, 2)).toBeVisible();
	const all = await codes(page);
	expect(await lettering()).toBe(all[1]);
	await (await reach(page, page.getByRole('button', { name: 'Roles' }))).click();
	await page
		.getByRole('radiogroup', { name: 'Member for the figure' })
		.getByRole('radio', { name: 'Member 3', exact: true })
		.check({ force: true });
	expect(await lettering()).toBe(all[2]);
	await expect(
		page.getByRole('radiogroup', { name: 'Member for the line' }).getByRole('radio', { name: 'Member 2', exact: true })
	).toBeChecked();
	await page.keyboard.press('Escape');
	await member(page, 0).click();
	await dragTrack(page, 'Hue', 0.7, 0.3, 4);
	const after = await codes(page);
	expect(after[0]).not.toBe(all[0]);
	expect(await lettering()).toBe(after[2]);
});

test('a scheme by keyboard alone: from the members to the wheel, turned, moved out, undone; axe finds nothing', async ({
	page
}) => {
	await makeScheme(page);
	await member(page, 0).focus();
	await page.keyboard.press('ArrowRight');
	await expect(member(page, 1)).toBeFocused();
	const before = await codes(page);
	await handle(page, 1).focus();
	await page.keyboard.press('Shift+ArrowUp');
	const turned = await codes(page);
	turned.forEach((code, i) => expect(apart(hsv(code)!.h!, hsv(before[i]!)!.h! + 10)).toBeLessThan(1));
	await page.keyboard.press('Shift+ArrowLeft');
	expect(hsv((await codes(page))[1]!)!.s).toBeCloseTo(hsv(turned[1]!)!.s - 0.1, 1);
	await expect(handle(page, 1)).toHaveAttribute('aria-valuetext', /% of the way out/);
	// Presses that follow each other quickly are one gesture.
	await page.keyboard.press('Control+z');
	expect(await codes(page)).toEqual(before);
	expect(await axeFaults(page)).toEqual([]);
});
