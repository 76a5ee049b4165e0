import { type Page } from '@playwright/test';
import { newStudy } from '../src/lib/study/new-study';
import { courseFor } from '../src/lib/workbench/add/course';
import { axeFaults } from './axe';
import { openDemo, ready, step } from './pages';
import { expect, test } from './test';

/** Words on the open plate that are smaller than 10 pixels as seen, that leave the plate, or that lie over each other. */
const faultyWords = (page: Page): Promise<string[]> =>
	page.locator('.surface > svg').evaluate((svg) => {
		const { width, height } = (svg as SVGSVGElement).viewBox.baseVal;
		const scale = svg.getBoundingClientRect().width / width;
		const all = [...svg.querySelectorAll('text')]
			.filter((text) => text.textContent.trim() !== '')
			.map((text) => {
				const box = text.getBBox();
				return {
					said: text.textContent,
					size: parseFloat(getComputedStyle(text).fontSize) * scale,
					...{ left: box.x, top: box.y, right: box.x + box.width, bottom: box.y + box.height }
				};
			});
		const small = all.filter(({ size }) => size < 9.95).map(({ said, size }) => `${size.toFixed(1)} px: ${said}`);
		const out = all
			.filter(({ left, right, bottom }) => left < 0 || right > width || bottom > height + 2)
			.map(({ said }) => `off the plate: ${said}`);
		const over = all.flatMap((one, i) =>
			all
				.slice(i + 1)
				.filter(
					(other) =>
						Math.min(one.right, other.right) - Math.max(one.left, other.left) > 1 &&
						// A line of words is higher than its letters.
						Math.min(one.bottom, other.bottom) - Math.max(one.top, other.top) > 4.2
				)
				.map((other) => `“${one.said}” over “${other.said}”`)
		);
		return [...small, ...out, ...over];
	});

/** What can be pressed and is smaller than 24 pixels, but for the colours of a plate, which are one widget. */
const smallTargets = (page: Page): Promise<string[]> =>
	page.evaluate(() =>
		[...document.querySelectorAll<HTMLElement>('button, a[href], input, select, textarea, summary')]
			.filter((each) => {
				const { width, height } = each.getBoundingClientRect();
				const { visibility, opacity } = getComputedStyle(each);
				const seen = width > 1 && height > 1 && visibility === 'visible' && opacity !== '0';
				return seen && each.closest('.lay') === null && each.closest('a[href="#content"]') === null;
			})
			.filter((each) => {
				const { width, height } = (each.closest('label') ?? each).getBoundingClientRect();
				return width < 23.9 || height < 23.9;
			})
			.map((each) => `${each.tagName} ${each.ariaLabel ?? each.textContent.trim()}`)
	);

test('every exercise of every kind, begun on a plate: axe finds nothing, its words are seen, its targets are large enough', async ({
	page
}) => {
	test.setTimeout(180_000);
	const study = newStudy('Every exercise', '');
	// As they are begun by the page of exercises, which is not drawn again for each.
	const exercises = courseFor(study).flatMap((part) => part.exercises);
	expect(exercises.length).toBeGreaterThanOrEqual(28);
	// Some follow what the study has already.
	const document = { ...study, plates: [...study.plates, ...exercises.map(({ plate }) => plate)] };
	const made = await page.request.post('/api/studies', { data: { document } });
	expect(made.status(), await made.text()).toBe(201);
	const { id } = (await made.json()) as { id: string };
	await page.goto(`/studies/${id}`);
	await ready(page);
	await page.getByRole('button', { name: 'Add a plate', exact: true }).click();
	const shown = page.getByRole('group', { name: 'Exercises' }).getByRole('button');
	await expect(shown).toHaveCount(exercises.length);
	expect(await axeFaults(page), 'the page of exercises').toEqual([]);
	await page.keyboard.press('Escape');
	for (const [at, { name }] of exercises.entries()) {
		const inIndex = page.getByRole('button', { name: new RegExp(`^Plate ${study.plates.length + at + 1}: `) });
		await inIndex.click();
		await expect(inIndex).toHaveAttribute('aria-current', 'page');
		await expect(page.locator('.surface > svg')).toBeVisible();
		await expect(page.getByRole('heading', { level: 1 })).toHaveCount(1);
		await expect(page.locator('[data-description]')).not.toBeEmpty();
		expect(await axeFaults(page), name).toEqual([]);
		expect(await faultyWords(page), name).toEqual([]);
		expect(await smallTargets(page), name).toEqual([]);
	}
});

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
