import { execFileSync } from 'node:child_process';
import { readFile } from 'node:fs/promises';
import { type APIRequestContext, type Locator, type Page } from '@playwright/test';
import { differenceCiede2000 } from 'culori';
import { BRIEF_FORMAT } from '../src/lib/study/brief/brief-file';
import { type Brief } from '../src/lib/study/brief/brief';
import { type HandIn } from '../src/lib/study/handed/hand-in';
import { readHandIn } from '../src/lib/study/handed/hand-in-file';
import { writeOurs } from '../src/lib/study/our-file';
import { axeFaults } from './axe';
import { asBrief, briefOfTests, downloaded, fileOf, json, students, type Student } from './class';
import { ready } from './pages';
import { expect, test } from './test';

const apart = differenceCiede2000();
/** The evenness that is asked: about half of this class misses it. */
const LEAST = 0.85;

/** The colours of the one row of a plate as it was drawn: boxes of one height side by side. */
function rowOf({ drawings }: HandIn): string[] {
	const bars = drawings[0]!.shapes.flatMap((shape) => (shape.kind === 'bar' ? [shape] : []));
	const { y, height } = bars.reduce((highest, bar) => (bar.height > highest.height ? bar : highest));
	return bars.filter((bar) => bar.y === y && bar.height === height).map(({ fill }) => fill);
}

/** What is asked of every plate of this class, reckoned again by culori 4.0.2 from the colours as they were drawn. */
function reckoned(handIn: HandIn): { evenness: number; between: number; rounding: number } {
	const row = rowOf(handIn);
	const differences = row.slice(1).map((colour, i) => apart(row[i]!, colour));
	const greatest = Math.max(...differences);
	// Of two codes of eight bits the difference can be some tenths of a ΔE00 off, the least and the greatest each.
	return { evenness: Math.min(...differences) / greatest, between: row.length - 2, rounding: 0.9 / greatest };
}

function verdictsAgree(handIn: HandIn): void {
	const { evenness, between, rounding } = reckoned(handIn);
	const [even, count] = handIn.asked;
	expect(Math.abs(Number(even!.figure) - evenness), handIn.maker).toBeLessThan(rounding);
	if (Math.abs(evenness - LEAST) > rounding) expect(even!.holds, handIn.maker).toBe(evenness >= LEAST);
	expect(count).toMatchObject({ holds: between >= 5 && between <= 9, figure: String(between) });
}

const briefFile = (brief: Brief) => json('class.brief.json', writeOurs(BRIEF_FORMAT, brief));

/** Hands in what stands in a study, under a name; gives the file. */
async function handIn(page: Page, maker: string, again = false): Promise<{ name: string; content: string }> {
	const panel = page.getByRole('region', { name: 'Brief' });
	await panel.getByRole('button', { name: again ? 'Hand in again …' : 'Hand in …' }).click();
	const asking = page.getByRole('dialog', { name: 'Hand in' });
	await asking.getByLabel('Your name').fill(maker);
	await expect(asking).toContainText('It was due on 20 November 2026: what is handed in now is late.');
	const file = await downloaded(page, () => asking.getByRole('button', { name: 'Hand in, as a file' }).click());
	await expect(asking).toBeHidden();
	return file;
}

async function setBetween(page: Page, between: number): Promise<void> {
	await page.getByLabel('Steps between', { exact: true }).fill(String(between));
	await page.keyboard.press('Enter');
}

/** Takes a brief up through the page, works on its row, and hands it in. */
async function workThrough(page: Page, brief: Brief, { maker, between }: Pick<Student, 'maker' | 'between'>) {
	await page.goto('/');
	await ready(page);
	await page.getByLabel('Read in a study or a brief').setInputFiles(briefFile(brief));
	await page.waitForURL(/\/studies\//);
	await ready(page);
	await setBetween(page, between);
	return handIn(page, maker);
}

async function set(request: APIRequestContext, id: string, title: string): Promise<{ study: string; brief: Brief }> {
	const document = briefOfTests(id, title, LEAST);
	const made = await request.post('/api/studies', { data: { document } });
	return { study: ((await made.json()) as { id: string }).id, brief: asBrief(document) };
}

async function collect(page: Page, study: string, files: readonly ReturnType<typeof json>[]): Promise<Locator> {
	await page.goto(`/studies/${study}/pin-up`);
	await ready(page);
	await page.getByLabel('Collect hand-ins').setInputFiles([...files]);
	return page.locator('.wall > li');
}

test('a class of thirty and two briefs: handed in, collected, noted, given back, handed in again, and on paper', async ({
	page,
	request
}) => {
	test.setTimeout(180_000);
	const first = await set(request, 'briefoffirst', 'Even tints of a class');
	const second = await set(request, 'briefofsecond', 'Even tints once more');

	// Three through the page, the others by file from computers of their own.
	const [ada, bram, cleo, ...others] = students(30, 7, ['Eddery', 'Fallow', 'Garth']);
	const own = [
		{ ...ada!, between: 7 },
		{ ...bram!, between: 3 },
		{ ...cleo!, between: 9 }
	];
	const handed: ReturnType<typeof json>[] = [];
	for (const student of own) {
		const { name, content } = await workThrough(page, first.brief, student);
		handed.push(json(name, content));
	}
	const study = page.url();
	const files = others.map((student, i) =>
		json(`${i}.handin.json`, fileOf(first.brief, student, `handinofone${String(i).padStart(3, '0')}`))
	);
	const late = fileOf(
		first.brief,
		{ ...others[0]!, maker: 'Lena Hollis', at: '2026-11-21T08:00:00.000Z' },
		'handinoflate0'
	);
	const twice = fileOf(first.brief, { ...others[1]!, at: '2026-11-19T20:00:00.000Z' }, 'handinoftwice');
	const odd = [
		json('late.handin.json', late),
		json('twice.handin.json', twice),
		json('damaged.handin.json', files[2]!.buffer.toString().slice(0, 2000)),
		json('other.handin.json', fileOf(second.brief, others[3]!, 'handinofother'))
	];

	// Every verdict of the class, reckoned a second time.
	const all = [...handed, ...files, odd[0]!, odd[1]!].map(({ buffer }) => readHandIn(buffer.toString()));
	expect(all).toHaveLength(32);
	expect(all.every(({ asWritten }) => asWritten)).toBe(true);
	for (const { content } of all) verdictsAgree(content);
	expect(new Set(all.map(({ content }) => content.asked.map(({ holds }) => holds).join())).size).toBeGreaterThan(2);

	const sheets = await collect(page, first.study, [...handed, ...files, ...odd]);
	await expect(sheets).toHaveCount(31, { timeout: 60_000 });
	const told = page.getByRole('status', { name: 'What was collected' });
	await expect(told).toContainText('damaged.handin.json was not taken in. This is not JSON, or it is damaged.');
	await expect(told).toContainText('It answers another brief: “Even tints once more”.');
	await page.getByRole('button', { name: 'I see' }).click();
	// Those through the page are of today, after the day on which the brief was due.
	await expect(page.getByText(/^31 handed in, 4 of them late/)).toBeVisible();
	await expect(sheets.filter({ hasText: 'Lena Hollis' })).toContainText('late');
	await expect(sheets.filter({ hasText: others[1]!.maker })).toContainText('before: 1');

	// In groups, by keys and by mouse; they hang so when the page comes again.
	const order = page.getByRole('combobox', { name: 'Order of the wall' });
	await order.selectOption('groups');
	await page.getByRole('button', { name: 'New group' }).click();
	await page.getByLabel('Name of the group').fill('Talk about leaps');
	await page.keyboard.press('Tab');
	await page.getByRole('button', { name: 'New group' }).click();
	await page.getByRole('button', { name: 'Lena Hollis: what to do' }).focus();
	await page.keyboard.press('Enter');
	await page.getByRole('menuitem', { name: 'Move to “Talk about leaps”' }).press('Enter');
	const group = page.getByRole('region', { name: 'Group “Talk about leaps”' });
	await expect(group.getByRole('listitem')).toHaveCount(1);
	const loose = page.getByRole('region', { name: 'In no group' }).getByRole('listitem');
	await expect(loose).toHaveCount(30);
	// The focus goes with what was moved.
	await expect(page.getByRole('button', { name: 'Lena Hollis: what to do' })).toBeFocused();
	const [from, to] = [await loose.nth(1).boundingBox(), await group.getByRole('list').boundingBox()];
	expect(from!.y + 80).toBeLessThan(page.viewportSize()!.height);
	await page.mouse.move(from!.x + 50, from!.y + 40);
	await page.mouse.down();
	await page.mouse.move(from!.x + 60, from!.y + 30, { steps: 4 });
	await page.mouse.move(to!.x + 260, to!.y + 50, { steps: 14 });
	await page.waitForTimeout(300);
	const across = page.getByRole('region', { name: 'Group “Group 2”' });
	const kept = page.waitForResponse(/\/api\/walls\//);
	await page.mouse.up();
	await expect(group.getByRole('listitem')).toHaveCount(2);
	expect((await kept).status()).toBe(200);
	// What it was dragged across shows what is put there later.
	await page.getByRole('button', { name: 'Lena Hollis: what to do' }).click();
	await page.getByRole('menuitem', { name: 'Move to “Group 2”' }).click();
	await expect(across.getByRole('listitem')).toHaveCount(1);
	await expect(group.getByRole('listitem')).toHaveCount(1);
	await page.getByRole('button', { name: 'Lena Hollis: what to do' }).click();
	await page.getByRole('menuitem', { name: 'Move to “Talk about leaps”' }).click();
	await expect(group.getByRole('listitem')).toHaveCount(2);
	expect(await axeFaults(page)).toEqual([]);
	// All of it is kept by now.
	await page.waitForTimeout(1000);
	await page.reload();
	await ready(page);
	await order.selectOption('groups');
	await expect(group.getByRole('listitem')).toHaveCount(2);
	await order.selectOption('name');

	// Bram's is noted, by keys at a place, and given back.
	await page.getByRole('button', { name: new RegExp(`^${own[1]!.maker}, `) }).click();
	const asked = page.getByRole('region', { name: 'What was asked' });
	await expect(asked.getByRole('row', { name: /^5 to 9 between/ })).toContainText('3');
	await page.getByLabel('A note beside this plate').fill('Three steps leap. Take seven.');
	await page.getByRole('button', { name: 'Pin it to a place' }).click();
	const place = page.getByRole('button', { name: /^Pin the note to a place/ });
	await place.focus();
	for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowUp');
	await page.keyboard.press('Enter');
	await page.getByRole('button', { name: 'Write it' }).click();
	const notes = page.getByRole('region', { name: `Notes for ${own[1]!.maker}` });
	await expect(notes.getByRole('listitem')).toContainText(/plate 1, pinned/);
	await notes.getByLabel('Mark').fill('once more');
	await notes.getByLabel('Mark').blur();
	const returned = await downloaded(page, () => notes.getByRole('button', { name: 'Give it back, as a file' }).click());

	// He reads it, and answers by a new hand-in, which stands beside the first.
	await page.goto('/');
	await ready(page);
	await page.getByLabel('Read in a study or a brief').setInputFiles(json(returned.name, returned.content));
	await page.waitForURL(/\/hand-ins\//);
	await ready(page);
	await expect(page.getByText('1. Three steps leap. Take seven.')).toBeVisible();
	await page.getByRole('link', { name: 'To the study' }).click();
	await page.waitForURL(/\/studies\//);
	await ready(page);
	expect(page.url()).not.toBe(study);
	await setBetween(page, 7);
	const answer = await handIn(page, own[1]!.maker, true);
	const { content } = readHandIn(answer.content);
	verdictsAgree(content);
	expect(content.earlier).toEqual([all[1]!.content.id]);
	await page.getByRole('link', { name: /^No\. 2, / }).click();
	await page.waitForURL(new RegExp(content.id));
	await ready(page);
	await expect(page.getByText(/after the day on which it was due: \d of 2 hold$/)).toBeVisible();
	await page.getByLabel('Beside it').selectOption({ index: 1 });
	await expect(page.getByRole('figure')).toHaveCount(2);
	const row = page.getByRole('row', { name: /^5 to 9 between/ });
	await expect(row.getByRole('cell')).toHaveText([/Holds:\s+7/, /Look:\s+3/]);

	// The answer hangs, the first one is under it; so do those of the second brief on their own wall.
	const again = await collect(page, first.study, [json(answer.name, answer.content)]);
	await expect(again).toHaveCount(31);
	await expect(again.filter({ hasText: own[1]!.maker })).toContainText('before:');
	const more = await workThrough(page, second.brief, { maker: own[1]!.maker, between: 5 });
	verdictsAgree(readHandIn(more.content).content);
	await expect(await collect(page, second.study, [odd[3]!, json(more.name, more.content)])).toHaveCount(2);

	// All that he handed in, in the order of the briefs, with the note: read by poppler's tools.
	await page.getByRole('button', { name: `${own[1]!.maker}: what to do` }).click();
	const [portfolio] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('menuitem', { name: 'Portfolio of its maker, as PDF' }).click()
	]);
	const words = execFileSync('pdftotext', ['-layout', await portfolio.path(), '-']).toString();
	const info = execFileSync('pdfinfo', [await portfolio.path()]).toString();
	expect((await readFile(await portfolio.path())).subarray(0, 5).toString()).toBe('%PDF-');
	expect(info).toMatch(/Pages:\s+6/);
	const places = ['Even tints of a class', 'Three steps leap. Take seven.', 'Mark: once more', 'Even tints once more'];
	for (const each of places) expect(words).toContain(each);
	expect(words.lastIndexOf('Even tints once more')).toBeGreaterThan(words.lastIndexOf('Even tints of a class'));
});
