import { axeFaults } from './axe';
import { openDemo, ready, step } from './pages';
import { faultyWords, smallTargets } from './seen';
import { expect, test } from './test';

test('every plate of the demo: its words are at least 10 pixels high, on the plate, and apart from each other', async ({
	page
}) => {
	test.setTimeout(120_000);
	let plates = 0;
	for (const study of [
		'Blanket border, first warp',
		'Band for the north door',
		'A banner of one value',
		'Six dyes, twelve rows',
		'Ground and figure',
		'Mixing the dye bath',
		'Schemes for a banner',
		'Wheels for a dye garden',
		'Learning to see lit cloth'
	]) {
		await openDemo(page, study);
		const all = page.getByRole('button', { name: /^Plate \d+: / });
		const count = await all.count();
		for (let at = 0; at < count; at++) {
			await all.nth(at).click();
			await expect(page.locator('.surface > svg')).toBeVisible();
			expect(await faultyWords(page), `${study}, plate ${at + 1}`).toEqual([]);
			plates++;
		}
	}
	expect(plates).toBeGreaterThan(30);
});

test('every dialog, and everything that is opened beside a plate: axe finds nothing', async ({ page }) => {
	test.setTimeout(120_000);
	const faultless = async (what: string) => {
		await page.waitForTimeout(150);
		expect(await axeFaults(page), what).toEqual([]);
		expect(await smallTargets(page), what).toEqual([]);
	};
	await page.goto('/');
	await ready(page);
	await page.getByRole('button', { name: 'From a template' }).click();
	await expect(page.getByRole('dialog')).toBeVisible();
	await faultless('templates');
	await page.keyboard.press('Escape');
	await openDemo(page, 'Blanket border, first warp');
	for (const item of ['Print, as PDF …', 'The plate as PNG …']) {
		await page.getByRole('button', { name: 'Take it away' }).click();
		await page.getByRole('menuitem', { name: item }).click();
		await expect(page.getByRole('dialog')).toBeVisible();
		await faultless(item);
		await page.keyboard.press('Escape');
	}
	await page.getByRole('button', { name: 'Read in colours' }).click();
	await expect(page.getByRole('dialog')).toBeVisible();
	await faultless('read in colours');
	await page.keyboard.press('Escape');
	for (const name of [/^Recipe: /, /^Mixing method: /, /^Spacing: /, 'Layout', 'Add a scale', 'Add a check', 'Wheel']) {
		const opener = page.getByRole('button', { name, ...(typeof name === 'string' ? { exact: true } : {}) });
		await opener.first().click();
		await faultless(String(name));
		await page.keyboard.press('Escape');
		await page.keyboard.press('Escape');
	}
	for (const tab of ['Palettes', 'Reflection']) {
		await page.getByRole('tab', { name: tab }).click();
		await faultless(tab);
	}
	await page.getByRole('button', { name: 'Plate 2: Light hues hide their tints' }).click({ modifiers: ['Alt'] });
	await faultless('side by side');
	await page.keyboard.press('Escape');
	await page.getByRole('button', { name: 'Show', exact: true }).click();
	await faultless('shown to a room');
});

test('boards, forced colours and reduced motion in pairs: axe finds nothing, and the colours stay what they are', async ({
	page
}) => {
	await openDemo(page, 'Blanket border, first warp');
	const fillOf = (): Promise<string> =>
		page
			.getByRole('region', { name: 'Linked colours' })
			.locator('[style*="background"]')
			.first()
			.evaluate((chip) => getComputedStyle(chip).backgroundColor);
	const plain = await fillOf();
	for (const [board, forcedColors, reducedMotion] of [
		['white', 'active', 'reduce'],
		['black', 'active', 'no-preference'],
		['middle', 'none', 'reduce']
	] as const) {
		await page.emulateMedia({ forcedColors, reducedMotion });
		await page.getByRole('radio', { name: `${board} board` }).check({ force: true });
		expect(await axeFaults(page), `${board}, ${forcedColors}, ${reducedMotion}`).toEqual([]);
		expect(await fillOf()).toBe(plain);
		await expect(step(page, 1, 3)).toBeVisible();
	}
});

for (const [what, size] of [
	['on a telephone', { width: 390, height: 844 }],
	['at 200 %', { width: 640, height: 400 }]
] as const)
	test(`${what} the plate and the track that is turned are seen together, wherever the page is scrolled`, async ({
		page
	}) => {
		await page.setViewportSize(size);
		await openDemo(page, 'Blanket border, first warp');
		await step(page, 1, 1).click();
		const hue = page.getByRole('slider', { name: 'Lightness' });
		for (const scrolled of [120, 500]) {
			await page.evaluate((to) => scrollTo(0, to), scrolled);
			await page.waitForTimeout(100);
			for (const seen of [step(page, 1, 1), hue]) {
				const box = (await seen.boundingBox())!;
				expect(box.y).toBeGreaterThanOrEqual(0);
				expect(box.y + box.height).toBeLessThanOrEqual(size.height);
				// Nothing lies over it.
				const on = await seen.evaluate((element) => {
					const { x, y, width, height } = element.getBoundingClientRect();
					const hit = document.elementFromPoint(x + width / 2, y + height / 2);
					return hit === element || element.contains(hit);
				});
				expect(on).toBe(true);
			}
		}
		expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(0);
	});

test('only the plate: by key and button all but plate and mixer is put away, and comes back', async ({ page }) => {
	await openDemo(page, 'Blanket border, first warp');
	const width = async (): Promise<number> => (await page.locator('.surface').boundingBox())!.width;
	const before = await width();
	await step(page, 1, 1).press('o');
	await expect(page.getByRole('button', { name: 'Take it away' })).toBeHidden();
	await expect(page.getByRole('slider', { name: 'Hue' })).toBeVisible();
	expect(await width()).toBeGreaterThan(before);
	await page.getByRole('button', { name: 'Only the plate' }).click();
	await expect(page.getByRole('button', { name: 'Take it away' })).toBeVisible();
});
