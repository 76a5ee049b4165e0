import { type Page } from '@playwright/test';
import { converter } from 'culori';
import { linearToHex } from '../src/lib/core/colour/bytes';
import { type Triple } from '../src/lib/core/colour/vector';
import { seenColour, type Strengths } from '../src/lib/core/ground/on-ground';
import { axeFaults } from './axe';
import { addPlate, choose, makeStudy, reach, ready, saved } from './pages';
import { expect, test } from './test';

const linear = converter('lrgb');
const triple = (code: string): Triple => {
	const { r, g, b } = linear(code)!;
	return [r, g, b];
};

/** The ground, the figure on it, and its twin on the board, as they are drawn. */
const drawn = (page: Page): Promise<{ ground: string; figure: string; twin: string }> =>
	page.locator('.surface > svg').evaluate((svg) => {
		const fills = (what: string) => [...svg.querySelectorAll(what)].map((each) => each.getAttribute('fill') ?? '');
		const [ground] = fills('rect[x]');
		const [figure, twin] = fills('path[d*="h"]');
		return { ground: ground!, figure: figure!, twin: twin! };
	});

async function begin(page: Page): Promise<void> {
	await makeStudy(page);
	await addPlate(page, 'Grounds');
	await choose(page, 'Exercise', 'My own contrast');
}

/** Matches as somebody makes them for whom grounds work with these strengths, by typing what they would see. */
async function matchAll(page: Page, strengths: Strengths): Promise<void> {
	for (let match = 1; match <= 12; match++) {
		await expect(page.getByRole('status').getByText(`Match ${match} of 12`)).toBeVisible();
		const { ground, figure, twin } = await drawn(page);
		expect(twin).not.toBe(figure);
		const code = linearToHex(...seenColour(triple(figure), triple(ground), strengths));
		await page.getByRole('textbox', { name: 'Colour, in any CSS syntax' }).fill(code);
		await page.keyboard.press('Enter');
		expect((await drawn(page)).twin).toBe(code);
		await page.getByRole('button', { name: 'They look alike' }).click();
	}
}

test('a person’s strengths are found again from a dozen matches, kept in this browser, used for predictions, deleted and brought back, taken along and brought in', async ({
	page,
	browser
}) => {
	await begin(page);
	await matchAll(page, { value: -0.45, colour: -0.12 });
	// Codes are whole numbers and clipped to the screen, so a little is lost.
	await expect(
		page.locator('.surface text', { hasText: /^On value −0\.4[3-7] ± 0\.0\d, on colour −0\.1[0-4] ± 0\.0\d$/ })
	).toHaveCount(1);
	const readings = page.getByRole('region', { name: 'Readings' });
	await expect(
		readings.getByText(/^For you grounds work on value by contrast \(−0\.4\d\), on colour by contrast/)
	).toBeVisible();
	await expect(readings.getByText(/^The matches agree: ± 0\.0\d on value/)).toBeVisible();
	await page.getByRole('button', { name: 'Keep the measure' }).click();
	await expect(page.getByRole('status').getByText('The measure is kept.')).toBeVisible();
	const today = new Date().toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' });
	await expect(page.locator('.surface text', { hasText: today })).toHaveCount(1);
	const kept = readings.getByRole('region', { name: 'Kept measures' });
	await kept.getByRole('button', { name: `Predict with the measure of ${today}` }).click();
	const onValue = page.getByRole('slider', { name: 'How a ground works on the value of a figure' });
	await choose(page, 'Exercise', 'One as two');
	await expect(await reach(page, onValue)).toHaveAttribute('aria-valuetext', /^−0\.4/);
	await page.keyboard.press('Control+z');
	await page.keyboard.press('Control+z');
	await choose(page, 'Exercise', 'One as two');
	await expect(await reach(page, onValue)).toHaveAttribute('aria-valuetext', '−0.30');
	// Nothing is predicted before it is asked for.
	await expect(page.locator('.surface text', { hasText: 'a model, not a measurement' })).toHaveCount(0);
	await page.getByRole('button', { name: 'Mine' }).click();
	await page.getByRole('checkbox', { name: 'prediction' }).check();
	await expect(
		page.locator('.surface text', { hasText: /−0\.4\d on value, −0\.1\d on colour: a model, not a measurement/ })
	).toHaveCount(1);
	await saved(page);
	await page.reload();
	await ready(page);
	await page.getByRole('button', { name: /^Plate 2:/ }).click();
	await choose(page, 'Exercise', 'My own contrast');
	await expect(page.locator('.surface text', { hasText: /^On value −0\.4/ })).toHaveCount(1);
	await kept.getByRole('button', { name: 'Delete the measure' }).click();
	await expect(kept.getByRole('listitem')).toHaveCount(0);
	await page.getByRole('button', { name: 'Bring it back' }).click();
	await expect(kept.getByRole('listitem')).toHaveCount(1);

	await saved(page);
	const coming = page.waitForEvent('download');
	await kept.getByRole('button', { name: 'Take along as a file' }).click();
	const path = await (await coming).path();
	// Another person's browser knows nothing of it until the file is brought.
	const other = await browser.newContext();
	const theirs = await other.newPage();
	await theirs.goto(page.url());
	await ready(theirs);
	await theirs.getByRole('button', { name: /^Plate 2:/ }).click();
	const elsewhere = theirs.getByRole('region', { name: 'Kept measures' });
	await expect(elsewhere.getByText('None yet.')).toBeVisible();
	await elsewhere
		.getByLabel('File of measures')
		.setInputFiles({ name: 'notes.json', mimeType: 'application/json', buffer: Buffer.from('{}') });
	await expect(theirs.getByText('“notes.json” has no measures')).toBeVisible();
	await elsewhere.getByLabel('File of measures').setInputFiles(path);
	await expect(elsewhere.getByRole('listitem')).toHaveCount(1);
	await other.close();
});

test('a series whose twins were left where they started tells nothing and cannot be kept', async ({ page }) => {
	await begin(page);
	for (let match = 1; match <= 12; match++) {
		await expect(page.getByRole('status').getByText(`Match ${match} of 12`)).toBeVisible();
		await page.getByRole('button', { name: 'They look alike' }).click();
	}
	await expect(page.getByRole('region', { name: 'Readings' }).getByText('this series tells nothing')).toBeVisible();
	await expect(page.getByRole('button', { name: 'Keep the measure' })).toBeDisabled();
});

test('a match is made by keys alone and taken back; a new series starts elsewhere; axe finds nothing', async ({
	page
}) => {
	await begin(page);
	const first = await drawn(page);
	await page.getByRole('group', { name: 'Colours of the plate' }).getByRole('button', { name: /^Twin/ }).focus();
	await page.keyboard.press('Enter');
	// From the code on to the first track.
	await page.getByRole('slider', { name: 'Lightness' }).focus();
	await page.keyboard.press('Shift+ArrowRight');
	const turned = await drawn(page);
	expect(turned.twin).not.toBe(first.twin);
	expect([turned.ground, turned.figure]).toEqual([first.ground, first.figure]);
	await page.getByRole('button', { name: 'They look alike' }).focus();
	await page.keyboard.press('Enter');
	await expect(page.getByRole('status').getByText('Match 2 of 12')).toBeVisible();
	await page.keyboard.press('Control+z');
	expect(await drawn(page)).toEqual(turned);
	await page.getByRole('button', { name: 'They look alike' }).click();
	await page.getByRole('button', { name: 'Begin a new series' }).click();
	expect(await drawn(page)).not.toEqual(first);
	expect(await axeFaults(page)).toEqual([]);
});
