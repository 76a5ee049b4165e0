import { execFileSync } from 'node:child_process';
import { readFile } from 'node:fs/promises';
import { axeFaults } from './axe';
import { asBrief, briefOfTests, downloaded, fileOf, json, students } from './class';
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

test('a class of thirty is collected by file: what does not fit is told with its reason, and nothing else is lost', async ({
	page,
	request
}) => {
	const set = briefOfTests('briefofclass', 'Even tints of a class');
	const brief = asBrief(set);
	const made = await request.post('/api/studies', { data: { document: set } });
	const { id } = (await made.json()) as { id: string };
	const all = students(30, 7);
	const files = all.map((student, i) =>
		json(`${i}.handin.json`, fileOf(brief, student, `handinno${String(i).padStart(4, '0')}`))
	);
	const other = asBrief(briefOfTests('anotherbrief', 'Another brief'));
	const again = { ...all[3]!, at: '2026-11-25T10:00:00.000Z', between: 7, spacing: 'differences' } as const;
	const odd = [
		json('twice.handin.json', fileOf(brief, again, 'handinagain0')),
		json('other.handin.json', fileOf(other, all[0]!, 'handinother0')),
		json('damaged.handin.json', files[0]!.buffer.toString().slice(0, 900)),
		json(
			'changed.handin.json',
			fileOf(brief, { ...all[0]!, maker: 'Zoe Late' }, 'handinlate00').replace('Zoe Late', 'Zoë Late')
		),
		json(
			'version.handin.json',
			fileOf({ ...brief, title: 'Even tints of old' }, { ...all[0]!, maker: 'Max Old' }, 'handinofold0')
		),
		json('brief.json', JSON.stringify({ format: 'ricercar brief', version: 1, brief }))
	];
	await page.goto(`/studies/${id}/pin-up`);
	await ready(page);
	await expect(page.getByRole('heading', { name: 'Nothing is pinned up yet' })).toBeVisible();
	await page.getByLabel('Collect hand-ins').setInputFiles([...files, ...odd]);
	const told = page.getByRole('status', { name: 'What was collected' });
	await expect(told.getByRole('listitem')).toHaveCount(5);
	for (const words of [
		'other.handin.json was not taken in. It answers another brief: “Another brief”.',
		'damaged.handin.json was not taken in. This is no JSON.',
		'changed.handin.json is on the wall. The file is not as it was handed in',
		'version.handin.json is on the wall. It answers another version of this brief.',
		'brief.json was not taken in. It is no hand-in.'
	])
		await expect(told).toContainText(words);
	const sheets = page.locator('.wall > li');
	await expect(sheets).toHaveCount(32);
	// Each as its own computer judged it: the evenness and the count of the wall are those of the files.
	const counted = all.filter(({ between }) => between >= 5).length;
	const marks = await downloaded(page, async () => {
		await page.getByRole('button', { name: 'Take it away' }).click();
		await page.getByRole('menuitem', { name: 'Marks and checks as CSV' }).click();
	});
	const rows = marks.content.trim().split('\r\n').slice(1);
	expect(rows).toHaveLength(32);
	expect(
		rows.filter((each) => /,holds: There are \d+ steps between/.test(each) || each.includes('"holds: There are')).length
	).toBeGreaterThanOrEqual(counted);

	// The newer of two hangs, the older is reached.
	const twice = sheets.filter({ hasText: all[3]!.maker });
	await expect(twice).toHaveCount(1);
	await expect(twice).toContainText('before:');

	// The class: who is missing.
	await page.getByText('The class', { exact: true }).click();
	await page.getByLabel('Names, one a line').fill(`${all[0]!.maker}\nNoor Halabi`);
	await page.getByLabel('Names, one a line').blur();
	await expect(page.getByText('Still missing: Noor Halabi.')).toBeVisible();

	// Sorted, without names, by value only.
	await page.getByRole('combobox', { name: 'Order of the wall' }).selectOption('checks');
	await expect(sheets.first()).toContainText('2 of 2');
	await page.getByLabel('names', { exact: true }).uncheck();
	await expect(page.getByText(all[0]!.maker)).toHaveCount(0);
	await page.getByLabel('names', { exact: true }).check();
	await page.getByRole('combobox', { name: 'View' }).selectOption('value');
	expect(await axeFaults(page)).toEqual([]);

	// Two on the table, a note pinned to a place, a mark, given back; read by its maker.
	await page.getByRole('button', { name: new RegExp(`^${all[3]!.maker}, `) }).click();
	await page.getByRole('button', { name: new RegExp(`^${all[1]!.maker}, `) }).click();
	await expect(page.getByRole('region', { name: 'What was asked' }).getByRole('row')).toHaveCount(3);
	await page.getByLabel('A note beside this plate').fill('Count by difference.');
	await page.getByRole('button', { name: 'Pin it to a place' }).click();
	await page.getByRole('button', { name: /^Pin the note to a place/ }).click();
	await page.getByRole('button', { name: 'Write it' }).click();
	const notes = page.getByRole('region', { name: `Notes for ${all[1]!.maker}` });
	await expect(notes.getByRole('listitem')).toContainText('plate 1, pinned');
	await notes.getByLabel('Mark').fill('nearly there');
	await notes.getByLabel('Mark').blur();
	expect(await axeFaults(page)).toEqual([]);
	const returned = await downloaded(page, () => notes.getByRole('button', { name: 'Give it back, as a file' }).click());
	expect(returned.name).toMatch(/\.return\.json$/);
	await page.reload();
	await ready(page);
	await expect(page.getByText(/30 still to be looked at/)).toBeVisible();
	await page.goto('/');
	await ready(page);
	await page.getByLabel('Read in a study or a brief').setInputFiles(json(returned.name, returned.content));
	await page.waitForURL(/\/hand-ins\//);
	await ready(page);
	await expect(page.getByRole('region', { name: 'Given back' })).toContainText('nearly there');
	await expect(page.getByText('1. Count by difference.')).toBeVisible();
	expect(await axeFaults(page)).toEqual([]);
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
	await page.getByRole('tab', { name: 'Readings' }).click();
	await expect(page.getByText('Put away by the brief').first()).toBeVisible();
	await page.getByRole('tab', { name: 'Brief' }).click();
	await page.getByRole('button', { name: 'Hand in …' }).click();
	await page.getByLabel('Your name').fill('Kit Aldous');
	await downloaded(page, () => page.getByRole('button', { name: 'Hand in, as a file' }).click());
	await page.getByRole('tab', { name: 'Readings' }).click();
	await expect(page.getByRole('region', { name: 'Checks' })).toBeVisible();
});

test('requests about hand-ins that are not as expected are refused with their reason', async ({ request }) => {
	const problem = async (answer: Awaited<ReturnType<typeof request.get>>, status: number) => {
		expect(answer.status()).toBe(status);
		return ((await answer.json()) as { code: string }).code;
	};
	expect(await problem(await request.get('/api/hand-ins'), 400)).toBe('not-as-expected');
	expect(await problem(await request.get('/api/hand-ins/nosuchhandin'), 404)).toBe('no-such-hand-in');
	expect(await problem(await request.post('/api/hand-ins', { data: { id: 'x' } }), 422)).toBe('not-as-expected');
	expect(await problem(await request.delete('/api/hand-ins/nosuchhandin'), 404)).toBe('no-such-hand-in');
	const given = { revision: 1, given: { notes: [], mark: '' }, seen: true };
	expect(await problem(await request.put('/api/hand-ins/nosuchhandin/given', { data: given }), 404)).toBe(
		'no-such-hand-in'
	);
	expect((await request.get('/studies/nosuchstudy/pin-up')).status()).toBe(404);
	expect((await request.get('/hand-ins/nosuchhandin')).status()).toBe(404);
	const file = await readFile('package.json', 'utf8');
	expect(
		await problem(
			await request.post('/api/hand-ins', { headers: { 'content-type': 'application/json' }, data: Buffer.from(file) }),
			422
		)
	).toBe('not-as-expected');
});
