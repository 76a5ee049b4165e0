import { execFileSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import sharp from 'sharp';
import { converter } from 'culori';
import { type Page } from '@playwright/test';
import { axeFaults } from './axe';
import { addPlate, choose, makeStudy, ready, saved, take } from './pages';
import { expect, test } from './test';

const lab = converter('lab65');
const FIGURE = '#9a8f7d';

const place = (page: Page, name: RegExp) =>
	page.getByRole('group', { name: 'Colours of the plate' }).getByRole('button', { name });
const figures = (page: Page): Promise<string[]> =>
	page.locator('.surface > svg path[d*="h"]').evaluateAll((all) => all.map((each) => each.getAttribute('fill') ?? ''));

/** A study with a plate of grounds: one colour on madder and on woad. */
async function makeGrounds(page: Page): Promise<void> {
	await makeStudy(page);
	await addPlate(page, 'Grounds');
	await expect(page.getByRole('group', { name: 'Colours of the plate' })).toBeAttached();
}

test('one as two: identical to the byte on screen, in SVG, PNG and PDF, with strip and cover', async ({
	page
}, info) => {
	await makeGrounds(page);
	await page.getByRole('checkbox', { name: 'proof strip' }).check();
	expect(await figures(page)).toEqual([FIGURE, FIGURE]);
	const svg = (await take(page, 'The plate as SVG')).content.toString();
	expect(svg.split(`fill="${FIGURE}"`)).toHaveLength(4);
	const png = await take(page, 'The plate as PNG …', 'Save the picture');
	const { data, info: size } = await sharp(png.content).removeAlpha().raw().toBuffer({ resolveWithObject: true });
	const at = (x: number, y: number): string => {
		const scale = size.width / 792;
		const start = (Math.round(y * scale) * size.width + Math.round(x * scale)) * 3;
		return `#${data.subarray(start, start + 3).toString('hex')}`;
	};
	expect([at(212, 231), at(580, 231), at(396, 231)]).toEqual([FIGURE, FIGURE, FIGURE]);
	const { content } = await take(page, 'Print, as PDF …', 'Save the PDF');
	const path = info.outputPath('grounds.pdf');
	writeFileSync(path, content);
	execFileSync('pdftoppm', ['-r', '100', '-f', '2', '-l', '2', '-singlefile', '-png', path, info.outputPath('page')]);
	const paper = await sharp(info.outputPath('page.png')).removeAlpha().raw().toBuffer();
	const seen = new Set<string>();
	for (let i = 0; i < paper.length; i += 3) seen.add(`#${paper.subarray(i, i + 3).toString('hex')}`);
	for (const code of [FIGURE, '#b3392b', '#2f5f86']) expect(seen).toContain(code);
	await page.getByRole('checkbox', { name: 'cover' }).check();
	const grounds = await page
		.locator('.surface > svg rect[x]')
		.evaluateAll((all) => all.slice(0, 2).map((bar) => bar.getAttribute('fill')));
	expect(grounds).toEqual(['#ffffff', '#ffffff']);
	await page.getByRole('button', { name: 'Exchange grounds' }).click();
	await page.getByRole('checkbox', { name: 'cover' }).uncheck();
	await expect(place(page, /^First ground, .*#2f5f86/)).toBeAttached();
	await saved(page);
	await page.reload();
	await ready(page);
	await page.getByRole('button', { name: /^Plate 2: One as two on woad and madder/ }).click();
	await expect(place(page, /^First ground, .*#2f5f86/)).toBeAttached();
});

test('grounds are proposed by a worker, ranked with one’s own among them, taken with a click and taken back', async ({
	page
}) => {
	await makeGrounds(page);
	const panel = page.getByRole('region', { name: 'Proposed grounds' });
	await panel.getByRole('button', { name: 'Propose' }).click();
	await expect(panel.getByRole('listitem')).toHaveCount(6, { timeout: 20_000 });
	await expect(panel.getByText(/^your own, [\d.]+ ΔE00 apart$/)).toBeVisible();
	const apart = (await panel.getByRole('listitem').allTextContents()).map((text) =>
		Number(/([\d.]+) ΔE00 apart/.exec(text)![1])
	);
	expect([...apart].sort((a, b) => b - a)).toEqual(apart);
	await panel
		.getByRole('button', { name: /^Take grounds/ })
		.first()
		.click();
	await expect(place(page, /^First ground/)).not.toHaveAttribute('aria-label', /#b3392b/);
	// The own attempt is kept among them, at its place, and comes back with a click.
	await expect(panel.getByText(/^your own, [\d.]+ ΔE00 apart$/)).toBeVisible();
	await panel.getByRole('button', { name: 'Take your own grounds back' }).click();
	await expect(place(page, /^First ground/)).toHaveAttribute('aria-label', /#b3392b/);
	await page.keyboard.press('Control+z');
	await page.keyboard.press('Control+z');
	await expect(place(page, /^First ground/)).toHaveAttribute('aria-label', /#b3392b/);
	await page.getByLabel('Where to look for grounds').selectOption('high');
	await panel.getByRole('button', { name: 'Propose' }).click();
	await expect(panel.getByText('Searching')).toHaveCount(0);
	await expect(panel.getByRole('button', { name: 'Propose' })).toBeVisible({ timeout: 20_000 });
	const codes = (await panel.getByRole('listitem').allTextContents()).flatMap(
		(text) => text.match(/#[0-9a-f]{6}/g) ?? []
	);
	expect(codes.length).toBeGreaterThanOrEqual(2);
	for (const code of codes) expect(lab(code)!.l).toBeGreaterThan(64.4);
});

test('two as one: the second figure set by eye, then the solution with its distance, and taken', async ({ page }) => {
	await makeGrounds(page);
	await choose(page, 'Exercise', 'Two as one');
	await place(page, /^Second figure/).click();
	await page.getByRole('textbox', { name: 'Colour, in any CSS syntax' }).fill('#6f9490');
	await page.keyboard.press('Enter');
	expect(await figures(page)).toEqual([FIGURE, '#6f9490']);
	await page.getByRole('checkbox', { name: 'solution' }).check();
	const solution = /#[0-9a-f]{6}/.exec(
		(await page.locator('.surface text', { hasText: /^solution/ }).textContent())!
	)![0];
	await expect(page.getByText(/The second figure is \d+\.\d ΔE00 from the model’s solution/)).toBeVisible();
	await page.getByRole('button', { name: 'Take the solution' }).click();
	expect(await figures(page)).toEqual([FIGURE, solution]);
	// The code is whole numbers, the solution is not.
	await expect(page.getByText(/The second figure is 0\.[0-4] ΔE00 from the model’s solution\./)).toBeVisible();
});

test('rows, edges and assimilation: over a palette, the partner that vibrates, lines from fine to broad; axe', async ({
	page
}) => {
	await makeGrounds(page);
	await choose(page, 'Exercise', 'Rows of grounds');
	await page.getByRole('spinbutton', { name: 'Grounds' }).fill('9');
	await page.keyboard.press('Enter');
	expect((await figures(page)).filter((code) => code === FIGURE)).toHaveLength(9);
	await page.getByRole('tab', { name: 'Palettes' }).click();
	await page.getByRole('button', { name: 'Saltmarsh dye garden: what to do' }).click();
	await page.getByRole('menuitem', { name: 'Lay the figure over its colours' }).click();
	expect((await figures(page)).filter((code) => code === FIGURE)).toHaveLength(7);
	await page.getByRole('tab', { name: 'Readings' }).click();
	await choose(page, 'Exercise', 'Edges');
	await page.getByRole('button', { name: 'vibrates most' }).click();
	await expect(page.getByText('The border vibrates.')).toBeVisible();
	const partner = /#[0-9a-f]{6}/.exec((await place(page, /^Second ground/).getAttribute('aria-label'))!)![0];
	expect(Math.abs(lab(partner)!.l - lab('#b3392b')!.l)).toBeLessThan(1.2);
	await choose(page, 'Exercise', 'Assimilation');
	const lines = () => page.locator('.surface > svg rect[x]').count();
	const fine = await lines();
	await page.getByRole('slider', { name: 'Width of the lines' }).fill('10');
	expect(await lines()).toBeLessThan(fine);
	const before = await lines();
	await page.getByRole('checkbox', { name: 'proof strip' }).check();
	expect(await lines()).toBe(before + 3);
	expect(await axeFaults(page)).toEqual([]);
});

test('a whole scale over a row of grounds follows its linked colours; its shifts are charted and its codes go into the title block', async ({
	page
}, info) => {
	await makeGrounds(page);
	const steps = await (async () => {
		await page.getByRole('button', { name: /^Plate 1:/ }).click();
		return (
			await page.locator('.surface svg rect[x]').evaluateAll((all) => all.map((bar) => bar.getAttribute('fill')!))
		).slice(0, 7);
	})();
	await page.getByRole('button', { name: /^Plate 2:/ }).click();
	await choose(page, 'Exercise', 'Rows of grounds');
	await page.getByRole('button', { name: /^What stands on the grounds: / }).click();
	await page.getByRole('menuitemradio').nth(1).click();
	await page.keyboard.press('Escape');
	const drawn = await figures(page);
	const onEach = drawn.length / 7;
	for (let ground = 0; ground < 7; ground++)
		expect(drawn.slice(ground * onEach, (ground + 1) * onEach).slice(0, steps.length)).toEqual(steps.slice(0, onEach));
	const shifts = page.locator('[data-reading=shifts]');
	await expect(shifts).toContainText('Shift of value and of chroma on each ground');
	const values = [...(await shifts.textContent())!.matchAll(/(-?\d+\.\d) and/g)].map(([, value]) => Number(value));
	expect(values).toHaveLength(7);
	// Over rising greys a scale falls (common practice).
	expect(values[0]).toBeGreaterThan(values[6]!);
	await page.getByRole('checkbox', { name: 'prediction' }).uncheck();
	await expect(page.locator('.surface text', { hasText: 'seems lighter' })).toHaveCount(0);
	await choose(page, 'Exercise', 'One as two');
	await page.getByRole('button', { name: 'Take it away' }).click();
	await page.getByRole('menuitem', { name: 'Print, as PDF …' }).click();
	await page.getByRole('checkbox', { name: 'with the codes of mixes and grounds' }).check();
	const waiting = page.waitForEvent('download');
	await page.getByRole('button', { name: 'Save the PDF' }).click();
	const path = info.outputPath('codes.pdf');
	await (await waiting).saveAs(path);
	const text = execFileSync('pdftotext', ['-layout', path, '-']).toString();
	expect(text).toContain('First ground #b3392b · Second ground #2f5f86 · Figure #9a8f7d');
});

test('grounds are looked for in a palette of the library', async ({ page }) => {
	await makeGrounds(page);
	const panel = page.getByRole('region', { name: 'Proposed grounds' });
	await panel.getByRole('button', { name: 'Look in a palette' }).click();
	await page.getByRole('button', { name: 'Saltmarsh dye garden', exact: true }).click();
	await expect(page.getByLabel('Where to look for grounds')).toHaveValue('kept');
	await panel.getByRole('button', { name: 'Propose' }).click();
	await expect(panel.getByRole('button', { name: /^Take grounds/ }).first()).toBeVisible({ timeout: 20_000 });
	const codes = (await panel.getByRole('listitem').allTextContents()).flatMap(
		(text) => text.match(/#[0-9a-f]{6}/g) ?? []
	);
	const garden = ['#b3392b', '#d9b036', '#2f5f86', '#5a4632', '#8f9a5b', '#3c3a3f', '#e9dcc0'];
	expect(codes.length).toBeGreaterThanOrEqual(2);
	for (const code of codes) expect(garden).toContain(code);
});

test('shown to a room: arrow keys reveal figures, strip, cover and prediction, then the next plate; nothing changes', async ({
	page
}) => {
	await makeGrounds(page);
	await page.getByRole('button', { name: /^Plate 1:/ }).click();
	await page.getByRole('button', { name: 'Show', exact: true }).click();
	const view = page.getByRole('dialog', { name: /^Shown to a room/ });
	await expect(view).toBeVisible();
	await page.keyboard.press('ArrowRight');
	const drawn = (code: string) => view.locator(`svg [fill="${code}"]`).count();
	await expect(view).toHaveAccessibleName(/plate 2 of 2/);
	expect([await drawn(FIGURE), await drawn('#b3392b')]).toEqual([2, 1]);
	await page.keyboard.press('ArrowRight');
	expect(await drawn(FIGURE)).toBe(3);
	await page.keyboard.press('ArrowRight');
	expect([await drawn(FIGURE), await drawn('#b3392b')]).toEqual([2, 0]);
	await page.keyboard.press('ArrowRight');
	await expect(view.locator('text', { hasText: 'looks' })).toHaveCount(2);
	await page.keyboard.press('ArrowLeft');
	await page.keyboard.press('ArrowLeft');
	await page.keyboard.press('ArrowLeft');
	await page.keyboard.press('ArrowLeft');
	await expect(view).toHaveAccessibleName(/plate 1 of 2/);
	await page.keyboard.press('Escape');
	await expect(view).toHaveCount(0);
	await expect(page.getByRole('button', { name: 'Undo: Add a plate' })).toBeVisible();
});

test('after-image: the figure with its cross, the neutral field, and by the model its opposite; a look ends by itself', async ({
	page
}) => {
	await page.clock.install();
	await makeGrounds(page);
	await choose(page, 'Exercise', 'After-image');
	const shown = () =>
		page.locator('.surface > svg path[d*="h"]').evaluateAll((all) => all.map((each) => each.getAttribute('fill')));
	expect(await shown()).toEqual([FIGURE]);
	await page.getByRole('checkbox', { name: 'prediction' }).uncheck();
	await page.getByRole('checkbox', { name: 'neutral field' }).check();
	expect(await shown()).toEqual([]);
	await page.getByRole('checkbox', { name: 'prediction' }).check();
	const [opposite] = await shown();
	// Both opponent axes turned round: a and b of Lab change sign.
	expect(Math.sign(lab(opposite!)!.b)).toBe(-Math.sign(lab(FIGURE)!.b));
	await page.getByRole('button', { name: 'Look', exact: true }).click();
	const view = page.getByRole('dialog', { name: /^Shown to a room/ });
	await expect(view.locator('text', { hasText: /^Look at the cross/ })).toBeVisible();
	await page.clock.runFor(21_000);
	await expect(view.locator('text', { hasText: /^Keep looking at the cross/ })).toBeVisible();
});

test('which is lighter: answers are kept with their verdicts, in twelve pairs, and a new series begins afresh', async ({
	page
}) => {
	await makeGrounds(page);
	await choose(page, 'Exercise', 'Which is lighter?');
	const patches = () =>
		page
			.locator('.surface > svg rect[x]')
			.evaluateAll((all) => all.slice(2, 4).map((bar) => bar.getAttribute('fill') ?? ''));
	for (let pair = 1; pair <= 12; pair++) {
		await expect(page.getByRole('status').getByText(`Pair ${pair} of 12`)).toBeVisible();
		const [left, right] = (await patches()).map((code) => lab(code)!.l);
		// All right but the fifth.
		const answer = left! > right! !== (pair === 5) ? 'The left one' : 'The right one';
		// By the bar, or on the colour itself.
		await page.getByRole('button', { name: pair % 2 === 0 ? answer : `${answer} is lighter`, exact: true }).click();
	}
	await expect(page.locator('.surface text', { hasText: '11 of 12 right' })).toHaveCount(1);
	await expect(page.locator('.surface text', { hasText: 'Right without a slip down to 11 L* apart.' })).toHaveCount(1);
	await expect(
		page.getByRole('region', { name: 'Readings' }).getByText('8 L* apart: taken the other way round.')
	).toBeVisible();
	await saved(page);
	await page.getByRole('button', { name: 'Look at what was missed' }).click();
	await expect(
		page.locator('.surface text', { hasText: /^Pair 5: the (left|right) one is lighter, by 8 L\*; you took/ })
	).toHaveCount(1);
	await page.getByRole('button', { name: 'Pair 2, right: look again' }).press('Enter');
	await expect(page.locator('.surface text', { hasText: /^Pair 2: .*you saw it\.$/ })).toHaveCount(1);
	await page.getByRole('button', { name: 'To the result' }).click();
	await expect(page.locator('.surface text', { hasText: '11 of 12 right' })).toHaveCount(1);
	await page.getByRole('button', { name: 'Begin a new series' }).click();
	await expect(page.getByText('Pair 1 of 12', { exact: true })).toBeVisible();
});

test('two hand-outs are printed: one without the prediction, as a question, and one with it', async ({
	page
}, info) => {
	await makeGrounds(page);
	await page.getByRole('checkbox', { name: 'prediction' }).check();
	for (const [how, shown] of [
		['a hand-out without the answers', false],
		['a hand-out with the answers', true]
	] as const) {
		await page.getByRole('button', { name: 'Take it away' }).click();
		await page.getByRole('menuitem', { name: 'Print, as PDF …' }).click();
		await page.getByRole('radio', { name: 'this plate' }).check();
		await page.getByRole('radio', { name: new RegExp(`^${how}`) }).check();
		const [file] = await Promise.all([
			page.waitForEvent('download'),
			page.getByRole('button', { name: 'Save the PDF' }).click()
		]);
		expect(file.suggestedFilename()).toMatch(shown ? /-answers\.pdf$/ : /-questions\.pdf$/);
		const path = info.outputPath(file.suggestedFilename());
		await file.saveAs(path);
		const text = execFileSync('pdftotext', ['-layout', path, '-']).toString();
		expect(text.includes('than on a neutral board')).toBe(shown);
		expect(text).toContain('One as two');
	}
});
