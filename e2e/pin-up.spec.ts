import { execFileSync } from 'node:child_process';
import { readFile } from 'node:fs/promises';
import { axeFaults } from './axe';
import { asBrief, briefOfTests, downloaded, fileOf, json, students } from './class';
import { ready } from './pages';
import { expect, test } from './test';

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
	// Thirty files, one after the other, on a machine that is busy with other tests.
	await expect(told.getByRole('listitem')).toHaveCount(5, { timeout: 40_000 });
	for (const words of [
		'other.handin.json was not taken in. It answers another brief: “Another brief”.',
		'damaged.handin.json was not taken in. This is not JSON, or it is damaged.',
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

	// The class at once, and the wall shown to a room by keys.
	await page.getByRole('button', { name: 'The class at once' }).click();
	await expect(page.getByRole('region', { name: 'The class at once' }).locator('svg circle[r="7"]')).toHaveCount(32);
	expect(await axeFaults(page)).toEqual([]);
	await page.getByRole('button', { name: 'The class at once' }).click();
	await page.getByRole('button', { name: 'Show to the room' }).click();
	const room = page.getByRole('dialog', { name: 'Shown to the room' });
	await expect(room).toContainText('1 of 32');
	await page.keyboard.press('ArrowRight');
	await expect(room).toContainText('2 of 32');
	await page.keyboard.press('ArrowLeft');
	await page.keyboard.press('ArrowLeft');
	await expect(room).toContainText('32 of 32');
	await page.keyboard.press('Escape');
	await expect(room).toHaveCount(0);

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
	// On paper: the wall, and the portfolio of one maker with the note, read by poppler's tools.
	const printed = async (act: () => Promise<unknown>): Promise<string> => {
		const [download] = await Promise.all([page.waitForEvent('download'), act()]);
		return execFileSync('pdftotext', ['-layout', await download.path(), '-']).toString();
	};
	const wall = await printed(async () => {
		await page.getByRole('button', { name: 'Take it away' }).click();
		await page.getByRole('menuitem', { name: 'Print the wall, as PDF' }).click();
	});
	for (const { maker } of all) expect(wall).toContain(maker);
	expect(wall.split('\f')).toHaveLength(4);
	const portfolio = await printed(async () => {
		await page.getByRole('button', { name: `${all[1]!.maker}: what to do` }).click();
		await page.getByRole('menuitem', { name: 'Portfolio of its maker, as PDF' }).click();
	});
	expect(portfolio).toContain('On plate 1: Count by difference.');
	expect(portfolio).toContain('Mark: nearly there');

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
	const groups = [{ id: 'groupoftests', name: 'Warm', makers: ['marlow ines'] }];
	expect(await problem(await request.put('/api/walls/NO', { data: { revision: 0, groups } }), 404)).toBe(
		'no-such-brief'
	);
	const wrong = { revision: 0, groups: [...groups, ...groups] };
	expect(await problem(await request.put('/api/walls/briefofwalls', { data: wrong }), 422)).toBe('not-as-expected');
	expect((await request.put('/api/walls/briefofwalls', { data: { revision: 0, groups } })).status()).toBe(200);
	expect(await problem(await request.put('/api/walls/briefofwalls', { data: { revision: 0, groups } }), 409)).toBe(
		'stale'
	);
	const print = { ids: ['nosuchhandin'], title: 'T', notes: true, plate: null, page: { paper: 'a4', across: true } };
	expect(await problem(await request.post('/api/hand-ins/print', { data: print }), 422)).toBe('unreadable');
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
