import { execFileSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import { type Page } from '@playwright/test';
import { openDemo, ready, saved, step, take } from './pages';
import { expect, test } from './test';

/** A4 and Letter in points (ISO 216; ANSI/ASME Y14.1), as poppler's pdfinfo says them. */
const A4_ACROSS = '841.89 x 595.28 pts (A4)';
const LETTER_UPRIGHT = '612 x 792 pts (letter)';

function poppler(command: string, pdf: Buffer, path: string, ...more: string[]): string {
	writeFileSync(path, pdf);
	return execFileSync(command, [...more, path, ...(command === 'pdftotext' ? ['-'] : [])], { encoding: 'utf8' });
}

async function begin(page: Page, name: string): Promise<void> {
	await page.goto('/');
	await ready(page);
	await page.getByRole('button', { name: 'From a template' }).click();
	await page
		.getByRole('dialog')
		.getByRole('button', { name: new RegExp(`^${name}`) })
		.click();
	await page.waitForURL(/\/studies\/[0-9a-z]+$/);
	await ready(page);
}

const TEMPLATES = [
	{ name: 'Tints, shades and tones', words: ['Tones, rising', 'Tones, falling'], pages: 1 },
	{ name: 'Gradations of hue and of value', words: ['Hue steps', 'Gradation of value'], pages: 2 },
	{ name: 'Four intervals', words: ['madder to marigold', 'Interval'], pages: 1 },
	{ name: 'Dulling pairs', words: ['its complement', 'the neutral'], pages: 1 },
	{
		name: 'The twelve-part wheel',
		words: ['Twelve hues', 'of the painter’s wheel', 'inside: 3 tints', 'dulling 5'],
		pages: 3
	},
	{ name: 'An empty chart', words: ['7 between', '9 in all'], pages: 1 },
	{
		name: 'Mixes',
		words: ['Six ways to mix', 'Perceptual middle', 'evenness', 'reads as transparent', 'In balance'],
		pages: 6
	},
	{
		name: 'Ground and figure',
		words: ['One colour as two', 'Vanishing', 'Pair 1 of 12', 'Match 1 of 12'],
		pages: 9
	},
	{ name: 'A scheme from one colour', words: ['Triad', 'own greys', 'warmer'], pages: 1 }
];

for (const { name, words, pages } of TEMPLATES)
	test(`template “${name}” from start to a PDF of the right size, pages, words and faces`, async ({ page }, info) => {
		await begin(page, name);
		await page.getByRole('navigation', { name: 'Where you are' }).getByRole('button').click();
		await page.getByLabel('Maker').fill('Łucja Ørsted Fell');
		await page.getByRole('button', { name: 'Keep', exact: true }).click();
		await saved(page);
		const { name: file, content } = await take(page, 'Print, as PDF …', 'Save the PDF');
		expect(file).toMatch(/^fell-[a-z-]+\.pdf$/);
		const path = info.outputPath('plate.pdf');
		const about = poppler('pdfinfo', content, path);
		expect(about).toContain(A4_ACROSS);
		expect(about).toMatch(new RegExp(`Pages:\\s+${pages}\\n`));
		const text = poppler('pdftotext', content, path, '-layout');
		for (const word of [...words, name, 'Łucja Ørsted Fell', `1 of ${pages}`]) expect(text).toContain(word);
		// Archive form (ISO 19005-2), which asks for the profile that says what the codes mean.
		expect(poppler('pdfinfo', content, path, '-meta')).toMatch(/pdfaid:part>2<[^]*pdfaid:conformance>B</);
		for (const said of ['/OutputIntents', 'sRGB IEC61966-2.1']) expect(content.toString('latin1')).toContain(said);
		// Every face is embedded, as a subset.
		const fonts = poppler('pdffonts', content, path).trim().split('\n').slice(2);
		expect(fonts.length).toBeGreaterThan(1);
		for (const font of fonts) expect(font).toMatch(/yes\s+yes/);
	});

test('upright, a page takes two plates under each other, with one title block', async ({ page }, info) => {
	await begin(page, 'Mixes');
	await page.getByRole('button', { name: 'Take it away' }).click();
	await page.getByRole('menuitem', { name: 'Print, as PDF …' }).click();
	await page.getByRole('radio', { name: 'upright, plates under each other' }).check();
	await page.getByRole('checkbox', { name: 'with the codes of mixes and grounds' }).check();
	const waiting = page.waitForEvent('download');
	await page.getByRole('button', { name: 'Save the PDF' }).click();
	const pdf = await readFile(await (await waiting).path());
	const path = info.outputPath('upright.pdf');
	expect(poppler('pdfinfo', pdf, path)).toMatch(/Pages:\s+3\n/);
	const first = poppler('pdftotext', pdf, path, '-l', '1');
	// What the first and the second exercise say, once each, over one foot.
	for (const words of ['Perceptual middle', 'the middle mixture', '1 of 3']) expect(first).toContain(words);
});

test('the paper has the colours of the screen, on Letter laid upright too, and no sign of what is chosen', async ({
	page
}, info) => {
	await openDemo(page, 'Blanket border, first warp');
	await page.getByRole('button', { name: 'Take it away' }).click();
	await page.getByRole('menuitem', { name: 'Print, as PDF …' }).click();
	await page.getByRole('radio', { name: 'this plate' }).check();
	await page.getByRole('radio', { name: 'Letter' }).check();
	await page.getByRole('radio', { name: 'upright, plates under each other' }).check();
	const waiting = page.waitForEvent('download');
	await page.getByRole('button', { name: 'Save the PDF' }).click();
	const pdf = await readFile(await (await waiting).path());
	const path = info.outputPath('letter.pdf');
	expect(poppler('pdfinfo', pdf, path)).toContain(LETTER_UPRIGHT);
	expect(poppler('pdfinfo', pdf, path)).toMatch(/Pages:\s+1\n/);
	const image = info.outputPath('letter');
	execFileSync('pdftoppm', ['-r', '150', '-png', path, image]);
	const { default: sharp } = await import('sharp');
	const { data, info: size } = await sharp(`${image}-1.png`).removeAlpha().raw().toBuffer({ resolveWithObject: true });
	const seen = new Set<string>();
	for (let at = 0; at < data.length; at += 3) seen.add(`#${data.subarray(at, at + 3).toString('hex')}`);
	expect(size.width).toBeGreaterThan(1200);
	const bars = await page
		.locator('.surface svg rect[x]')
		.evaluateAll((all) => all.map((bar) => bar.getAttribute('fill')!));
	for (const hex of bars) expect(seen).toContain(hex);
});

test('checks say what holds and why not, point to the step, and can be added, deleted and undone', async ({ page }) => {
	await begin(page, 'Four intervals');
	const checks = page.getByRole('region', { name: 'Checks' });
	await expect(checks.getByText('11 of 11 hold')).toBeVisible();
	await step(page, 3, 1).click();
	await page.getByRole('textbox', { name: 'Colour, in any CSS syntax' }).fill('#ff0000');
	await page.keyboard.press('Enter');
	await expect(checks.getByText('9 of 11 hold')).toBeVisible();
	await expect(page.getByText('9 of 11 checks hold')).toBeVisible();
	await expect(checks.getByText(/Step 1 has value 53; in high key it has at least 65/)).toBeVisible();
	await expect(
		checks.getByText(/Row 3: The first parent has 100 % of the greatest chroma of its hue; under 90 % is not left pure/)
	).toBeVisible();
	await expect(page.locator('.broken')).toHaveCount(1);
	await step(page, 1, 3).click();
	await checks.getByRole('button', { name: 'Go to step 1' }).first().click();
	await expect(page.getByText('first parent of row 3, interval')).toBeVisible();

	await checks.getByRole('button', { name: 'Add a check' }).click();
	await page.getByRole('radio', { name: 'for every row' }).check();
	await page.getByRole('button', { name: /^Even steps/ }).click();
	// The list stays for the next one, and shows what came of this.
	await expect(page.getByRole('button', { name: /^Even steps.* every row/ })).toBeVisible();
	await page.keyboard.press('Escape');
	await expect(checks.getByText(/of 12 hold/)).toBeVisible();
	await checks.getByLabel('Limits of “Evenness 0.8 or more”').click();
	await checks.getByLabel('Evenness, at least').fill('0.05');
	await page.keyboard.press('Tab');
	await expect(checks.getByText(/of 12 hold/)).toBeVisible();
	await expect(checks.getByText('Evenness 0.05 or more', { exact: true })).toBeVisible();
	await checks.getByLabel('Evenness, at least').fill('7');
	await page.keyboard.press('Tab');
	await expect(checks.getByLabel('Evenness, at least')).toHaveValue('1');
	await page.keyboard.press('Control+z');
	await checks.getByRole('button', { name: 'Delete the check: Evenness 0.05 or more' }).click();
	await expect(checks.getByText(/of 11 hold/)).toBeVisible();
	await page.getByRole('status').getByRole('button', { name: 'Undo' }).click();
	await expect(checks.getByText(/of 12 hold/)).toBeVisible();
});
