import { type Page } from '@playwright/test';
import { converter } from 'culori';
import { linearToHex } from '../src/lib/core/colour/bytes';
import { type Triple } from '../src/lib/core/colour/vector';
import { seenColour } from '../src/lib/core/ground/on-ground';
import { axeFaults } from './axe';
import { addPlate, choose, makeStudy, ready, saved } from './pages';
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

/** Matches as somebody makes them for whom grounds work with this strength, by typing what they would see. */
async function matchAll(page: Page, p: number): Promise<void> {
	for (let match = 1; match <= 12; match++) {
		await expect(page.getByRole('status').getByText(`Match ${match} of 12`)).toBeVisible();
		const { ground, figure, twin } = await drawn(page);
		expect(twin).not.toBe(figure);
		const code = linearToHex(...seenColour(triple(figure), triple(ground), p));
		await page.getByRole('textbox', { name: 'Colour, in any CSS syntax' }).fill(code);
		await page.keyboard.press('Enter');
		expect((await drawn(page)).twin).toBe(code);
		await page.getByRole('button', { name: 'They look alike' }).click();
	}
}

test('a person’s strength is found again from a dozen matches, kept with its date, used for predictions, deleted and brought back', async ({
	page
}) => {
	await begin(page);
	await matchAll(page, -0.45);
	// Codes are whole numbers and clipped to the screen, so a little is lost.
	await expect(page.locator('.surface text', { hasText: /^p = −0\.4[3-7] ± 0\.0\d$/ })).toHaveCount(1);
	const readings = page.getByRole('region', { name: 'Readings' });
	await expect(readings.getByText(/^Grounds push figures away from themselves: your p is −0\.4/)).toBeVisible();
	await page.getByRole('button', { name: 'Keep the measure' }).click();
	await expect(page.getByRole('status').getByText('The measure is kept.')).toBeVisible();
	const today = new Date().toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' });
	await expect(page.locator('.surface text', { hasText: today })).toHaveCount(1);
	const kept = readings.getByRole('region', { name: 'Kept measures' });
	await kept
		.getByRole('button', { name: new RegExp(`^Predict with −0\\.4\\d of ${today}`) })
		.first()
		.click();
	await choose(page, 'Exercise', 'One as two');
	await expect(page.getByRole('slider', { name: 'How a ground works on a figure' })).toHaveAttribute(
		'aria-valuetext',
		/^−0\.4/
	);
	await page.keyboard.press('Control+z');
	await page.keyboard.press('Control+z');
	await choose(page, 'Exercise', 'One as two');
	await expect(page.getByRole('slider', { name: 'How a ground works on a figure' })).toHaveAttribute(
		'aria-valuetext',
		'−0.30'
	);
	await page.getByRole('button', { name: /^Mine, −0\.4/ }).click();
	await expect(page.locator('.surface text', { hasText: /p = −0\.4\d: a model, not a measurement/ })).toHaveCount(1);
	await saved(page);
	await page.reload();
	await ready(page);
	await page.getByRole('button', { name: /^Plate 2:/ }).click();
	await choose(page, 'Exercise', 'My own contrast');
	await expect(page.locator('.surface text', { hasText: /^p = −0\.4/ })).toHaveCount(1);
	const count = await kept.getByRole('listitem').count();
	await kept.getByRole('button', { name: 'Delete the measure' }).first().click();
	await expect(kept.getByRole('listitem')).toHaveCount(count - 1);
	await page.getByRole('button', { name: 'Bring it back' }).click();
	await expect(kept.getByRole('listitem')).toHaveCount(count);
});

test('a match is made by keys alone and taken back; a new series starts elsewhere; axe finds nothing', async ({
	page
}) => {
	await begin(page);
	const first = await drawn(page);
	await page.getByRole('group', { name: 'Colours of the plate' }).getByRole('button', { name: /^Twin/ }).focus();
	await page.keyboard.press('Enter');
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

test('the routes of measures refuse what is none, and say what would be right', async ({ request }) => {
	const matches = (twin: string) => Array.from({ length: 4 }, () => ({ figure: '#808080', ground: '#202020', twin }));
	const few = await request.post('/api/measures', { data: { matches: matches('#8a8a8a').slice(0, 2) } });
	expect(few.status()).toBe(422);
	const bad = await request.post('/api/measures', { data: { matches: matches('madder') } });
	expect(bad.status()).toBe(422);
	expect(((await bad.json()) as { detail: string }).detail).toContain('matches');
	for (const answer of [
		await request.delete('/api/measures/nosuchmeasure'),
		await request.post('/api/measures/not%20an%20id/restore')
	]) {
		expect(answer.status()).toBe(404);
		expect(await answer.json()).toMatchObject({ code: 'no-such-measure' });
	}
	const made = await request.post('/api/measures', { data: { matches: matches('#8a8a8a') } });
	expect(made.status()).toBe(201);
	const { id, p } = (await made.json()) as { id: string; p: number };
	// A twin lighter than its figure on a dark ground: contrast, a p below 0 (common practice).
	expect(p).toBeLessThan(0);
	expect((await request.delete(`/api/measures/${id}`)).status()).toBe(204);
});
