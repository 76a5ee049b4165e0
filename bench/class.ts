import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type Page } from '@playwright/test';
import { newPlate } from '../src/lib/plates/new-plate';
import { type Plate } from '../src/lib/plates/plate';
import { briefOf } from '../src/lib/study/brief/brief';
import { emptyTerms } from '../src/lib/study/brief/terms';
import { takenUp } from '../src/lib/study/brief/take-up';
import { handInOf } from '../src/lib/study/handed/hand-in';
import { writeHandIn } from '../src/lib/study/handed/hand-in-file';
import { newStudy } from '../src/lib/study/new-study';
import { type StudyDocument } from '../src/lib/study/study';
import { ADDRESS, countLongTasks, inBrowser, keep, longTasks, measuring, spent } from './browser';

const CLASSES = [30, 300] as const;
/** A plate of every kind, and a second one of mixes: nine. */
const start = newStudy('A class', '2026-11-02');
const KINDS = ['wheel', 'scheme', 'mixes', 'grounds', 'picture', 'pattern', 'matching', 'mixes'] as const;
const plates: Plate[] = [...start.plates, ...KINDS.map((kind) => newPlate(kind, start))];
let set: StudyDocument = { ...start, plates, brief: emptyTerms('briefofclass') };

/** The files of a class, as students' own computers write them, in a folder. */
function filesOf(count: number): { paths: string[]; size: number } {
	const brief = briefOf(set)!;
	const folder = mkdtempSync(join(tmpdir(), 'ricercar-class-'));
	let size = 0;
	const paths = Array.from({ length: count }, (_, i) => {
		const study = takenUp(brief, { maker: `Maker ${i}`, date: '' });
		const at = new Date(i * 1e6).toISOString();
		const text = writeHandIn(
			handInOf(study, { id: `handin${count}no${String(i).padStart(4, '0')}`, at, pictures: {} })!
		);
		size += text.length / count / 1000;
		const path = join(folder, `${i}.handin.json`);
		writeFileSync(path, text);
		return path;
	});
	return { paths, size };
}

const longest = (all: number[]): string => `${all.length}, ${Math.max(0, ...all).toFixed(0)}`;
/** Turns of the wheel. */
const FRAMES = 40;

/** What the hand-ins of a class, nine plates each, cost the page on which they are collected and hung. */
async function measureClass(page: Page, id: string, count: number): Promise<void> {
	const { paths, size } = filesOf(count);
	await page.goto(`${ADDRESS}/studies/${id}/pin-up`, { waitUntil: 'networkidle' });
	await longTasks(page);
	const from = performance.now();
	await page.getByLabel('Collect hand-ins').setInputFiles(paths);
	await page
		.locator('.wall li')
		.nth(count - 1)
		.waitFor({ state: 'attached', timeout: 240_000 });
	const collected = (performance.now() - from) / 1000;
	const whileCollecting = await longTasks(page);

	const session = await measuring(page);
	const before = await spent(session);
	await page.getByRole('button', { name: 'All plates of each' }).click();
	await page.waitForTimeout(4000);
	const drawn = await spent(session);
	const whileDrawn = await longTasks(page);
	await page.mouse.move(700, 500);
	for (let i = 0; i < FRAMES; i++) await page.mouse.wheel(0, 120);
	await page.waitForTimeout(500);
	const scrolled = await spent(session);
	const whileScrolled = await longTasks(page);
	console.log(`\n| ${count} hand-ins of ${set.plates.length} plates, ${size.toFixed(0)} kB each | | goal for 30 |`);
	console.log('| --- | ---: | ---: |');
	console.log(`| collected and hung, s | ${collected.toFixed(1)} | 3 |`);
	console.log(`| long tasks while they are, and the longest in ms | ${longest(whileCollecting)} | 0 over 100 |`);
	console.log(`| all plates of each drawn, ms of script | ${(drawn.script - before.script).toFixed(0)} | 500 |`);
	console.log(`| long tasks while they are, and the longest in ms | ${longest(whileDrawn)} | 0 over 100 |`);
	console.log(
		`| scrolled, ms of script a turn of the wheel | ${((scrolled.script - drawn.script) / FRAMES).toFixed(1)} | 8 |`
	);
	console.log(`| long tasks while it is, and the longest in ms | ${longest(whileScrolled)} | |`);
}

await inBrowser(async (page) => {
	await countLongTasks(page);
	for (const count of CLASSES) {
		const terms = emptyTerms(`briefofclass${count}`);
		set = { ...set, brief: terms };
		await measureClass(page, await keep(set), count);
	}
});
