import { differenceCiede2000, formatHex } from 'culori';
import { LIT_REGIONS } from '../src/lib/core/matching/lit-shares';
import { wordsOfHex } from '../src/lib/drawing/patch';
import { axeFaults } from './axe';
import { check, chips, litTargets, plate, readings, setByTracks, settings, textOf } from './matched';
import { addExercise, makeStudy, reach, take } from './pages';
import { expect, test } from './test';

const EXERCISES = [
	'A flat colour',
	'A figure on a ground',
	'The step that is missing',
	'The middle of two',
	'A lit form',
	'A place in a picture',
	'A transition by strokes',
	'Sort a row',
	'Practice'
] as const;

test('a lit form is matched from grey to under 3 ΔE00 in every region by the tracks, and each attempt is kept', async ({
	page
}) => {
	await makeStudy(page);
	await addExercise(page, 'A lit form');
	await expect(chips(page)).toHaveCount(6);
	await expect(chips(page).first()).toHaveAccessibleName('Light, still grey');
	// At first only two are set: what is still grey is not counted.
	const targets = await litTargets(page);
	await chips(page).nth(0).click();
	await setByTracks(page, '#7f6f5f');
	await chips(page).nth(2).click();
	await setByTracks(page, '#302018');
	await expect(page.getByText('2 of 6 set.')).toBeVisible();
	await check(page);
	await expect(readings(page)).toContainText(/of 2 regions are under 3 ΔE00/);
	await expect(plate(page)).toContainText('4 left grey, not counted');
	await page.getByRole('button', { name: 'Go on with it' }).click();
	for (const [i, hex] of targets.entries()) {
		await chips(page).nth(i).click();
		await setByTracks(page, hex);
	}
	await check(page);
	await expect(readings(page)).toContainText('6 of 6 regions are under 3 ΔE00');
	// Reckoned again by culori from what is stored.
	const { attempts } = (await settings(page)) as unknown as { attempts: { texts: string[] }[] };
	expect(attempts).toHaveLength(2);
	attempts[1]!.texts.forEach((text, i) => {
		expect(differenceCiede2000()(formatHex(text)!, targets[i]!), LIT_REGIONS[i]).toBeLessThan(3);
	});
	await expect(readings(page).getByRole('heading', { name: '2 attempts' })).toBeVisible();
	await page.getByRole('button', { name: 'Earlier' }).click();
	await expect(readings(page)).toContainText('Attempt 1 of 2');
	expect(await axeFaults(page)).toEqual([]);
	// A limit that was reached, and one that was not.
	await page.getByRole('button', { name: 'Add a check', exact: true }).click();
	await page.getByRole('button', { name: /^A close attempt/ }).click();
	await page.keyboard.press('Escape');
	await expect(page.getByRole('region', { name: 'Checks' })).toContainText('under 3 is asked');
	await expect(page.getByText('1 of 1 checks hold')).toBeVisible();
	const { content } = await take(page, 'Print, as PDF …', 'Save the PDF');
	expect(content.subarray(0, 5).toString()).toBe('%PDF-');
});

/** What the page says whatever the subject is: the views of weak eyes, and the greys of boards, grounds and what is not set yet. */
const OWN_WORDS = /\w+-weak \(\w+\)|\b(?:dark |light |middle )?grey\b/gi;

test('while the eye works nothing on the page tells a colour: no text, no attribute, no name, no key', async ({
	page,
	context
}) => {
	await context.grantPermissions(['clipboard-read', 'clipboard-write']);
	await makeStudy(page);
	for (const name of EXERCISES) {
		await addExercise(page, name);
		await expect(page.getByRole('heading', { level: 1, name })).toBeAttached();
		if ((await chips(page).count()) > 0) await chips(page).first().click();
		const found = await page.evaluate(() => {
			const painted = new Set(['style', 'fill', 'stroke', 'stop-color', 'd', 'class', 'id', 'href', 'src']);
			const attributes = [...document.querySelectorAll('main *, footer *, aside *, .bar *, .side *')].flatMap(
				(element) => [...element.attributes].filter((each) => !painted.has(each.name)).map((each) => each.value)
			);
			const texts = ['main', 'footer', 'aside', '.bar'].map((part) => document.querySelector(part)?.textContent ?? '');
			const fields = [...document.querySelectorAll('input')].map(({ value, type }) => (type === 'range' ? '' : value));
			return [...attributes, ...texts, ...fields, document.title].join('\n');
		});
		const tree = await page.locator('body').ariaSnapshot();
		for (const told of [found, tree]) {
			expect(told, name).not.toMatch(/#[0-9a-f]{6}\b|oklch\(|rgb\(|hsl\(|\blab\(/i);
			expect(told, name).not.toMatch(/L\* \d|\d+ (lighter|darker)|too (strong|quiet)/);
		}
		// Not by name either: what is to be found is no colour of the study.
		const { name: exercise, colour, figure, place } = (await settings(page)) as Record<string, unknown>;
		const target = exercise === 'flat-colour' ? colour : exercise === 'figure-on-ground' ? figure : null;
		const hex = target ? textOf(target) : exercise === 'picture-place' ? String(place) : null;
		if (hex) expect(tree.replace(OWN_WORDS, ''), name).not.toContain(wordsOfHex(hex));
		// The keys that copy: the clipboard stays as it was.
		await page.evaluate(() => navigator.clipboard.writeText('as it was'));
		await page.keyboard.press('Control+c');
		for (const key of ['1', '2', '3', '4', '5', '6']) await page.keyboard.press(key);
		expect(await page.evaluate(() => navigator.clipboard.readText()), name).toBe('as it was');
		await expect(page.getByText('Put away while the eye works.')).toBeVisible();
		// One plate of matching at a time, so that its settings are found.
		await page.getByRole('button', { name: /^Plate 2: / }).focus();
		await page.keyboard.press('Delete');
		await expect(page.getByRole('button', { name: /^Plate \d: / })).toHaveCount(1);
	}
});

test('a colour is mixed of given paints by parts; after the check the reach of the paints is told with its recipe', async ({
	page
}) => {
	await makeStudy(page);
	await addExercise(page, 'A flat colour');
	const way = page.getByRole('combobox', { name: 'How it is matched' });
	await (await reach(page, way)).selectOption('mixed of paints');
	await page.getByRole('slider', { name: 'Parts of Madder' }).fill('4');
	for (let i = 0; i < 4; i++) await page.getByRole('button', { name: 'A touch more of Weld' }).click();
	await page.getByRole('button', { name: 'A touch less of Weld' }).click();
	await expect(page.getByRole('slider', { name: 'Parts of Weld' })).toHaveValue('0.75');
	await check(page);
	const reached = page.getByRole('region', { name: 'What the paints reach' });
	await expect(reached).toContainText(/\d+ parts? of .+ comes to \d+\.\d ΔE00/);
	await expect(reached).toContainText(/these paints reach it|No mixture of these paints comes nearer/);
	const { parts, attempts } = (await settings(page)) as { parts: number[][]; attempts: { way: string }[] };
	expect(parts[0]!.slice(2, 4)).toEqual([4, 0.75]);
	expect(attempts[0]!.way).toBe('paint');
	await page.keyboard.press('Control+z');
	await expect(page.getByRole('button', { name: 'Check', exact: true })).toBeVisible();
});

test('by the keyboard alone: a flat colour is added, set, checked and gone on with; the card and the blur help', async ({
	page
}) => {
	await makeStudy(page);
	await page.getByRole('button', { name: 'Add a plate', exact: true }).focus();
	await page.keyboard.press('Enter');
	await page.getByRole('searchbox', { name: 'Find an exercise' }).focus();
	await page.keyboard.type('flat colour');
	await page.getByRole('button', { name: /A flat colour/ }).focus();
	await page.keyboard.press('Enter');
	await chips(page).first().focus();
	await page.keyboard.press('Enter');
	await expect(page.locator('footer :focus')).toHaveCount(1);
	await page.getByRole('slider', { name: 'Lightness' }).focus();
	for (let i = 0; i < 5; i++) await page.keyboard.press('Shift+ArrowRight');
	await expect(page.getByRole('slider', { name: 'Lightness' })).toHaveAttribute('aria-valuetext', 'set by eye');
	await expect(chips(page).first()).toHaveAccessibleName('The colour, set');
	await (await reach(page, page.getByLabel('card with a hole'))).check();
	await page.getByRole('button', { name: /^Hole of the card/ }).focus();
	await page.keyboard.press('Shift+ArrowRight');
	await page.keyboard.press('Escape');
	await expect(page.getByRole('button', { name: /^Hole of the card/ })).toHaveCount(0);
	await page.getByRole('button', { name: 'Check', exact: true }).focus();
	await page.keyboard.press('Enter');
	await expect(readings(page)).toContainText('One attempt');
	await page.getByRole('button', { name: 'Go on with it' }).focus();
	await page.keyboard.press('Enter');
	await expect(chips(page).first()).toHaveAccessibleName('The colour, set');
	expect(await axeFaults(page)).toEqual([]);
});

test('a subject is put together by hand: its lights are seen while they are set, and hidden once the eye begins', async ({
	page
}) => {
	await makeStudy(page);
	await addExercise(page, 'A lit form');
	await page.getByRole('button', { name: 'Put one together' }).click();
	await expect(chips(page)).toHaveCount(4);
	await chips(page).nth(1).click();
	await page.getByLabel('Colour, in any CSS syntax').fill('#ffd9a0');
	await page.keyboard.press('Enter');
	await expect(page.getByRole('combobox', { name: 'How far apart the regions are' })).toHaveValue('hand');
	await expect(page.getByRole('complementary')).toContainText('Put the subject together');
	expect(await axeFaults(page)).toEqual([]);
	await page.getByRole('button', { name: 'Begin to match it' }).click();
	await expect(chips(page)).toHaveCount(6);
	await expect(page.getByLabel('Colour, in any CSS syntax')).toHaveCount(0);
	// A click on the drawing holds the region that is there: the upper corner is background.
	const drawing = (await page.locator('[data-drawing]').boundingBox())!;
	await page.mouse.click(drawing.x + 12, drawing.y + 12);
	await expect(page.getByRole('region', { name: 'Mixer' }).getByRole('heading')).toHaveText('Background');
});
