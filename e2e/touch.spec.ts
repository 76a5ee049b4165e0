import { converter } from 'culori';
import { type Locator, type Page } from '@playwright/test';
import { addPlate, choose, drawnColours, makeStudy, step } from './pages';
import { expect, test } from './test';

test.use({ hasTouch: true });

const hsv = converter('hsv');

/** Drags with a finger from the middle of something by so many pixels. */
async function dragByFinger(page: Page, what: Locator, dx: number, dy: number): Promise<void> {
	const box = (await what.boundingBox())!;
	const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
	const session = await page.context().newCDPSession(page);
	const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', share: number) =>
		session.send('Input.dispatchTouchEvent', {
			type,
			touchPoints: type === 'touchEnd' ? [] : [{ x: x + dx * share, y: y + dy * share }]
		});
	await touch('touchStart', 0);
	for (let i = 1; i <= 8; i++) await touch('touchMove', i / 8);
	await touch('touchEnd', 1);
	await session.detach();
}

test('a dial is turned by finger, and the scale follows', async ({ page }) => {
	await makeStudy(page);
	await step(page, 1, 1).tap();
	const before = await drawnColours(page);
	const hue = page.getByRole('slider', { name: 'Hue' });
	const value = Number(await hue.inputValue());
	await dragByFinger(page, hue, 120, 0);
	await expect.poll(async () => Number(await hue.inputValue())).not.toBe(value);
	const after = await drawnColours(page);
	// All but white, the end of the tints.
	expect(after.filter((code, i) => code !== before[i])).toHaveLength(6);
});

test('a seam between parents, and a member on the wheel, are dragged by finger', async ({ page }) => {
	await makeStudy(page);
	await addPlate(page, 'Mixes');
	const seam = page.getByRole('slider', { name: 'Parts of Madder beside Weld' });
	await dragByFinger(page, seam, 90, 0);
	const [first, second] = (await seam.getAttribute('aria-valuetext'))!.split(' to ').map(Number);
	expect(first).toBeGreaterThan(second!);

	await addPlate(page, 'A scheme');
	await choose(page, 'Wheel', 'light wheel');
	const codes = async (): Promise<string[]> =>
		page
			.locator('.member')
			.evaluateAll((all) => all.map((each) => /#[0-9a-f]{6}/.exec(each.ariaLabel ?? '')?.[0] ?? ''));
	const before = await codes();
	const scrolled = () => page.evaluate(() => [scrollX, scrollY]);
	const place = await scrolled();
	await dragByFinger(page, page.locator('.handle[data-member="0"]'), 50, 30);
	const after = await codes();
	expect(after[0]).not.toBe(before[0]);
	// A triad still: the others turned with it.
	const hues = after.map((code) => hsv(code)!.h!);
	const apart = (one: number, other: number): number => (((one - other) % 360) + 360) % 360;
	expect(Math.abs(apart(hues[1]!, hues[0]!) - 120)).toBeLessThan(3);
	expect(await scrolled()).toEqual(place);
});
