import { readFile } from 'node:fs/promises';
import { expect, type Locator, type Page } from '@playwright/test';

/** Opens a demo study by its title. */
export async function openDemo(page: Page, title: string): Promise<void> {
	// Looked for by its title: the tests before have made more studies than the list shows at once.
	const found = await page.request.get('/api/studies', { params: { words: title } });
	const { lines } = (await found.json()) as { lines: readonly { id: string; title: string }[] };
	await page.goto(`/studies/${lines.find((line) => line.title === title)!.id}`);
	await expect(page.getByRole('region', { name: 'Mixer' })).toBeVisible();
	await ready(page);
}

/** Makes a study of its own for a test, as a person does who begins with nothing, and gives its address. */
export async function makeStudy(page: Page): Promise<string> {
	await page.goto('/');
	await ready(page);
	await page
		.getByRole('button', { name: /^(New study|Make the first study)$/ })
		.first()
		.click();
	await page.waitForURL(/\/studies\/[0-9a-z]+$/);
	await ready(page);
	await page.getByRole('button', { name: 'Begin with madder, weld and woad' }).click();
	await expect(page.locator('.surface')).toBeVisible();
	return page.url();
}

/** Waits until the page's script has taken over from the server's picture of it. */
export async function ready(page: Page): Promise<void> {
	await page.waitForFunction(() => document.documentElement.dataset.ready === 'yes');
}

export const saved = (page: Page): Promise<void> =>
	expect(page.locator('[data-save]')).toHaveAttribute('data-save', 'saved');

/** A step of the plate by row and number, both from 1. */
export const step = (page: Page, row: number, number: number): Locator =>
	page.locator(`[data-place="${row - 1} ${number - 1}"]`);

/** Adds the scale that most likely comes next, which is the choice that has the focus. */
export async function addScale(page: Page): Promise<void> {
	await page.getByRole('button', { name: 'Add a scale', exact: true }).click();
	await page.keyboard.press('Enter');
	await expect(page.getByRole('menuitemradio')).toHaveCount(0);
}

/** What of the bar has no room at this width stands behind "More": opens it where that is so. */
export async function reach(page: Page, control: Locator): Promise<Locator> {
	const more = page.getByRole('button', { name: 'More', exact: true });
	await expect(control.or(more).first()).toBeVisible();
	if (!(await control.isVisible())) await more.click();
	await expect(control).toBeVisible();
	return control;
}

/** Chooses by looking: opens a list of choices beside the plate, takes one by its name, and closes the list where it stays for more. */
export async function choose(page: Page, what: string, name: string): Promise<void> {
	await (await reach(page, page.getByRole('button', { name: new RegExp(`^${what}: `) }))).click();
	await page
		.getByRole('menuitemradio')
		.filter({ has: page.getByText(name, { exact: true }) })
		.click();
	await page.keyboard.press('Escape');
	await page.keyboard.press('Escape');
}

/** What each kind begins with. */
const FIRST = {
	'A plate of scales': 'Tints',
	'A wheel': 'Wheel of values',
	'A scheme': 'A scheme',
	Mixes: 'Six ways to mix',
	Grounds: 'One as two'
} as const;

/** Adds a plate by its picture among the exercises, and opens it. */
export async function addExercise(page: Page, name: string): Promise<void> {
	await page.getByRole('button', { name: 'Add a plate', exact: true }).click();
	await page
		.getByRole('group', { name: 'Exercises' })
		.getByRole('button', { name: new RegExp(`^\\d+\\. ${name}\\. `) })
		.click();
	await expect(page.getByRole('group', { name: 'Exercises' })).toHaveCount(0);
}

/** Adds the plate that a kind begins with. */
export const addPlate = (page: Page, kind: keyof typeof FIRST): Promise<void> => addExercise(page, FIRST[kind]);

/** Takes something away by the menu, and by a button of the dialog that it opens where there is one. */
export async function take(page: Page, item: string, button?: string): Promise<{ name: string; content: Buffer }> {
	await page.getByRole('button', { name: 'Take it away' }).click();
	const waiting = page.waitForEvent('download');
	await page.getByRole('menuitem', { name: item, exact: true }).click();
	if (button) await page.getByRole('button', { name: button, exact: true }).click();
	const download = await waiting;
	return { name: download.suggestedFilename(), content: await readFile(await download.path()) };
}

/** The codes of all bars drawn on the plate, in the order of drawing. */
export const drawnColours = (page: Page): Promise<string[]> =>
	page
		.locator('.surface svg rect[x][fill^="#"]')
		.evaluateAll((bars) => bars.map((bar) => bar.getAttribute('fill') ?? ''));

/** Drags along a mixer track, from its middle, by a share of its width, in so many moves. */
export async function dragTrack(page: Page, name: string, from: number, to: number, moves = 12): Promise<void> {
	const box = (await page.getByRole('slider', { name }).boundingBox())!;
	const y = box.y + box.height / 2;
	await page.mouse.move(box.x + box.width * from, y);
	await page.mouse.down();
	await page.mouse.move(box.x + box.width * to, y, { steps: moves });
	await page.mouse.up();
}
