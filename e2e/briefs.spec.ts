import { execFileSync } from 'node:child_process';
import { axeFaults } from './axe';
import { asBrief, briefOfTests, downloaded, json } from './class';
import { addExercise, ready, saved, step } from './pages';
import { expect, test } from './test';

test('by the keyboard alone: a brief is made from nothing, given, asked, seen as a student sees it, and handed out', async ({
	page
}) => {
	await page.goto('/briefs');
	await ready(page);
	const tabTo = async (name: RegExp, most = 140) => {
		for (let presses = 0; presses < most; presses++) {
			await page.keyboard.press('Tab');
			const found = await page.evaluate(() => {
				const element = document.activeElement as HTMLInputElement | null;
				return (
					element?.getAttribute('aria-label') ??
					element?.labels?.[0]?.textContent?.trim() ??
					element?.textContent?.trim() ??
					''
				);
			});
			if (name.test(found)) return;
		}
		throw new Error(`Tab does not reach ${name}`);
	};
	await tabTo(/^New brief$/);
	await page.keyboard.press('Enter');
	await page.waitForURL(/\/studies\//);
	await ready(page);
	await expect(page.getByRole('tab', { name: 'Brief' })).toHaveAttribute('aria-selected', 'true');
	await tabTo(/^Begin with madder/);
	await page.keyboard.press('Enter');
	await expect(page.locator('.surface')).toBeVisible();

	await tabTo(/^What is to be done/);
	await page.keyboard.type('# Even tints\n\nTint one yarn, *evenly*.');
	await tabTo(/^Worth$/);
	await page.keyboard.type('a tenth of the term');
	await tabTo(/^Words of reflection, at least$/);
	await page.keyboard.press('Control+a');
	await page.keyboard.type('5');
	await tabTo(/^the recipe of row 1$/);
	await page.keyboard.press('Space');
	await expect(page.getByLabel('the recipe of row 1')).toBeChecked();

	// A check stands under the readings.
	await page.getByRole('tab', { name: 'Brief' }).focus();
	await page.keyboard.press('ArrowRight');
	await expect(page.getByRole('tab', { name: 'Readings' })).toBeFocused();
	await tabTo(/^Add a check$/);
	await page.keyboard.press('Enter');
	await page.keyboard.press('Enter');
	await page.keyboard.press('Escape');
	await expect(page.getByRole('region', { name: 'Checks' })).toContainText('Evenness 0.8 or more');

	await page.getByRole('tab', { name: 'Readings' }).focus();
	await page.keyboard.press('ArrowLeft');
	await tabTo(/^As a student sees it$/);
	await page.keyboard.press('Enter');
	const panel = page.getByRole('region', { name: 'Brief' });
	await expect(panel.getByRole('heading', { name: 'Even tints' })).toBeVisible();
	await expect(panel.locator('em')).toHaveText('evenly');
	await expect(panel.getByText('Given, and stays: the recipe of row 1.')).toBeVisible();
	await expect(panel.getByRole('status')).toHaveText(/^1 of 2 hold$/);
	expect(await axeFaults(page)).toEqual([]);

	await tabTo(/^As a file$/);
	const { name, content } = await downloaded(page, () => page.keyboard.press('Enter'));
	expect(name).toBe('untitled-brief.brief.json');
	expect(JSON.parse(content)).toMatchObject({ format: 'ricercar brief', version: 1, brief: { terms: { words: 5 } } });

	await tabTo(/^As a printed sheet$/);
	const [printed] = await Promise.all([page.waitForEvent('download'), page.keyboard.press('Enter')]);
	const words = execFileSync('pdftotext', ['-layout', await printed.path(), '-']).toString();
	expect(words).toContain('Tint one yarn, evenly.');
	expect(words).toContain('Worth: a tenth of the term');
	await saved(page);

	// It is listed among the briefs, not among the studies.
	await page.goto('/briefs');
	await expect(page.getByRole('link', { name: 'Untitled brief' }).first()).toBeVisible();
	await page.goto('/?words=Untitled+brief');
	await expect(page.getByText('No study has “Untitled brief”')).toBeVisible();
	await page.goto('/briefs');
	expect(await axeFaults(page)).toEqual([]);
});

test('taken up by its file: what is given stays and says why, checks follow, a newer version is taken over, and it is handed in', async ({
	page
}) => {
	const set = briefOfTests('briefoftaken', 'Even tints, taken');
	const plate = set.plates[0] as Extract<(typeof set.plates)[number], { kind: 'scales' }>;
	const row = plate.scales[0]!.id;
	const withGiven = {
		...set,
		brief: { ...set.brief!, words: 4, given: [{ plate: plate.id, keys: [`${row}.recipe`] }] }
	};
	const file = (document: typeof set) =>
		json('even.brief.json', JSON.stringify({ format: 'ricercar brief', version: 1, brief: asBrief(document) }));
	await page.goto('/');
	await ready(page);
	await page.getByLabel('Read in a study or a brief').setInputFiles(file(withGiven));
	await page.waitForURL(/\/studies\//);
	await ready(page);
	const panel = page.getByRole('region', { name: 'Brief' });
	await expect(panel.getByRole('status')).toHaveText('2 of 3 hold');

	// What is given says why it stays; what is open does not.
	await page.getByRole('button', { name: /^Recipe: / }).click();
	await page.getByRole('menuitemradio', { name: /^Shades/ }).click();
	await expect(page.getByText('The recipe of row 1 is given by the brief.')).toBeVisible();
	await page.keyboard.press('Escape');
	await expect(page.getByRole('button', { name: /^Recipe: Tints/ })).toBeVisible();
	await page.getByLabel('Steps between', { exact: true }).fill('3');
	await page.keyboard.press('Enter');
	await expect(panel.getByRole('status')).toHaveText('1 of 3 hold');

	// A newer version, with what it changes.
	const newer = {
		...withGiven,
		brief: { ...withGiven.brief, due: '2026-12-01' },
		plates: [{ ...plate, checks: plate.checks!.slice(0, 1) }]
	};
	await panel.getByLabel('Take over a newer version').setInputFiles(file(newer));
	const dialog = page.getByRole('dialog', { name: 'A newer version of the brief' });
	await expect(dialog).toContainText('It is due on another day.');
	await expect(dialog).toContainText('not asked any more: the check “5 to 9 between”');
	await dialog.getByRole('button', { name: 'Take it over' }).click();
	await expect(panel.getByRole('status')).toHaveText('1 of 2 hold');

	await page.getByRole('tab', { name: 'Reflection' }).click();
	await page.getByLabel(/^What I tried/).fill('It was easy enough.');
	await page.getByRole('tab', { name: 'Brief' }).click();
	await expect(panel.getByRole('status')).toHaveText('2 of 2 hold');
	await panel.getByRole('button', { name: 'Hand in …' }).click();
	const asking = page.getByRole('dialog', { name: 'Hand in' });
	await asking.getByLabel('Your name').fill('Ines Marlow');
	await expect(asking).toContainText('Everything that is asked holds.');
	expect(await axeFaults(page)).toEqual([]);
	const { name, content } = await downloaded(page, () =>
		asking.getByRole('button', { name: 'Hand in, as a file' }).click()
	);
	expect(name).toBe('marlow-ines-even-tints-taken.handin.json');
	expect(JSON.parse(content)).toMatchObject({
		format: 'ricercar hand-in',
		handIn: { maker: 'Ines Marlow', brief: { id: 'briefoftaken' } }
	});

	// It can only be looked at, or begun from.
	await panel.getByRole('link', { name: /^First, / }).click();
	await page.waitForURL(/\/hand-ins\//);
	await ready(page);
	await expect(page.getByRole('figure')).toBeVisible();
	await expect(page.getByText(/^Ines Marlow, handed in on/)).toContainText('2 of 2 hold');
	expect(await axeFaults(page)).toEqual([]);
	await page.getByRole('button', { name: 'Begin from it' }).click();
	await page.waitForURL(/\/studies\//);
	await expect(page.getByRole('region', { name: 'Mixer' })).toBeVisible();
});

test('every kind of plate can be asked something, has it said, and what is asked goes with it into a brief', async ({
	page
}) => {
	await page.goto('/briefs');
	await ready(page);
	await page
		.getByRole('button', { name: /^(New brief|Make the first brief)$/ })
		.first()
		.click();
	await page.waitForURL(/\/studies\//);
	await ready(page);
	await page.getByRole('button', { name: 'Begin with madder, weld and woad' }).click();
	await expect(page.locator('.surface')).toBeVisible();
	const EXERCISES = [
		'Wheel of values',
		'A scheme',
		'The middle mixture',
		'Two as one',
		'Solids on a triangular grid',
		'A flat colour'
	];
	for (const exercise of EXERCISES) {
		await addExercise(page, exercise);
		await page.getByRole('tab', { name: 'Readings' }).click();
		await page.getByRole('button', { name: 'Add a check', exact: true }).click();
		await page.locator('.rule').first().click();
		await page.keyboard.press('Escape');
		await expect(page.getByRole('region', { name: 'Checks' }).getByRole('listitem'), exercise).toHaveCount(1);
	}
	await page.getByRole('tab', { name: 'Brief' }).click();
	await page.getByRole('button', { name: 'As a student sees it' }).click();
	await expect(page.getByRole('region', { name: 'Brief' }).getByRole('status')).toHaveText(/^\d of 6 hold$/);
	await saved(page);
});

test('a brief that hides puts codes, readings and answers away until it is handed in', async ({ page }) => {
	const set = briefOfTests('briefofhidden', 'Worked by eye');
	const hidden = { ...set, brief: { ...set.brief!, hidden: true } };
	await page.goto('/');
	await ready(page);
	await page
		.getByLabel('Read in a study or a brief')
		.setInputFiles(
			json('eye.brief.json', JSON.stringify({ format: 'ricercar brief', version: 1, brief: asBrief(hidden) }))
		);
	await page.waitForURL(/\/studies\//);
	await ready(page);
	await step(page, 1, 1).click();
	await expect(page.getByRole('region', { name: 'Mixer' })).not.toContainText('#');
	// Nor does the plate itself, its description, or the list of plates.
	const told = await page.locator('.surface').evaluate((surface) => surface.textContent);
	expect(told).not.toMatch(/#[0-9a-f]{6}|value \d/i);
	expect(await page.locator('.surface svg text').allTextContents()).not.toContain('100');
	await expect(page.getByText(/checks hold$/)).toHaveCount(0);
	await expect(page.locator('.surface .broken')).toHaveCount(0);
	await page.getByRole('tab', { name: 'Readings' }).click();
	await expect(page.getByText('Put away by the brief').first()).toBeVisible();
	await page.getByRole('tab', { name: 'Brief' }).click();
	await page.getByRole('button', { name: 'Hand in …' }).click();
	await page.getByLabel('Your name').fill('Kit Aldous');
	await downloaded(page, () => page.getByRole('button', { name: 'Hand in, as a file' }).click());
	await page.getByRole('tab', { name: 'Readings' }).click();
	await expect(page.getByRole('region', { name: 'Checks' })).toBeVisible();
});
