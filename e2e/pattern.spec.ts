import { type Locator, type Page } from '@playwright/test';
import { axeFaults } from './axe';
import { addExercise, dragTrack, makeStudy, reach, saved, take } from './pages';
import { expect, test } from './test';

const cells = (page: Page): Locator => page.locator('[data-cells]');
const said = (page: Page): Locator => page.locator('[data-said]');
const shares = (page: Page): Locator => page.locator('.surface svg text').filter({ hasText: /^Shares of / });
const colour = (page: Page, number: number): Locator =>
	page.getByRole('radiogroup', { name: 'Fill with' }).getByRole('radio', { name: new RegExp(`^${number}, `) });
const describes = (page: Page): Locator => page.locator('[data-description]');

/** A point of the design by shares of its breadth and height. */
async function at(page: Page, across: number, down: number): Promise<readonly [number, number]> {
	const box = (await cells(page).boundingBox())!;
	return [box.x + box.width * across, box.y + box.height * down];
}

async function drag(
	page: Page,
	from: readonly [number, number],
	to: readonly [number, number],
	steps = 10
): Promise<void> {
	await page.mouse.move(...(await at(page, ...from)));
	await page.mouse.down();
	await page.mouse.move(...(await at(page, ...to)), { steps });
	await page.mouse.up();
}

async function chooseGrid(page: Page, name: string): Promise<void> {
	await page.getByRole('button', { name: /^Grid: / }).click();
	await page
		.getByRole('group', { name: 'Grid', exact: true })
		.last()
		.getByRole('button', { name, exact: true })
		.click();
}

/** An empty design on squares, eight across, of the colours of a new study. */
async function squares(page: Page): Promise<void> {
	await makeStudy(page);
	await addExercise(page, 'A row in use');
	await chooseGrid(page, 'Squares');
	await page.getByLabel('Columns across').fill('8');
	await page.keyboard.press('Enter');
	await page.getByRole('button', { name: 'Empty all' }).click();
	await expect(shares(page)).toHaveText('Shares of the 0 cells filled, of 32');
}

test('from a row of steps to a finished design that follows, is read, checked, printed and taken away', async ({
	page
}) => {
	await makeStudy(page);
	await addExercise(page, 'A row in use');
	await expect(cells(page)).toBeVisible();
	await expect(page.getByRole('heading', { name: /^Design of / })).toBeAttached();
	const count = await page.getByRole('radiogroup', { name: 'Fill with' }).getByRole('radio').count();
	expect(count).toBeGreaterThan(3);

	// A stroke is one step: cells are filled by drag, and taken back at once.
	const before = await describes(page).textContent();
	await colour(page, 2).click();
	await drag(page, [0.1, 0.1], [0.8, 0.5]);
	await expect(describes(page)).not.toHaveText(before!);
	await page.keyboard.press('Control+z');
	await expect(describes(page)).toHaveText(before!);
	await page.keyboard.press('Control+y');

	// By rule, tried while it is pointed at.
	await page.getByRole('button', { name: 'Outwards' }).hover();
	await expect(shares(page)).toContainText('Shares of all');
	await page.getByRole('button', { name: 'Outwards' }).click();
	await page.getByRole('button', { name: 'Add a check', exact: true }).click();
	await page.getByRole('button', { name: /^Uses every colour/ }).click();
	await page.keyboard.press('Escape');
	// Not the accent, which is laid by hand: one cell is enough.
	await expect(page.getByText(`Colour ${count} is not used.`)).toBeVisible();
	await colour(page, count).click();
	await page.mouse.click(...(await at(page, 0.5, 0.5)));
	await expect(page.getByText(`All ${count} colours are used.`).first()).toBeVisible();

	// The design follows the row: its first parent is turned, and the first colour of the design with it.
	const first = await colour(page, 1).getAttribute('aria-label');
	await colour(page, 1).click();
	await page.getByRole('button', { name: /^Go to step 1 of / }).click();
	await page.getByRole('region', { name: 'Mixer' }).getByRole('textbox').first().fill('#20603a');
	await page.keyboard.press('Enter');
	await page.getByRole('button', { name: /^Plate 2: / }).click();
	await expect(colour(page, 1)).not.toHaveAttribute('aria-label', first!);
	await expect(colour(page, 1)).toHaveAttribute('aria-label', /green/);
	await saved(page);

	const svg = (await take(page, 'The plate as SVG')).content.toString();
	// As many outlines as colours, and beneath them as many again; nothing of the grid.
	expect(svg.match(/<path [^>]*fill="#/g)).toHaveLength(2 * count);
	const pdf = await take(page, 'Print, as PDF …', 'Save the PDF');
	expect(pdf.content.subarray(0, 5).toString()).toBe('%PDF-');
});

test('a row with more steps: the design follows by nearest share, and a notice offers by number', async ({ page }) => {
	await makeStudy(page);
	await addExercise(page, 'A row in use');
	await colour(page, 1).click();
	await page.getByRole('button', { name: /^Go to step 1 of / }).click();
	const between = page.getByLabel(/between/i).first();
	await between.fill('3');
	await page.keyboard.press('Enter');
	await page.getByRole('button', { name: /^Plate 2: / }).click();
	const notice = page.getByRole('button', { name: 'By number instead' });
	await expect(
		page.getByText(/The row has 5 steps now; the 7 colours of this design follow it by nearest share\./)
	).toBeVisible();
	const third = await colour(page, 3).getAttribute('aria-label');
	await notice.click();
	await expect(colour(page, 3)).not.toHaveAttribute('aria-label', third!);
	await colour(page, 3).click();
	await expect(page.getByText('It follows step 3 of 5', { exact: false })).toBeVisible();
	// Unlinked, all at once: the mixer can set it now.
	await page.getByRole('button', { name: 'Unlink …' }).click();
	await page.getByRole('button', { name: /^All / }).click();
	await expect(page.getByRole('slider', { name: 'Hue' })).toBeVisible();
});

test('runs, areas, taking up, replacing, emptying', async ({ page }) => {
	await squares(page);
	await colour(page, 1).click();
	await page.getByText('runs', { exact: true }).click();
	await drag(page, [0.06, 0.12], [0.94, 0.12], 3);
	await expect(shares(page)).toHaveText('Shares of the 8 cells filled, of 32');
	// With Shift along the grid, however crooked the hand.
	await page.keyboard.down('Shift');
	await drag(page, [0.06, 0.37], [0.94, 0.5], 3);
	await page.keyboard.up('Shift');
	await expect(shares(page)).toHaveText('Shares of the 16 cells filled, of 32');

	await page.getByText('areas', { exact: true }).click();
	await colour(page, 2).click();
	await page.mouse.click(...(await at(page, 0.5, 0.85)));
	await expect(shares(page)).toHaveText('Shares of all 32 cells');

	await page.getByRole('button', { name: 'Take up' }).click();
	await page.mouse.click(...(await at(page, 0.5, 0.12)));
	await expect(colour(page, 1)).toBeChecked();
	await page.getByText('cells', { exact: true }).click();
	await page.getByRole('button', { name: 'Replace all like it' }).click();
	await page.mouse.click(...(await at(page, 0.5, 0.85)));
	await expect(page.getByText('16 cells replaced.')).toBeVisible();
	await expect(describes(page)).toContainText('filled with 1 colour');
	await page.getByRole('button', { name: 'Empty', exact: true }).click();
	await page.mouse.click(...(await at(page, 0.06, 0.12)));
	await expect(shares(page)).toHaveText('Shares of the 31 cells filled, of 32');
});

test('what repeats is filled at once; a block is turned and laid; one repeat is taken away', async ({ page }) => {
	await squares(page);
	await (await reach(page, page.getByLabel('Repeat every so many columns, 0 for none'))).fill('4');
	await page.keyboard.press('Enter');
	await page.getByLabel('Repeat every so many rows, 0 for none').fill('2');
	await page.keyboard.press('Enter');
	await colour(page, 1).click();
	await page.mouse.click(...(await at(page, 0.06, 0.12)));
	await expect(shares(page)).toHaveText('Shares of the 4 cells filled, of 32');
	await colour(page, 2).click();
	await page.mouse.click(...(await at(page, 0.31, 0.37)));
	await expect(shares(page)).toHaveText('Shares of the 8 cells filled, of 32');

	const tile = (await take(page, 'One repeat as SVG')).content.toString();
	const [, width, height] = /viewBox="0 0 ([\d.]+) ([\d.]+)"/.exec(tile)!;
	expect(Number(width) / Number(height)).toBeCloseTo(2, 3);
	const png = (await take(page, 'One repeat as PNG …', 'Save the picture')).content;
	expect(png.readUInt32BE(16) / png.readUInt32BE(20)).toBe(2);

	// Mirrored and turned: a click is four.
	await page.getByLabel('Repeat every so many columns, 0 for none').fill('0');
	await page.keyboard.press('Enter');
	await page.getByLabel('Repeat every so many rows, 0 for none').fill('0');
	await page.keyboard.press('Enter');
	await (await reach(page, page.getByRole('combobox', { name: 'Mirror' }))).selectOption('both');
	await page.keyboard.press('Escape');
	await page.getByRole('button', { name: 'Empty all' }).click();
	await page.mouse.click(...(await at(page, 0.06, 0.12)));
	await expect(shares(page)).toHaveText('Shares of the 4 cells filled, of 32');
	await (await reach(page, page.getByRole('combobox', { name: 'Mirror' }))).selectOption('none');
	await page.keyboard.press('Escape');

	// A block of two cells, turned a quarter, laid elsewhere.
	await page.getByRole('button', { name: 'Empty all' }).click();
	await page.mouse.click(...(await at(page, 0.06, 0.12)));
	await page.mouse.click(...(await at(page, 0.19, 0.12)));
	await page.getByText('blocks', { exact: true }).click();
	await drag(page, [0.02, 0.04], [0.24, 0.2], 3);
	await expect(page.getByText('2 cells taken as a block.', { exact: false })).toBeVisible();
	await page.getByRole('button', { name: 'Turn it' }).click();
	await page.mouse.click(...(await at(page, 0.56, 0.37)));
	await expect(shares(page)).toHaveText('Shares of the 4 cells filled, of 32');
	await cells(page).focus();
	await page.keyboard.press('ArrowDown');
	await expect(said(page)).toContainText('colour 2');
});

test('boxes stand by light, middle and dark; the light is turned; apart they throw shadows', async ({ page }) => {
	await makeStudy(page);
	await addExercise(page, 'Solids on a triangular grid');
	await expect(colour(page, 1)).toHaveAttribute('aria-label', /light|pink/);
	const laid = await describes(page).textContent();
	await page.getByRole('button', { name: 'Turn the light', exact: true }).click();
	await page.getByRole('button', { name: 'Turn the light', exact: true }).click();
	await page.getByLabel('boxes apart, with shadows').check();
	await expect(describes(page)).not.toHaveText(laid!);
	await page.keyboard.press('Control+z');
	await expect(page.getByLabel('boxes apart, with shadows')).not.toBeChecked();
});

test('by the keyboard alone, with the words that a screen reader gets', async ({ page }) => {
	await squares(page);
	await cells(page).focus();
	await expect(said(page)).toHaveText(/^empty; cell 1 of 32, \d+ % across, \d+ % down$/);
	await page.keyboard.press('2');
	await expect(said(page)).toHaveText('fills with colour 2');
	await page.keyboard.press('Space');
	await expect(said(page)).toHaveText(/^filled: colour 2, .+; cell 1 of 32/);
	await page.keyboard.press('Shift+ArrowRight');
	await page.keyboard.press('Shift+ArrowRight');
	await expect(said(page)).toHaveText(/^filled: colour 2, .+; cell 3 of 32/);
	await expect(shares(page)).toHaveText('Shares of the 3 cells filled, of 32');
	await page.keyboard.press('ArrowUp');
	await expect(said(page)).toHaveText('the edge');
	await page.keyboard.press('ArrowDown');
	await page.keyboard.press('1');
	await page.keyboard.press('a');
	await expect(said(page)).toHaveText(/^area filled: colour 1, /);
	await expect(shares(page)).toHaveText('Shares of all 32 cells');
	await page.keyboard.press('ArrowUp');
	await page.keyboard.press('t');
	await expect(said(page)).toHaveText(/^taken up: colour 2, /);
	await page.keyboard.press('ArrowDown');
	await page.keyboard.press('r');
	await expect(describes(page)).toContainText('filled with 1 colour');
	// A block of two cells by its corners, laid elsewhere.
	await page.keyboard.press('b');
	await expect(said(page)).toHaveText(/^corner of a block: /);
	await page.keyboard.press('ArrowRight');
	await page.keyboard.press('b');
	await expect(said(page)).toHaveText('2 cells taken as a block; Space lays it with its middle on a cell');
	await page.getByText('cells', { exact: true }).click();
	await cells(page).focus();
	await page.keyboard.press('Delete');
	await expect(said(page)).toHaveText(/^emptied: empty; /);
	await page.keyboard.press('Control+z');
	await expect(shares(page)).toHaveText('Shares of all 32 cells');
});

test('six climates: one is looked at, renamed, changed and taken; shares are exchanged', async ({ page }) => {
	await makeStudy(page);
	await addExercise(page, 'One design, six climates');
	const places = page.getByRole('group', { name: 'Colours of the plate' }).getByRole('button');
	await expect(places).toHaveCount(6);
	await expect(page.getByText(/.+ is the lightest, .+ the darkest\./)).toBeVisible();
	await places.nth(3).click();
	const name = (await page.getByRole('region', { name: 'Readings' }).getByRole('heading', { level: 2 }).textContent())!;
	await page.getByRole('button', { name: 'Rename this climate' }).click();
	await page.getByLabel('Name of the climate').fill('Fog over the marsh');
	await page.keyboard.press('Enter');
	await expect(page.getByRole('heading', { name: 'Fog over the marsh' })).toBeVisible();
	expect(name).not.toBe('Fog over the marsh');
	await page.getByRole('button', { name: 'Take this one' }).click();
	await expect(page.getByText('The design has the colours of “Fog over the marsh” now.')).toBeVisible();
	await expect(page.getByRole('row', { name: /As it was/ })).toBeVisible();
	await page.getByLabel('shares exchanged in all').check();
	await expect(page.locator('.surface svg text', { hasText: 'shares exchanged' })).toBeVisible();
	await page.getByRole('button', { name: 'Back to the design' }).click();
	await expect(cells(page)).toBeVisible();
	await page.getByRole('button', { name: 'Compare climates' }).click();
	await expect(places).toHaveCount(6);
});

test('axe finds nothing: the design, the grids, the colours to add, the climates', async ({ page }) => {
	await makeStudy(page);
	await addExercise(page, 'Solids on a triangular grid');
	expect(await axeFaults(page)).toEqual([]);
	await page.getByRole('button', { name: /^Grid: / }).click();
	expect(await axeFaults(page)).toEqual([]);
	await page.keyboard.press('Escape');
	await page.getByRole('button', { name: 'Add colours' }).click();
	expect(await axeFaults(page)).toEqual([]);
	await page.keyboard.press('Escape');
	await page.getByRole('button', { name: 'Add a check', exact: true }).click();
	await page.getByRole('button', { name: /^Each colour at least/ }).click();
	await page.keyboard.press('Escape');
	expect(await axeFaults(page)).toEqual([]);
	await page.getByRole('button', { name: 'Compare climates' }).click();
	expect(await axeFaults(page)).toEqual([]);
});

test('one act, one undo: two cells filled before and after another kind was looked at, and two drags of one slider', async ({
	page
}) => {
	await squares(page);
	await colour(page, 1).click();
	const fill = async (across: number): Promise<void> => page.mouse.click(...(await at(page, across, 0.1)));
	await fill(0.06);
	await expect(shares(page)).toHaveText('Shares of the 1 cell filled, of 32');
	await addExercise(page, 'One as two');
	const size = page.getByRole('slider', { name: 'Size of the figures' });
	const before = await size.inputValue();
	await dragTrack(page, 'Size of the figures', 0.5, 0.7);
	const between = await size.inputValue();
	await dragTrack(page, 'Size of the figures', 0.5, 0.9);
	await expect(size).not.toHaveValue(between);
	await page.keyboard.press('Control+z');
	await expect(size).toHaveValue(between);
	await page.keyboard.press('Control+z');
	await expect(size).toHaveValue(before);
	// Back to the design, whose surface is made anew.
	await page.getByRole('button', { name: /^Plate 2: / }).click();
	await fill(0.19);
	await expect(shares(page)).toHaveText('Shares of the 2 cells filled, of 32');
	await page.keyboard.press('Control+z');
	await expect(shares(page)).toHaveText('Shares of the 1 cell filled, of 32');
});
