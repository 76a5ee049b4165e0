import { type Page } from '@playwright/test';
import { ready, saved } from './pages';
import { expect, test } from './test';

/**
 * Seconds that a practised person takes, by the Keystroke-Level Model (Card, Moran & Newell 1980, from memory): pointing
 * 1.1 and pressing 0.2, a key 0.28, a hand moved between mouse and keys 0.4, a thought before a gesture 1.35.
 */
const SECONDS = { click: 1.1 + 0.2, key: 0.28, home: 0.4, thought: 1.35 } as const;

/** Carries out gestures and counts them. */
class Hand {
	gestures = 0;
	seconds = 0;
	constructor(readonly page: Page) {}

	async click(role: 'button' | 'menuitemradio', name: RegExp | string): Promise<void> {
		const what = this.page.getByRole(role, { name, exact: typeof name === 'string' });
		await what.first().click();
		this.gestures++;
		this.seconds += SECONDS.click + SECONDS.thought;
	}

	/** Sets the held colour: a click into the field, which chooses its text, the code, Enter. */
	async type(code: string): Promise<void> {
		const field = this.page.getByRole('textbox', { name: 'Colour, in any CSS syntax' });
		await field.click();
		await field.press('Control+a');
		await this.page.keyboard.type(code);
		await this.page.keyboard.press('Enter');
		this.gestures++;
		this.seconds += SECONDS.click + SECONDS.thought + 2 * SECONDS.home + (code.length + 2) * SECONDS.key;
	}
}

test('four interval rows from a new study: every gesture counted, under two minutes (docs/walkthrough.md)', async ({
	page
}) => {
	await page.goto('/');
	await ready(page);
	const hand = new Hand(page);
	await hand.click('button', 'New study');
	await page.waitForURL(/\/studies\/[0-9a-z]+$/);
	await ready(page);
	await hand.click('button', 'Begin with madder, weld and woad');
	// Row 1, warm and adjacent: the study's madder and weld.
	await hand.click('button', /^Recipe: /);
	await hand.click('menuitemradio', /^Interval/);
	const ask = async (check: string): Promise<void> => {
		await hand.click('button', 'Add a check');
		await hand.click('button', new RegExp(`^${check}`));
	};
	await ask('All parents warm');
	const rows = [
		{ first: '#2f6f6b', second: '#2f5f86', check: 'All parents cool' },
		{ first: '#e3b7a0', second: '#a9c9d6', check: 'High key' },
		{ first: '#5c2a22', second: '#1f3a4a', check: 'Low key' }
	];
	for (const { first, second, check } of rows) {
		await hand.click('button', 'Add a scale');
		await hand.click('menuitemradio', /^Interval/);
		await hand.type(first);
		const only = page.getByRole('button', { name: 'Change it only here' });
		if (await only.isVisible()) await hand.click('button', 'Change it only here');
		await page
			.locator('.bar .act')
			.filter({ has: page.locator('i') })
			.last()
			.click();
		hand.gestures++;
		hand.seconds += SECONDS.click + SECONDS.thought;
		await hand.type(second);
		if (await only.isVisible()) await hand.click('button', 'Change it only here');
		await ask(check);
	}
	await expect(page.getByText('4 of 4 hold')).toBeVisible();
	await saved(page);
	const drawn = await page
		.locator('.surface svg rect[x]')
		.evaluateAll((bars) => bars.map((bar) => bar.getAttribute('fill')));
	expect(drawn).toHaveLength(28);
	expect([0, 6, 7, 13, 14, 20, 21, 27].map((at) => drawn[at])).toEqual([
		'#b3392b',
		'#d9b036',
		...rows.flatMap(({ first, second }) => [first, second])
	]);
	expect(hand.gestures).toBe(30);
	expect(hand.seconds).toBeLessThan(120);
});
